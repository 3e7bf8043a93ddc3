package ofisino.core.plan.schedule;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import ofisino.core.kernel.Aim;
import ofisino.core.kernel.InvalidValue;

/**
 * Something that takes time in the plan.
 *
 * @param workSlots quarters of an hour spent by each of the crew; 0 for an order or an appointment that needs nobody
 * @param crew      who may do it and how many at once
 * @param timing    waits and fixed times
 * @param demand    place and resources it holds
 * @param dues      money that it makes due
 * @param states    states of the vehicle that it needs, for instance {@code rolling}
 * @param begun     work on it has started; {@code workSlots} is then what is left
 */
public record Activity(
        ActivityId id,
        Kind kind,
        Aim aim,
        int workSlots,
        Crew crew,
        Timing timing,
        Demand demand,
        List<Due> dues,
        Set<String> states,
        boolean begun) {

    public enum Kind {
        JOB,
        STRIP,
        REFIT,
        ORDER,
        SEND_OUT,
        APPOINTMENT
    }

    /** @param size people at once; 0 only where nobody is needed. The same people throughout. */
    public record Crew(int size, List<String> candidates) {
        public static final Crew NOBODY = new Crew(0, List.of());

        public Crew {
            candidates = List.copyOf(candidates);
            if (size < 0 || size > candidates.size())
                throw new InvalidValue(
                        "plan.crew",
                        "The work needs %d people but only %d can do it. Add a helper or lower the number."
                                .formatted(size, candidates.size()));
        }
    }

    /**
     * @param waitAfter elapsed time after the last work: drying, delivery
     * @param inOneGo all slots consecutive and inside one evening
     */
    public record Timing(
            Duration waitAfter,
            boolean inOneGo,
            Optional<Instant> notBefore,
            Optional<Instant> fixedStart,
            Optional<Instant> deadline) {
        public static final Timing FREE =
                new Timing(Duration.ZERO, false, Optional.empty(), Optional.empty(), Optional.empty());

        public Timing {
            if (waitAfter.isNegative())
                throw new InvalidValue("plan.wait", "A wait (%s) cannot be negative.".formatted(waitAfter));
        }

        public Timing waiting(Duration longer) {
            return new Timing(longer, inOneGo, notBefore, fixedStart, deadline);
        }

        public Timing notBefore(Instant earliest) {
            return new Timing(waitAfter, inOneGo, Optional.of(earliest), fixedStart, deadline);
        }

        /** Not before the later of this day and the one before which it may not start anyway. */
        public Timing notSooner(Instant earliest) {
            return notBefore(notBefore.filter(earliest::isBefore).orElse(earliest));
        }

        public Timing inOneSitting() {
            return new Timing(waitAfter, true, notBefore, fixedStart, deadline);
        }

        public Timing by(Instant latestEnd) {
            return new Timing(waitAfter, inOneGo, notBefore, fixedStart, Optional.of(latestEnd));
        }

        public Timing startingAt(Instant start) {
            return new Timing(waitAfter, inOneGo, notBefore, Optional.of(start), deadline);
        }
    }

    /** Place and resources held; the two flags say whether the place stays taken between evenings and while it dries. */
    public record Demand(
            Optional<String> place,
            Map<String, Integer> resources,
            boolean holdsPlaceWhileBegun,
            boolean holdsPlaceWhileWaiting) {
        public static final Demand NONE = new Demand(Optional.empty(), Map.of(), false, false);

        public Demand {
            resources = Map.copyOf(resources);
        }
    }

    /** Money due at the start, arrival or finish of the activity, in minor units of the base currency. */
    public record Due(long minor, When when) {
        /** At the end of the wait, not at the start. */
        public boolean isAtEnd() {
            return when != When.START;
        }

        public enum When {
            START,
            ARRIVAL,
            FINISH
        }
    }

    public Activity {
        dues = List.copyOf(dues);
        states = Set.copyOf(states);
        if (workSlots < 0)
            throw new InvalidValue(
                    "plan.work", "The work of %s (%d slots) cannot be negative.".formatted(id, workSlots));
    }

    public static Activity job(String id, Aim aim, int workSlots, Crew crew) {
        return new Activity(
                new ActivityId(id),
                Kind.JOB,
                aim,
                workSlots,
                crew,
                Timing.FREE,
                Demand.NONE,
                List.of(),
                Set.of(),
                false);
    }

    /** An order whose goods may be used {@code wait} after it is placed. */
    public static Activity order(String id, Aim aim, Duration wait) {
        return new Activity(
                new ActivityId(id),
                Kind.ORDER,
                aim,
                0,
                Crew.NOBODY,
                Timing.FREE.waiting(wait),
                Demand.NONE,
                List.of(),
                Set.of(),
                false);
    }

    public Activity with(Timing other) {
        return new Activity(id, kind, aim, workSlots, crew, other, demand, dues, states, begun);
    }

    public Activity with(Demand other) {
        return new Activity(id, kind, aim, workSlots, crew, timing, other, dues, states, begun);
    }

    public Activity with(List<Due> others) {
        return new Activity(id, kind, aim, workSlots, crew, timing, demand, others, states, begun);
    }

    public Activity needing(Set<String> others) {
        return new Activity(id, kind, aim, workSlots, crew, timing, demand, dues, others, begun);
    }

    /** The same once more, under another name. */
    public Activity named(ActivityId other) {
        return new Activity(other, kind, aim, workSlots, crew, timing, demand, dues, states, begun);
    }

    public Activity goingOn(int slotsLeft) {
        return new Activity(id, kind, aim, slotsLeft, crew, timing, demand, dues, states, true);
    }
}
