package ofisino.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import ofisino.core.Seeds;
import ofisino.core.plan.grouping.Grouping;
import ofisino.core.plan.problem.Activity;
import ofisino.core.plan.problem.ActivityId;
import ofisino.core.plan.problem.PlanOutcome;
import ofisino.core.plan.problem.PlanProblem;
import ofisino.core.plan.problem.PlanProblem.Exclusion;
import ofisino.core.plan.problem.PlanProblem.Link;
import ofisino.core.plan.problem.PlanProblem.StripDown;
import ofisino.core.plan.referee.Garages;
import ofisino.core.plan.solve.Planner;
import org.junit.jupiter.api.Test;

/** What is opened once for several, by the planner's own decision. */
class GroupingTest {
    private static final Planner.Budget BUDGET = new Planner.Budget(60, 1);

    /** By hand: nothing keeps the engine from coming out once for both, and the bonnet with it. */
    @Test
    void whatNothingForcesApartIsOpenedOnce() {
        assertThat(Grouping.of(JoiningTest.twice(), Set.of()).stripDowns())
                .extracting(StripDown::id)
                .containsExactly("engine1", "bonnet1");
    }

    /** By hand: of two strip-downs of the engine, 4 h each with the bonnet, one is saved; and of one that is shared already, nothing. */
    @Test
    void aLongerSearchSharesWhatTheFirstAnswerLeftApart() {
        PlanProblem twice = JoiningTest.twice();
        Grouping.Fewer fewer =
                Grouping.further(twice, Set.of(), BUDGET, 10_000, () -> false).orElseThrow();
        assertThat(fewer.joins()).extracting(Grouping.Join::access).containsExactly("bonnet", "engine");
        assertThat(fewer.joins().get(1).jobs())
                .extracting(ActivityId::value)
                .containsExactlyInAnyOrder("seal", "mount");
        assertThat(fewer.saved()).isEqualTo(Duration.ofHours(4));
        PlanProblem once = Grouping.of(twice, Set.of());
        assertThat(Grouping.further(once, Set.of(), BUDGET, 10_000, () -> false))
                .isEmpty();
        assertThat(Grouping.further(twice, Set.of("engine2"), BUDGET, 10_000, () -> false))
                .as("the engine is set apart by a person, the bonnet over it is not")
                .hasValueSatisfying(f ->
                        assertThat(f.joins()).extracting(Grouping.Join::access).containsExactly("bonnet"));
        assertThat(Grouping.further(twice, Set.of(), BUDGET, 10_000, () -> true))
                .as("nobody waits for it")
                .isEmpty();
    }

    @Test
    void whatAPersonSetApartStaysApart() {
        assertThat(Grouping.of(JoiningTest.twice(), Set.of("engine2")).stripDowns())
                .extracting(StripDown::id)
                .contains("engine1", "engine2");
    }

    /** By hand: work was done in both, so the engine is out, and it is out once; also where a person set them apart. */
    @Test
    void whatIsOpenIsOpenOnce() {
        PlanProblem twice = JoiningTest.twice();
        PlanProblem begun = twice.withStripDowns(
                twice.activities().stream()
                        .filter(a -> a.kind() != Activity.ActivityKind.STRIP)
                        .toList(),
                twice.links(),
                twice.stripDowns().stream()
                        .map(o -> new StripDown(o.id(), o.access(), Optional.empty(), o.refit(), o.jobs(), o.inside()))
                        .toList(),
                twice.exclusions());
        PlanProblem once = Grouping.of(begun, Set.of("engine2"));
        assertThat(once.stripDowns()).extracting(StripDown::id).containsExactly("engine1", "bonnet1");
        assertThat(Planner.plan(once, BUDGET)).isInstanceOf(PlanOutcome.Planned.class);
    }

    /** By hand: it has to roll after the first and before the second, and does not roll while the engine is out. */
    @Test
    void whatHasToRollInBetweenIsOpenedTwice() {
        PlanProblem twice = JoiningTest.twice();
        List<Activity> activities = new ArrayList<>(twice.activities());
        activities.add(JoiningTest.work("measure").needing(Set.of("ROLLING")));
        PlanProblem rolls = twice.withStripDowns(
                activities,
                List.of(Link.of("seal", "measure"), Link.of("measure", "mount")),
                twice.stripDowns(),
                List.of(new Exclusion("engine1", "ROLLING"), new Exclusion("engine2", "ROLLING")));
        assertThat(Grouping.of(rolls, Set.of()).stripDowns())
                .extracting(StripDown::access)
                .as("the bonnet may stay off")
                .containsExactlyInAnyOrder("engine", "engine", "bonnet");
    }

    /** By hand: saving four hours is not worth nine days of waiting for whoever wants it running. */
    @Test
    void whatWouldKeepItFromRunningForLongerThanItsPersonsPatienceIsOpenedTwice() {
        PlanProblem twice = JoiningTest.twice();
        Instant late = JoiningTest.NOW.plus(Duration.ofDays(9));
        PlanProblem waits = new PlanProblem(
                twice.now(),
                twice.now().plus(Duration.ofDays(12)),
                twice.zone(),
                JoiningTest.withTime(Duration.ofDays(12)),
                twice.places(),
                twice.resources(),
                twice.activities().stream()
                        .map(a -> a.id().value().contains("2") || a.id().value().equals("mount")
                                ? JoiningTest.forShow(a)
                                : a)
                        .map(a -> a.id().value().equals("mount")
                                ? a.with(a.timing().notSooner(late))
                                : a)
                        .toList(),
                twice.links(),
                twice.stripDowns(),
                twice.exclusions(),
                twice.shelf(),
                twice.purse(),
                twice.policy(),
                twice.target(),
                List.of(),
                twice.kept());
        assertThat(Grouping.of(waits, Set.of()).stripDowns()).hasSize(4);
    }

    /** Whatever the garage: no job is lost, nothing is opened more often, what is apart stays so, the rules are kept, and the answer is the same twice. */
    @Property(tries = 150, seed = Seeds.OF_THE_DAY)
    void aGroupedPlanKeepsAllRules(@ForAll("garages") PlanProblem problem) {
        Set<String> apart =
                problem.stripDowns().stream().limit(1).map(StripDown::id).collect(Collectors.toSet());
        PlanProblem grouped = Grouping.of(problem, apart);
        assertThat(grouped.activities())
                .containsAll(problem.activities().stream()
                        .filter(a -> a.kind() != Activity.ActivityKind.STRIP && a.kind() != Activity.ActivityKind.REFIT)
                        .toList());
        assertThat(grouped.stripDowns().size())
                .isLessThanOrEqualTo(problem.stripDowns().size());
        if (canBeApart(problem)) assertThat(jobsOf(grouped, apart)).isEqualTo(jobsOf(problem, apart));
        assertThat(Grouping.of(problem, apart)).isEqualTo(grouped);
        if (Planner.plan(grouped, BUDGET) instanceof PlanOutcome.Planned p)
            assertThat(RuleBook.breaches(grouped, p.plan())).isEmpty();
    }

    /** Whatever had a plan has one grouped. */
    @Property(tries = 100, seed = Seeds.OF_THE_DAY)
    void whatCanBePlannedCanBePlannedGrouped(@ForAll("garages") PlanProblem problem) {
        if (Planner.plan(problem, BUDGET) instanceof PlanOutcome.Planned)
            assertThat(Planner.plan(Grouping.of(problem, Set.of()), BUDGET)).isInstanceOf(PlanOutcome.Planned.class);
    }

    @Provide
    Arbitrary<PlanProblem> garages() {
        return Garages.arbitrary().filter(p -> p.stripDowns().size() > 1);
    }

    /** There is a plan as it is stated, and no access is open twice, which is once. */
    private static boolean canBeApart(PlanProblem problem) {
        List<String> open = problem.stripDowns().stream()
                .filter(o -> o.strip().isEmpty())
                .map(StripDown::access)
                .toList();
        return Planner.plan(problem, BUDGET) instanceof PlanOutcome.Planned
                && Set.copyOf(open).size() == open.size();
    }

    private static Set<Set<ActivityId>> jobsOf(PlanProblem problem, Set<String> stripDowns) {
        return problem.stripDowns().stream()
                .filter(o -> stripDowns.contains(o.id()))
                .map(o -> Set.copyOf(o.jobs()))
                .collect(Collectors.toSet());
    }
}
