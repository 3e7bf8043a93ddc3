package ofisino.core.plan.problem;

import java.time.Duration;
import java.time.Instant;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import ofisino.core.kernel.Aim;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.plan.calendar.TimeWindow;

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
        ActivityKind kind,
        Aim aim,
        int workSlots,
        Crew crew,
        Timing timing,
        Demand demand,
        List<Due> dues,
        Set<String> states,
        boolean begun) {

    /** What a person calls it. */
    public enum ActivityKind {
        JOB,
        STRIP,
        REFIT,
        ORDER,
        SENT_OUT,
        APPOINTMENT
    }

    /** @param size people at once; 0 only where nobody is needed. The same people throughout. */
    public record Crew(int size, List<String> candidates) {
        /** It takes no hands: a piece that is away. */
        public static final Crew NOBODY = new Crew(0, List.of());

        public Crew {
            candidates = List.copyOf(candidates);
            if (size < 0 || size > candidates.size())
                throw InvalidValue.of(
                        "plan.crew",
                        "The work needs %d people but only %d can do it.",
                        "Add a helper or lower the number.",
                        size,
                        candidates.size());
            if (Set.copyOf(candidates).size() < candidates.size())
                throw InvalidValue.of(
                        "plan.crew-twice",
                        "Somebody is named twice among those who can do the work.",
                        "Name each once.");
        }
    }

    /**
     * @param waitAfter elapsed time after the last work: drying, delivery
     * @param inOneGo all slots consecutive and inside one evening
     * @param open when somebody else's door is open, so that it can be handed over and fetched; empty for always. Only without work of one's own.
     */
    public record Timing(
            Duration waitAfter,
            boolean inOneGo,
            Optional<Instant> notBefore,
            Optional<Instant> fixedStart,
            Optional<Instant> deadline,
            List<TimeWindow> open) {
        public static final Timing FREE =
                new Timing(Duration.ZERO, false, Optional.empty(), Optional.empty(), Optional.empty(), List.of());

        public Timing {
            open = List.copyOf(open);
            if (waitAfter.isNegative())
                throw InvalidValue.of("plan.wait", "A wait (%s) cannot be negative.", "Enter 0 or more.", waitAfter);
        }

        /** Of opening hours their number alone: hundreds of days are the same list for all that wait for one door. */
        @Override
        public int hashCode() {
            return Objects.hash(waitAfter, inOneGo, notBefore, fixedStart, deadline, open.size());
        }

        /** Followed by this long a wait: something dries, cures or soaks. */
        public Timing waiting(Duration longer) {
            return new Timing(longer, inOneGo, notBefore, fixedStart, deadline, open);
        }

        /** Not before this instant. */
        public Timing notBefore(Instant earliest) {
            return new Timing(waitAfter, inOneGo, Optional.of(earliest), fixedStart, deadline, open);
        }

        /** Not before the later of this day and the one before which it may not start anyway. */
        public Timing notSooner(Instant earliest) {
            return notBefore(notBefore.filter(earliest::isBefore).orElse(earliest));
        }

        /** In one go: once begun, it is finished in the same session. */
        public Timing inOneSitting() {
            return new Timing(waitAfter, true, notBefore, fixedStart, deadline, open);
        }

        /** At its end by this instant. */
        public Timing by(Instant latestEnd) {
            return new Timing(waitAfter, inOneGo, notBefore, fixedStart, Optional.of(latestEnd), open);
        }

        /** At this instant and at no other. */
        public Timing startingAt(Instant start) {
            return new Timing(waitAfter, inOneGo, notBefore, Optional.of(start), deadline, open);
        }

        /** Over by then, where anything is given. */
        public Timing until(Optional<Instant> latest) {
            return new Timing(waitAfter, inOneGo, notBefore, fixedStart, latest, open);
        }

        /** As if a fixed time could be put off, and no deadline held. */
        public Timing putOff() {
            return new Timing(
                    waitAfter, inOneGo, later(notBefore, fixedStart), Optional.empty(), Optional.empty(), open);
        }

        /** Only in these windows: somebody else's opening hours. */
        public Timing whileOpen(List<TimeWindow> others) {
            return new Timing(waitAfter, inOneGo, notBefore, fixedStart, deadline, others);
        }
    }

    /** Place and resources held; the two flags say whether the place stays taken between evenings and while it dries. */
    public record Demand(
            Optional<String> place,
            Map<String, Integer> resources,
            boolean holdsPlaceWhileBegun,
            boolean holdsPlaceWhileWaiting) {
        /** No place, no resource. */
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

        /** At which end of an activity money is due. */
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
            throw InvalidValue.of("plan.work", "The work of %s cannot be %d slots.", "Give 0 or more.", id, workSlots);
        if (workSlots > 0 && !timing.open().isEmpty())
            throw InvalidValue.of(
                    "plan.open",
                    "%s is own work: nobody's door has to be open for it.",
                    "Leave the opening hours out.",
                    id);
    }

    /** A job with nothing out of the ordinary. @param workSlots of work, in slots of the time grid */
    public static Activity job(String id, Aim aim, int workSlots, Crew crew) {
        return new Activity(
                new ActivityId(id),
                ActivityKind.JOB,
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
                ActivityKind.ORDER,
                aim,
                0,
                Crew.NOBODY,
                Timing.FREE.waiting(wait),
                Demand.NONE,
                List.of(),
                Set.of(),
                false);
    }

    /** The same at other times. */
    public Activity with(Timing other) {
        return new Activity(id, kind, aim, workSlots, crew, other, demand, dues, states, begun);
    }

    /** The same with other places and resources. */
    public Activity with(Demand other) {
        return new Activity(id, kind, aim, workSlots, crew, timing, other, dues, states, begun);
    }

    /** The same with other payments. */
    public Activity with(List<Due> others) {
        return new Activity(id, kind, aim, workSlots, crew, timing, demand, others, states, begun);
    }

    /** The same that needs the vehicle in these states. */
    public Activity needing(Set<String> others) {
        return new Activity(id, kind, aim, workSlots, crew, timing, demand, dues, others, begun);
    }

    /** The same once more, under another name. */
    public Activity named(ActivityId other) {
        return new Activity(other, kind, aim, workSlots, crew, timing, demand, dues, states, begun);
    }

    /** The same with other hours. */
    public Activity taking(int slots) {
        return new Activity(id, kind, aim, slots, crew, timing, demand, dues, states, begun);
    }

    /** Two of the same crew, the one directly after the other, in one go. What either may not do, both may not. */
    public static Activity joined(ActivityId id, Activity first, Activity second) {
        Demand one = first.demand;
        Demand other = second.demand;
        Map<String, Integer> resources = new HashMap<>(one.resources);
        other.resources.forEach((r, units) -> resources.merge(r, units, Math::max));
        return new Activity(
                id,
                first.kind,
                first.aim.compareTo(second.aim) < 0 ? first.aim : second.aim,
                first.workSlots + second.workSlots,
                first.crew,
                new Timing(
                        second.timing.waitAfter,
                        true,
                        later(first.timing.notBefore, second.timing.notBefore),
                        first.timing.fixedStart,
                        earlier(first.timing.deadline, second.timing.deadline),
                        List.of()),
                new Demand(
                        one.place.or(other::place),
                        resources,
                        one.holdsPlaceWhileBegun || other.holdsPlaceWhileBegun,
                        other.holdsPlaceWhileWaiting),
                Stream.concat(first.dues.stream(), second.dues.stream()).toList(),
                Stream.concat(first.states.stream(), second.states.stream()).collect(Collectors.toSet()),
                first.begun);
    }

    private static Optional<Instant> later(Optional<Instant> a, Optional<Instant> b) {
        return Stream.of(a, b).flatMap(Optional::stream).max(Instant::compareTo);
    }

    private static Optional<Instant> earlier(Optional<Instant> a, Optional<Instant> b) {
        return Stream.of(a, b).flatMap(Optional::stream).min(Instant::compareTo);
    }

    /** The same, begun, with so many slots left. */
    public Activity goingOn(int slotsLeft) {
        return new Activity(id, kind, aim, slotsLeft, crew, timing, demand, dues, states, true);
    }
}
