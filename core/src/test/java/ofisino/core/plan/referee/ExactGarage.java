package ofisino.core.plan.referee;

import com.google.ortools.Loader;
import com.google.ortools.sat.BoolVar;
import com.google.ortools.sat.CpModel;
import com.google.ortools.sat.CpSolver;
import com.google.ortools.sat.CpSolverStatus;
import com.google.ortools.sat.IntVar;
import com.google.ortools.sat.LinearExpr;
import com.google.ortools.sat.LinearExprBuilder;
import com.google.ortools.sat.Literal;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import ofisino.core.plan.problem.Activity;
import ofisino.core.plan.problem.ActivityId;
import ofisino.core.plan.problem.NeededFor;
import ofisino.core.plan.problem.PlanProblem;
import ofisino.core.plan.problem.Shelf;

/**
 * The whole problem of a small garage, stated once more as equations and solved exactly by a constraint solver (OR-Tools CP-SAT 9.15). It shares
 * nothing with the planner but the statement. Times are in quarters of an hour from now.
 */
final class ExactGarage {
    private final CpModel model = new CpModel();
    private final PlanProblem problem;
    private final Map<ActivityId, Work> works = new HashMap<>();
    private final List<Work> all = new ArrayList<>();
    private final Quarters time;
    private final int[] live;
    private final int horizon;

    /** What the solver decides about one activity. */
    private final class Work {
        final Activity activity;
        final IntVar start;
        final IntVar end;
        BoolVar[] at = {};
        BoolVar[] begun = {};
        BoolVar[] left = {};
        /** By person; absent where he may not. */
        final Map<String, BoolVar> assigned = new HashMap<>();

        final Map<String, BoolVar[]> atOf = new HashMap<>();
        BoolVar[] holds = {};

        Work(Activity activity) {
            this.activity = activity;
            start = model.newIntVar(0, horizon, "start " + activity.id());
            end = model.newIntVar(0, horizon + 2000L, "end " + activity.id());
        }

        int waits() {
            return Quarters.of(activity.timing().waitAfter());
        }

        boolean isFixed() {
            return activity.timing().fixedStart().isPresent();
        }
    }

    /** @param days from the first day to the one on which each milestone is reached */
    record Answer(boolean feasible, int[] days) {}

    static Answer solve(PlanProblem problem) {
        Loader.loadNativeLibraries();
        return new ExactGarage(problem).answer();
    }

    private ExactGarage(PlanProblem problem) {
        this.problem = problem;
        this.time = new Quarters(problem);
        this.horizon = time.slot(problem.horizon());
        this.live = time.live();
        for (Activity a : problem.activities()) {
            var work = new Work(a);
            works.put(a.id(), work);
            all.add(work);
        }
        all.forEach(this::state);
        statePeople();
        statePlaces();
        stateResources();
        stateOrder();
        problem.shelf().ifPresent(this::stateShelf);
        all.forEach(this::notLaidAside);
        statePurse();
    }

    private static LinearExprBuilder sum() {
        return LinearExpr.newBuilder();
    }

    private BoolVar[] flags(String name) {
        return IntStream.range(0, live.length)
                .mapToObj(t -> model.newBoolVar(name + t))
                .toArray(BoolVar[]::new);
    }

    private void state(Work w) {
        Activity.Timing timing = w.activity.timing();
        timing.notBefore().ifPresent(i -> model.addGreaterOrEqual(w.start, time.slot(i)));
        timing.fixedStart().ifPresent(i -> model.addEquality(w.start, time.slot(i)));
        timing.deadline().ifPresent(i -> model.addLessOrEqual(w.end, time.slot(i)));
        if (w.activity.workSlots() == 0) {
            endWithoutWork(w);
            return;
        }
        String id = w.activity.id().value();
        w.at = flags("at " + id);
        w.begun = flags("begun " + id);
        w.left = flags("left " + id);
        int n = live.length;
        model.addEquality(LinearExpr.sum(w.at), w.activity.workSlots());
        LinearExprBuilder first = sum();
        LinearExprBuilder last = sum();
        for (int t = 0; t < n; t++) {
            model.addMaxEquality(
                    w.begun[t], t == 0 ? new Literal[] {w.at[0]} : new Literal[] {w.at[t], w.begun[t - 1]});
            model.addMaxEquality(
                    w.left[t], t == n - 1 ? new Literal[] {w.at[t]} : new Literal[] {w.at[t], w.left[t + 1]});
            first.addTerm(w.begun[t], live[t] - (t + 1 < n ? live[t + 1] : 0));
            last.addTerm(w.left[t], live[t] - (t > 0 ? live[t - 1] : -1));
        }
        model.addEquality(w.start, first); // telescopes to the slot of the first work
        model.addEquality(w.end, last.add(w.waits()));
        if (timing.inOneGo()) model.addEquality(w.end, sum().add(w.start).add(w.activity.workSlots() + w.waits()));
    }

    /** Given away and fetched while the door is open: every start has its end. */
    private void endWithoutWork(Work w) {
        if (w.activity.timing().open().isEmpty()) {
            model.addEquality(w.end, sum().add(w.start).add(w.waits()));
            return;
        }
        var table = model.addAllowedAssignments(new IntVar[] {w.start, w.end});
        for (int start = 0; start <= horizon; start++) {
            if (!time.isOpen(w.activity, start)) continue;
            int end = start + w.waits();
            while (end < horizon + 2000 && !time.isOpen(w.activity, end)) end++;
            table.addTuple(new int[] {start, end});
        }
    }

    private void stateResources() {
        for (PlanProblem.Capacity resource : problem.resources())
            for (int t = 0; t < live.length; t++) {
                LinearExprBuilder used = sum();
                for (Work w : all)
                    if (w.activity.demand().resources().containsKey(resource.id()))
                        used.addTerm(w.at[t], w.activity.demand().resources().get(resource.id()));
                model.addLessOrEqual(used, Math.max(0, time.left(resource, live[t])));
            }
    }

    private void statePeople() {
        Map<String, List<BoolVar[]>> ofPerson = new HashMap<>();
        for (Work w : all) {
            if (w.activity.workSlots() == 0) continue;
            Activity.Crew crew = w.activity.crew();
            for (String p : crew.candidates()) {
                BoolVar assigned = model.newBoolVar("assigned " + p);
                w.assigned.put(p, assigned);
                BoolVar[] atOf = flags("at of " + p);
                for (int t = 0; t < live.length; t++) {
                    model.addBoolAnd(new Literal[] {w.at[t], assigned}).onlyEnforceIf(atOf[t]);
                    model.addBoolOr(new Literal[] {w.at[t].not(), assigned.not(), atOf[t]});
                    if (!time.isIn(p, live[t])) model.addEquality(atOf[t], 0);
                }
                w.atOf.put(p, atOf);
                ofPerson.computeIfAbsent(p, x -> new ArrayList<>()).add(atOf);
            }
            model.addEquality(LinearExpr.sum(w.assigned.values().toArray(BoolVar[]::new)), crew.size());
        }
        for (List<BoolVar[]> mine : ofPerson.values())
            for (int t = 0; t < live.length; t++) {
                int at = t;
                model.addLessOrEqual(
                        LinearExpr.sum(mine.stream().map(f -> f[at]).toArray(BoolVar[]::new)), 1);
            }
    }

    private void statePlaces() {
        for (PlanProblem.Capacity place : problem.places()) {
            List<Work> here = all.stream()
                    .filter(w -> w.activity
                            .demand()
                            .place()
                            .filter(place.id()::equals)
                            .isPresent())
                    .toList();
            for (Work w : here) {
                w.holds = flags("holds " + w.activity.id());
                Activity.Demand demand = w.activity.demand();
                for (int t = 0; t < live.length; t++) {
                    model.addImplication(w.at[t], w.holds[t]);
                    if (demand.holdsPlaceWhileBegun())
                        model.addBoolOr(new Literal[] {w.begun[t].not(), w.left[t].not(), w.holds[t]});
                    if (demand.holdsPlaceWhileWaiting())
                        for (int end = 0; end < t; end++)
                            if (live[t] < live[end] + 1 + w.waits()) // the last work was at `end`
                            model.addBoolOr(new Literal[] {w.left[end].not(), w.left[end + 1], w.holds[t]});
                }
            }
            for (int t = 0; t < live.length; t++) {
                int at = t;
                model.addLessOrEqual(
                        LinearExpr.sum(here.stream().map(w -> w.holds[at]).toArray(BoolVar[]::new)),
                        Math.max(0, time.left(place, live[at])));
            }
        }
    }

    private void after(ActivityId before, ActivityId after, int lag) {
        model.addGreaterOrEqual(
                works.get(after).start, sum().add(works.get(before).end).add(lag));
    }

    private void stateOrder() {
        for (PlanProblem.Link l : problem.links()) after(l.before(), l.after(), Quarters.of(l.lag()));
        Map<String, PlanProblem.StripDown> stripDowns = new HashMap<>();
        for (PlanProblem.StripDown o : problem.stripDowns()) {
            stripDowns.put(o.id(), o);
            for (ActivityId job : o.jobs()) {
                after(o.strip().orElseThrow(), job, 0);
                after(job, o.refit(), 0);
            }
            after(o.strip().orElseThrow(), o.refit(), 0);
        }
        for (PlanProblem.StripDown o : problem.stripDowns()) {
            for (String outer : o.inside()) {
                after(stripDowns.get(outer).strip().orElseThrow(), o.strip().orElseThrow(), 0);
                after(o.refit(), stripDowns.get(outer).refit(), 0);
            }
            for (PlanProblem.StripDown other : problem.stripDowns())
                if (other.id().compareTo(o.id()) > 0 && other.access().equals(o.access()))
                    apart(startOf(o), endOf(o), startOf(other), endOf(other));
        }
        for (PlanProblem.Exclusion e : problem.exclusions())
            for (Work w : all)
                if (w.activity.states().contains(e.state())) {
                    PlanProblem.StripDown o = stripDowns.get(e.activityOrStripDown());
                    apart(w.start, w.end, startOf(o), endOf(o));
                }
    }

    private void stateShelf(Shelf shelf) {
        var lies = model.addCumulative(shelf.room());
        for (PlanProblem.StripDown o : problem.stripDowns()) {
            IntVar size = model.newIntVar(0, horizon + 2000L, "open " + o.id());
            lies.addDemand(
                    model.newIntervalVar(startOf(o), size, endOf(o), "lies " + o.id()), shelf.takenBy(o.access()));
        }
    }

    private IntVar startOf(PlanProblem.StripDown o) {
        return works.get(o.strip().orElseThrow()).start;
    }

    private IntVar endOf(PlanProblem.StripDown o) {
        return works.get(o.refit()).end;
    }

    private void apart(IntVar start, IntVar end, IntVar otherStart, IntVar otherEnd) {
        BoolVar first = model.newBoolVar("first");
        model.addLessOrEqual(end, otherStart).onlyEnforceIf(first);
        model.addLessOrEqual(otherEnd, start).onlyEnforceIf(first.not());
    }

    /** Somebody who has begun it works on what he begins later only where it cannot go on. */
    private void notLaidAside(Work a) {
        if (a.activity.workSlots() < 2) return;
        for (Work b : all) {
            if (a == b || b.activity.workSlots() == 0 || b.isFixed()) continue;
            BoolVar later = model.newBoolVar("later");
            model.addGreaterThan(b.start, a.start).onlyEnforceIf(later);
            model.addLessOrEqual(b.start, a.start).onlyEnforceIf(later.not());
            for (String p : a.assigned.keySet()) {
                if (!b.assigned.containsKey(p)) continue;
                for (int t = 1; t + 1 < live.length; t++) {
                    Optional<List<Literal>> excuses = excuses(a, p, t);
                    if (excuses.isEmpty()) continue;
                    List<Literal> either = new ArrayList<>(excuses.get());
                    either.addAll(List.of(
                            b.atOf.get(p)[t].not(),
                            later.not(),
                            a.begun[t - 1].not(),
                            a.left[t + 1].not(),
                            a.assigned.get(p).not()));
                    model.addBoolOr(either.toArray(Literal[]::new));
                }
            }
        }
    }

    /** What would excuse it: others hold its place, or somebody else of its crew is at something that he began sooner. Empty when one is out. */
    private Optional<List<Literal>> excuses(Work a, String person, int t) {
        if (cannotBeDoneAt(a, t)) return Optional.empty();
        List<Literal> found = new ArrayList<>();
        if (a.holds.length > 0)
            for (Work other : all) if (other != a && other.holds.length > 0) found.add(other.holds[t]);
        if (a.activity.crew().size() > 1)
            for (String other : a.assigned.keySet()) {
                if (other.equals(person)) continue;
                if (!time.isIn(other, live[t])) return Optional.empty();
                for (Work d : all)
                    if (d != a && d.atOf.containsKey(other)) {
                        BoolVar excuse = model.newBoolVar("excuse");
                        model.addImplication(excuse, d.atOf.get(other)[t]);
                        if (!d.isFixed()) model.addLessOrEqual(d.start, a.start).onlyEnforceIf(excuse);
                        found.add(excuse);
                    }
            }
        return Optional.of(found);
    }

    private boolean cannotBeDoneAt(Work a, int t) {
        Activity.Demand demand = a.activity.demand();
        return problem.places().stream()
                        .anyMatch(p -> demand.place().filter(p.id()::equals).isPresent() && time.left(p, live[t]) < 1)
                || problem.resources().stream()
                        .anyMatch(r -> demand.resources().getOrDefault(r.id(), 0) > time.left(r, live[t]));
    }

    private void statePurse() {
        if (problem.purse().isEmpty()) return;
        PlanProblem.Purse purse = problem.purse().get();
        var first = problem.now().atZone(problem.zone()).toLocalDate();
        int days = horizon / 96 + 3;
        for (int d = 0; d < days; d++) {
            var day = first.plusDays(d);
            long have = purse.openingMinor()
                    + purse.income().stream()
                            .filter(i -> !i.day().isAfter(day))
                            .mapToLong(PlanProblem.Purse.Income::minor)
                            .sum();
            LinearExprBuilder spent = sum();
            for (Work w : all)
                for (Activity.Due due : w.activity.dues()) {
                    BoolVar paid = model.newBoolVar("paid");
                    IntVar when = due.when() == Activity.Due.When.START ? w.start : w.end;
                    long nextDay = 96L * (d + 1) - time.dayShift();
                    if (d == days - 1) model.addEquality(paid, 1);
                    else {
                        model.addLessThan(when, nextDay).onlyEnforceIf(paid);
                        model.addGreaterOrEqual(when, nextDay).onlyEnforceIf(paid.not());
                    }
                    spent.addTerm(paid, due.minor());
                }
            model.addLessOrEqual(spent, have - purse.floorMinor());
        }
    }

    private Answer answer() {
        IntVar[] days = new IntVar[problem.milestones().size()];
        for (int m = 0; m < days.length; m++) {
            days[m] = model.newIntVar(0, horizon / 96 + 30L, "days");
            for (ActivityId id : new NeededFor(problem).aim(problem.milestones().get(m)))
                model.addLessOrEqual(
                        sum().add(works.get(id).end).add(time.dayShift() - 95L), LinearExpr.term(days[m], 96));
        }
        LinearExprBuilder goal = sum();
        for (int m = 0; m < days.length; m++) goal.addTerm(days[m], m == 0 ? 1000 : 1);
        model.minimize(goal);
        var solver = new CpSolver();
        solver.getParameters().setNumSearchWorkers(1).setRandomSeed(1).setMaxTimeInSeconds(60);
        CpSolverStatus status = solver.solve(model);
        if (status == CpSolverStatus.INFEASIBLE) return new Answer(false, new int[0]);
        if (status != CpSolverStatus.OPTIMAL) throw new IllegalStateException("The referee did not decide: " + status);
        return new Answer(
                true, Arrays.stream(days).mapToInt(d -> (int) solver.value(d)).toArray());
    }
}
