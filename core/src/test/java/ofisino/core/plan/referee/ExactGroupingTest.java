package ofisino.core.plan.referee;

import static org.assertj.core.api.Assertions.assertThat;

import com.google.ortools.Loader;
import com.google.ortools.sat.BoolVar;
import com.google.ortools.sat.CpModel;
import com.google.ortools.sat.CpSolver;
import com.google.ortools.sat.CpSolverStatus;
import com.google.ortools.sat.IntVar;
import com.google.ortools.sat.IntervalVar;
import com.google.ortools.sat.LinearExpr;
import com.google.ortools.sat.LinearExprBuilder;
import com.google.ortools.sat.Literal;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import ofisino.core.kernel.Aim;
import ofisino.core.plan.calendar.TimeWindow;
import ofisino.core.plan.grouping.Grouping;
import ofisino.core.plan.problem.Activity;
import ofisino.core.plan.problem.ActivityId;
import ofisino.core.plan.problem.PlanProblem;
import ofisino.core.plan.problem.PlanProblem.Exclusion;
import ofisino.core.plan.problem.PlanProblem.Link;
import ofisino.core.plan.problem.PlanProblem.StripDown;
import org.junit.jupiter.api.Test;

/**
 * What shares a strip-down, beside an exact solver: twelve jobs of one person, three accesses, some jobs that need the car on its wheels while an
 * access keeps it off them. Without waits all of his time is filled, so that the fewest hours of access are the best plan too. Strips and refits are
 * optional intervals for OR-Tools CP-SAT, which is told only which job needs which access.
 */
class ExactGroupingTest {
    private static final int INSTANCES = 15;
    private static final int JOBS = 12;
    private static final int ACCESSES = 3;
    /** No access is opened more often than this, in the exact model. */
    private static final int MOST_OPENINGS = 4;

    private static final double MOST_RATIO = 1.05;
    private static final Instant NOW = Instant.parse("2026-03-02T18:00:00Z");
    private static final Activity.Crew INES = new Activity.Crew(1, List.of("ines"));

    /** @param needs by job, the accesses @param after by job, jobs before it @param rolling by job @param strip and @param refit slots by access */
    private record Case(
            int[] slots,
            List<Set<Integer>> needs,
            List<Set<Integer>> after,
            boolean[] rolling,
            int[] strip,
            int[] refit) {}

    private static Case drawn(Random dice) {
        List<Set<Integer>> needs = new ArrayList<>();
        List<Set<Integer>> after = new ArrayList<>();
        boolean[] rolling = new boolean[JOBS];
        for (int j = 0; j < JOBS; j++) {
            Set<Integer> its = new java.util.TreeSet<>();
            Set<Integer> before = new java.util.TreeSet<>();
            for (int a = 0; a < ACCESSES; a++) if (dice.nextInt(3) == 0) its.add(a);
            for (int b = Math.max(0, j - 4); b < j; b++) if (dice.nextInt(3) == 0) before.add(b);
            rolling[j] = !its.contains(0) && dice.nextInt(2) == 0;
            needs.add(its);
            after.add(before);
        }
        return new Case(
                dice.ints(JOBS, 1, 5).toArray(),
                needs,
                after,
                rolling,
                dice.ints(ACCESSES, 1, 5).toArray(),
                dice.ints(ACCESSES, 1, 6).toArray());
    }

    @Test
    void theHoursOfAccessAreCloseToTheFewest() {
        Loader.loadNativeLibraries();
        long ours = 0;
        long fewest = 0;
        int forced = 0;
        for (int seed = 0; seed < INSTANCES; seed++) {
            Case one = drawn(new Random(seed));
            int exact = exact(one);
            int planned = slotsOfAccess(Grouping.of(problem(one), Set.of()));
            assertThat(planned).as("no fewer than the fewest, seed %d", seed).isGreaterThanOrEqualTo(exact);
            ours += planned;
            fewest += exact;
            if (exact > once(one)) forced++;
        }
        assertThat(forced).as("some must be opened twice").isGreaterThan(INSTANCES / 20);
        assertThat((double) ours / fewest).isLessThanOrEqualTo(MOST_RATIO);
    }

    private static int once(Case c) {
        return IntStream.range(0, ACCESSES)
                .filter(a -> c.needs().stream().anyMatch(n -> n.contains(a)))
                .map(a -> c.strip()[a] + c.refit()[a])
                .sum();
    }

    private static int slotsOfAccess(PlanProblem problem) {
        return problem.activities().stream()
                .filter(a -> a.kind() == Activity.ActivityKind.STRIP || a.kind() == Activity.ActivityKind.REFIT)
                .mapToInt(Activity::workSlots)
                .sum();
    }

    /** Each job with strip-downs of its own. */
    private static PlanProblem problem(Case c) {
        List<Activity> activities = new ArrayList<>();
        List<StripDown> stripDowns = new ArrayList<>();
        List<Link> links = new ArrayList<>();
        List<Exclusion> exclusions = new ArrayList<>();
        for (int j = 0; j < JOBS; j++) {
            Activity job = Activity.job("j" + j, Aim.RUNNER, c.slots()[j], INES);
            activities.add(c.rolling()[j] ? job.needing(Set.of("rolling")) : job);
            for (int b : c.after().get(j)) links.add(Link.of("j" + b, "j" + j));
            for (int a : c.needs().get(j)) {
                String id = "a" + a + "j" + j;
                activities.add(end("strip " + id, Activity.ActivityKind.STRIP, c.strip()[a]));
                activities.add(end("refit " + id, Activity.ActivityKind.REFIT, c.refit()[a]));
                stripDowns.add(new StripDown(
                        id,
                        "a" + a,
                        Optional.of(new ActivityId("strip " + id)),
                        new ActivityId("refit " + id),
                        List.of(new ActivityId("j" + j)),
                        List.of()));
                if (a == 0) exclusions.add(new Exclusion(id, "rolling"));
            }
        }
        List<TimeWindow> evenings = IntStream.range(0, 60)
                .mapToObj(d -> NOW.plus(Duration.ofDays(d)))
                .map(from -> new TimeWindow(from, from.plus(Duration.ofHours(2))))
                .toList();
        return PlanProblem.simple(
                        NOW,
                        NOW.plus(Duration.ofDays(70)),
                        ZoneOffset.UTC,
                        List.of(new PlanProblem.Person("ines", evenings)),
                        activities,
                        links)
                .withStripDowns(stripDowns, exclusions);
    }

    private static Activity end(String id, Activity.ActivityKind kind, int slots) {
        Activity work = Activity.job(id, Aim.RUNNER, slots, INES);
        return new Activity(
                work.id(), kind, work.aim(), slots, INES, work.timing(), work.demand(), List.of(), Set.of(), false);
    }

    /** The fewest slots of taking apart and putting together. */
    private static int exact(Case c) {
        int horizon = 400;
        var model = new CpModel();
        List<IntervalVar> work = new ArrayList<>();
        IntVar[] start = new IntVar[JOBS];
        for (int j = 0; j < JOBS; j++) {
            start[j] = model.newIntVar(0, horizon, "job " + j);
            work.add(model.newFixedSizeIntervalVar(start[j], c.slots()[j], "works " + j));
            for (int b : c.after().get(j))
                model.addGreaterOrEqual(
                        start[j], LinearExpr.newBuilder().add(start[b]).add(c.slots()[b]));
        }
        LinearExprBuilder cost = LinearExpr.newBuilder();
        for (int a = 0; a < ACCESSES; a++) openings(model, c, a, start, work, horizon, cost);
        model.addNoOverlap(work);
        model.minimize(cost);
        var solver = new CpSolver();
        solver.getParameters().setNumSearchWorkers(1).setRandomSeed(1).setMaxDeterministicTime(60);
        if (solver.solve(model) != CpSolverStatus.OPTIMAL) throw new IllegalStateException("undecided");
        return (int) Math.round(solver.objectiveValue());
    }

    private static void openings(
            CpModel model, Case c, int a, IntVar[] start, List<IntervalVar> work, int horizon, LinearExprBuilder cost) {
        IntVar[] strip = new IntVar[MOST_OPENINGS];
        IntVar[] refit = new IntVar[MOST_OPENINGS];
        BoolVar[] used = new BoolVar[MOST_OPENINGS];
        for (int s = 0; s < MOST_OPENINGS; s++) {
            strip[s] = model.newIntVar(0, horizon, "strip");
            refit[s] = model.newIntVar(0, horizon, "refit");
            used[s] = model.newBoolVar("used");
            work.add(model.newOptionalFixedSizeIntervalVar(strip[s], c.strip()[a], used[s], "strips"));
            work.add(model.newOptionalFixedSizeIntervalVar(refit[s], c.refit()[a], used[s], "refits"));
            cost.addTerm(used[s], c.strip()[a] + c.refit()[a]);
            if (s == 0) continue;
            model.addImplication(used[s], used[s - 1]);
            model.addGreaterOrEqual(
                            strip[s], LinearExpr.newBuilder().add(refit[s - 1]).add(c.refit()[a]))
                    .onlyEnforceIf(used[s]);
        }
        for (int j = 0; j < JOBS; j++) {
            if (c.needs().get(j).contains(a)) inOneOf(model, c, a, j, start[j], strip, refit, used);
            if (a == 0 && c.rolling()[j])
                for (int s = 0; s < MOST_OPENINGS; s++) outside(model, c, j, start[j], strip[s], refit[s], used[s]);
        }
    }

    private static void inOneOf(
            CpModel model, Case c, int a, int j, IntVar start, IntVar[] strip, IntVar[] refit, BoolVar[] used) {
        Literal[] in = new Literal[MOST_OPENINGS];
        for (int s = 0; s < MOST_OPENINGS; s++) {
            BoolVar here = model.newBoolVar("in");
            in[s] = here;
            model.addImplication(here, used[s]);
            model.addGreaterOrEqual(start, LinearExpr.newBuilder().add(strip[s]).add(c.strip()[a]))
                    .onlyEnforceIf(here);
            model.addGreaterOrEqual(refit[s], LinearExpr.newBuilder().add(start).add(c.slots()[j]))
                    .onlyEnforceIf(here);
        }
        model.addExactlyOne(in);
    }

    /** Before the opening or after the closing, which is over when its work is. */
    private static void outside(CpModel model, Case c, int j, IntVar start, IntVar strip, IntVar refit, BoolVar used) {
        BoolVar before = model.newBoolVar("before");
        model.addGreaterOrEqual(strip, LinearExpr.newBuilder().add(start).add(c.slots()[j]))
                .onlyEnforceIf(new Literal[] {before, used});
        model.addGreaterOrEqual(start, LinearExpr.newBuilder().add(refit).add(c.refit()[0]))
                .onlyEnforceIf(new Literal[] {before.not(), used});
    }
}
