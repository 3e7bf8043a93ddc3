package ofisino.core.plan.referee;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.IntStream;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import ofisino.core.kernel.Aim;
import ofisino.core.plan.Activities;
import ofisino.core.plan.calendar.TimeWindow;
import ofisino.core.plan.problem.Activity;
import ofisino.core.plan.problem.Activity.Crew;
import ofisino.core.plan.problem.Activity.Demand;
import ofisino.core.plan.problem.Activity.Due;
import ofisino.core.plan.problem.Activity.Timing;
import ofisino.core.plan.problem.ActivityId;
import ofisino.core.plan.problem.PlanProblem;
import ofisino.core.plan.problem.PlanProblem.Capacity;
import ofisino.core.plan.problem.PlanProblem.Exclusion;
import ofisino.core.plan.problem.PlanProblem.Link;
import ofisino.core.plan.problem.PlanProblem.Person;
import ofisino.core.plan.problem.PlanProblem.Purse;
import ofisino.core.plan.problem.PlanProblem.StripDown;
import ofisino.core.plan.problem.Policy;
import ofisino.core.plan.problem.Shelf;

/** Small random garages with everything in them: two people, nested accesses, a state, a bay, money, an order, an appointment. */
public final class Garages {
    public static final Instant NOW = Instant.parse("2026-03-02T17:00:00Z");
    private static final int DAYS = 9;
    public static final Instant HORIZON = NOW.plus(Duration.ofDays(DAYS));
    private static final List<String> BOTH = List.of("ines", "milo");

    private Garages() {}

    /** For properties: what breaks one is shrunk to fewer jobs and accesses. */
    public static Arbitrary<PlanProblem> arbitrary() {
        return Combinators.combine(
                        Arbitraries.longs().between(0, 1_000_000),
                        Arbitraries.integers().between(0, 2),
                        Arbitraries.integers().between(2, 8))
                .as((seed, stripDowns, jobs) ->
                        drawn(new Random(seed), stripDowns, Math.min(jobs, 8 - 2 * stripDowns)));
    }

    /** At most ten activities, strips and refits among them. */
    public static PlanProblem drawn(Random dice) {
        int stripDowns = dice.nextInt(3);
        return drawn(dice, stripDowns, 2 + dice.nextInt(9 - 2 * stripDowns - 2));
    }

    private static PlanProblem drawn(Random dice, int count, int jobs) {
        List<Activity> activities = new ArrayList<>();
        List<Link> links = new ArrayList<>();
        for (int i = 0; i < jobs; i++) {
            activities.add(dice.nextInt(6) == 0 ? order("j" + i, dice) : job("j" + i, dice));
            for (int before = 0; before < i; before++)
                if (dice.nextInt(5) == 0)
                    links.add(new Link(
                            new ActivityId("j" + before),
                            new ActivityId("j" + i),
                            Duration.ofHours(dice.nextInt(2) * 9L)));
        }
        List<StripDown> stripDowns = stripDowns(count, jobs, activities, dice);
        List<Exclusion> exclusions = new ArrayList<>();
        if (!stripDowns.isEmpty() && dice.nextBoolean()) exclusions.add(new Exclusion("o0", "rolling"));
        if (dice.nextInt(3) == 0) {
            activities.add(inspection(dice));
            if (dice.nextBoolean()) links.add(Link.of("j0", "inspection"));
        }
        Optional<Purse> purse = dice.nextInt(3) == 0
                ? Optional.of(new Purse(
                        dice.nextInt(40),
                        0,
                        List.of(new Purse.Income(LocalDate.of(2026, 3, 5 + dice.nextInt(4)), 20 + dice.nextInt(60)))))
                : Optional.empty();
        surroundings(activities, dice);
        List<PlanProblem.Person> people = List.of(person("ines", dice), person("milo", dice));
        List<Capacity> places =
                List.of(dice.nextInt(3) == 0 ? notOn(new Capacity("bay", 1), dice) : new Capacity("bay", 1));
        List<Capacity> resources = List.of(notOn(new Capacity("daylight", 9), dice));
        return new PlanProblem(
                NOW,
                HORIZON,
                ZoneOffset.UTC,
                people,
                places,
                resources,
                activities,
                links,
                stripDowns,
                exclusions,
                shelf(stripDowns, dice),
                purse,
                Policy.of(List.of(Aim.RUNNER, Aim.DRIVER)),
                Optional.empty(),
                List.of(),
                Optional.empty());
    }

    /** Sometimes there is room for what two accesses take off, seldom for three. */
    private static Optional<Shelf> shelf(List<StripDown> stripDowns, Random dice) {
        if (dice.nextInt(3) > 0) return Optional.empty();
        Map<String, Integer> takes = new TreeMap<>();
        stripDowns.forEach(o -> takes.put(o.access(), 1 + dice.nextInt(2)));
        return Optional.of(new Shelf(2 + dice.nextInt(2), takes));
    }

    /** Some work needs daylight; some suppliers have days on which they are open. */
    private static void surroundings(List<Activity> activities, Random dice) {
        for (int i = 0; i < activities.size(); i++) {
            Activity a = activities.get(i);
            if (a.kind() == Activity.ActivityKind.JOB && dice.nextInt(6) == 0)
                activities.set(
                        i,
                        a.with(new Demand(
                                a.demand().place(),
                                Map.of("daylight", 1),
                                a.demand().holdsPlaceWhileBegun(),
                                a.demand().holdsPlaceWhileWaiting())));
            if (a.kind() == Activity.ActivityKind.ORDER && dice.nextBoolean())
                activities.set(i, a.with(a.timing().whileOpen(openDays(dice))));
        }
    }

    private static List<TimeWindow> openDays(Random dice) {
        List<TimeWindow> found = new ArrayList<>();
        for (int day = 0; day < 40; day++)
            if (dice.nextInt(5) > 1 || day > 30) found.add(new TimeWindow(slot(day * 96 + 62), slot(day * 96 + 98)));
        return found;
    }

    /** Lent on some days only, or dark at some times. */
    private static Capacity notOn(Capacity capacity, Random dice) {
        List<Capacity.Taken> taken = new ArrayList<>();
        for (int day = 0; day < DAYS; day++)
            if (dice.nextInt(3) == 0) {
                int from = day * 96 + dice.nextInt(10);
                taken.add(new Capacity.Taken(new TimeWindow(slot(from), slot(from + 12)), capacity.units()));
            }
        return capacity.less(taken);
    }

    private static List<StripDown> stripDowns(int count, int jobs, List<Activity> activities, Random dice) {
        List<StripDown> found = new ArrayList<>();
        for (int o = 0; o < count; o++) {
            boolean nested = o > 0 && dice.nextBoolean();
            List<ActivityId> inside = new ArrayList<>();
            for (int j : IntStream.range(0, jobs).toArray())
                if (activities.get(j).kind() == Activity.ActivityKind.JOB && dice.nextInt(3) == 0)
                    inside.add(new ActivityId("j" + j));
            // a job that needs the inner access needs the outer one too
            if (nested)
                for (ActivityId id : inside)
                    if (!found.get(0).jobs().contains(id)) found.set(0, withJob(found.get(0), id));
            String access = !nested && o > 0 && dice.nextBoolean() ? "w0" : "w" + o;
            List<ActivityId> mine = access.equals("w0") && o > 0
                    ? inside.stream()
                            .filter(id -> !found.get(0).jobs().contains(id))
                            .toList()
                    : inside;
            activities.add(stripDown("strip" + o, Activity.ActivityKind.STRIP, 1 + dice.nextInt(3)));
            activities.add(stripDown("refit" + o, Activity.ActivityKind.REFIT, 1 + dice.nextInt(3)));
            found.add(new StripDown(
                    "o" + o,
                    access,
                    Optional.of(new ActivityId("strip" + o)),
                    new ActivityId("refit" + o),
                    mine,
                    nested ? List.of("o0") : List.of()));
        }
        return found;
    }

    private static StripDown withJob(StripDown o, ActivityId job) {
        List<ActivityId> jobs = new ArrayList<>(o.jobs());
        jobs.add(job);
        return new StripDown(o.id(), o.access(), o.strip(), o.refit(), jobs, o.inside());
    }

    private static Activity stripDown(String id, Activity.ActivityKind kind, int slots) {
        return Activities.ofAccess(id, kind, Aim.DRIVER, slots, new Crew(1, BOTH));
    }

    private static Activity inspection(Random dice) {
        Instant at = NOW.plus(Duration.ofHours(24L * (2 + dice.nextInt(6)) - 3));
        return new Activity(
                new ActivityId("inspection"),
                Activity.ActivityKind.APPOINTMENT,
                Aim.DRIVER,
                0,
                Crew.NOBODY,
                Timing.FREE.waiting(Duration.ofHours(2)).startingAt(at),
                Demand.NONE,
                List.of(),
                Set.of("rolling"),
                false);
    }

    private static Activity order(String id, Random dice) {
        Activity order = Activity.order(id, Aim.RUNNER, Duration.ofDays(dice.nextInt(5)));
        return dice.nextBoolean() ? order : order.with(List.of(new Due(dice.nextInt(50), Due.When.START)));
    }

    private static Activity job(String id, Random dice) {
        int size = dice.nextInt(6) == 0 ? 2 : 1;
        var crew = new Crew(size, size == 2 || dice.nextBoolean() ? BOTH : BOTH.subList(0, 1));
        Timing timing = Timing.FREE.waiting(Duration.ofHours(dice.nextInt(4) == 0 ? 14 : 0));
        if (dice.nextInt(4) == 0) timing = timing.inOneSitting();
        if (dice.nextInt(6) == 0) timing = timing.notBefore(NOW.plus(Duration.ofHours(dice.nextInt(90))));
        if (dice.nextInt(8) == 0) timing = timing.by(NOW.plus(Duration.ofHours(40 + dice.nextInt(200))));
        Demand demand = dice.nextInt(3) == 0
                ? new Demand(Optional.of("bay"), Map.of(), dice.nextBoolean(), dice.nextBoolean())
                : Demand.NONE;
        Activity job = Activity.job(
                        id,
                        dice.nextBoolean() ? Aim.RUNNER : Aim.DRIVER,
                        1 + dice.nextInt(timing.inOneGo() ? 4 : 8),
                        crew)
                .with(timing)
                .with(demand);
        if (dice.nextInt(6) == 0) job = job.needing(Set.of("rolling"));
        return dice.nextInt(5) == 0 ? job.with(List.of(new Due(dice.nextInt(40), Due.When.FINISH))) : job;
    }

    /** Some evenings, each of three quarters of an hour to two hours. */
    private static Person person(String name, Random dice) {
        List<TimeWindow> windows = new ArrayList<>();
        for (int day = 0; day < DAYS; day++)
            if (dice.nextInt(name.equals("ines") ? 3 : 2) > 0) {
                int from = day * 96 + 4 + dice.nextInt(4);
                windows.add(new TimeWindow(slot(from), slot(from + 3 + dice.nextInt(6))));
            }
        return new Person(name, windows);
    }

    private static Instant slot(int slot) {
        return NOW.plus(Duration.ofMinutes(15L * slot));
    }
}
