package ofisino.core.plan.problem;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import ofisino.core.kernel.Aim;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.plan.calendar.TimeWindow;

/**
 * The whole statement of the planning problem. Checks that every name it uses is defined.
 *
 * @param now         nothing may be planned before
 * @param horizon     nothing may be planned after
 * @param shelf       room for what is taken off; empty where nobody measured it
 * @param policy      what matters first
 * @param pieces      pieces of work of several jobs: one that is begun is finished before another begins, and a session holds few of them, unless
 *                    that costs a milestone a week
 * @param kept        the plan that is followed now, for stability
 */
public record PlanProblem(
        Instant now,
        Instant horizon,
        ZoneId zone,
        List<Person> people,
        List<Capacity> places,
        List<Capacity> resources,
        List<Activity> activities,
        List<Link> links,
        List<StripDown> stripDowns,
        List<Exclusion> exclusions,
        Optional<Shelf> shelf,
        Optional<Purse> purse,
        Policy policy,
        Optional<LocalDate> target,
        List<Piece> pieces,
        Optional<Plan> kept) {

    /** @param left what of it is not over @param begun some of it is in hand or done */
    public record Piece(Set<ActivityId> left, boolean begun) {
        public Piece {
            left = Set.copyOf(left);
        }
    }

    /** Time is counted in quarters of an hour. */
    public static final Duration SLOT = Duration.ofMinutes(15);

    /** A milestone may be so much later for work that is saved, or for what is in hand to go on. */
    public static final Duration PATIENCE = Duration.ofDays(7);

    /** @param windows in order, not overlapping */
    public record Person(String id, List<TimeWindow> windows) {
        public Person {
            windows = List.copyOf(windows);
        }
    }

    /**
     * A place or another thing of which only so many can be used at once.
     *
     * @param taken    by others, or all of it while it cannot be used: a borrowed bay on the days on which it is not lent, the yard in the dark
     * @param byTheDay each day on which it is used costs something: a tool that is hired
     */
    public record Capacity(String id, int units, List<Taken> taken, boolean byTheDay) {
        /** Units of a capacity that somebody else uses for a while. */
        public record Taken(TimeWindow when, int units) {}

        public Capacity {
            taken = List.copyOf(taken);
            if (units < 1)
                throw InvalidValue.of("plan.capacity", "%s has no room (%d).", "Give it at least 1.", id, units);
        }

        /** Of which nothing is taken. */
        public Capacity(String id, int units) {
            this(id, units, List.of(), false);
        }

        /** One tool that is hired for the days on which it is used. */
        public static Capacity hired(String id) {
            return new Capacity(id, 1, List.of(), true);
        }

        /** Whether others have all of it at that instant. */
        public boolean isShutAt(Instant at) {
            return taken.stream()
                            .filter(t -> !at.isBefore(t.when().from())
                                    && at.isBefore(t.when().to()))
                            .mapToInt(Taken::units)
                            .sum()
                    >= units;
        }

        /** It can be used only in these windows of a stretch of time. */
        public static Capacity onlyIn(String id, int units, List<TimeWindow> open, TimeWindow stretch) {
            return new Capacity(id, units)
                    .less(TimeWindow.without(List.of(stretch), open).stream()
                            .map(closed -> new Taken(closed, units))
                            .toList());
        }

        /** The same with more of it taken. */
        public Capacity less(List<Taken> more) {
            return new Capacity(
                    id, units, Stream.concat(taken.stream(), more.stream()).toList(), byTheDay);
        }

        /** The same with so many units. */
        public Capacity with(int others) {
            return new Capacity(id, others, taken, byTheDay);
        }
    }

    /**
     * {@code after} starts no sooner than {@code lag} after {@code before} is complete.
     *
     * @param within it should start no later than this after it: prime before bare metal rusts. The two are then one piece of work where they can be.
     */
    public record Link(ActivityId before, ActivityId after, Duration lag, Optional<Duration> within) {
        public Link {
            if (lag.isNegative())
                throw InvalidValue.of("plan.lag", "A lag (%s) cannot be negative.", "Enter 0 or more.", lag);
            if (within.filter(w -> w.compareTo(lag) < 0).isPresent())
                throw InvalidValue.of(
                        "plan.within",
                        "It cannot follow within %s and after %s.",
                        "Allow more time, or ask for a shorter wait.",
                        within.get(),
                        lag);
        }

        /** Without a limit to how soon it follows. @param lag at least this long between them */
        public Link(ActivityId before, ActivityId after, Duration lag) {
            this(before, after, lag, Optional.empty());
        }

        /** {@code after} begins when {@code before} has ended, or later. */
        public static Link of(String before, String after) {
            return new Link(new ActivityId(before), new ActivityId(after), Duration.ZERO);
        }
    }

    /**
     * One strip-down of an access in the open state: stripped once, used by its jobs, closed once. Those of one access do not overlap.
     *
     * @param strip  empty when it is open already
     * @param inside the strip-downs of what it needs: it is opened after them and closed before them
     */
    public record StripDown(
            String id,
            String access,
            Optional<ActivityId> strip,
            ActivityId refit,
            List<ActivityId> jobs,
            List<String> inside) {
        public StripDown {
            jobs = List.copyOf(jobs);
            inside = List.copyOf(inside);
        }
    }

    /** While this activity or strip-down lasts the vehicle is not in the given state: whatever needs the state shares no slot with it. */
    public record Exclusion(String activityOrStripDown, String state) {}

    /** Money by date: the balance, less dues, plus income received, never falls below the floor. Minor units of the base currency. */
    public record Purse(long openingMinor, long floorMinor, List<Income> income) {
        public Purse {
            income = List.copyOf(income);
        }

        /** @param minor negative for what is spent elsewhere */
        public record Income(LocalDate day, long minor) {}

        /** What is left of a common purse once a plan that goes first has what it makes due. */
        public Purse less(PlanProblem first, Plan plan) {
            List<Income> left = new ArrayList<>(income);
            for (Activity a : first.activities())
                plan.of(a.id())
                        .ifPresent(s -> a.dues().stream()
                                .filter(d -> d.minor() != 0)
                                .forEach(d -> left.add(new Income(
                                        (d.isAtEnd() ? s.end() : s.start())
                                                .atZone(first.zone())
                                                .toLocalDate(),
                                        -d.minor()))));
            return new Purse(openingMinor, floorMinor, left);
        }

        /**
         * So much each month, from the first of the next month on. What is short already is past; it may not get shorter.
         *
         * @param leftMinor of this month; negative when it is short
         */
        public static Purse monthly(long leftMinor, long monthlyMinor, LocalDate today, int months) {
            LocalDate next = today.withDayOfMonth(1).plusMonths(1);
            return new Purse(
                    leftMinor,
                    Math.min(0, leftMinor),
                    IntStream.range(0, months)
                            .mapToObj(m -> new Income(next.plusMonths(m), monthlyMinor))
                            .toList());
        }
    }

    public PlanProblem {
        people = List.copyOf(people);
        places = List.copyOf(places);
        resources = List.copyOf(resources);
        activities = List.copyOf(activities);
        links = List.copyOf(links);
        stripDowns = List.copyOf(stripDowns);
        exclusions = List.copyOf(exclusions);
        pieces = List.copyOf(pieces);
        ProblemNames.check(activities, links, stripDowns, exclusions);
    }

    /**
     * People, places and resources may be stated after the activities; before it is solved, all of them must be there.
     *
     * @throws ofisino.core.kernel.InvalidValue when an activity asks for somebody or something that is not in the problem
     */
    public void mustNameItsDemands() {
        ProblemNames.checkDemands(this);
    }

    /** A problem of people, activities and links alone. */
    public static PlanProblem simple(
            Instant now,
            Instant horizon,
            ZoneId zone,
            List<Person> people,
            List<Activity> activities,
            List<Link> links) {
        return new PlanProblem(
                now,
                horizon,
                zone,
                people,
                List.of(),
                List.of(),
                activities,
                links,
                List.of(),
                List.of(),
                Optional.empty(),
                Optional.empty(),
                Policy.of(List.of(Aim.values())),
                Optional.empty(),
                List.of(),
                Optional.empty());
    }

    /** The same with other resources. */
    public PlanProblem withResources(List<Capacity> others) {
        return with(people, places, others, activities, purse, kept);
    }

    /** The same with other places. */
    public PlanProblem withPlaces(List<Capacity> others) {
        return with(people, others, resources, activities, purse, kept);
    }

    /** The same with other activities. */
    public PlanProblem withActivities(List<Activity> others) {
        return with(people, places, resources, others, purse, kept);
    }

    /** The same with other people. */
    public PlanProblem withPeople(List<Person> others) {
        return with(others, places, resources, activities, purse, kept);
    }

    /** The same with this money. */
    public PlanProblem withPurse(Purse other) {
        return with(people, places, resources, activities, Optional.of(other), kept);
    }

    /** The aims, in the order in which their finishes matter. */
    public List<Aim> milestones() {
        return policy.aims();
    }

    /** The same beside a plan that is followed: what it says is kept where that costs nothing. */
    public PlanProblem keeping(Plan plan) {
        return with(people, places, resources, activities, purse, Optional.of(plan));
    }

    private PlanProblem with(
            List<Person> otherPeople,
            List<Capacity> otherPlaces,
            List<Capacity> otherResources,
            List<Activity> otherActivities,
            Optional<Purse> otherPurse,
            Optional<Plan> otherKept) {
        return new PlanProblem(
                now,
                horizon,
                zone,
                otherPeople,
                otherPlaces,
                otherResources,
                otherActivities,
                links,
                stripDowns,
                exclusions,
                shelf,
                otherPurse,
                policy,
                target,
                pieces,
                otherKept);
    }

    /** The same with other accesses and what they exclude. */
    public PlanProblem withStripDowns(List<StripDown> others, List<Exclusion> excluded) {
        return withStripDowns(activities, links, others, excluded);
    }

    /** The same with other accesses, and the activities and links that belong to them. */
    public PlanProblem withStripDowns(
            List<Activity> otherActivities, List<Link> otherLinks, List<StripDown> others, List<Exclusion> excluded) {
        return new PlanProblem(
                now,
                horizon,
                zone,
                people,
                places,
                resources,
                otherActivities,
                otherLinks,
                others,
                excluded,
                shelf,
                purse,
                policy,
                target,
                pieces,
                kept);
    }
}
