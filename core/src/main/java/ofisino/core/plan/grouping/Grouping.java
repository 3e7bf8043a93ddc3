package ofisino.core.plan.grouping;

import java.time.Duration;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.function.BooleanSupplier;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import ofisino.core.plan.job.Precedence;
import ofisino.core.plan.problem.Activity;
import ofisino.core.plan.problem.ActivityId;
import ofisino.core.plan.problem.NeededFor;
import ofisino.core.plan.problem.Plan;
import ofisino.core.plan.problem.PlanOutcome;
import ofisino.core.plan.problem.PlanProblem;
import ofisino.core.plan.problem.PlanProblem.Link;
import ofisino.core.plan.problem.PlanProblem.StripDown;
import ofisino.core.plan.solve.Planner;
import ofisino.core.plan.whatif.Joining;
import ofisino.core.plan.whatif.Untangling;

/**
 * Which jobs share a strip-down: the planner's own decision. Strip-downs of one access become one wherever a plan of the whole is better so, by
 * {@link Worth}: first all of them at once, then those that stand next to each other in the plan. What a person wants apart stays apart wherever
 * there is a plan so, and what he joined stays joined; what is open is open once. Deterministic.
 */
public final class Grouping {
    /** Schedules for a trial; the plan itself is made with its own budget. */
    private static final Planner.Budget TRIAL = new Planner.Budget(4, 1);
    /** Schedules before a person's wish is given up. */
    private static final Planner.Budget SURE = new Planner.Budget(60, 1);
    /** Activities to plan anew in all trials together: the dearest accesses come first, and a person waits for the answer. */
    private static final int EFFORT = 6_000;

    private final Planner planner;
    private final Planner.Budget trial;
    private final Set<String> apart;
    private PlanProblem problem;
    private PlanOutcome outcome;
    private Worth worth;
    private int trials;

    /** @param effort activities to plan anew in all trials together */
    private Grouping(PlanProblem stated, Set<String> apart, Planner planner, Planner.Budget trial, int effort) {
        this.planner = planner;
        this.trial = trial;
        this.apart = apart;
        this.problem = openOnce(stated);
        openLate();
        for (Optional<PlanProblem> less = untangled(); less.isPresent(); less = untangled()) {
            problem = less.get();
            outcome = planner.next(problem, trial);
        }
        this.worth = Worth.of(problem, outcome);
        this.trials = effort / Math.max(1, problem.activities().size());
    }

    /** What a person wants apart is made one only where a longer search finds no plan either. */
    private Optional<PlanProblem> untangled() {
        Optional<PlanProblem> less = Untangling.of(problem, outcome);
        if (less.isEmpty() || jobsApart(less.get()).equals(jobsApart(problem))) return less;
        PlanOutcome sure = planner.next(problem, SURE);
        if (sure instanceof PlanOutcome.Planned) outcome = sure;
        return Untangling.of(problem, outcome);
    }

    /**
     * The same problem with those strip-downs made one that are better one.
     *
     * @param apart strip-downs that a person wants by themselves
     */
    public static PlanProblem of(PlanProblem stated, Set<String> apart) {
        var grouping = new Grouping(stated, apart, new Planner(), TRIAL, EFFORT);
        grouping.groupAtOnce();
        for (String access : grouping.dearestFirst()) grouping.group(access);
        if (openedLate(grouping.problem) != grouping.problem) grouping.openLate();
        return grouping.problem;
    }

    /** Strip-downs of an access that are better one. @param jobs that then share it */
    public record Join(String access, Set<ActivityId> jobs) {}

    /** @param joins what else is opened once, the outermost first @param saved time of taking apart and putting together, of all hands */
    public record Fewer(List<Join> joins, Duration saved) {}

    /**
     * What a longer search would share besides: every two strip-downs of an access are tried, not only those next to each other. Empty where nothing is
     * saved so, or a milestone would be on a later day.
     *
     * @param grouped as the first answer shares them
     * @param apart   strip-downs that a person wants by themselves
     * @param budget  schedules for each trial
     * @param effort  activities to plan anew in all trials together
     * @param stopped asked again and again: nobody wants to know any more
     */
    public static Optional<Fewer> further(
            PlanProblem grouped, Set<String> apart, Planner.Budget budget, int effort, BooleanSupplier stopped) {
        var grouping = new Grouping(grouped, apart, new Planner(stopped), budget, effort);
        Worth first = grouping.worth;
        for (String access : grouping.dearestFirst()) grouping.groupAnyTwo(access, stopped);
        Duration saved = first.work().minus(grouping.worth.work());
        if (stopped.getAsBoolean() || saved.isZero() || saved.isNegative() || grouping.worth.isLaterThan(first))
            return Optional.empty();
        return Optional.of(new Fewer(grouping.joinsSince(grouped), saved));
    }

    private void groupAnyTwo(String access, BooleanSupplier stopped) {
        List<String> all = inTime(access);
        for (int i = 0; i < all.size(); i++)
            for (int j = i + 1; j < all.size() && !stopped.getAsBoolean(); )
                if (isTaken(List.of(all.get(i), all.get(j)))) all.remove(j);
                else j++;
    }

    private List<Join> joinsSince(PlanProblem before) {
        Map<String, Integer> jobs = before.stripDowns().stream()
                .collect(Collectors.toMap(StripDown::id, o -> o.jobs().size()));
        return problem.stripDowns().stream()
                .filter(o -> o.jobs().size() > jobs.get(o.id()))
                .sorted(Comparator.comparing((StripDown o) -> o.inside().size()))
                .map(o -> new Join(o.access(), Set.copyOf(o.jobs())))
                .toList();
    }

    /** All that can be one; where that keeps a milestone waiting, what the same milestone needs, and then access by access. */
    private void groupAtOnce() {
        if (problem.policy().mostOpen().isPresent()) return;
        List<String> accesses = dearestFirst();
        if (isTaken(merged(accesses, o -> ""))) return;
        Map<String, Integer> firstNeeded = firstNeeded();
        isTaken(merged(accesses, o -> String.valueOf(firstNeeded.get(o))));
        for (String access : dearestFirst()) isTaken(merged(List.of(access), o -> ""));
    }

    /** The problem with as few strip-downs of those accesses as the order takes. @param kind only those of one kind become one */
    private PlanProblem merged(List<String> accesses, UnaryOperator<String> kind) {
        var mergers = new Mergers(problem, apart);
        for (String access : accesses)
            inTime(access).stream()
                    .collect(Collectors.groupingBy(kind, LinkedHashMap::new, Collectors.toList()))
                    .values()
                    .forEach(mergers::merge);
        return Joining.joinAll(problem, mergers.groups());
    }

    /** By strip-down, which milestone is the first that needs it. */
    private Map<String, Integer> firstNeeded() {
        var needed = new NeededFor(problem);
        Map<String, Integer> found = new HashMap<>();
        for (int m = 0; m < problem.milestones().size(); m++) {
            Set<ActivityId> its = needed.aim(problem.milestones().get(m));
            for (StripDown o : problem.stripDowns()) if (its.contains(o.refit())) found.putIfAbsent(o.id(), m);
        }
        return found;
    }

    /** What is open is open once, however many pieces of work are in it. */
    private static PlanProblem openOnce(PlanProblem stated) {
        Map<String, List<String>> open = stated.stripDowns().stream()
                .filter(o -> o.strip().isEmpty())
                .collect(Collectors.groupingBy(
                        StripDown::access, LinkedHashMap::new, Collectors.mapping(StripDown::id, Collectors.toList())));
        PlanProblem once = stated;
        for (List<String> same : open.values()) {
            Set<String> left = once.stripDowns().stream().map(StripDown::id).collect(Collectors.toSet());
            List<String> apart = same.stream().filter(left::contains).toList();
            if (apart.size() > 1) once = Joining.join(once, apart);
        }
        return once;
    }

    /** Accesses that are opened more than once, those first that take longest. */
    private List<String> dearestFirst() {
        Map<ActivityId, Integer> work =
                problem.activities().stream().collect(Collectors.toMap(Activity::id, Activity::workSlots));
        Map<String, Integer> slots = new LinkedHashMap<>();
        for (StripDown o : problem.stripDowns())
            slots.merge(
                    o.access(), work.get(o.refit()) + o.strip().map(work::get).orElse(0), Integer::sum);
        return slots.keySet().stream()
                .filter(access -> free(access).size() > 1)
                .sorted(Comparator.comparing((String access) -> -slots.get(access)))
                .toList();
    }

    private List<StripDown> free(String access) {
        return problem.stripDowns().stream()
                .filter(o -> o.access().equals(access) && !apart.contains(o.id()))
                .toList();
    }

    private void group(String access) {
        List<String> all = inTime(access);
        if (all.size() < 2 || isTaken(all)) return;
        for (int i = 0; i + 1 < all.size(); )
            if (isTaken(List.of(all.get(i), all.get(i + 1)))) all.remove(i + 1);
            else i++;
    }

    /** As they are opened in the plan; what is open already comes first, and what has no place last. */
    private List<String> inTime(String access) {
        Plan plan = outcome.plan();
        return free(access).stream()
                .sorted(Comparator.comparing((StripDown o) -> o.strip().isEmpty()
                        ? problem.now()
                        : plan.of(o.strip().get()).map(Plan.Scheduled::start).orElse(problem.horizon())))
                .map(StripDown::id)
                .collect(Collectors.toCollection(ArrayList::new));
    }

    /** Makes them one, where that is better. */
    private boolean isTaken(List<String> stripDowns) {
        return isTaken(Joining.join(problem, stripDowns));
    }

    private boolean isTaken(PlanProblem joined) {
        if (joined.stripDowns().size() == problem.stripDowns().size()) return false;
        if (keepingTooManyOpen(joined) > keepingTooManyOpen(problem)) return false;
        if (!jobsApart(joined).equals(jobsApart(problem))) return false;
        if (--trials < 0) return false;
        PlanOutcome planned = planner.next(joined, trial);
        Worth then = Worth.of(joined, planned);
        if (then.compareTo(worth) >= 0) return false;
        problem = joined;
        outcome = planned;
        worth = then;
        return true;
    }

    /** A strip-down that is shared keeps all its pieces of work open; where the policy allows few, few share one. */
    private static long keepingTooManyOpen(PlanProblem of) {
        OptionalInt most = of.policy().mostOpen();
        if (most.isEmpty()) return 0;
        return of.stripDowns().stream()
                .filter(o -> of.pieces().stream()
                                .filter(p -> !Collections.disjoint(p.left(), o.jobs()))
                                .count()
                        > most.getAsInt())
                .count();
    }

    /** By strip-down that a person wants by itself: its jobs. What joins it takes it from him as well as what it joins. */
    private Map<String, Set<ActivityId>> jobsApart(PlanProblem of) {
        return of.stripDowns().stream()
                .filter(o -> apart.contains(o.id()))
                .collect(Collectors.toMap(StripDown::id, o -> Set.copyOf(o.jobs())));
    }

    /** Before what all its jobs wait for nothing is gained by opening, unless it is the only time that there is. */
    private void openLate() {
        PlanProblem late = openedLate(problem);
        outcome = planner.next(late, trial);
        boolean isLost = late != problem
                && !(outcome instanceof PlanOutcome.Planned)
                && planner.next(problem, SURE) instanceof PlanOutcome.Planned;
        if (isLost) outcome = planner.next(problem, trial);
        else problem = late;
    }

    private static PlanProblem openedLate(PlanProblem grouped) {
        Precedence<ActivityId> order = new Precedence<>(grouped.links().stream()
                .map(l -> new Precedence.Link<>(l.before(), l.after()))
                .toList());
        Set<Link> links = new LinkedHashSet<>(grouped.links());
        for (StripDown o : grouped.stripDowns())
            o.strip()
                    .ifPresent(strip -> order.beforeAll(o.jobs())
                            .forEach(before -> links.add(new Link(before, strip, Duration.ZERO))));
        return links.size() == grouped.links().size()
                ? grouped
                : grouped.withStripDowns(
                        grouped.activities(), List.copyOf(links), grouped.stripDowns(), grouped.exclusions());
    }
}
