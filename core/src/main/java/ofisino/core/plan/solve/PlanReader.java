package ofisino.core.plan.solve;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import ofisino.core.plan.calendar.TimeWindow;
import ofisino.core.plan.problem.Activity;
import ofisino.core.plan.problem.ActivityId;
import ofisino.core.plan.problem.Plan;
import ofisino.core.plan.problem.Plan.Scheduled;
import ofisino.core.plan.problem.PlanOutcome;
import ofisino.core.plan.problem.PlanProblem;
import ofisino.core.plan.problem.Reason;

/** Reads a pass as a plan with its reasons, or as what could not be placed and why. */
final class PlanReader {
    private final ScheduleGeneration pass;
    private final Instance in;
    private final TimeGrid time;
    private final Reasons reasons;

    private PlanReader(ScheduleGeneration pass) {
        this.pass = pass;
        this.in = pass.in;
        this.time = in.time;
        this.reasons = new Reasons(pass);
    }

    static PlanOutcome of(ScheduleGeneration pass) {
        var reading = new PlanReader(pass);
        Plan plan = reading.plan();
        List<PlanOutcome.Unplaced> unplaced = reading.unplaced();
        return unplaced.isEmpty() ? new PlanOutcome.Planned(plan) : new PlanOutcome.Infeasible(plan, unplaced);
    }

    private Plan plan() {
        Map<ActivityId, Scheduled> found = new LinkedHashMap<>();
        for (int i = 0; i < pass.count; i++) {
            int a = pass.sequence[i];
            if (pass.clash[a]) continue;
            List<String> people = new ArrayList<>();
            if (pass.crew[a] >= 0)
                for (int p : in.crews[a][pass.crew[a]])
                    people.add(in.problem.people().get(p).id());
            found.put(
                    in.activity[a].id(),
                    new Scheduled(
                            in.activity[a].id(),
                            stretches(pass.slotsOf(a)),
                            people,
                            time.instantAt(pass.start[a]),
                            time.instantAt(pass.end[a]),
                            reasons.of(a)));
        }
        return new Plan(found);
    }

    private List<TimeWindow> stretches(int[] slots) {
        List<TimeWindow> stretches = new ArrayList<>();
        for (int i = 0; i < slots.length; i++) {
            int from = i;
            while (i + 1 < slots.length && time.slotOf[slots[i + 1]] == time.slotOf[slots[i]] + 1) i++;
            stretches.add(
                    new TimeWindow(time.instantAt(time.startOf(slots[from])), time.instantAt(time.endOf(slots[i]))));
        }
        return stretches;
    }

    private List<PlanOutcome.Unplaced> unplaced() {
        List<PlanOutcome.Unplaced> found = new ArrayList<>();
        for (int a : in.topological)
            if (!pass.placed[a]) found.add(unplaced(a, whyNowhere(a)));
            else if (pass.clash[a]) found.add(unplaced(a, clash(a)));
            else if (pass.missesDeadline(a))
                found.add(unplaced(a, reasons.limit(Reason.ReasonKind.FIXED, id(a), in.deadline[a])));
            else if (pass.misses(a)) found.add(unplaced(a, whyNotThen(a)));
        if (found.isEmpty() && pass.isOverdrawn() && in.size > 0)
            found.add(unplaced(firstThatCosts(), reasons.limit(Reason.ReasonKind.MONEY, "", time.horizon)));
        return found;
    }

    /** The purse is too small whatever is put off: what is fixed and costs is named, or else what costs, or else the first of all. */
    private int firstThatCosts() {
        int costs = in.topological[0];
        for (int a : in.topological) {
            if (in.activity[a].dues().isEmpty()) continue;
            if (in.isFixed(a)) return a;
            if (in.activity[costs].dues().isEmpty()) costs = a;
        }
        return costs;
    }

    private PlanOutcome.Unplaced unplaced(int a, Reason limit) {
        return new PlanOutcome.Unplaced(in.activity[a].id(), limit);
    }

    private Reason whyNowhere(int a) {
        for (Instance.Link l : in.before[a])
            if (!pass.placed[l.other()]) return reasons.limit(Reason.ReasonKind.AFTER, id(l.other()), time.horizon);
        if (in.isFixed(a))
            return reasons.limit(
                    in.fixed[a] < time.now ? Reason.ReasonKind.NOW : Reason.ReasonKind.FIXED,
                    "",
                    Math.max(in.fixed[a], time.now));
        for (int o : in.apartFromStripDown[a])
            if (!pass.placed[in.refit[o]]) return reasons.limit(Reason.ReasonKind.STATE, id(in.refit[o]), time.horizon);
        if (in.opens[a] != Instance.NONE)
            for (int other : in.sameWay[in.opens[a]])
                if (!pass.placed[in.refit[other]])
                    return reasons.limit(Reason.ReasonKind.OTHER_STAY, id(in.refit[other]), time.horizon);
        if (pass.shelf.isFullFor(a))
            return reasons.limit(
                    Reason.ReasonKind.SHELF_FULL,
                    pass.shelf.keptFullBy(a).map(this::id).orElse(""),
                    time.horizon);
        if (pass.earliestPlace.later(a, time.horizon, time.horizon) >= 0)
            return reasons.limit(Reason.ReasonKind.MONEY, "", time.horizon);
        List<Reason> limits = reasons.startLimits(a);
        Reason latest = limits.stream()
                .max(java.util.Comparator.comparing(Reason::until))
                .orElseThrow();
        if (in.work[a] == 0 || time.secondsAt(latest.until()) > time.horizon) return latest;
        return whatIsNeverThere(a).orElseGet(() -> whoHasTooLittleTime(a));
    }

    private Reason whoHasTooLittleTime(int a) {
        List<String> names = in.activity[a].crew().candidates();
        return names.isEmpty()
                ? reasons.limit(Reason.ReasonKind.RESOURCE_FULL, "", time.horizon)
                : reasons.limit(
                        in.inOneGo[a] ? Reason.ReasonKind.TOO_SHORT : Reason.ReasonKind.NO_TIME,
                        names.get(0),
                        time.horizon);
    }

    /** Somebody who has no time at all, or a place or thing that cannot be used at any time at which the crew are there. */
    private Optional<Reason> whatIsNeverThere(int a) {
        for (PlanProblem.Person p : in.problem.people())
            if (p.windows().isEmpty() && isMissed(a, p.id()))
                return Optional.of(reasons.limit(Reason.ReasonKind.NO_TIME, p.id(), time.horizon));
        if (in.place[a] >= 0 && !isEverLeft(a, in.place[a], 1))
            return Optional.of(reasons.limit(Reason.ReasonKind.PLACE_FULL, in.capacityId[in.place[a]], time.horizon));
        for (int r = 0; r < in.resources[a].length; r++)
            if (!isEverLeft(a, in.resources[a][r], in.amounts[a][r]))
                return Optional.of(reasons.limit(
                        Reason.ReasonKind.RESOURCE_FULL, in.capacityId[in.resources[a][r]], time.horizon));
        return Optional.empty();
    }

    /** Without him too few are left of those who can do it. */
    private boolean isMissed(int a, String person) {
        Activity.Crew crew = in.activity[a].crew();
        long there = in.problem.people().stream()
                .filter(p -> crew.candidates().contains(p.id()) && !p.windows().isEmpty())
                .count();
        return crew.candidates().contains(person) && there < crew.size();
    }

    private boolean isEverLeft(int a, int capacity, int units) {
        for (int[] crew : in.crews[a])
            for (int t = 0; t < time.live; t++)
                if (pass.shed.allIn(crew, t) && in.left(capacity, t) >= units) return true;
        return false;
    }

    private Reason whyNotThen(int a) {
        return reasons.startLimits(a).stream()
                .filter(l -> time.secondsAt(l.until()) > pass.start[a] && l.namesActivity())
                .findFirst()
                .orElseGet(() -> clash(a));
    }

    private Reason clash(int a) {
        for (int o : in.apartFromStripDown[a])
            if (pass.opened(o) < pass.end[a])
                return reasons.limit(Reason.ReasonKind.STATE, id(in.refit[o]), pass.start[a]);
        for (int b : in.apart[a])
            if (pass.placed[b] && pass.start[a] < pass.end[b] && pass.start[b] < pass.end[a])
                return reasons.limit(Reason.ReasonKind.STATE, id(b), pass.end[b]);
        return reasons.limit(Reason.ReasonKind.FIXED, "", pass.start[a]);
    }

    private String id(int a) {
        return in.activity[a].id().value();
    }
}
