package ofisino.core.plan.schedule;

import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.plan.calendar.TimeWindow;
import ofisino.core.plan.job.Precedence;
import ofisino.core.plan.schedule.Plan.Scheduled;

/**
 * Serial schedule generation: places one activity after the other, each at the earliest slot that breaks no rule, filling gaps.
 *
 * <p>Source of the method: Kolisch, EJOR 90 (1996) 320-333. It keeps the rules on windows, one thing at a time, work in one go, nothing
 * laid aside, links with lags, arrivals, capacities and fixed starts. Openings, exclusive states and the purse are refused, not ignored.
 * Deterministic. O(activities × slots of the horizon) at worst.
 */
public final class SerialPass {
    private final PlanProblem problem;
    private final SlotAxis axis;
    private final Garage garage;
    private final Map<ActivityId, List<PlanProblem.Link>> linksTo = new HashMap<>();
    private final Map<ActivityId, Activity> byId = new HashMap<>();
    private final Map<ActivityId, Scheduled> placed = new LinkedHashMap<>();
    private final List<PlanOutcome.Unplaced> unplaced = new ArrayList<>();

    private SerialPass(PlanProblem problem) {
        this.problem = problem;
        this.axis = SlotAxis.of(problem);
        this.garage = new Garage(problem, axis);
        for (Activity a : problem.activities()) byId.put(a.id(), a);
        for (PlanProblem.Link link : problem.links())
            linksTo.computeIfAbsent(link.after(), x -> new ArrayList<>()).add(link);
    }

    /** Plans in the order of {@link PriorityList}. */
    public static PlanOutcome plan(PlanProblem problem) {
        Optional<List<ActivityId>> circle = circleIn(problem);
        if (circle.isPresent()) return new PlanOutcome.Circular(circle.get());
        return plan(problem, new PriorityList(problem).order());
    }

    /**
     * Plans in the order given.
     *
     * @param order every activity once, none before what it follows
     * @throws InvalidValue when the order is no such list, or the problem has parts that this pass does not solve
     */
    public static PlanOutcome plan(PlanProblem problem, List<Activity> order) {
        if (!problem.openings().isEmpty()
                || !problem.exclusions().isEmpty()
                || problem.purse().isPresent())
            throw new InvalidValue(
                    "plan.unsupported", "Ways in, exclusive states and the purse are not planned yet. Leave them out.");
        if (order.size() != problem.activities().size() || !new HashSet<>(order).containsAll(problem.activities()))
            throw new InvalidValue("plan.order", "The order must name every activity once.");
        var pass = new SerialPass(problem);
        order.stream().filter(a -> a.timing().fixedStart().isPresent()).forEach(pass::placeFixed);
        order.stream().filter(a -> a.timing().fixedStart().isEmpty()).forEach(pass::place);
        pass.checkFixed();
        var plan = new Plan(pass.placed);
        return pass.unplaced.isEmpty()
                ? new PlanOutcome.Planned(plan)
                : new PlanOutcome.Infeasible(plan, pass.unplaced);
    }

    private static Optional<List<ActivityId>> circleIn(PlanProblem problem) {
        return Precedence.circleIn(problem.links().stream()
                .map(l -> new Precedence.Link<>(l.before(), l.after()))
                .toList());
    }

    /** Where the crew could work from a given first slot on: the slots, or what forbids it. */
    private record Trial(List<Integer> slots, Optional<Limit> limit) {
        static Trial fails(Limit.Kind kind, String id, Instant until) {
            return new Trial(List.of(), Optional.of(new Limit(kind, id, until)));
        }
    }

    private record Choice(List<String> crew, List<Integer> slots) {}

    private void place(Activity activity) {
        if (linksTo(activity).stream().anyMatch(link -> !placed.containsKey(link.before()))) {
            ActivityId missing = linksTo(activity).stream()
                    .map(PlanProblem.Link::before)
                    .filter(b -> !placed.containsKey(b))
                    .findFirst()
                    .orElseThrow();
            unplaced.add(new PlanOutcome.Unplaced(
                    activity.id(), new Limit(Limit.Kind.AFTER, missing.value(), problem.horizon())));
            return;
        }
        int earliest = Math.max(
                0,
                startLimits(activity).stream()
                        .mapToInt(l -> axis.atOrAfter(l.until()))
                        .max()
                        .orElse(0));
        if (activity.workSlots() == 0) {
            Limit binding = binding(startLimits(activity)).get(0);
            if (binding.until().isAfter(problem.horizon()))
                unplaced.add(new PlanOutcome.Unplaced(activity.id(), binding));
            else keep(activity, List.of(), List.of(), earliest, List.of());
            return;
        }
        Choice best = null;
        for (List<String> crew : crews(activity.crew())) {
            List<Integer> slots = earliestSlots(activity, crew, earliest);
            if (!slots.isEmpty() && (best == null || lastOf(slots) < lastOf(best.slots())))
                best = new Choice(crew, slots);
        }
        if (best == null) {
            List<String> names = activity.crew().candidates();
            Limit limit = names.isEmpty()
                    ? new Limit(Limit.Kind.RESOURCE_FULL, "", problem.horizon())
                    : new Limit(
                            activity.timing().inOneGo() ? Limit.Kind.TOO_SHORT : Limit.Kind.NO_TIME,
                            names.get(0),
                            problem.horizon());
            unplaced.add(new PlanOutcome.Unplaced(activity.id(), limit));
            return;
        }
        keep(
                activity,
                best.crew(),
                best.slots(),
                best.slots().get(0),
                reasons(activity, best.crew(), best.slots().get(0)));
    }

    private void placeFixed(Activity activity) {
        Instant fixed = activity.timing().fixedStart().orElseThrow();
        int start = axis.atOrAfter(fixed);
        List<Limit> reason = List.of(new Limit(Limit.Kind.FIXED, "", fixed));
        if (start < 0 || start >= axis.slots()) {
            unplaced.add(new PlanOutcome.Unplaced(activity.id(), new Limit(Limit.Kind.NOW, "", problem.now())));
            return;
        }
        if (activity.workSlots() == 0) {
            keep(activity, List.of(), List.of(), start, reason);
            return;
        }
        Trial last = Trial.fails(Limit.Kind.NO_TIME, "", fixed);
        for (List<String> crew : crews(activity.crew())) {
            last = tryFrom(activity, crew, start);
            if (last.limit().isEmpty()) {
                keep(activity, crew, last.slots(), start, reason);
                return;
            }
        }
        unplaced.add(new PlanOutcome.Unplaced(activity.id(), last.limit().orElseThrow()));
    }

    private void checkFixed() {
        for (Activity activity : problem.activities()) {
            if (activity.timing().fixedStart().isEmpty() || !placed.containsKey(activity.id())) continue;
            Instant fixed = activity.timing().fixedStart().get();
            startLimits(activity).stream()
                    .filter(l -> l.until().isAfter(fixed) && l.namesActivity())
                    .findFirst()
                    .ifPresent(l -> unplaced.add(new PlanOutcome.Unplaced(activity.id(), l)));
        }
        for (Activity activity : problem.activities())
            activity.timing()
                    .deadline()
                    .filter(d -> placed.containsKey(activity.id())
                            && placed.get(activity.id()).end().isAfter(d))
                    .ifPresent(d -> unplaced.add(new PlanOutcome.Unplaced(
                            activity.id(),
                            new Limit(Limit.Kind.FIXED, activity.id().value(), d))));
    }

    private List<PlanProblem.Link> linksTo(Activity activity) {
        return linksTo.getOrDefault(activity.id(), List.of());
    }

    /** Everything but people and room that keeps the activity from starting sooner, each with the instant from which it no longer does. */
    private List<Limit> startLimits(Activity activity) {
        List<Limit> limits = new ArrayList<>();
        limits.add(new Limit(Limit.Kind.NOW, "", problem.now()));
        activity.timing()
                .notBefore()
                .ifPresent(t -> limits.add(
                        new Limit(Limit.Kind.NOT_BEFORE, activity.id().value(), t)));
        for (PlanProblem.Link link : linksTo(activity)) {
            Scheduled before = placed.get(link.before());
            if (before == null) continue;
            var kind = byId.get(link.before()).kind() == Activity.Kind.ORDER ? Limit.Kind.ARRIVAL : Limit.Kind.AFTER;
            limits.add(new Limit(kind, link.before().value(), before.end().plus(link.lag())));
        }
        return limits;
    }

    private List<Integer> earliestSlots(Activity activity, List<String> crew, int earliest) {
        for (int start = garage.nextIn(crew, earliest); start < axis.slots(); start = garage.nextIn(crew, start + 1)) {
            if (!garage.allFree(crew, start)) continue;
            Trial trial = tryFrom(activity, crew, start);
            if (trial.limit().isEmpty()) return trial.slots();
        }
        return List.of();
    }

    private Trial tryFrom(Activity activity, List<String> crew, int start) {
        Optional<Limit> atStart = blocked(activity, crew, start);
        if (atStart.isPresent()) return new Trial(List.of(), atStart);
        List<Integer> slots = new ArrayList<>();
        boolean placeIsHeld = activity.demand().holdsPlaceWhileBegun();
        for (int slot = start; slot < axis.slots(); slot = placeIsHeld ? slot + 1 : garage.nextIn(crew, slot + 1)) {
            Optional<Limit> blocked = blocked(activity, crew, slot);
            if (blocked.isEmpty()) {
                slots.add(slot);
                if (slots.size() == activity.workSlots()) return waitFits(activity, slots);
                if (activity.timing().inOneGo() && slot + 1 < axis.slots() && !goesOn(activity, crew, slot))
                    return Trial.fails(Limit.Kind.TOO_SHORT, activity.id().value(), axis.at(slot + 1));
                continue;
            }
            Optional<Activity> laidAsideFor = laidAsideFor(activity, crew, start, slot);
            if (laidAsideFor.isPresent())
                return Trial.fails(
                        Limit.Kind.LAID_ASIDE, laidAsideFor.get().id().value(), axis.at(slot + 1));
            if (placeIsHeld && garage.full(activity, slot, true).isPresent()) return new Trial(List.of(), blocked);
        }
        return Trial.fails(Limit.Kind.NO_TIME, crew.isEmpty() ? "" : crew.get(0), problem.horizon());
    }

    private boolean goesOn(Activity activity, List<String> crew, int slot) {
        return blocked(activity, crew, slot + 1).isEmpty() && garage.sameWindow(crew, slot, slot + 1);
    }

    private Trial waitFits(Activity activity, List<Integer> slots) {
        int last = lastOf(slots);
        if (activity.demand().holdsPlaceWhileWaiting())
            for (int slot = last + 1; slot < Math.min(waitEnd(activity, last), axis.slots()); slot++) {
                Optional<String> full = garage.full(activity, slot, true);
                if (full.isPresent()) return Trial.fails(Limit.Kind.PLACE_FULL, full.get(), axis.at(slot + 1));
            }
        return new Trial(slots, Optional.empty());
    }

    private Optional<Limit> blocked(Activity activity, List<String> crew, int slot) {
        if (!garage.allIn(crew, slot))
            return Optional.of(new Limit(Limit.Kind.NO_TIME, garage.whoIsOut(crew, slot), axis.at(slot + 1)));
        List<Activity> others = garage.workOf(crew, slot);
        if (!others.isEmpty())
            return Optional.of(new Limit(Limit.Kind.BUSY, others.get(0).id().value(), axis.at(slot + 1)));
        return garage.full(activity, slot, false)
                .map(what -> new Limit(
                        activity.demand().place().filter(what::equals).isPresent()
                                ? Limit.Kind.PLACE_FULL
                                : Limit.Kind.RESOURCE_FULL,
                        what,
                        axis.at(slot + 1)));
    }

    /** Rule "not shelved": work begun later, without a fixed start, that would take a slot in which this activity could go on. */
    private Optional<Activity> laidAsideFor(Activity activity, List<String> crew, int start, int slot) {
        if (!garage.allIn(crew, slot) || garage.full(activity, slot, false).isPresent()) return Optional.empty();
        List<Activity> others = garage.workOf(crew, slot);
        boolean allBegunLater = others.stream()
                .allMatch(o -> garage.beginOf(o.id()) > start
                        && o.timing().fixedStart().isEmpty());
        return allBegunLater ? others.stream().findFirst() : Optional.empty();
    }

    /** What forbids the slot before, among those in which the crew is in the garage; with none such, that nobody was there. */
    private List<Limit> reasons(Activity activity, List<String> crew, int start) {
        int before = start - 1;
        while (before >= 0 && !garage.allIn(crew, before)) before--;
        if (before < 0) {
            List<Limit> past = startLimits(activity).stream()
                    .filter(l -> l.kind() != Limit.Kind.NOW && axis.atOrAfter(l.until()) > 0)
                    .toList();
            if (start > 0 && !crew.isEmpty())
                return List.of(new Limit(Limit.Kind.NO_TIME, garage.whoIsOut(crew, start - 1), axis.at(start)));
            return past.isEmpty() ? List.of(new Limit(Limit.Kind.NOW, "", problem.now())) : past;
        }
        int slot = before;
        List<Limit> limits = startLimits(activity).stream()
                .filter(l -> axis.atOrAfter(l.until()) > slot)
                .toList();
        if (!limits.isEmpty()) return limits;
        return tryFrom(activity, crew, before)
                .limit()
                .map(List::of)
                .orElseThrow(() -> new IllegalStateException(
                        "%s could start a slot earlier than placed".formatted(activity.id())));
    }

    private void keep(Activity activity, List<String> crew, List<Integer> slots, int start, List<Limit> reasons) {
        int last = slots.isEmpty() ? start - 1 : lastOf(slots);
        garage.take(activity, crew, slots, waitEnd(activity, last));
        Instant begins = slots.isEmpty() ? laterOf(axis.at(start), startLimits(activity)) : axis.at(start);
        Instant ends = (slots.isEmpty() ? begins : axis.at(last + 1))
                .plus(activity.timing().waitAfter());
        List<Limit> why = reasons.isEmpty() ? binding(startLimits(activity)) : reasons;
        placed.put(activity.id(), new Scheduled(activity.id(), stays(slots), crew, begins, ends, why));
    }

    /** Without work an activity starts on the instant, not on a slot. */
    private static Instant laterOf(Instant slot, List<Limit> limits) {
        return limits.stream().map(Limit::until).max(Instant::compareTo).orElse(slot);
    }

    private static List<Limit> binding(List<Limit> limits) {
        Instant latest =
                limits.stream().map(Limit::until).max(Instant::compareTo).orElseThrow();
        return limits.stream().filter(l -> l.until().equals(latest)).toList();
    }

    private int waitEnd(Activity activity, int last) {
        return last + 1 + (int) (activity.timing().waitAfter().toMinutes() + 14) / 15;
    }

    private List<TimeWindow> stays(List<Integer> slots) {
        List<TimeWindow> stays = new ArrayList<>();
        for (int i = 0; i < slots.size(); ) {
            int from = i;
            while (i + 1 < slots.size() && slots.get(i + 1) == slots.get(i) + 1) i++;
            stays.add(new TimeWindow(axis.at(slots.get(from)), axis.at(slots.get(i) + 1)));
            i++;
        }
        return stays;
    }

    private static int lastOf(List<Integer> slots) {
        return slots.get(slots.size() - 1);
    }

    /** All choices of {@code size} people among the candidates, in their order. */
    private static List<List<String>> crews(Activity.Crew crew) {
        List<List<String>> found = new ArrayList<>(List.of(List.of()));
        Set<List<String>> full = new java.util.LinkedHashSet<>();
        for (String candidate : crew.candidates()) {
            for (List<String> some : List.copyOf(found)) {
                if (some.size() >= crew.size()) continue;
                List<String> more = new ArrayList<>(some);
                more.add(candidate);
                found.add(List.copyOf(more));
            }
        }
        found.stream().filter(c -> c.size() == crew.size()).forEach(full::add);
        return List.copyOf(full);
    }
}
