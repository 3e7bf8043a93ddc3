package ofisino.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import ofisino.core.Seeds;
import ofisino.core.kernel.Caution;
import ofisino.core.kernel.VehicleSystem;
import ofisino.core.plan.access.AccessGraph;
import ofisino.core.plan.access.AccessLibrary;
import ofisino.core.plan.access.CarState;
import ofisino.core.plan.job.Detail;
import ofisino.core.plan.job.JobState;
import ofisino.core.plan.job.Operation;
import ofisino.core.plan.job.Precedence;
import ofisino.core.plan.job.Precedence.Link;
import ofisino.core.plan.job.Progress;
import ofisino.core.plan.recipe.Recipe;
import ofisino.core.plan.recipe.Recipes;
import ofisino.core.vehicle.BodyStyle;
import ofisino.core.vehicle.equipment.Equipment;
import ofisino.core.vehicle.equipment.Vehicles;
import ofisino.core.vehicle.finding.Decision;
import ofisino.core.vehicle.finding.FindingKind;
import org.jgrapht.alg.cycle.CycleDetector;
import org.jgrapht.graph.DefaultEdge;
import org.jgrapht.graph.SimpleDirectedGraph;
import org.junit.jupiter.api.Test;

class RecipesAndJobsTest {
    private static final Equipment SALOON = Vehicles.of(BodyStyle.SALOON, 1974);
    private static final Equipment VETERAN = Vehicles.of(BodyStyle.SALOON, 1932, "brakes-front:rod", "cooling:water");
    private static final Equipment RECENT = Vehicles.of(BodyStyle.ESTATE, 2008);

    private static final Recipes RECIPES = Recipes.load();

    /** What it has not is not done: rods are not bled, an air-cooled engine is not filled, a car without airbags has no codes of them. */
    @Test
    void recipesFollowWhatTheVehicleHas() {
        assertThat(titles(FindingKind.WORN, VehicleSystem.BRAKES, VETERAN))
                .anyMatch(t -> t.startsWith("Set rods"))
                .noneMatch(t -> t.startsWith("Bleed"));
        assertThat(titles(FindingKind.WORN, VehicleSystem.BRAKES, SALOON)).anyMatch(t -> t.startsWith("Bleed"));
        assertThat(titles(FindingKind.WORN, VehicleSystem.BRAKES, Vehicles.of(BodyStyle.MOTORCYCLE, 1968)))
                .as("rods are only guessed: a guess takes no bleeding away")
                .anyMatch(t -> t.startsWith("Bleed"))
                .anyMatch(t -> t.startsWith("Set rods"));
        for (int year : new int[] {1965, 1974})
            assertThat(titles(FindingKind.WORN, VehicleSystem.BRAKES, Vehicles.of(BodyStyle.SALOON, year)))
                    .noneMatch(t -> t.startsWith("Set rods"));
        assertThat(titles(FindingKind.LEAK, VehicleSystem.COOLING, SALOON)).anyMatch(t -> t.startsWith("Fill"));
        assertThat(titles(FindingKind.LEAK, VehicleSystem.COOLING, Vehicles.of(BodyStyle.SALOON, 1962, "cooling:air")))
                .noneMatch(t -> t.startsWith("Fill"));
        assertThat(RECIPES.propose(FindingKind.DOUBT, VehicleSystem.RESTRAINT, Decision.INVESTIGATE, VETERAN)
                        .orElseThrow()
                        .steps()
                        .get(0)
                        .title())
                .doesNotContain("codes");
        assertThat(RECIPES.propose(FindingKind.DOUBT, VehicleSystem.RESTRAINT, Decision.INVESTIGATE, RECENT)
                        .orElseThrow()
                        .steps()
                        .get(0)
                        .title())
                .contains("codes");
    }

    private List<String> titles(FindingKind kind, VehicleSystem system, Equipment vehicle) {
        return RECIPES.propose(kind, system, Decision.REPAIR, vehicle).orElseThrow().steps().stream()
                .map(Recipe.Step::title)
                .toList();
    }

    @Test
    void everyRepairHasARecipeAndEveryRecipeIsUsed() {
        Set<String> used = new HashSet<>();
        for (FindingKind kind : FindingKind.values())
            for (VehicleSystem system : VehicleSystem.values())
                for (Decision decision : Decision.values())
                    for (Equipment vehicle : List.of(SALOON, VETERAN, RECENT)) {
                        var recipe = RECIPES.propose(kind, system, decision, vehicle);
                        assertThat(recipe.isPresent())
                                .as("%s %s %s", kind, system, decision)
                                .isEqualTo(decision.leadsToJobs());
                        recipe.map(Recipe::id).ifPresent(used::add);
                    }
        assertThat(RECIPES.all())
                .extracting(Recipe::id)
                .doesNotHaveDuplicates()
                .containsExactlyInAnyOrderElementsOf(used);
    }

    /** A lamp is not proved with the battery off: what is measured or tried under load needs power, and no plan puts it where there is none. */
    @Test
    void electricsAreProvedWithPowerOn() {
        Recipe electrical = RECIPES.propose(
                        FindingKind.DEAD_ELECTRICAL, VehicleSystem.ELECTRICAL, Decision.REPAIR, SALOON)
                .orElseThrow();
        assertThat(electrical.steps())
                .filteredOn(step -> step.operation() == Operation.TEST)
                .hasSize(2)
                .allSatisfy(step -> assertThat(CarState.of(step.operation(), step.details()))
                        .contains(CarState.POWERED));
        assertThat(electrical.steps())
                .filteredOn(step -> step.operation() == Operation.WIRE)
                .allSatisfy(step -> assertThat(step.details()).doesNotContain(Detail.NEEDS_POWER));
    }

    /** A tank shows its leaks when it is on and full, a radiator when the circuit is closed: neither is tried where it is drained. */
    @Test
    void leaksAreLookedForWhereThereIsSomethingToLeak() {
        assertThat(lastOf(VehicleSystem.FUEL)).contains(CarState.FUEL_IN);
        assertThat(lastOf(VehicleSystem.COOLING)).contains(CarState.COOLANT_IN);
        AccessGraph accesses = AccessLibrary.load().of(SALOON);
        assertThat(accesses.require("fuel-drained").excludes()).contains(CarState.FUEL_IN);
        assertThat(accesses.closure("tank-off")).contains("fuel-drained");
        assertThat(accesses.require("coolant-drained").excludes()).contains(CarState.COOLANT_IN);
        assertThat(AccessLibrary.load().usual(SALOON, "fuel-tank", Operation.FILL))
                .isEmpty();
    }

    private Set<CarState> lastOf(VehicleSystem system) {
        List<Recipe.Step> steps = RECIPES.propose(FindingKind.LEAK, system, Decision.REPAIR, SALOON)
                .orElseThrow()
                .steps();
        Recipe.Step last = steps.get(steps.size() - 1);
        return CarState.of(last.operation(), last.details());
    }

    /** Common practice, no source: the order in which rust is cut out, and brakes end in bleeding and a test. */
    @Test
    void theChainsFollowTheOrderOfTheTrade() {
        assertThat(RECIPES.propose(FindingKind.RUST_THROUGH, VehicleSystem.STRUCTURE, Decision.REPAIR, SALOON)
                        .orElseThrow()
                        .steps())
                .extracting(Recipe.Step::operation)
                .containsExactly(
                        Operation.CLEAN,
                        Operation.INSPECT,
                        Operation.CUT,
                        Operation.FABRICATE,
                        Operation.WELD,
                        Operation.DRY_FIT,
                        Operation.WELD,
                        Operation.PRIME,
                        Operation.COAT);
        assertThat(RECIPES.propose(FindingKind.LEAK, VehicleSystem.BRAKES, Decision.REPLACE, SALOON)
                        .orElseThrow())
                .satisfies(r -> {
                    assertThat(r.steps()).extracting(Recipe.Step::operation).endsWith(Operation.BLEED, Operation.TEST);
                    assertThat(r.cautions()).contains(Caution.BRAKES, Caution.STANDS);
                });
        assertThat(RECIPES.propose(FindingKind.LEAK, VehicleSystem.FUEL, Decision.REPAIR, SALOON)
                        .orElseThrow()
                        .cautions())
                .contains(Caution.FUEL);
    }

    /** A job that is over is over on its last day too; work on a later one takes it up again. */
    @Test
    void workTakesUpWhatHadNotBegunOrWasOver() {
        LocalDate ended = LocalDate.of(2026, 11, 20);
        for (JobState state : JobState.values()) {
            boolean open = state == JobState.PROPOSED || state == JobState.PLANNED || state == JobState.DROPPED;
            assertThat(state.isTakenUpByWorkOn(ended, Optional.of(ended))).isEqualTo(open);
            assertThat(state.isTakenUpByWorkOn(ended.plusDays(1), Optional.of(ended)))
                    .isEqualTo(open || state.isDone());
            assertThat(state.isTakenUpByWorkOn(ended, Optional.empty())).isEqualTo(open);
        }
    }

    @Test
    void onlyFinishedWorkIsVerifiedAndOnlyVerifiedCountsInFull() {
        assertThat(JobState.FINISHED.to(JobState.VERIFIED)).isEqualTo(JobState.VERIFIED);
        assertThatThrownBy(() -> JobState.BEGUN.to(JobState.VERIFIED)).hasMessageContaining("Finish it first");
        assertThat(JobState.VERIFIED.earnedShare()).isEqualTo(1);
        assertThat(JobState.FINISHED.earnedShare()).isEqualTo(0.5);
        assertThat(JobState.PLANNED.earnedShare()).isZero();
        assertThat(JobState.BEGUN.possible())
                .contains(JobState.TRIAL_FITTED, JobState.LOOSE, JobState.FINISHED)
                .doesNotContain(JobState.VERIFIED);
    }

    @Test
    void aCircleIsRefusedAndNamed() {
        var precedence = new Precedence<>(
                List.of(new Link<>("cut", "weld"), new Link<>("weld", "prime"), new Link<>("strip", "cut")));
        assertThat(precedence.circleClosedBy("prime", "cut")).contains(List.of("cut", "weld", "prime"));
        assertThat(precedence.circleClosedBy("cut", "cut")).contains(List.of("cut"));
        assertThat(precedence.circleClosedBy("cut", "prime")).isEmpty();
        assertThat(precedence.circleClosedBy("paint", "cut")).isEmpty();
    }

    /** Oracle: JGraphT's CycleDetector, an independent algorithm, on the same links. */
    @Property(tries = 300, seed = Seeds.OF_THE_DAY)
    void findsACircleExactlyWhereThereIsOne(@ForAll @Size(max = 14) List<@IntRange(min = 0, max = 48) Integer> pairs) {
        var graph = new SimpleDirectedGraph<Integer, DefaultEdge>(DefaultEdge.class);
        List<Link<Integer>> links = pairs.stream()
                .map(p -> new Link<>(p / 7, p % 7))
                .filter(l -> !l.before().equals(l.after()))
                .toList();
        for (var link : links) {
            graph.addVertex(link.before());
            graph.addVertex(link.after());
            graph.addEdge(link.before(), link.after());
        }
        assertThat(Precedence.circleIn(links).isPresent()).isEqualTo(new CycleDetector<>(graph).detectCycles());
    }

    /** By hand: half of 60 begun and all of 120 verified are 150 of 240; dropped work is out of scope, however long. */
    @Test
    void begunWorkEarnsHalfAndVerifiedWorkAll() {
        Progress progress = Progress.of(List.of(
                item("a", JobState.BEGUN, 60, true),
                item("b", JobState.VERIFIED, 120, true),
                item("c", JobState.PLANNED, 60, true),
                item("d", JobState.DROPPED, 999, true)));
        assertThat(progress)
                .extracting(Progress::earnedMinutes, Progress::scopeMinutes)
                .containsExactly(150L, 240L);
        assertThat(progress.earnedPercent()).isEqualTo(63); // 62.5, rounded half up
        assertThat(Progress.of(List.<Progress.Item<String>>of()).earnedPercent())
                .isZero();
    }

    @Test
    void aJobIsReadyWhenNothingBeforeItIsOpenAndItsPartsAreHere() {
        List<Progress.Item<String>> items = List.of(
                item("finished", JobState.FINISHED, 60, true),
                item("loose", JobState.LOOSE, 60, true),
                item("dropped", JobState.DROPPED, 60, true),
                item("free", JobState.PLANNED, 60, true, "finished", "dropped"),
                item("held", JobState.PLANNED, 60, true, "finished", "loose"),
                item("lacking", JobState.PLANNED, 60, false, "finished"),
                item("over", JobState.VERIFIED, 60, false, "loose"));
        assertThat(Progress.waits(items))
                .containsEntry("free", Set.of())
                .containsEntry("held", Set.of("loose"))
                .containsEntry("over", Set.of());
        Progress progress = Progress.of(items);
        assertThat(progress.ready()).as("loose and free").isEqualTo(2);
        assertThat(progress.waitForParts()).isEqualTo(1);
    }

    @Test
    void whatIsLeftIsNeverLessThanNothing() {
        assertThat(new Progress.Item<>("a", JobState.BEGUN, 60, 40, Set.of(), true).leftMinutes())
                .isEqualTo(20);
        assertThat(new Progress.Item<>("a", JobState.BEGUN, 60, 90, Set.of(), true).leftMinutes())
                .isZero();
        assertThat(new Progress.Item<>("a", JobState.FINISHED, 60, 0, Set.of(), true).leftMinutes())
                .isZero();
    }

    private static Progress.Item<String> item(String id, JobState state, int likely, boolean parts, String... after) {
        return new Progress.Item<>(id, state, likely, 0, Set.of(after), parts);
    }

    /** Whatever is wrong with a belt, a seat or an airbag, and whatever was decided: no weld, cut, paint, wax, clean-up or test by hand. */
    @Test
    void restraintIsOnlyLookedAtOrRenewed() {
        for (FindingKind kind : FindingKind.values())
            for (Decision decision : Decision.values())
                RECIPES.propose(kind, VehicleSystem.RESTRAINT, decision, SALOON)
                        .filter(r -> decision != Decision.TEMPORARY)
                        .ifPresent(r -> assertThat(r.steps())
                                .as("%s %s", kind, decision)
                                .extracting(Recipe.Step::operation)
                                .containsAnyOf(Operation.INSPECT, Operation.REPLACE)
                                .isSubsetOf(Operation.INSPECT, Operation.REPLACE));
    }
}
