package ofisino.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Assume;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import ofisino.core.Seeds;
import ofisino.core.kernel.Aim;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.plan.calendar.TimeWindow;
import ofisino.core.plan.problem.Activity;
import ofisino.core.plan.problem.Activity.Crew;
import ofisino.core.plan.problem.Activity.Demand;
import ofisino.core.plan.problem.Activity.Timing;
import ofisino.core.plan.problem.ActivityId;
import ofisino.core.plan.problem.Plan;
import ofisino.core.plan.problem.PlanOutcome;
import ofisino.core.plan.problem.PlanOutcome.Planned;
import ofisino.core.plan.problem.PlanProblem;
import ofisino.core.plan.problem.PlanProblem.Capacity;
import ofisino.core.plan.problem.PlanProblem.Link;
import ofisino.core.plan.problem.PlanProblem.Person;
import ofisino.core.plan.problem.PlanProblem.StripDown;
import ofisino.core.plan.problem.Reason;
import ofisino.core.plan.referee.Garages;
import ofisino.core.plan.solve.Blocks;
import ofisino.core.plan.solve.Planner;
import ofisino.core.plan.solve.Planner.Budget;
import ofisino.core.plan.solve.Slack;
import org.junit.jupiter.api.Test;

/** Prime before bare metal rusts, doors that are open on some days, daylight, a bay that is lent: by hand, two hours on each evening. */
class BlocksTest {
    private static final Instant NOW = Instant.parse("2026-03-02T08:00:00Z"); // a Monday
    private static final Crew INES = new Crew(1, List.of("ines"));
    private static final Budget SMALL = new Budget(60, 7);

    /** Glass takes half of Monday; blasting (an hour) would fit on it, but priming (an hour) would come a day later: both wait for Tuesday. */
    @Test
    void whatShouldFollowIsPlacedWithItInOneWorkSession() {
        PlanProblem problem = problem(
                List.of(job("glass", 4), job("blast", 4), job("prime", 4), job("paint", 2)),
                Link.of("glass", "blast"),
                within("blast", "prime"),
                Link.of("prime", "paint"));
        Plan plan = plan(problem);
        assertThat(RuleBook.breaches(problem, plan)).isEmpty();
        assertThat(at(plan, "blast")).isEqualTo(workSession(1, 18));
        assertThat(at(plan, "prime")).isEqualTo(workSession(1, 19));
        assertThat(plan.of(new ActivityId("prime")).orElseThrow().reasons())
                .containsExactly(new Reason(Reason.ReasonKind.AFTER, "blast", workSession(1, 19)));
        assertThat(plan.of(new ActivityId("paint")).orElseThrow().reasons())
                .extracting(Reason::id)
                .containsExactly("prime");
        assertThat(Blocks.loose(problem, plan)).isEmpty();
        assertThat(Slack.latestStarts(problem, plan))
                .containsEntry(new ActivityId("blast"), workSession(1, 18))
                .containsEntry(new ActivityId("prime"), workSession(1, 19));
        assertThat(Planner.plan(problem.keeping(plan), SMALL))
                .isInstanceOfSatisfying(
                        Planned.class, p -> assertThat(at(p.plan(), "blast")).isEqualTo(workSession(1, 18)));
    }

    /** Two hours of blasting do not fit into an evening with the priming: they are planned apart, and that is said. */
    @Test
    void whatIsTooLongForAWorkSessionIsTornApartAndSaid() {
        assertThat(whyLoose(problem(List.of(job("blast", 8), job("prime", 8)), within("blast", "prime"))))
                .contains(Blocks.LooseBecause.TOO_LONG);
    }

    @Test
    void whyTwoAreNotOneBlockIsSaid() {
        var wet = job("blast", 8).with(Timing.FREE.waiting(Duration.ofHours(30)));
        assertThat(whyLoose(problem(List.of(wet, job("prime", 2)), within("blast", "prime"))))
                .contains(Blocks.LooseBecause.DRIES);
        assertThat(whyLoose(problem(
                        List.of(job("blast", 7), job("prime", 8), job("weld", 3)),
                        within("blast", "prime"),
                        Link.of("blast", "weld"),
                        Link.of("weld", "prime"))))
                .contains(Blocks.LooseBecause.TOO_LONG);
        assertThat(whyLoose(problem(
                        List.of(job("blast", 2), job("prime", 2), job("weld", 8)),
                        within("blast", "prime"),
                        Link.of("blast", "weld"),
                        Link.of("weld", "prime"))))
                .contains(Blocks.LooseBecause.BETWEEN);
        var milo = Activity.job("prime", Aim.RUNNER, 2, new Crew(1, List.of("milo")));
        assertThat(whyLoose(problem(List.of(job("blast", 8), milo), within("blast", "prime"))))
                .contains(Blocks.LooseBecause.PEOPLE);
        var yard = job("blast", 8).with(new Demand(Optional.of("yard"), Map.of(), false, false));
        var bay = job("prime", 2).with(new Demand(Optional.of("bay"), Map.of(), false, false));
        assertThat(whyLoose(problem(List.of(yard, bay), within("blast", "prime"))
                        .withPlaces(List.of(new Capacity("yard", 1), new Capacity("bay", 1)))))
                .contains(Blocks.LooseBecause.PLACES);
    }

    /** Outdoors there is daylight for half of what both take: the plan is made with the two apart, and that is said. */
    @Test
    void whatFitsNoWorkSessionTogetherIsPlannedApart() {
        Activity blast = job("blast", 2).with(new Demand(Optional.empty(), Map.of("daylight", 1), false, false));
        Activity prime = job("prime", 2).with(new Demand(Optional.empty(), Map.of("daylight", 1), false, false));
        List<TimeWindow> days = new ArrayList<>();
        for (int d = 0; d < 20; d++)
            days.add(new TimeWindow(workSession(d, 6), workSession(d, 18).plus(Duration.ofMinutes(30))));
        PlanProblem problem = problem(List.of(blast, prime), within("blast", "prime"))
                .withResources(List.of(Capacity.onlyIn("daylight", 99, days, new TimeWindow(NOW, workSession(20, 0)))));
        assertThat(whyLoose(problem)).contains(Blocks.LooseBecause.NO_SESSION);
        assertThat(Slack.latestStarts(problem, plan(problem))).isNotEmpty();
    }

    /** Each has the engine out for itself; or the one keeps the car from rolling and the other needs it to roll. */
    @Test
    void whatHasItsAccessForItselfIsPlannedApart() {
        List<Activity> all = new ArrayList<>(List.of(job("blast", 2), job("prime", 2)));
        List<StripDown> stripDowns = new ArrayList<>();
        for (String job : List.of("blast", "prime")) {
            all.add(job("open " + job, 1));
            all.add(job("close " + job, 3));
            stripDowns.add(new StripDown(
                    "o " + job,
                    "engine",
                    Optional.of(new ActivityId("open " + job)),
                    new ActivityId("close " + job),
                    List.of(new ActivityId(job)),
                    List.of()));
        }
        assertThat(whyLoose(problem(all, within("blast", "prime")).withStripDowns(stripDowns, List.of())))
                .contains(Blocks.LooseBecause.ACCESS);
        all.set(1, job("prime", 2).needing(Set.of("rolling")));
        assertThat(whyLoose(problem(all, within("blast", "prime"))
                        .withStripDowns(
                                stripDowns.subList(0, 1), List.of(new PlanProblem.Exclusion("o blast", "rolling")))))
                .contains(Blocks.LooseBecause.ACCESS);
    }

    /** Three in a row are one block; one that is needed inside an access stays inside it. */
    @Test
    void blocksAreInsideTheirAccess() {
        PlanProblem problem = problem(
                        List.of(job("clean", 2), job("blast", 2), job("prime", 2), job("strip", 2), job("refit", 1)),
                        within("clean", "blast"),
                        within("blast", "prime"))
                .withStripDowns(
                        List.of(new StripDown(
                                "o",
                                "engine",
                                Optional.of(new ActivityId("strip")),
                                new ActivityId("refit"),
                                List.of(new ActivityId("blast")),
                                List.of())),
                        List.of());
        Plan plan = plan(problem);
        assertThat(RuleBook.breaches(problem, plan)).isEmpty();
        assertThat(at(plan, "strip")).isEqualTo(workSession(0, 18));
        assertThat(at(plan, "clean")).isEqualTo(workSession(0, 18).plus(Duration.ofMinutes(30)));
        assertThat(at(plan, "prime")).isEqualTo(workSession(0, 19).plus(Duration.ofMinutes(30)));
        assertThat(at(plan, "refit")).isEqualTo(workSession(1, 18));
    }

    /** What cannot be placed names its parts, not the block. */
    @Test
    void whatHasNoPlaceIsNamedByItsOwnName() {
        PlanProblem never = problem(List.of(job("blast", 2), job("prime", 2)), within("blast", "prime"))
                .withPeople(List.of(new Person("ines", List.of()), new Person("milo", List.of())));
        assertThat(Planner.plan(never, SMALL))
                .isInstanceOfSatisfying(
                        PlanOutcome.Infeasible.class,
                        i -> assertThat(i.unplaced())
                                .extracting(u -> u.id().value())
                                .containsExactlyInAnyOrder("blast", "prime"));
    }

    @Property(tries = 200, seed = Seeds.OF_THE_DAY)
    void blocksBreakNoRule(@ForAll("garages") PlanProblem drawn) {
        PlanProblem problem = drawn.withStripDowns(
                drawn.activities(),
                drawn.links().stream()
                        .map(l -> new Link(l.before(), l.after(), l.lag(), Optional.of(l.lag())))
                        .toList(),
                drawn.stripDowns(),
                drawn.exclusions());
        PlanOutcome outcome = Planner.plan(problem, SMALL);
        Assume.that(outcome instanceof Planned);
        Plan plan = ((Planned) outcome).plan();
        assertThat(RuleBook.breaches(problem, plan)).isEmpty();
        assertThat(plan.activities()).hasSameSizeAs(problem.activities());
        assertThat(Blocks.loose(problem, plan))
                .allSatisfy(l -> assertThat(l.gap()).isGreaterThan(l.within()));
    }

    @Provide
    Arbitrary<PlanProblem> garages() {
        return Garages.arbitrary();
    }

    /** Open on Wednesdays only: given away on Wednesday, ready after three days, fetched on the Wednesday after. */
    @Test
    void whatGoesOutIsGivenAndFetchedWhileTheDoorIsOpen() {
        List<TimeWindow> wednesdays = List.of(
                new TimeWindow(workSession(2, 0), workSession(3, 0)),
                new TimeWindow(workSession(9, 0), workSession(10, 0)),
                new TimeWindow(workSession(16, 0), workSession(17, 0)));
        Activity zinc = Activity.order("zinc", Aim.RUNNER, Duration.ofDays(3))
                .with(Timing.FREE.waiting(Duration.ofDays(3)).whileOpen(wednesdays));
        PlanProblem problem = problem(List.of(zinc, job("fit", 2)), Link.of("zinc", "fit"));
        Plan plan = plan(problem);
        assertThat(RuleBook.breaches(problem, plan)).isEmpty();
        assertThat(plan.of(zinc.id()).orElseThrow().start()).isEqualTo(workSession(2, 0));
        assertThat(plan.of(zinc.id()).orElseThrow().end()).isEqualTo(workSession(9, 0));
        assertThat(plan.of(zinc.id()).orElseThrow().reasons())
                .containsExactly(new Reason(Reason.ReasonKind.CLOSED, "zinc", workSession(2, 0)));
        assertThat(at(plan, "fit")).isEqualTo(workSession(9, 18));
        // a glass that takes until the week after leaves time to fit, but fetched on the next Wednesday it has to go on
        // this one
        PlanProblem later = problem(
                List.of(zinc, job("fit", 2), job("glass", 4).with(Timing.FREE.notBefore(workSession(16, 17)))),
                Link.of("zinc", "fit"));
        assertThat(Slack.latestStarts(later, plan(later)).get(zinc.id()))
                .isEqualTo(workSession(3, 0).minusSeconds(1));
    }

    @Test
    void ownWorkNeedsNobodysDoor() {
        assertThatThrownBy(() -> job("glass", 2)
                        .with(Timing.FREE.whileOpen(List.of(new TimeWindow(workSession(0, 0), workSession(1, 0))))))
                .isInstanceOf(InvalidValue.class)
                .hasMessageContaining("nobody's door");
    }

    /** The sun sets at half past six: outdoors there is half an hour on each evening, so that an hour takes two. */
    @Test
    void workOutdoorsNeedsDaylight() {
        List<TimeWindow> days = new ArrayList<>();
        for (int d = 0; d < 20; d++)
            days.add(new TimeWindow(workSession(d, 6), workSession(d, 18).plus(Duration.ofMinutes(30))));
        Activity wash = job("wash", 4).with(new Demand(Optional.empty(), Map.of("daylight", 1), false, false));
        PlanProblem problem = problem(List.of(wash, job("glass", 6)))
                .withResources(List.of(Capacity.onlyIn("daylight", 99, days, new TimeWindow(NOW, workSession(20, 0)))));
        Plan plan = plan(problem);
        assertThat(RuleBook.breaches(problem, plan)).isEmpty();
        assertThat(plan.of(wash.id()).orElseThrow().stretches())
                .containsExactly(
                        new TimeWindow(workSession(0, 18), workSession(0, 18).plus(Duration.ofMinutes(30))),
                        new TimeWindow(workSession(1, 18), workSession(1, 18).plus(Duration.ofMinutes(30))));
        assertThat(at(plan, "glass")).isEqualTo(workSession(0, 18).plus(Duration.ofMinutes(30)));
    }

    /** Lent on Thursdays only. */
    @Test
    void aBayThatIsLentIsUsedOnItsDays() {
        Activity weld = job("weld", 4).with(new Demand(Optional.of("lent"), Map.of(), false, false));
        PlanProblem problem = problem(List.of(weld))
                .withPlaces(List.of(Capacity.onlyIn(
                        "lent",
                        1,
                        List.of(new TimeWindow(workSession(3, 0), workSession(4, 0))),
                        new TimeWindow(NOW, workSession(20, 0)))));
        Plan plan = plan(problem);
        assertThat(at(plan, "weld")).isEqualTo(workSession(3, 18));
        assertThat(plan.of(weld.id()).orElseThrow().reasons())
                .containsExactly(new Reason(Reason.ReasonKind.PLACE_FULL, "lent", workSession(2, 20)));
    }

    private static Optional<Blocks.LooseBecause> whyLoose(PlanProblem problem) {
        Plan plan = plan(problem);
        assertThat(RuleBook.breaches(problem, plan)).isEmpty();
        return Blocks.loose(problem, plan).stream().findFirst().map(Blocks.Loose::why);
    }

    private static Link within(String before, String after) {
        return new Link(
                new ActivityId(before), new ActivityId(after), Duration.ZERO, Optional.of(Duration.ofMinutes(30)));
    }

    private static Activity job(String id, int slots) {
        return Activity.job(id, Aim.RUNNER, slots, INES);
    }

    private static Instant workSession(int day, int hour) {
        return LocalDate.of(2026, 3, 2).plusDays(day).atTime(hour, 0).toInstant(ZoneOffset.UTC);
    }

    private static PlanProblem problem(List<Activity> activities, Link... links) {
        List<TimeWindow> workSessions = new ArrayList<>();
        for (int d = 0; d < 20; d++) workSessions.add(new TimeWindow(workSession(d, 18), workSession(d, 20)));
        return PlanProblem.simple(
                NOW,
                workSession(20, 0),
                ZoneOffset.UTC,
                List.of(new Person("ines", workSessions), new Person("milo", workSessions)),
                activities,
                List.of(links));
    }

    private static Instant at(Plan plan, String id) {
        return plan.of(new ActivityId(id)).orElseThrow().start();
    }

    private static Plan plan(PlanProblem problem) {
        return ((Planned) Planner.plan(problem, SMALL)).plan();
    }
}
