package ofisino.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.stream.Stream;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Assume;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import ofisino.core.Seeds;
import ofisino.core.kernel.Aim;
import ofisino.core.plan.calendar.TimeWindow;
import ofisino.core.plan.explain.Milestones;
import ofisino.core.plan.problem.Activity;
import ofisino.core.plan.problem.ActivityId;
import ofisino.core.plan.problem.NeededFor;
import ofisino.core.plan.problem.Plan;
import ofisino.core.plan.problem.PlanOutcome;
import ofisino.core.plan.problem.PlanOutcome.Planned;
import ofisino.core.plan.problem.PlanProblem;
import ofisino.core.plan.problem.Reason;
import ofisino.core.plan.referee.Garages;
import ofisino.core.plan.solve.Planner;
import ofisino.core.plan.solve.Planner.Budget;
import ofisino.core.plan.solve.SerialPass;
import org.junit.jupiter.api.Test;

/** Random garages with everything in them: whatever is asked, no plan breaks a rule of the {@link RuleBook}. */
class WholePlanTest {
    private static final Duration SLOT = Duration.ofMinutes(15);
    private static final Budget SMALL = new Budget(60, 7);

    @Property(tries = 200, seed = Seeds.OF_THE_DAY)
    void noPlanBreaksARule(@ForAll("garages") PlanProblem problem) {
        PlanOutcome outcome = Planner.plan(problem, SMALL);
        Assume.that(outcome instanceof Planned);
        assertThat(RuleBook.breaches(problem, ((Planned) outcome).plan())).isEmpty();
        assertThat(((Planned) outcome).plan().activities()).hasSameSizeAs(problem.activities());
    }

    @Property(tries = 60, seed = Seeds.OF_THE_DAY)
    void theSameQuestionHasTheSameAnswer(@ForAll("garages") PlanProblem problem) {
        assertThat(Planner.plan(problem, SMALL)).isEqualTo(Planner.plan(problem, SMALL));
    }

    /** The plan that is followed is kept: nothing is gained by asking again. */
    @Property(tries = 150, seed = Seeds.OF_THE_DAY)
    void aPlanThatStillHoldsIsKept(@ForAll("garages") PlanProblem problem) {
        PlanOutcome first = Planner.plan(problem, SMALL);
        Assume.that(first instanceof Planned);
        Plan plan = ((Planned) first).plan();
        PlanOutcome again = Planner.plan(problem.keeping(plan), SMALL);
        assertThat(again)
                .isInstanceOfSatisfying(
                        Planned.class,
                        p -> assertThat(starts(p.plan()).equals(starts(plan)) || gainsTwoDays(problem, p.plan(), plan))
                                .isTrue());
    }

    private static boolean gainsTwoDays(PlanProblem problem, Plan now, Plan before) {
        return problem.milestones().stream()
                .anyMatch(aim -> Milestones.milestone(problem, before, aim)
                        .filter(m -> !Milestones.milestone(problem, now, aim)
                                .orElseThrow()
                                .finish()
                                .isAfter(m.finish().minus(Duration.ofDays(1))))
                        .isPresent());
    }

    /** What broke the property below once: its milestone ends past the horizon, and all days past it counted as one. */
    @Test
    void neverWorseThanTheFirstSerialPassPastTheHorizon() {
        neverWorse(Garages.drawn(new Random(19185)));
    }

    @Property(tries = 150, seed = Seeds.OF_THE_DAY)
    void neverWorseThanTheFirstSerialPass(@ForAll("garages") PlanProblem problem) {
        Assume.that(SerialPass.plan(problem) instanceof Planned);
        neverWorse(problem);
    }

    private static void neverWorse(PlanProblem problem) {
        Plan serial = ((Planned) SerialPass.plan(problem)).plan();
        Aim first = problem.milestones().get(0);
        assertThat(Planner.plan(problem, SMALL))
                .isInstanceOfSatisfying(
                        Planned.class,
                        p -> assertThat(day(problem, p.plan(), first))
                                .isLessThanOrEqualTo(day(problem, serial, first)));
    }

    /**
     * The reasons are true: with its first work one slot sooner, all else as it is, some rule of the book is broken. (Being laid aside is judged
     * by the book only for work that needs no place, and is left out.)
     */
    @Property(tries = 150, seed = Seeds.OF_THE_DAY)
    void oneSlotSoonerBreaksARule(@ForAll("garages") PlanProblem problem) {
        PlanOutcome outcome = Planner.plan(problem, SMALL);
        Assume.that(outcome instanceof Planned);
        Plan plan = ((Planned) outcome).plan();
        for (Plan.Scheduled s : plan.activities().values()) {
            if (s.stretches().isEmpty()
                    || s.reasons().stream()
                            .anyMatch(l ->
                                    l.kind() == Reason.ReasonKind.KEPT || l.kind() == Reason.ReasonKind.LAID_ASIDE))
                continue;
            slotBefore(problem, s)
                    .ifPresent(slot -> assertThat(RuleBook.breaches(problem, sooner(plan, s, slot)))
                            .as("%s at %s, held by %s", s.id(), slot, s.reasons())
                            .isNotEmpty());
        }
    }

    /**
     * The counterfactual: exactly the limit that is named is relaxed, and of what the book finds wrong with a start one slot sooner something is
     * wrong no more. Limits that come from accesses and states are covered by the property above.
     */
    @Property(tries = 200, seed = Seeds.OF_THE_DAY)
    void relaxingTheLimitThatIsNamedMendsWhatItForbids(@ForAll("garages") PlanProblem problem) {
        PlanOutcome outcome = Planner.plan(problem, SMALL);
        Assume.that(outcome instanceof Planned);
        Plan plan = ((Planned) outcome).plan();
        for (Plan.Scheduled s : plan.activities().values())
            for (Reason limit : s.reasons())
                slotBefore(problem, s).filter(slot -> !s.stretches().isEmpty()).ifPresent(slot -> {
                    Plan sooner = sooner(plan, s, slot);
                    relaxed(problem, sooner, s.id(), limit)
                            .ifPresent(easier -> assertThat(RuleBook.breaches(easier.problem(), easier.plan()))
                                    .as("%s one slot sooner without %s", s.id(), limit)
                                    .hasSizeLessThan(
                                            RuleBook.breaches(problem, sooner).size()));
                });
    }

    private record Easier(PlanProblem problem, Plan plan) {}

    private static Optional<Easier> relaxed(PlanProblem p, Plan sooner, ActivityId id, Reason limit) {
        return switch (limit.kind()) {
            case NOT_BEFORE ->
                Optional.of(new Easier(
                        p.withActivities(p.activities().stream()
                                .map(a -> a.id().equals(id) ? a.with(a.timing().notBefore(Instant.MIN)) : a)
                                .toList()),
                        sooner));
            case MONEY ->
                p.purse()
                        .map(purse -> new Easier(
                                p.withPurse(new PlanProblem.Purse(100_000, purse.floorMinor(), purse.income())),
                                sooner));
            case PLACE_FULL ->
                Optional.of(new Easier(p.withPlaces(List.of(new PlanProblem.Capacity("bay", 10))), sooner));
            case RESOURCE_FULL ->
                Optional.of(new Easier(p.withResources(List.of(new PlanProblem.Capacity("daylight", 10))), sooner));
            case BUSY -> {
                Map<ActivityId, Plan.Scheduled> without = new LinkedHashMap<>(sooner.activities());
                Plan.Scheduled other = without.get(new ActivityId(limit.id()));
                // the other is done by nobody: what it did at that time is wrong no more
                without.put(
                        other.id(),
                        new Plan.Scheduled(
                                other.id(), other.stretches(), List.of(), other.start(), other.end(), other.reasons()));
                int crew = other.people().size();
                yield Optional.of(new Easier(
                                p.withActivities(p.activities().stream()
                                        .map(a -> a.id().equals(other.id()) ? crewless(a) : a)
                                        .toList()),
                                new Plan(without)))
                        .filter(e -> crew > 0);
            }
            default -> Optional.empty();
        };
    }

    private static Activity crewless(Activity a) {
        return new Activity(
                a.id(),
                a.kind(),
                a.aim(),
                a.workSlots(),
                Activity.Crew.NOBODY,
                a.timing(),
                a.demand(),
                a.dues(),
                a.states(),
                a.begun());
    }

    /** The last slot before its start in which all its people are in the garage. */
    private static Optional<Instant> slotBefore(PlanProblem problem, Plan.Scheduled s) {
        for (Instant slot = s.start().minus(SLOT); !slot.isBefore(problem.now()); slot = slot.minus(SLOT)) {
            Instant at = slot;
            boolean allIn = s.people().stream()
                    .allMatch(p -> problem.people().stream()
                            .filter(person -> person.id().equals(p))
                            .flatMap(person -> person.windows().stream())
                            .anyMatch(w -> !at.isBefore(w.from()) && at.isBefore(w.to())));
            if (allIn) return Optional.of(slot);
        }
        return Optional.empty();
    }

    private static Plan sooner(Plan plan, Plan.Scheduled s, Instant slot) {
        List<TimeWindow> stripDowns = new ArrayList<>(List.of(new TimeWindow(slot, slot.plus(SLOT))));
        stripDowns.addAll(s.stretches());
        TimeWindow last = stripDowns.remove(stripDowns.size() - 1);
        if (Duration.between(last.from(), last.to()).compareTo(SLOT) > 0)
            stripDowns.add(new TimeWindow(last.from(), last.to().minus(SLOT)));
        List<TimeWindow> joined = new ArrayList<>();
        for (TimeWindow w : stripDowns)
            if (!joined.isEmpty() && joined.get(joined.size() - 1).to().equals(w.from()))
                joined.set(
                        joined.size() - 1,
                        new TimeWindow(joined.get(joined.size() - 1).from(), w.to()));
            else joined.add(w);
        Instant lastWork = joined.get(joined.size() - 1).to();
        Duration wait =
                Duration.between(s.stretches().get(s.stretches().size() - 1).to(), s.end());
        Map<ActivityId, Plan.Scheduled> all = new LinkedHashMap<>(plan.activities());
        all.put(s.id(), new Plan.Scheduled(s.id(), joined, s.people(), slot, lastWork.plus(wait), s.reasons()));
        return new Plan(all);
    }

    /** No milestone is reached before the work that it needs could be done by everybody at once, all the time. */
    @Property(tries = 150, seed = Seeds.OF_THE_DAY)
    void noPlanIsBetterThanTheLowerBounds(@ForAll("garages") PlanProblem problem) {
        PlanOutcome outcome = Planner.plan(problem, SMALL);
        Assume.that(outcome instanceof Planned);
        Plan plan = ((Planned) outcome).plan();
        for (Aim aim : problem.milestones())
            Milestones.milestone(problem, plan, aim).ifPresent(m -> {
                var needed = new NeededFor(problem).aim(aim);
                long work = problem.activities().stream()
                        .filter(a -> needed.contains(a.id()))
                        .mapToLong(a -> (long) a.workSlots() * a.crew().size())
                        .sum();
                long there = problem.people().stream()
                        .flatMap(p -> p.windows().stream())
                        .filter(w -> w.from().isBefore(m.finish()))
                        .mapToLong(w -> Duration.between(w.from(), w.to().isBefore(m.finish()) ? w.to() : m.finish())
                                        .toMinutes()
                                / 15)
                        .sum();
                assertThat(work).isLessThanOrEqualTo(there);
                problem.activities().stream()
                        .filter(a -> needed.contains(a.id()))
                        .forEach(a -> assertThat(Duration.between(problem.now(), m.finish()))
                                .isGreaterThanOrEqualTo(a.timing().waitAfter().plus(SLOT.multipliedBy(a.workSlots()))));
            });
    }

    /** The plan that is followed is given up where it breaks what has been added: a link, an evening less, money less. */
    @Property(tries = 150, seed = Seeds.OF_THE_DAY)
    void aPlanThatDoesNotHoldAnyMoreIsNotKept(@ForAll("garages") PlanProblem problem, @ForAll("easier") int how) {
        PlanOutcome before = Planner.plan(problem, SMALL);
        Assume.that(before instanceof Planned);
        Plan plan = ((Planned) before).plan();
        PlanProblem harder = harder(problem, plan, how);
        if (Planner.plan(harder.keeping(plan), SMALL) instanceof Planned again)
            assertThat(RuleBook.breaches(harder, again.plan())).isEmpty();
    }

    private static PlanProblem harder(PlanProblem p, Plan plan, int how) {
        return switch (how) {
            case 0 -> {
                List<Plan.Scheduled> byStart = plan.activities().values().stream()
                        .sorted(Comparator.comparing(Plan.Scheduled::start))
                        .toList();
                Plan.Scheduled first = byStart.get(0);
                Plan.Scheduled last = byStart.get(byStart.size() - 1);
                List<PlanProblem.Link> links = new ArrayList<>(p.links());
                if (first != last) links.add(new PlanProblem.Link(last.id(), first.id(), Duration.ZERO));
                yield p.withStripDowns(p.activities(), links, p.stripDowns(), p.exclusions());
            }
            case 1 ->
                p.withPeople(p.people().stream()
                        .map(person -> new PlanProblem.Person(
                                person.id(), person.windows().stream().skip(1).toList()))
                        .toList());
            default ->
                p.purse()
                        .map(purse -> p.withPurse(new PlanProblem.Purse(
                                purse.openingMinor() - 10, purse.floorMinor() - 5, purse.income())))
                        .orElse(p);
        };
    }

    /** With more money, shorter waits for parts, or an evening more, the plan that is followed stays possible: no first milestone gets later. */
    @Property(tries = 200, seed = Seeds.OF_THE_DAY)
    void whatMakesItEasierMakesNothingLater(@ForAll("garages") PlanProblem problem, @ForAll("easier") int how) {
        PlanOutcome before = Planner.plan(problem, SMALL);
        Assume.that(before instanceof Planned);
        Plan plan = ((Planned) before).plan();
        Aim first = problem.milestones().get(0);
        assertThat(Planner.plan(easier(problem, how).keeping(plan), SMALL))
                .isInstanceOfSatisfying(
                        Planned.class,
                        p -> assertThat(day(problem, p.plan(), first)).isLessThanOrEqualTo(day(problem, plan, first)));
    }

    @Provide
    Arbitrary<Integer> easier() {
        return Arbitraries.of(0, 1, 2);
    }

    private static PlanProblem easier(PlanProblem p, int how) {
        return switch (how) {
            case 0 ->
                p.purse()
                        .map(purse -> p.withPurse(
                                new PlanProblem.Purse(purse.openingMinor() + 100, purse.floorMinor(), purse.income())))
                        .orElse(p);
            case 1 ->
                p.withActivities(p.activities().stream()
                        .map(a -> a.kind() == Activity.ActivityKind.ORDER
                                ? a.with(a.timing().waiting(Duration.ZERO))
                                : a)
                        .toList());
            default ->
                p.withPeople(p.people().stream()
                        .map(person -> new PlanProblem.Person(
                                person.id(),
                                Stream.concat(
                                                person.windows().stream(),
                                                Stream.of(new TimeWindow(
                                                        p.horizon().minus(Duration.ofHours(20)),
                                                        p.horizon().minus(Duration.ofHours(16)))))
                                        .toList()))
                        .toList());
        };
    }

    @Provide
    Arbitrary<PlanProblem> garages() {
        return Garages.arbitrary();
    }

    private static List<String> starts(Plan plan) {
        List<String> found = new ArrayList<>();
        plan.activities().values().forEach(s -> found.add(s.id() + " " + s.start() + " " + s.people()));
        found.sort(null);
        return found;
    }

    private static long day(PlanProblem problem, Plan plan, Aim aim) {
        return Milestones.milestone(problem, plan, aim)
                .map(m -> m.finish().atZone(problem.zone()).toLocalDate().toEpochDay())
                .orElse(0L);
    }
}
