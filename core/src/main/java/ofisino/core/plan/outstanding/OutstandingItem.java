package ofisino.core.plan.outstanding;

import java.time.LocalDate;
import java.util.Optional;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.kernel.Texts;
import ofisino.core.kernel.VehicleSystem;

/**
 * Something owed to the car: it works for now and is to be done rightly later.
 *
 * @param what    was done for the time being, is on loan, or was left off
 * @param later   what is to be done for good; to whom or to which vehicle it goes back; why it may stay off
 * @param system  it belongs to
 * @param gas     it keeps exhaust gas out of the cabin; whatever belongs to the exhaust may let it in and counts unasked
 */
public record OutstandingItem(
        OutstandingKind kind, String what, String later, Optional<VehicleSystem> system, boolean gas, Trigger trigger) {
    /** What is owed to the car. */
    public enum OutstandingKind {
        /** Mended for the time being. */
        FOR_NOW,
        /** It belongs to somebody else or to another vehicle. */
        LOAN,
        /** Left off by choice. */
        LEFT_OFF,
        /** It is on another vehicle, and is owed here. */
        LENT
    }

    /** What it waits for. */
    public enum When {
        /** Something happens: a trip is over, the season begins. */
        EVENT,
        DATE,
        /** A part arrives. */
        ARRIVAL
    }

    /** @param event in a person's words; empty for a date @param on the date; for an event the day on which it is expected, if known */
    public record Trigger(When when, String event, Optional<LocalDate> on) {
        public Trigger {
            event = Texts.note("event", event);
            if (when == When.EVENT && event.isEmpty())
                throw InvalidValue.at(
                        "event",
                        "outstanding.event",
                        "What it waits for is missing.",
                        "Say it, such as “after the trip”.");
            if (when == When.DATE && on.isEmpty())
                throw InvalidValue.at(
                        "on", "outstanding.date", "The day is missing.", "Say on which day it is to be done.");
        }
    }

    public OutstandingItem {
        what = Texts.line("what", what);
        later = Texts.line("later", later);
        if (kind == OutstandingKind.LEFT_OFF && system.isEmpty())
            throw InvalidValue.at(
                    "zone",
                    "outstanding.where",
                    "Where it belongs decides what may not be done without it.",
                    "Choose the place.");
        boolean holdsLives = gas
                || system.filter(s -> s.neverTemporary() || s == VehicleSystem.EXHAUST)
                        .isPresent();
        if (kind == OutstandingKind.FOR_NOW && holdsLives)
            throw InvalidValue.at(
                    "what",
                    "outstanding.never-temporary",
                    "Brakes, steering, restraints, fuel and whatever keeps exhaust gas out of the cabin never get a temporary repair.",
                    "Do it properly now, or do not drive.");
    }

    /**
     * Whether its time has come.
     *
     * @param happened the event has happened, or the part is here
     */
    public boolean isDue(LocalDate today, boolean happened) {
        return happened || trigger.on().filter(day -> !today.isBefore(day)).isPresent();
    }

    /**
     * Whether the permanent job has to wait: fitted before the harsh use that it waits for, the final part would only be spoilt.
     *
     * @param happened as in {@link #isDue}
     */
    public boolean holdsBack(LocalDate today, boolean happened) {
        return trigger.when() != When.ARRIVAL && !isDue(today, happened);
    }
}
