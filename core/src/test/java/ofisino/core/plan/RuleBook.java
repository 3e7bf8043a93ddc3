package ofisino.core.plan;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import ofisino.core.plan.calendar.TimeWindow;
import ofisino.core.plan.problem.Activity;
import ofisino.core.plan.problem.ActivityId;
import ofisino.core.plan.problem.Plan;
import ofisino.core.plan.problem.Plan.Scheduled;
import ofisino.core.plan.problem.PlanProblem;
import ofisino.core.plan.problem.Shelf;

/**
 * The rules that no plan may break, read from the statement of the problem alone and checked slot by slot. It shares nothing with the
 * planner but the records, and is as slow as it is plain.
 */
public final class RuleBook {
    private static final Duration SLOT = Duration.ofMinutes(15);

    private final PlanProblem problem;
    private final Plan plan;
    private final Map<ActivityId, Activity> activities = new HashMap<>();
    private final List<String> breaches = new ArrayList<>();

    private RuleBook(PlanProblem problem, Plan plan) {
        this.problem = problem;
        this.plan = plan;
        problem.activities().forEach(a -> activities.put(a.id(), a));
    }

    /** What the plan breaks, in words; empty for a plan that keeps all rules. */
    public static List<String> breaches(PlanProblem problem, Plan plan) {
        var book = new RuleBook(problem, plan);
        plan.activities().values().forEach(book::checkAlone);
        problem.links().forEach(book::checkLink);
        book.checkPeople();
        problem.places().forEach(book::checkPlace);
        problem.resources().forEach(book::checkResource);
        problem.stripDowns().forEach(book::checkStripDown);
        problem.exclusions().forEach(book::checkExclusion);
        problem.shelf().ifPresent(book::checkShelf);
        book.checkPurse();
        return book.breaches;
    }

    private void checkAlone(Scheduled s) {
        Activity a = activities.get(s.id());
        long worked = slotsOf(s).size();
        if (worked != a.workSlots()) breach(s, "works %d slots instead of %d".formatted(worked, a.workSlots()));
        if (s.people().size() != (a.workSlots() == 0 ? 0 : a.crew().size())) breach(s, "has a crew of the wrong size");
        if (!a.crew().candidates().containsAll(s.people())) breach(s, "is done by somebody who may not");
        if (s.start().isBefore(problem.now())) breach(s, "starts in the past");
        a.timing().deadline().filter(s.end()::isAfter).ifPresent(t -> breach(s, "ends after its deadline"));
        a.timing().notBefore().filter(s.start()::isBefore).ifPresent(t -> breach(s, "starts before it may"));
        a.timing().fixedStart().filter(t -> !t.equals(s.start())).ifPresent(t -> breach(s, "leaves its fixed start"));
        if (a.timing().inOneGo() && s.stretches().size() > 1) breach(s, "is interrupted");
        if (s.reasons().isEmpty()) breach(s, "has no reason");
        Instant lastWork = s.stretches().isEmpty()
                ? s.start()
                : s.stretches().get(s.stretches().size() - 1).to();
        if (lastWork.isAfter(problem.horizon())) breach(s, "is not over by the horizon");
        if (!s.end().equals(openFrom(a, lastWork.plus(a.timing().waitAfter()))))
            breach(s, "does not end with its wait");
        if (!s.start().equals(openFrom(a, s.start()))) breach(s, "starts while the door is closed");
        for (String person : s.people())
            for (Instant slot : slotsOf(s))
                if (windowOf(person, slot).isEmpty()) breach(s, "works while " + person + " is out");
        if (a.timing().inOneGo())
            for (String person : s.people())
                if (slotsOf(s).stream()
                                .map(slot -> windowOf(person, slot))
                                .distinct()
                                .count()
                        > 1) breach(s, "reaches over two evenings of " + person);
    }

    /** The first second from then on at which somebody's door is open for it. */
    private static Instant openFrom(Activity a, Instant at) {
        if (a.timing().open().isEmpty()) return at;
        return a.timing().open().stream()
                .filter(w -> w.to().isAfter(at))
                .map(w -> w.from().isAfter(at) ? w.from() : at)
                .min(Instant::compareTo)
                .orElse(Instant.MAX);
    }

    private static long takenByOthers(PlanProblem.Capacity capacity, Instant slot) {
        return capacity.taken().stream()
                .filter(t -> t.when().from().isBefore(slot.plus(SLOT))
                        && slot.isBefore(t.when().to()))
                .mapToInt(PlanProblem.Capacity.Taken::units)
                .sum();
    }

    private void checkLink(PlanProblem.Link link) {
        Optional<Scheduled> before = plan.of(link.before());
        Optional<Scheduled> after = plan.of(link.after());
        if (after.isEmpty()) return;
        if (before.isEmpty()) breach(after.get(), "starts although " + link.before() + " never happens");
        else if (after.get().start().isBefore(before.get().end().plus(link.lag())))
            breach(after.get(), "starts before " + link.before() + " is complete");
    }

    /** One thing at a time, and nothing begun is laid aside for what is begun later while it could go on. */
    private void checkPeople() {
        for (PlanProblem.Person person : problem.people()) {
            List<Scheduled> mine = plan.activities().values().stream()
                    .filter(s -> s.people().contains(person.id()))
                    .toList();
            for (Scheduled a : mine)
                for (Scheduled b : mine) {
                    if (a == b) continue;
                    for (Instant slot : slotsOf(b)) {
                        if (slotsOf(a).contains(slot)) breach(a, "is done at the same time as " + b.id());
                        boolean begunEarlierAndNotDone = a.start().isBefore(b.start())
                                && a.start().isBefore(slot)
                                && slot.isBefore(a.stretches()
                                        .get(a.stretches().size() - 1)
                                        .to());
                        boolean others = a.people().stream()
                                .filter(p -> !p.equals(person.id()))
                                .allMatch(p -> windowOf(p, slot).isPresent()
                                        && plan.activities().values().stream()
                                                .filter(s -> s.people().contains(p) && s != b)
                                                .noneMatch(s -> slotsOf(s).contains(slot)));
                        boolean free =
                                activities.get(b.id()).timing().fixedStart().isEmpty();
                        if (begunEarlierAndNotDone
                                && others
                                && free
                                && activities.get(a.id()).demand().equals(Activity.Demand.NONE))
                            breach(a, "is laid aside for " + b.id());
                    }
                }
        }
    }

    private void checkPlace(PlanProblem.Capacity place) {
        for (Instant slot = problem.now(); slot.isBefore(problem.horizon()); slot = slot.plus(SLOT)) {
            Instant at = slot;
            long taken = plan.activities().values().stream()
                    .filter(s -> activities
                            .get(s.id())
                            .demand()
                            .place()
                            .filter(place.id()::equals)
                            .isPresent())
                    .filter(s -> holds(s, at))
                    .count();
            if (taken > 0 && taken + takenByOthers(place, at) > place.units())
                breaches.add("%s is overfull at %s".formatted(place.id(), at));
        }
    }

    private boolean holds(Scheduled s, Instant slot) {
        Activity.Demand demand = activities.get(s.id()).demand();
        Instant lastWork = s.stretches().get(s.stretches().size() - 1).to();
        if (slotsOf(s).contains(slot)) return true;
        if (demand.holdsPlaceWhileBegun() && !slot.isBefore(s.start()) && slot.isBefore(lastWork)) return true;
        return demand.holdsPlaceWhileWaiting() && !slot.isBefore(lastWork) && slot.isBefore(s.end());
    }

    private void checkResource(PlanProblem.Capacity resource) {
        for (Instant slot = problem.now(); slot.isBefore(problem.horizon()); slot = slot.plus(SLOT)) {
            Instant at = slot;
            int used = plan.activities().values().stream()
                    .filter(s -> slotsOf(s).contains(at))
                    .mapToInt(s -> activities.get(s.id()).demand().resources().getOrDefault(resource.id(), 0))
                    .sum();
            if (used > 0 && used + takenByOthers(resource, at) > resource.units())
                breaches.add("%s is overused at %s".formatted(resource.id(), at));
        }
    }

    /** Opened before its jobs, closed after them, inside what it needs, and not while another strip-down of the same access is open. */
    private void checkStripDown(PlanProblem.StripDown o) {
        for (ActivityId job : o.jobs()) {
            o.strip().ifPresent(s -> checkLink(new PlanProblem.Link(s, job, Duration.ZERO)));
            checkLink(new PlanProblem.Link(job, o.refit(), Duration.ZERO));
        }
        o.strip().ifPresent(s -> checkLink(new PlanProblem.Link(s, o.refit(), Duration.ZERO)));
        for (PlanProblem.StripDown other : problem.stripDowns()) {
            if (o.inside().contains(other.id())) {
                if (o.strip().isPresent() && other.strip().isPresent())
                    checkLink(
                            new PlanProblem.Link(other.strip().get(), o.strip().get(), Duration.ZERO));
                checkLink(new PlanProblem.Link(o.refit(), other.refit(), Duration.ZERO));
            }
            if (other != o
                    && other.access().equals(o.access())
                    && opened(o).isBefore(closed(other))
                    && opened(other).isBefore(closed(o))) breaches.add(o.id() + " and " + other.id() + " overlap");
        }
    }

    /** Whenever something is opened, all that is off has room. */
    private void checkShelf(Shelf shelf) {
        for (PlanProblem.StripDown o : problem.stripDowns()) {
            Instant at = opened(o);
            int lies = problem.stripDowns().stream()
                    .filter(other -> !opened(other).isAfter(at) && closed(other).isAfter(at))
                    .mapToInt(other -> shelf.takenBy(other.access()))
                    .sum();
            if (lies > shelf.room() && shelf.takenBy(o.access()) > 0)
                breaches.add("%d lies on a shelf of %d when %s is opened".formatted(lies, shelf.room(), o.id()));
        }
    }

    private Instant opened(PlanProblem.StripDown o) {
        return o.strip().isEmpty()
                ? problem.now()
                : plan.of(o.strip().get()).map(Scheduled::start).orElse(Instant.MAX);
    }

    private Instant closed(PlanProblem.StripDown o) {
        return plan.of(o.refit()).map(Scheduled::end).orElse(opened(o).equals(Instant.MAX) ? Instant.MIN : Instant.MAX);
    }

    private void checkExclusion(PlanProblem.Exclusion e) {
        Optional<Scheduled> away = plan.of(new ActivityId(e.activityOrStripDown()));
        Optional<PlanProblem.StripDown> open = problem.stripDowns().stream()
                .filter(o -> o.id().equals(e.activityOrStripDown()))
                .findFirst();
        Instant from = open.map(this::opened).orElse(away.map(Scheduled::start).orElse(Instant.MAX));
        Instant to = open.map(this::closed).orElse(away.map(Scheduled::end).orElse(Instant.MIN));
        for (Scheduled s : plan.activities().values())
            if (activities.get(s.id()).states().contains(e.state())
                    && s.start().isBefore(s.end())
                    && s.start().isBefore(to)
                    && from.isBefore(s.end()))
                breach(s, "needs a state that %s excludes".formatted(e.activityOrStripDown()));
    }

    private void checkPurse() {
        if (problem.purse().isEmpty()) return;
        PlanProblem.Purse purse = problem.purse().get();
        for (LocalDate day = dayOf(problem.now()); !day.isAfter(dayOf(problem.horizon())); day = day.plusDays(1)) {
            LocalDate today = day;
            long balance = purse.openingMinor()
                    + purse.income().stream()
                            .filter(i -> !i.day().isAfter(today))
                            .mapToLong(PlanProblem.Purse.Income::minor)
                            .sum();
            for (Scheduled s : plan.activities().values())
                for (Activity.Due due : activities.get(s.id()).dues())
                    if (!dayOf(due.when() == Activity.Due.When.START ? s.start() : s.end())
                            .isAfter(today)) balance -= due.minor();
            if (balance < purse.floorMinor()) breaches.add("the purse is overdrawn on " + day);
        }
    }

    private LocalDate dayOf(Instant instant) {
        return instant.atZone(problem.zone()).toLocalDate();
    }

    private Optional<TimeWindow> windowOf(String person, Instant slot) {
        return problem.people().stream()
                .filter(p -> p.id().equals(person))
                .flatMap(p -> p.windows().stream())
                .filter(w -> !slot.isBefore(w.from()) && slot.isBefore(w.to()))
                .findFirst();
    }

    private static List<Instant> slotsOf(Scheduled s) {
        List<Instant> slots = new ArrayList<>();
        for (TimeWindow stripDown : s.stretches())
            for (Instant slot = stripDown.from(); slot.isBefore(stripDown.to()); slot = slot.plus(SLOT))
                slots.add(slot);
        return slots;
    }

    private void breach(Scheduled s, String what) {
        breaches.add(s.id() + " " + what);
    }
}
