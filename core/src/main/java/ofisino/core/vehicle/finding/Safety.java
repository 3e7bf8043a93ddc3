package ofisino.core.vehicle.finding;

import java.util.Optional;
import java.util.UUID;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.kernel.Texts;

/**
 * The safety class of a finding: what all that is known demands, what holds, and why that is milder where a person lowered it.
 *
 * @param demanded gravest of kind, system and zone, the check that failed, the reading's limit, the rust grade, the event, and what a person
 *     once said of it
 * @param held     never milder than demanded, unless lowered
 * @param lowering who made it milder than demanded, and why
 */
public record Safety(SafetyClass demanded, Claim<SafetyClass> held, Optional<Lowering> lowering) {
    /** @param by account of the person */
    public record Lowering(String reason, UUID by) {
        public Lowering {
            reason = Texts.line("loweredReason", reason);
        }
    }

    public Safety {
        if (lowering.isPresent() == (held.value().graver(demanded) == held.value()))
            throw InvalidValue.at(
                    "safetyClass",
                    "safety.lowered",
                    "The class is %s by what is known of it.",
                    "Say why %s is enough.",
                    demanded,
                    held.value());
    }

    /** As grave as what is known demands. */
    public static Safety proposed(SafetyClass demanded) {
        return new Safety(demanded, new Claim.Proposed<>(demanded), Optional.empty());
    }

    /** The class that holds. */
    public SafetyClass value() {
        return held.value();
    }

    /**
     * The class that a person wants.
     *
     * @param floor  nobody goes below it
     * @param reason asked for where it is milder than demanded; null or blank for none
     * @throws InvalidValue below the floor, or milder without a reason
     */
    public Safety say(SafetyClass wanted, Optional<SafetyClass> floor, String reason, UUID by) {
        if (wanted.graver(demanded) == wanted) return new Safety(wanted, new Claim.Said<>(wanted), Optional.empty());
        if (floor.isPresent() && wanted.graver(floor.get()) != wanted)
            throw InvalidValue.at(
                    "safetyClass",
                    "safety.floor",
                    "This is never less than class %s.",
                    "Withdraw it if it was a mistake.",
                    floor.get());
        if (reason == null || reason.isBlank())
            throw InvalidValue.at(
                    "loweredReason",
                    "safety.reason",
                    "The class is %s by what is known of it.",
                    "Say why %s is enough.",
                    demanded,
                    wanted);
        return new Safety(demanded, new Claim.Said<>(wanted), Optional.of(new Lowering(reason, by)));
    }

    /** Something more is known that asks for at least this class. What a person lowered before it was known holds no longer. */
    public Safety demand(SafetyClass atLeast) {
        SafetyClass now = demanded.graver(atLeast);
        if (now == demanded) return this;
        boolean stillSaid =
                !held.isProposed() && lowering.isEmpty() && held.value().graver(now) == held.value();
        return stillSaid ? new Safety(now, held, Optional.empty()) : proposed(now);
    }
}
