package ofisino.core.plan.grouping;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import ofisino.core.kernel.Aim;
import ofisino.core.plan.explain.HiredDays;
import ofisino.core.plan.explain.Milestones;
import ofisino.core.plan.problem.Activity;
import ofisino.core.plan.problem.ActivityId;
import ofisino.core.plan.problem.NeededFor;
import ofisino.core.plan.problem.Plan;
import ofisino.core.plan.problem.PlanOutcome;
import ofisino.core.plan.problem.PlanProblem;
import ofisino.core.plan.problem.PlanProblem.StripDown;

/**
 * What a plan is worth to whoever chooses between ways of sharing, the first differing number deciding and the smaller being better: what has no
 * date; each milestone, in steps of a person's patience; the time of taking apart and putting together, by the hands that it takes; how often
 * something is opened again within a fortnight; on how many days a tool is hired; and the days of the milestones.
 *
 * @param days from now to each milestone
 * @param work of taking apart and putting together, by the hands that it takes
 */
record Worth(List<Long> numbers, List<Long> days, Duration work) implements Comparable<Worth> {
    private static final Duration SOON = Duration.ofDays(14);

    static Worth of(PlanProblem problem, PlanOutcome outcome) {
        Plan plan = outcome.plan();
        List<Long> days = new ArrayList<>();
        var needed = new NeededFor(problem);
        for (Set<ActivityId> first : problem.policy().first()) days.add(day(problem, plan, needed.of(first)));
        for (Aim aim : problem.milestones()) days.add(day(problem, plan, needed.aim(aim)));
        long minutes = minutes(problem);
        List<Long> numbers = Stream.of(
                        Stream.of(withoutDate(outcome)),
                        days.stream().map(d -> d / PlanProblem.PATIENCE.toDays()),
                        Stream.of(minutes, openedAgain(problem, plan), daysOfHire(problem, plan)),
                        days.stream())
                .flatMap(s -> s)
                .toList();
        return new Worth(numbers, days, Duration.ofMinutes(minutes));
    }

    /** A milestone is on a later day, or something more has no date. */
    boolean isLaterThan(Worth other) {
        return numbers.get(0) > other.numbers.get(0)
                || IntStream.range(0, days.size()).anyMatch(m -> days.get(m) > other.days.get(m));
    }

    private static long withoutDate(PlanOutcome outcome) {
        if (outcome instanceof PlanOutcome.Infeasible infeasible)
            return infeasible.unplaced().size();
        return outcome instanceof PlanOutcome.Planned ? 0 : Integer.MAX_VALUE;
    }

    /** Days from now until nothing is left to do for it. */
    private static long day(PlanProblem problem, Plan plan, Set<ActivityId> needed) {
        LocalDate today = problem.now().atZone(problem.zone()).toLocalDate();
        return Milestones.last(plan, needed)
                .map(last -> ChronoUnit.DAYS.between(
                        today, last.end().atZone(problem.zone()).toLocalDate()))
                .orElse(0L);
    }

    private static long daysOfHire(PlanProblem problem, Plan plan) {
        return HiredDays.of(problem, plan).values().stream()
                .mapToLong(Set::size)
                .sum();
    }

    private static long minutes(PlanProblem problem) {
        return problem.activities().stream()
                .filter(a -> a.kind() == Activity.ActivityKind.STRIP || a.kind() == Activity.ActivityKind.REFIT)
                .mapToLong(Worth::minutes)
                .sum();
    }

    private static long minutes(Activity a) {
        return a.workSlots() * PlanProblem.SLOT.toMinutes() * a.crew().size();
    }

    /** How often an access is opened again within a fortnight of being closed. */
    private static long openedAgain(PlanProblem problem, Plan plan) {
        Map<String, List<StripDown>> byAccess = problem.stripDowns().stream()
                .collect(Collectors.groupingBy(StripDown::access, HashMap::new, Collectors.toList()));
        return byAccess.values().stream()
                .map(all -> all.stream()
                        .flatMap(o -> opened(problem, plan, o).stream())
                        .sorted(Comparator.comparing(Opened::from))
                        .toList())
                .mapToLong(Worth::soonAgain)
                .sum();
    }

    private record Opened(Instant from, Instant to) {}

    private static Optional<Opened> opened(PlanProblem problem, Plan plan, StripDown o) {
        Optional<Instant> from = o.strip().isEmpty()
                ? Optional.of(problem.now())
                : o.strip().flatMap(plan::of).map(Plan.Scheduled::start);
        Optional<Instant> to = plan.of(o.refit()).map(Plan.Scheduled::end);
        return from.flatMap(f -> to.map(t -> new Opened(f, t)));
    }

    private static long soonAgain(List<Opened> inTime) {
        long found = 0;
        for (int i = 1; i < inTime.size(); i++)
            if (inTime.get(i).from().isBefore(inTime.get(i - 1).to().plus(SOON))) found++;
        return found;
    }

    @Override
    public int compareTo(Worth other) {
        for (int i = 0; i < numbers.size(); i++) {
            int difference = Long.compare(numbers.get(i), other.numbers.get(i));
            if (difference != 0) return difference;
        }
        return 0;
    }
}
