package ofisino.core.plan.risk;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.BooleanSupplier;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import ofisino.core.kernel.Aim;
import ofisino.core.plan.problem.NeededFor;
import ofisino.core.plan.problem.Plan;
import ofisino.core.plan.problem.PlanProblem;
import ofisino.core.plan.problem.PlanProblem.Person;
import ofisino.core.plan.progress.TurnUp;
import ofisino.core.plan.whatif.AtOwnPace;

/**
 * The plan run through many times, each time with other durations, other sessions kept and other damage found: the same work in the same order.
 * Run i draws from a stream of its own made from (seed, i), so the answer is the same on any number of threads.
 *
 * <p>Who comes how often is drawn a few dozen times, and each of these calendars serves many runs: a calendar in numbers is dear, and the
 * spread within one is small beside that between them.
 */
public final class Simulation {
    /** As many runs as dates are told from. */
    public static final int RUNS = 10_000;

    private static final int CALENDARS = 32;

    private final Uncertain uncertain;
    private final Plan order;
    private final long seed;
    private final List<PlanProblem> calendars;
    private final Aim[] aims;
    private final int[][] needed;
    private final AtomicInteger done = new AtomicInteger();

    /** @param problem whose plan in order is run through */
    public Simulation(PlanProblem problem, Plan order, Uncertain uncertain, long seed) {
        this.uncertain = uncertain;
        this.order = order;
        this.seed = seed;
        PlanProblem later = AtOwnPace.putOff(problem);
        calendars = IntStream.range(0, problem.people().isEmpty() ? 1 : CALENDARS)
                .mapToObj(c -> later.withPeople(come(problem.people(), c)))
                .toList();
        var reach = new NeededFor(problem);
        aims = problem.milestones().stream()
                .filter(aim -> !reach.places(aim).isEmpty())
                .toArray(Aim[]::new);
        needed = new int[aims.length][];
        for (int m = 0; m < aims.length; m++)
            needed[m] = reach.places(aims[m]).stream().toArray();
    }

    /** How often somebody comes is drawn first, for nobody knows it; then each time that they mean to come is kept or not. */
    private List<Person> come(List<Person> people, int calendar) {
        SplittableRandom luck = new SplittableRandom(seed ^ 0x5DEECE66DL * (calendar + 1));
        return people.stream()
                .map(p -> new Person(
                        p.id(),
                        Attendance.drawn(
                                uncertain.turnUp().getOrDefault(p.id(), TurnUp.UNKNOWN), p.windows(), luck.split())))
                .toList();
    }

    /** Runs that are done by now. */
    public int done() {
        return done.get();
    }

    /**
     * Runs it through.
     *
     * @param runs    1 or more
     * @param stopped asked before each run
     * @return empty where it was stopped, or where in that order nothing has a place
     */
    public Optional<Dates> run(int runs, BooleanSupplier stopped) {
        var draws = new Draws(
                runs, aims.length, order.activities().size(), uncertain.hidden().size());
        boolean whole = IntStream.range(0, calendars.size())
                .parallel()
                .mapToObj(c -> runsOf(c, runs, draws, stopped))
                .allMatch(w -> w);
        return whole ? Optional.of(new Dates(draws, aims, uncertain.hidden(), calendars.get(0))) : Optional.empty();
    }

    private boolean runsOf(int calendar, int runs, Draws draws, BooleanSupplier stopped) {
        Optional<DrawnRun> run = DrawnRun.of(calendars.get(calendar), order, uncertain);
        if (run.isEmpty()) return false;
        for (int i = calendar; i < runs; i += calendars.size()) {
            if (stopped.getAsBoolean()) return false;
            run.get().draw(new SplittableRandom(seed * 0x9E3779B97F4A7C15L + i).nextLong());
            run.get().note(i, needed, draws);
            done.incrementAndGet();
        }
        return true;
    }

    static Map<Aim, Integer> indexOf(Aim[] aims) {
        return IntStream.range(0, aims.length).boxed().collect(Collectors.toMap(i -> aims[i], i -> i));
    }
}
