package ofisino.core.plan.referee;

import java.time.Duration;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SplittableRandom;
import ofisino.core.kernel.Aim;
import ofisino.core.plan.problem.Activity;
import ofisino.core.plan.problem.Activity.Crew;
import ofisino.core.plan.problem.Activity.Demand;
import ofisino.core.plan.problem.Activity.Timing;
import ofisino.core.plan.problem.PlanProblem;

/**
 * A resource-constrained project of the kind on which such methods are compared: activities with durations 1 to 10, a network of given
 * complexity, four resources of which each activity uses some. Drawn after the manner of Kolisch, Sprecher and Drexl, Management Science 41
 * (1995) 1693-1703; the instances are this project's own.
 *
 * @param use by activity and resource
 */
public record Textbook(int[] duration, int[][] after, int[][] use, int[] capacity) {
    private static final Instant NOW = Instant.parse("2026-03-02T00:00:00Z");
    private static final int RESOURCES = 4;

    /** @param strength of the resources, 0 scarce to 1 plenty */
    static Textbook drawn(int activities, double complexity, double factor, double strength, long seed) {
        var dice = new SplittableRandom(seed);
        int[] duration = new int[activities];
        int[][] use = new int[activities][RESOURCES];
        List<List<Integer>> after = new ArrayList<>();
        for (int a = 0; a < activities; a++) {
            duration[a] = 1 + dice.nextInt(10);
            for (int r = 0; r < RESOURCES; r++) if (dice.nextDouble() < factor) use[a][r] = 1 + dice.nextInt(10);
            after.add(new ArrayList<>());
        }
        int links = (int) (complexity * activities);
        for (int a = 1; a < activities; a++) link(after, Math.max(0, a - 1 - dice.nextInt(6)), a);
        for (int tries = 0, made = activities - 1; made < links && tries < 10_000; tries++) {
            int from = dice.nextInt(activities - 1);
            int to = from + 1 + dice.nextInt(Math.min(12, activities - 1 - from));
            if (link(after, from, to)) made++;
        }
        int[] capacity = new int[RESOURCES];
        for (int r = 0; r < RESOURCES; r++) {
            int most = 1;
            int sum = 0;
            for (int[] u : use) {
                most = Math.max(most, u[r]);
                sum += u[r];
            }
            int plenty = Math.max(most, sum / 5);
            capacity[r] = most + (int) Math.round(strength * (plenty - most));
        }
        return new Textbook(
                duration,
                after.stream()
                        .map(l -> l.stream().mapToInt(Integer::intValue).toArray())
                        .toArray(int[][]::new),
                use,
                capacity);
    }

    private static boolean link(List<List<Integer>> after, int from, int to) {
        if (after.get(from).contains(to)) return false;
        return after.get(from).add(to);
    }

    PlanProblem problem() {
        List<Activity> activities = new ArrayList<>();
        List<PlanProblem.Link> links = new ArrayList<>();
        int sum = 1;
        for (int a = 0; a < duration.length; a++) {
            Map<String, Integer> demand = new HashMap<>();
            for (int r = 0; r < RESOURCES; r++) if (use[a][r] > 0) demand.put("r" + r, use[a][r]);
            activities.add(Activity.job(String.valueOf(a), Aim.RUNNER, duration[a], Crew.NOBODY)
                    .with(Timing.FREE.inOneSitting())
                    .with(new Demand(Optional.empty(), demand, false, false)));
            for (int b : after[a]) links.add(PlanProblem.Link.of(String.valueOf(a), String.valueOf(b)));
            sum += duration[a];
        }
        List<PlanProblem.Capacity> capacities = new ArrayList<>();
        for (int r = 0; r < RESOURCES; r++) capacities.add(new PlanProblem.Capacity("r" + r, capacity[r]));
        return PlanProblem.simple(
                        NOW, NOW.plus(Duration.ofMinutes(15L * sum)), ZoneOffset.UTC, List.of(), activities, links)
                .withResources(capacities);
    }

    /** The longest way through the network, and the most loaded resource. */
    int lowerBound() {
        int[] end = new int[duration.length];
        int longest = 0;
        for (int a = 0; a < duration.length; a++) {
            end[a] += duration[a];
            longest = Math.max(longest, end[a]);
            for (int b : after[a]) end[b] = Math.max(end[b], end[a]);
        }
        for (int r = 0; r < RESOURCES; r++) {
            int energy = 0;
            for (int a = 0; a < duration.length; a++) energy += duration[a] * use[a][r];
            longest = Math.max(longest, (energy + capacity[r] - 1) / capacity[r]);
        }
        return longest;
    }

    static int makespan(ofisino.core.plan.problem.Plan plan) {
        return plan.activities().values().stream()
                .mapToInt(s -> (int) (Duration.between(NOW, s.end()).toMinutes() / 15))
                .max()
                .orElse(0);
    }
}
