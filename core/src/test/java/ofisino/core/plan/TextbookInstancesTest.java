package ofisino.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import ofisino.core.kernel.Aim;
import ofisino.core.plan.problem.Activity;
import ofisino.core.plan.problem.Activity.Crew;
import ofisino.core.plan.problem.Plan;
import ofisino.core.plan.problem.PlanOutcome;
import ofisino.core.plan.problem.PlanProblem;
import ofisino.core.plan.problem.PlanProblem.Capacity;
import ofisino.core.plan.problem.PlanProblem.Link;
import ofisino.core.plan.solve.SerialPass;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Instances from books and papers, with starts that were published or worked out by a program that is not ours. */
class TextbookInstancesTest {
    private static final Instant NOW = Instant.parse("2026-03-02T17:00:00Z"); // a Monday
    private static final Instant HORIZON = NOW.plus(Duration.ofDays(60));
    private static final ZoneId ZONE = ZoneOffset.UTC;

    /**
     * R0: a resource-constrained example published with an open-source Python MIP library (origin from memory; values recomputed by an exact
     * solver: optimum 21). Serial generation in index order gives 25 with these starts; in order of latest finish it gives 26.
     */
    @Test
    void textbookInstanceWithTwoResources() {
        int[] duration = {0, 3, 2, 5, 4, 2, 3, 4, 2, 4, 6, 0};
        int[][] use = {{0, 5, 0, 1, 1, 3, 3, 2, 4, 5, 2, 0}, {0, 1, 4, 4, 3, 2, 1, 4, 0, 2, 5, 0}};
        String arcs = "0>1 0>2 0>3 1>4 1>5 2>9 2>10 3>8 4>6 4>7 5>9 5>10 6>8 6>9 7>8 8>11 9>11 10>11";
        var r0 = textbook(duration, use, new int[] {6, 8}, arcs);
        assertThat(starts(r0, "0 1 2 3 4 5 6 7 8 9 10 11")).containsExactly(0, 0, 0, 2, 3, 7, 7, 9, 13, 15, 19, 25);
        assertThat(starts(r0, "0 1 4 2 5 6 3 7 8 9 10 11")).containsExactly(0, 0, 0, 5, 3, 3, 7, 10, 14, 16, 20, 26);
    }

    /** R1: eight jobs of a restoration, two people and one lift; starts by serial generation, recomputed independently. Optimum 21. */
    @Test
    void textbookInstanceOfARestoration() {
        // STRIP BODY ENGINE GEARBOX BRAKES PAINT WIRING REFIT
        var r1 = textbook(
                new int[] {2, 6, 5, 3, 3, 4, 3, 4},
                new int[][] {{2, 1, 1, 1, 1, 2, 1, 2}, {1, 0, 0, 0, 1, 0, 0, 1}},
                new int[] {2, 1},
                "0>1 0>2 0>3 0>4 1>5 5>6 5>7 2>7 3>7 4>7 6>7");
        assertThat(starts(r1, "0 1 2 3 4 5 6 7")).containsExactly(0, 2, 2, 7, 8, 11, 15, 18);
        assertThat(starts(r1, "0 1 5 2 3 4 6 7")).containsExactly(0, 2, 2, 12, 12, 8, 15, 18);
    }

    /** Hillier and Lieberman's construction network, crews of 1 to 4; the serial makespans in index order, and 44 on the critical path. */
    @ParameterizedTest
    @CsvSource({"1, 79", "2, 51", "3, 44", "4, 44"})
    void textbookNetworkWithCrews(int crews, int makespan) {
        int[] d = {2, 4, 10, 6, 4, 5, 7, 9, 7, 8, 4, 5, 2, 6};
        int[] one = new int[14];
        Arrays.fill(one, 1);
        var network = textbook(
                d,
                new int[][] {one},
                new int[] {crews},
                "0>1 1>2 2>3 2>4 4>5 3>6 4>7 6>7 2>8 5>9 8>9 9>10 9>11 7>12 10>13 11>13");
        int[] starts = starts(network, "0 1 2 3 4 5 6 7 8 9 10 11 12 13");
        int end = 0;
        for (int i = 0; i < d.length; i++) end = Math.max(end, starts[i] + d[i]);
        assertThat(end).isEqualTo(makespan);
    }

    /**
     * Graham, SIAM J. Appl. Math. 17(2), 1969: list scheduling by time takes 12; with another list 14, a fourth processor 15, every time
     * shorter by one 13, two links fewer 16.
     */
    @Test
    void listSchedulingHasGrahamsAnomalies() {
        int[] times = {3, 2, 2, 2, 4, 4, 4, 4, 9};
        int[] shorter = {2, 1, 1, 1, 3, 3, 3, 3, 8};
        String arcs = "0>8 3>4 3>5 3>6 3>7";
        String list = "0 1 2 3 4 5 6 7 8";
        assertThat(listScheduled(times, 3, arcs, list)).isEqualTo(12);
        assertThat(listScheduled(times, 3, arcs, "0 1 3 4 5 2 8 6 7")).isEqualTo(14);
        assertThat(listScheduled(times, 4, arcs, list)).isEqualTo(15);
        assertThat(listScheduled(shorter, 3, arcs, list)).isEqualTo(13);
        assertThat(listScheduled(times, 3, "0>8 3>6 3>7", list)).isEqualTo(16);
    }

    private static int listScheduled(int[] times, int processors, String arcs, String list) {
        int[] one = new int[times.length];
        Arrays.fill(one, 1);
        PlanProblem problem = textbook(times, new int[][] {one}, new int[] {processors}, arcs);
        List<Activity> order = Arrays.stream(list.split(" "))
                .map(i -> problem.activities().get(Integer.parseInt(i)))
                .toList();
        return ((PlanOutcome.Planned) SerialPass.parallel(problem, order))
                .plan().activities().values().stream()
                        .mapToInt(s -> (int) (Duration.between(NOW, s.end()).toMinutes() / 15))
                        .max()
                        .orElseThrow();
    }

    /** Graham (1969), first case: serial generation in index order takes 17 where list scheduling by time takes 12. */
    @Test
    void textbookInstanceOfGraham() {
        int[] one = {1, 1, 1, 1, 1, 1, 1, 1, 1};
        var graham = textbook(
                new int[] {3, 2, 2, 2, 4, 4, 4, 4, 9}, new int[][] {one}, new int[] {3}, "0>8 3>4 3>5 3>6 3>7");
        int[] starts = starts(graham, "0 1 2 3 4 5 6 7 8");
        assertThat(starts[8] + 9).isEqualTo(17);
    }

    /** A textbook instance: one all-hours window for everybody, every activity in one go, time in slots from now. */
    private static PlanProblem textbook(int[] durations, int[][] use, int[] capacity, String arcs) {
        List<Activity> activities = new ArrayList<>();
        for (int i = 0; i < durations.length; i++) {
            Map<String, Integer> demand = new java.util.HashMap<>();
            for (int r = 0; r < use.length; r++) if (use[r][i] > 0) demand.put("r" + r, use[r][i]);
            activities.add(Activity.job(String.valueOf(i), Aim.RUNNER, durations[i], Crew.NOBODY)
                    .with(Activity.Timing.FREE.inOneSitting())
                    .with(new Activity.Demand(Optional.empty(), demand, false, false)));
        }
        List<Link> links = Arrays.stream(arcs.split(" "))
                .map(a -> a.split(">"))
                .map(a -> Link.of(a[0], a[1]))
                .toList();
        List<Capacity> capacities = new ArrayList<>();
        for (int r = 0; r < capacity.length; r++) capacities.add(new Capacity("r" + r, capacity[r]));
        return PlanProblem.simple(NOW, HORIZON, ZONE, List.of(), activities, links)
                .withResources(capacities);
    }

    private static int[] starts(PlanProblem problem, String list) {
        List<Activity> order = Arrays.stream(list.split(" "))
                .map(i -> problem.activities().get(Integer.parseInt(i)))
                .toList();
        Plan plan = ((PlanOutcome.Planned) SerialPass.plan(problem, order)).plan();
        return problem.activities().stream()
                .mapToInt(a -> (int)
                        (Duration.between(NOW, plan.of(a.id()).orElseThrow().start())
                                        .toMinutes()
                                / 15))
                .toArray();
    }
}
