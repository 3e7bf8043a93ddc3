package ofisino.core.plan.solve;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.Deque;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import ofisino.core.plan.calendar.TimeWindow;
import ofisino.core.plan.problem.Activity;
import ofisino.core.plan.problem.ActivityId;
import ofisino.core.plan.problem.Plan;
import ofisino.core.plan.problem.Plan.Scheduled;
import ofisino.core.plan.problem.PlanOutcome;
import ofisino.core.plan.problem.PlanProblem;
import ofisino.core.plan.problem.PlanProblem.Exclusion;
import ofisino.core.plan.problem.PlanProblem.Link;
import ofisino.core.plan.problem.PlanProblem.StripDown;
import ofisino.core.plan.problem.Reason;

/**
 * What should follow within a time is placed as a whole: the two become one piece of work in one evening where they can, and two again in the plan.
 * Where they cannot, the plan is made without it, and {@link #loose} says which were torn apart and why.
 */
public final class Blocks {
    /** LooseBecause two are not one block. */
    public enum LooseBecause {
        /** Other people do the one than the other, or it takes another number of them. */
        PEOPLE,
        /** The first dries or waits before the second may begin. */
        DRIES,
        /** The two are done in different places. */
        PLACES,
        /** Together they are longer than any evening. */
        TOO_LONG,
        /** Something else comes between them, or one of them is begun or has a fixed time. */
        BETWEEN,
        /** Each has its access opened for itself, or the one needs the car in a state that the other excludes. */
        ACCESS,
        /** In no evening is there room for both. */
        NO_SESSION
    }

    /** @param gap from the end of the one to the start of the other in the plan; longer than {@code within} */
    public record Loose(ActivityId before, ActivityId after, Duration within, Duration gap, LooseBecause why) {}

    private final PlanProblem problem;
    private final Map<ActivityId, Activity> activities = new LinkedHashMap<>();
    private final Map<ActivityId, List<Activity>> parts = new LinkedHashMap<>();
    private final Map<ActivityId, ActivityId> blockOf = new LinkedHashMap<>();
    private final Map<Link, LooseBecause> apart = new LinkedHashMap<>();
    private final Map<Activity.Crew, Duration> longestWorkSession = new HashMap<>();
    private final PlanProblem folded;
    /** The problem in numbers, before anything was joined. */
    private Instance whole;

    Blocks(PlanProblem problem) {
        this(problem, new Setting(problem));
    }

    Blocks(PlanProblem problem, Setting setting) {
        this.problem = problem;
        if (problem.links().stream().anyMatch(l -> l.within().isPresent())) joinAll(setting);
        PlanProblem joined = parts.isEmpty() ? problem : joined();
        folded = joined.kept().map(k -> joined.keeping(fold(k))).orElse(joined);
    }

    private void joinAll(Setting setting) {
        try {
            whole = new Instance(problem, setting);
        } catch (Circle circle) {
            return; // the planner says so
        }
        for (Activity a : problem.activities()) activities.put(a.id(), a);
        for (Link link : problem.links()) if (link.within().isPresent()) join(link);
    }

    boolean isEmpty() {
        return parts.isEmpty();
    }

    /** The folded problem in numbers. @throws Circle when activities wait for one another */
    Instance instance(Setting setting) {
        return parts.isEmpty() && whole != null ? whole : new Instance(folded, setting);
    }

    /** The problem in which each block is one activity. */
    PlanProblem folded() {
        return folded;
    }

    /** What should have followed in time and does not. */
    public static List<Loose> loose(PlanProblem problem, Plan plan) {
        var blocks = new Blocks(problem);
        List<Loose> found = new ArrayList<>();
        for (Link link : problem.links()) {
            if (link.within().isEmpty()) continue;
            Optional<Duration> gap = plan.of(link.before())
                    .flatMap(b -> plan.of(link.after()).map(a -> Duration.between(b.end(), a.start())));
            gap.filter(g -> g.compareTo(link.within().get()) > 0)
                    .ifPresent(g -> found.add(new Loose(
                            link.before(),
                            link.after(),
                            link.within().get(),
                            g,
                            blocks.apart.getOrDefault(link, LooseBecause.NO_SESSION))));
        }
        return found;
    }

    private void join(Link link) {
        Activity before = activities.get(nameOf(link.before()));
        Activity after = activities.get(nameOf(link.after()));
        if (before.id().equals(after.id())) return;
        Optional<LooseBecause> why = whyNot(before, after, link);
        if (why.isEmpty() && comesBetween(before, after)) why = Optional.of(LooseBecause.BETWEEN);
        if (why.isEmpty()) accept(before, after);
        why.ifPresent(w -> apart.put(link, w));
    }

    /** Of the block that it is a part of, or its own. */
    private ActivityId nameOf(ActivityId id) {
        return blockOf.getOrDefault(id, id);
    }

    private Optional<LooseBecause> whyNot(Activity before, Activity after, Link link) {
        if (!before.crew().equals(after.crew())) return Optional.of(LooseBecause.PEOPLE);
        if (!before.timing().waitAfter().isZero() || !link.lag().isZero()) return Optional.of(LooseBecause.DRIES);
        Optional<String> one = before.demand().place();
        Optional<String> other = after.demand().place();
        if (one.isPresent() && other.isPresent() && !one.equals(other)) return Optional.of(LooseBecause.PLACES);
        if (before.workSlots() == 0
                || after.workSlots() == 0
                || after.begun()
                || after.timing().fixedStart().isPresent()) return Optional.of(LooseBecause.BETWEEN);
        if (areApart(before, after) || areApart(after, before)) return Optional.of(LooseBecause.ACCESS);
        Duration together = PlanProblem.SLOT.multipliedBy(before.workSlots() + after.workSlots());
        return longestWorkSession
                                .computeIfAbsent(before.crew(), this::longestWorkSession)
                                .compareTo(together)
                        < 0
                ? Optional.of(LooseBecause.TOO_LONG)
                : Optional.empty();
    }

    /** In strip-downs that may not overlap, or the one in a state that a strip-down of the other excludes. */
    private boolean areApart(Activity one, Activity other) {
        for (StripDown mine : problem.stripDowns()) {
            if (!isIn(mine, one)) continue;
            for (StripDown theirs : problem.stripDowns())
                if (!theirs.id().equals(mine.id()) && theirs.access().equals(mine.access()) && isIn(theirs, other))
                    return true;
            if (problem.exclusions().stream()
                    .anyMatch(e -> e.activityOrStripDown().equals(mine.id())
                            && other.states().contains(e.state()))) return true;
        }
        return false;
    }

    private boolean isIn(StripDown stripDown, Activity block) {
        return partsOf(block).stream().anyMatch(part -> stripDown.jobs().contains(part.id()));
    }

    /** In which so many of them are there at once. */
    private Duration longestWorkSession(Activity.Crew crew) {
        List<PlanProblem.Person> people = problem.people().stream()
                .filter(p -> crew.candidates().contains(p.id()))
                .toList();
        return people.stream()
                .flatMap(p -> p.windows().stream().map(w -> together(p, w, people, crew.size())))
                .max(Comparator.naturalOrder())
                .orElse(Duration.ZERO);
    }

    private static Duration together(
            PlanProblem.Person one, TimeWindow window, List<PlanProblem.Person> people, int size) {
        return Stream.concat(
                        Stream.of(Duration.between(window.from(), window.to())),
                        people.stream()
                                .filter(p -> !p.equals(one))
                                .map(p -> p.windows().stream()
                                        .map(w -> shared(w, window))
                                        .max(Comparator.naturalOrder())
                                        .orElse(Duration.ZERO)))
                .sorted(Comparator.reverseOrder())
                .skip(size - 1L)
                .findFirst()
                .orElse(Duration.ZERO);
    }

    private static Duration shared(TimeWindow a, TimeWindow b) {
        Instant from = a.from().isAfter(b.from()) ? a.from() : b.from();
        Instant to = a.to().isBefore(b.to()) ? a.to() : b.to();
        return from.isBefore(to) ? Duration.between(from, to) : Duration.ZERO;
    }

    /** Whether something has to be done after one of them and before one of them, blocks that are made already taken as one. */
    private boolean comesBetween(Activity before, Activity after) {
        Set<Integer> inside = new HashSet<>(indices(before));
        inside.addAll(indices(after));
        Set<Integer> seen = new HashSet<>();
        Deque<Integer> open = new ArrayDeque<>(inside);
        while (!open.isEmpty()) {
            int a = open.remove();
            for (Instance.Link next : whole.after[a]) {
                int b = next.other();
                if (inside.contains(b)) {
                    if (!inside.contains(a)) return true;
                } else if (seen.add(b)) {
                    for (int part : indicesOfBlock(b)) {
                        seen.add(part);
                        open.add(part);
                    }
                }
            }
        }
        return false;
    }

    private List<Integer> indices(Activity block) {
        return partsOf(block).stream().map(part -> whole.index.get(part.id())).toList();
    }

    private List<Integer> indicesOfBlock(int a) {
        ActivityId block = blockOf.get(whole.activity[a].id());
        return block == null
                ? List.of(a)
                : parts.get(block).stream()
                        .map(part -> whole.index.get(part.id()))
                        .toList();
    }

    private void accept(Activity before, Activity after) {
        List<Activity> all = new ArrayList<>(partsOf(before));
        all.addAll(partsOf(after));
        var id = new ActivityId(before.id().value() + "+" + after.id().value());
        for (Activity gone : List.of(before, after)) {
            parts.remove(gone.id());
            activities.remove(gone.id());
        }
        activities.put(id, Activity.joined(id, before, after));
        parts.put(id, all);
        all.forEach(part -> blockOf.put(part.id(), id));
    }

    private List<Activity> partsOf(Activity a) {
        return parts.getOrDefault(a.id(), List.of(a));
    }

    /** With each block as one activity, and what named a part naming its block. */
    private PlanProblem joined() {
        List<Link> links = problem.links().stream()
                .map(l -> new Link(nameOf(l.before()), nameOf(l.after()), l.lag(), l.within()))
                .filter(l -> !l.before().equals(l.after()))
                .toList();
        List<StripDown> stripDowns = problem.stripDowns().stream()
                .map(o -> new StripDown(
                        o.id(),
                        o.access(),
                        o.strip(),
                        o.refit(),
                        o.jobs().stream().map(this::nameOf).distinct().toList(),
                        o.inside()))
                .toList();
        List<Exclusion> exclusions = problem.exclusions().stream()
                .map(e -> new Exclusion(
                        nameOf(new ActivityId(e.activityOrStripDown())).value(), e.state()))
                .toList();
        return problem.withStripDowns(List.copyOf(activities.values()), links, stripDowns, exclusions);
    }

    Plan fold(Plan plan) {
        if (parts.isEmpty()) return plan;
        Map<ActivityId, Scheduled> found = new LinkedHashMap<>();
        for (Scheduled s : plan.activities().values()) {
            ActivityId block = blockOf.get(s.id());
            if (block == null) found.put(s.id(), s);
            else if (!found.containsKey(block)) whole(block, plan).ifPresent(w -> found.put(block, w));
        }
        return new Plan(found);
    }

    /** The parts of a block as one, where the plan has them all. */
    private Optional<Scheduled> whole(ActivityId block, Plan plan) {
        List<Scheduled> all =
                parts.get(block).stream().flatMap(p -> plan.of(p.id()).stream()).toList();
        if (all.size() < parts.get(block).size()) return Optional.empty();
        Scheduled first = all.get(0);
        Scheduled last = all.get(all.size() - 1);
        List<TimeWindow> stretches = new ArrayList<>();
        for (TimeWindow w : all.stream().flatMap(s -> s.stretches().stream()).toList()) {
            int end = stretches.size() - 1;
            if (end >= 0 && stretches.get(end).to().equals(w.from()))
                stretches.set(end, new TimeWindow(stretches.get(end).from(), w.to()));
            else stretches.add(w);
        }
        return Optional.of(new Scheduled(block, stretches, first.people(), first.start(), last.end(), first.reasons()));
    }

    PlanOutcome unfold(PlanOutcome outcome) {
        if (parts.isEmpty()) return outcome;
        if (outcome instanceof PlanOutcome.Planned p) return new PlanOutcome.Planned(unfold(p.plan()));
        if (outcome instanceof PlanOutcome.Infeasible i)
            return new PlanOutcome.Infeasible(
                    unfold(i.plan()),
                    i.unplaced().stream()
                            .flatMap(u -> names(u.id()).map(id -> new PlanOutcome.Unplaced(id, unfold(u.limit()))))
                            .toList());
        return new PlanOutcome.Circular(((PlanOutcome.Circular) outcome)
                .circle().stream().flatMap(this::names).toList());
    }

    private Stream<ActivityId> names(ActivityId id) {
        return parts.containsKey(id) ? parts.get(id).stream().map(Activity::id) : Stream.of(id);
    }

    private Plan unfold(Plan plan) {
        Map<ActivityId, Scheduled> found = new LinkedHashMap<>();
        for (Scheduled s : plan.activities().values()) {
            List<Reason> reasons = s.reasons().stream().map(this::unfold).toList();
            if (parts.containsKey(s.id())) cut(s, reasons, found);
            else found.put(s.id(), new Scheduled(s.id(), s.stretches(), s.people(), s.start(), s.end(), reasons));
        }
        return new Plan(found);
    }

    /** A block lies in one stretch: each part has its own piece of it. */
    private void cut(Scheduled block, List<Reason> reasons, Map<ActivityId, Scheduled> found) {
        Instant from = block.start();
        List<Reason> why = reasons;
        for (Activity part : parts.get(block.id())) {
            Instant to = from.plus(PlanProblem.SLOT.multipliedBy(part.workSlots()));
            Instant end = to.plus(part.timing().waitAfter());
            found.put(
                    part.id(),
                    new Scheduled(part.id(), List.of(new TimeWindow(from, to)), block.people(), from, end, why));
            why = List.of(new Reason(Reason.ReasonKind.AFTER, part.id().value(), to));
            from = to;
        }
    }

    /** What comes after a block comes after its last part; otherwise its first is meant. */
    private Reason unfold(Reason limit) {
        List<Activity> all = parts.get(new ActivityId(limit.id().isEmpty() ? "-" : limit.id()));
        if (all == null) return limit;
        boolean atEnd = limit.kind() == Reason.ReasonKind.AFTER || limit.kind() == Reason.ReasonKind.STATE;
        return new Reason(limit.kind(), all.get(atEnd ? all.size() - 1 : 0).id().value(), limit.until());
    }

    Map<ActivityId, Instant> unfold(Map<ActivityId, Instant> latestStarts) {
        if (parts.isEmpty()) return latestStarts;
        Map<ActivityId, Instant> found = new LinkedHashMap<>();
        latestStarts.forEach((id, latest) -> {
            Instant from = latest;
            for (Activity part : parts.containsKey(id) ? parts.get(id) : List.of(activities.get(id))) {
                found.put(part.id(), from);
                from = from.plus(PlanProblem.SLOT.multipliedBy(part.workSlots()));
            }
        });
        return found;
    }
}
