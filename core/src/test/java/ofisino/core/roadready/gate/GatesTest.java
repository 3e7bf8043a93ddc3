package ofisino.core.roadready.gate;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import ofisino.core.Seeds;
import ofisino.core.kernel.Aim;
import ofisino.core.kernel.VehicleSystem;
import ofisino.core.plan.access.CarState;
import ofisino.core.plan.job.JobState;
import ofisino.core.plan.job.Operation;
import ofisino.core.plan.outstanding.OutstandingItem;
import ofisino.core.vehicle.finding.FindingState;
import ofisino.core.vehicle.finding.SafetyClass;
import ofisino.core.vehicle.reading.Verdict.Outcome;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** The gates before the road: default deny, in a row, and each asks only for what can be had before it. Common practice, no source. */
class GatesTest {
    private static final UUID ID = PlantedCar.ID;
    private static final LocalDate TODAY = PlantedCar.TODAY;
    private static final List<Proof> PROOFS = PlantedCar.PROOFS;

    @Test
    void aCarOfWhichAllIsProvedPassesEveryGate() {
        Gates gates = new PlantedCar().gates();
        assertThat(gates.all()).isEmpty();
        assertThat(Gate.values()).allMatch(gates::isOpen);
    }

    /** Nothing was looked at and nothing tested: no gate is open, not even to push it. */
    @Test
    void aCarOfWhichNothingIsKnownPassesNone() {
        Evidence nothing = new Evidence(
                TODAY,
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                Optional.empty(),
                List.of(),
                List.of(),
                List.of(),
                PROOFS,
                Map.of(),
                List.of());
        assertThat(Gate.values()).noneMatch(Gates.of(nothing)::isOpen);
    }

    /** Each rule refuses something that no other does; a rule that cannot is a defect, and so is one without its case here. */
    @ParameterizedTest
    @EnumSource(Rule.class)
    void eachRuleCanRefuse(Rule rule) {
        assertThat(plant(new PlantedCar(), rule).gates().all())
                .as("one planted breach of %s", rule)
                .isNotEmpty()
                .extracting(Blocker::rule)
                .containsOnly(rule);
        assertThat(rule.source().work()).isNotBlank();
    }

    private static Evidence.Outstanding outstanding(
            OutstandingItem.OutstandingKind kind, VehicleSystem system, boolean due) {
        return new Evidence.Outstanding(ID, kind, "Starter", Optional.ofNullable(system), due);
    }

    /** Nothing borrowed goes on the road; trim left off is told to a buyer, a radiator stands before a start. */
    @Test
    void whatIsNotThereOrNotItsOwn() {
        assertThat(shutBy(outstanding(OutstandingItem.OutstandingKind.LOAN, VehicleSystem.TRIM, false)))
                .isEqualTo(Gate.ROAD);
        assertThat(shutBy(outstanding(OutstandingItem.OutstandingKind.LEFT_OFF, VehicleSystem.TRIM, false)))
                .isEqualTo(Gate.SALE);
        assertThat(shutBy(outstanding(OutstandingItem.OutstandingKind.LEFT_OFF, VehicleSystem.COOLING, false)))
                .isEqualTo(Gate.FIRST_START);
        assertThat(shutBy(outstanding(OutstandingItem.OutstandingKind.LEFT_OFF, VehicleSystem.BRAKES, false)))
                .isEqualTo(Gate.FIRST_MOVE);
        assertThat(shutBy(outstanding(OutstandingItem.OutstandingKind.LENT, VehicleSystem.TRIM, false)))
                .as("not on the road while it is owed")
                .isEqualTo(Gate.ROAD);
        assertThat(shutBy(outstanding(OutstandingItem.OutstandingKind.LENT, VehicleSystem.BRAKES, false)))
                .isEqualTo(shutBy(outstanding(OutstandingItem.OutstandingKind.LEFT_OFF, VehicleSystem.BRAKES, false)));
        assertThat(shutBy(outstanding(OutstandingItem.OutstandingKind.LEFT_OFF, null, false)))
                .isEqualTo(Gate.FIRST_MOVE);
        assertThat(new PlantedCar()
                        .outstanding(outstanding(OutstandingItem.OutstandingKind.FOR_NOW, VehicleSystem.TRIM, false))
                        .gates()
                        .all())
                .as("not due yet")
                .isEmpty();
    }

    private static Gate shutBy(Evidence.Outstanding outstanding) {
        return new PlantedCar().outstanding(outstanding).gates().all().get(0).gate();
    }

    private static PlantedCar plant(PlantedCar car, Rule rule) {
        return switch (rule) {
            case FINDING_OPEN -> car.finding(found(SafetyClass.B, VehicleSystem.EXHAUST, FindingState.OPEN));
            case FINDING_PUT_OFF ->
                car.finding(new Evidence.Found(
                        ID, "Sill", SafetyClass.A, VehicleSystem.STRUCTURE, FindingState.DECIDED, false, true));
            case FINDING_ONLY_FOR_NOW ->
                car.finding(new Evidence.Found(
                        ID, "Hose", SafetyClass.B, VehicleSystem.COOLING, FindingState.CLOSED, true, false));
            case CHECKS_UNANSWERED -> car.unseen(new Evidence.Unanswered(VehicleSystem.BRAKES, SafetyClass.A, false));
            case CHECKS_OF_THE_DRIVE -> car.unseen(new Evidence.Unanswered(VehicleSystem.BRAKES, SafetyClass.A, true));
            case READING_OUTSIDE -> car.reading(read(Outcome.OUTSIDE, false));
            case READING_MISSING -> car.reading(read(null, false));
            case READING_NOT_JUDGED -> car.reading(read(Outcome.NOT_JUDGED, false));
            case READING_TOO_OLD -> car.reading(read(Outcome.WITHIN, false, false, true));
            case SECOND_READER_WANTED -> car.reading(read(Outcome.WITHIN, false, true, false));
            case CODES_LEFT -> car.codes(new Evidence.Codes(ID, List.of("P0301"), false));
            case CODES_NOT_DRIVEN -> car.codes(new Evidence.Codes(ID, List.of(), false));
            case JOB_IN_HAND -> car.job(work(VehicleSystem.TRIM, JobState.LOOSE, true));
            case JOB_NOT_VERIFIED -> car.job(work(VehicleSystem.STRUCTURE, JobState.FINISHED, true));
            case JOBS_NOT_DONE -> car.job(work(VehicleSystem.BRAKES, JobState.PLANNED, true));
            case TORQUE_MISSING -> car.job(work(VehicleSystem.BRAKES, JobState.VERIFIED, false));
            case FASTENER_NOT_TIGHT ->
                car.fastener(new Evidence.Fastener(ID, "Wheel nuts", VehicleSystem.WHEELS_AND_TYRES, false));
            case OPENING_OPEN -> car.opened(new Evidence.Opened(ID, "Engine out", Set.of(CarState.RUNNING), false));
            case CLOSED_FOR_NOW -> car.opened(new Evidence.Opened(ID, "Coolant drained", Set.of(), true));
            case SAFETY_PART_MISSING -> car.missing(new Evidence.Short(ID, "Split pins", VehicleSystem.BRAKES));
            case OUTSTANDING_DUE ->
                car.outstanding(outstanding(OutstandingItem.OutstandingKind.FOR_NOW, VehicleSystem.COOLING, true));
            case ON_LOAN ->
                car.outstanding(outstanding(OutstandingItem.OutstandingKind.LOAN, VehicleSystem.ENGINE, false));
            case LEFT_OFF ->
                car.outstanding(outstanding(OutstandingItem.OutstandingKind.LEFT_OFF, VehicleSystem.TRIM, false));
            case LENT_OUT ->
                car.outstanding(outstanding(OutstandingItem.OutstandingKind.LENT, VehicleSystem.TRIM, false));
            case PROOF_MISSING -> car.unproved("brake-standing");
            case PROOF_RUN_OUT ->
                car.proved(
                        "official-inspection",
                        new Evidence.Proved(TODAY.minusYears(2), Optional.of(TODAY.minusDays(1))));
        };
    }

    /** The wrong answers that were measured: each of them keeps the gate shut that it must. */
    @ParameterizedTest
    @CsvSource({
        "BRAKES, A, FIRST_MOVE, PUSHED",
        "STEERING_AND_SUSPENSION, A, FIRST_MOVE, FIRST_START",
        "WHEELS_AND_TYRES, A, FIRST_MOVE, PUSHED",
        "RESTRAINT, A, FIRST_MOVE, FIRST_START",
        "STRUCTURE, A, FIRST_MOVE, PUSHED",
        "FUEL, B, FIRST_START, PUSHED",
        "BRAKES, B, ROAD_TEST, PRIVATE_GROUND",
        "GLASS_AND_SEALS, B, ROAD_TEST, PRIVATE_GROUND",
        "PAPERS, B, ROAD, ROAD_TEST"
    })
    void aDefectKeepsItsGateShutAndNoneBefore(VehicleSystem system, SafetyClass safety, Gate shut, Gate open) {
        Gates gates = new PlantedCar()
                .finding(found(safety, system, FindingState.DECIDED))
                .gates();
        assertThat(gates.isOpen(shut)).isFalse();
        assertThat(gates.isOpen(open)).isTrue();
        for (Gate gate : Gate.values())
            if (gate.withThoseBefore().contains(shut))
                assertThat(gates.isOpen(gate)).isFalse();
    }

    /** A finding that a job deals with has a date, one that nobody plans anything for has none; a test has its day at the end. */
    @Test
    void onlyWhatSomebodyPlannedOpensAGate() {
        Gates leak = new PlantedCar()
                .finding(found(SafetyClass.A, VehicleSystem.BRAKES, FindingState.DECIDED))
                .gates();
        assertThat(leak.staysShut(Gate.FIRST_MOVE, Set.of())).isTrue();
        assertThat(leak.staysShut(Gate.PUSHED, Set.of())).isFalse();
        assertThat(leak.staysShut(Gate.FIRST_MOVE, Set.of(ID))).isFalse();
        for (Rule rule : Rule.values()) {
            Gates gates = plant(new PlantedCar(), rule).gates();
            boolean needsAJob = Set.of(
                            Rule.FINDING_OPEN,
                            Rule.FINDING_PUT_OFF,
                            Rule.FINDING_ONLY_FOR_NOW,
                            Rule.READING_OUTSIDE,
                            Rule.SAFETY_PART_MISSING)
                    .contains(rule);
            assertThat(Arrays.stream(Gate.values()).anyMatch(g -> gates.staysShut(g, Set.of())))
                    .as("%s", rule)
                    .isEqualTo(needsAJob);
        }
    }

    /** What nobody looked at opens nothing: a day beyond it is a hope. Looked at, it is no longer one. */
    @Test
    void whatNobodyLookedAtIsUnseen() {
        Gates unseen = new PlantedCar()
                .unseen(new Evidence.Unanswered(VehicleSystem.BRAKES, SafetyClass.A, false))
                .gates();
        assertThat(unseen.isUnseen(Gate.FIRST_MOVE)).isTrue();
        assertThat(unseen.isUnseen(Gate.FIRST_START)).isFalse();
        assertThat(new PlantedCar().gates().isUnseen(Gate.ROAD)).isFalse();
    }

    /** A check that nobody answered comes with no job; a defect goes with its repair. */
    @Test
    void asksForMoreThanTheWorkBrings() {
        Gates unseen = new PlantedCar()
                .unseen(new Evidence.Unanswered(VehicleSystem.BRAKES, SafetyClass.A, false))
                .gates();
        assertThat(unseen.asksForMore(Gate.reachedWith(Aim.RUNNER))).isTrue();
        assertThat(unseen.asksForMore(Gate.FIRST_START)).isFalse();
        Gates defect = new PlantedCar()
                .finding(found(SafetyClass.A, VehicleSystem.BRAKES, FindingState.OPEN))
                .gates();
        assertThat(defect.isOpen(Gate.ROAD)).isFalse();
        assertThat(defect.asksForMore(Gate.reachedWith(Aim.ROAD_READY))).isFalse();
    }

    @Test
    void milderDefectsKeepNoneShut() {
        for (SafetyClass mild : List.of(SafetyClass.C, SafetyClass.D))
            assertThat(new PlantedCar()
                            .finding(found(mild, VehicleSystem.BRAKES, FindingState.OPEN))
                            .gates()
                            .all())
                    .isEmpty();
    }

    /** No gate asks for what can only be had beyond it: road checks and tester readings come before the road, kilometres never do. */
    @Test
    void nothingIsAskedForBeforeItCanBeHad() {
        Gates gates = new PlantedCar()
                .unseen(new Evidence.Unanswered(VehicleSystem.BRAKES, SafetyClass.A, true))
                .gates();
        assertThat(gates.isOpen(Gate.PRIVATE_GROUND)).isTrue();
        assertThat(gates.isOpen(Gate.ROAD_TEST)).isFalse();
        assertThat(PROOFS).allSatisfy(p -> {
            if (p.afterKm().isPresent())
                assertThat(p.gate().map(Gate.ROAD.withThoseBefore()::contains)).isNotEqualTo(Optional.of(true));
        });
        assertThat(gate("official-inspection")).isEqualTo(Gate.ROAD);
        assertThat(gate("brake-moving")).isEqualTo(Gate.PRIVATE_GROUND);
        assertThat(gate("brake-standing")).isEqualTo(Gate.FIRST_MOVE);
    }

    private static Gate gate(String proof) {
        return PROOFS.stream()
                .filter(p -> p.id().equals(proof))
                .findFirst()
                .orElseThrow()
                .gate()
                .orElseThrow();
    }

    /** A job of unknown system counts like the gravest: it keeps the first move shut. */
    @Test
    void workThatNobodyKnowsTheSystemOfKeepsItFromMoving() {
        Evidence.Work unknown = new Evidence.Work(
                ID, "That thing", Aim.SHOW, JobState.BEGUN, Optional.empty(), Operation.REPLACE, false, false);
        Gates gates = new PlantedCar().job(unknown).gates();
        assertThat(gates.isOpen(Gate.FIRST_MOVE)).isFalse();
        assertThat(gates.before(Gate.FIRST_MOVE)).extracting(Blocker::gravity).containsExactly(SafetyClass.A);
    }

    /** A drive shaft nut holds a wheel, though the transmission as a whole asks for no figure. */
    @Test
    void whatIsKnownToHoldWantsItsFigureWhateverItsSystem() {
        Evidence.Work nut = new Evidence.Work(
                ID,
                "New gaiter",
                Aim.ROAD_READY,
                JobState.FINISHED,
                Optional.of(VehicleSystem.TRANSMISSION),
                Operation.REPLACE,
                true,
                false);
        assertThat(new PlantedCar().job(nut).gates().wantsTorque(ID)).isTrue();
        assertThat(new PlantedCar()
                        .job(work(VehicleSystem.TRANSMISSION, JobState.FINISHED, false))
                        .gates()
                        .wantsTorque(ID))
                .isFalse();
    }

    /** The row itself: first start beside pushed, the rest one after the other, trip and sale after the road. */
    @Test
    void theGatesStandInARow() {
        assertThat(Gate.FIRST_START.withThoseBefore()).containsExactly(Gate.FIRST_START);
        assertThat(Gate.ROAD.withThoseBefore())
                .containsExactlyInAnyOrder(
                        Gate.PUSHED, Gate.FIRST_START, Gate.FIRST_MOVE, Gate.PRIVATE_GROUND, Gate.ROAD_TEST, Gate.ROAD);
        assertThat(Gate.TRIP.withThoseBefore()).contains(Gate.ROAD).doesNotContain(Gate.SALE);
        assertThat(Arrays.stream(Gate.values()).filter(Gate::drives))
                .containsExactlyInAnyOrder(
                        Gate.FIRST_MOVE, Gate.PRIVATE_GROUND, Gate.ROAD_TEST, Gate.ROAD, Gate.TRIP, Gate.SALE);
    }

    /** Whatever is planted into a complete car keeps at least one gate shut, and more evidence against it never opens one. */
    @Property(seed = Seeds.OF_THE_DAY)
    void moreAgainstItNeverOpensAGate(@ForAll("breaches") Set<Rule> few, @ForAll("breaches") Set<Rule> more) {
        Set<Rule> both = EnumSet.copyOf(few);
        both.addAll(more);
        Gates with = planted(few);
        Gates withMore = planted(both);
        for (Gate gate : Gate.values()) {
            if (withMore.isOpen(gate)) assertThat(with.isOpen(gate)).isTrue();
            if (gate.drives())
                assertThat(with.isOpen(gate)).isEqualTo(with.before(gate).isEmpty());
        }
        assertThat(with.all())
                .extracting(Blocker::rule)
                .contains(EnumSet.copyOf(few).iterator().next());
        assertThat(with.isOpen(Gate.SALE) && with.isOpen(Gate.TRIP)).isFalse();
    }

    @Provide
    Arbitrary<Set<Rule>> breaches() {
        return Arbitraries.of(Rule.class).set().ofMinSize(1).ofMaxSize(5);
    }

    private static Gates planted(Set<Rule> rules) {
        PlantedCar car = new PlantedCar();
        rules.forEach(rule -> plant(car, rule));
        return car.gates();
    }

    private static Evidence.Found found(SafetyClass safety, VehicleSystem system, FindingState state) {
        return new Evidence.Found(ID, "Pipe", safety, system, state, false, false);
    }

    private static Evidence.Work work(VehicleSystem system, JobState state, boolean tightened) {
        return new Evidence.Work(
                ID, "Renew", Aim.ROAD_READY, state, Optional.of(system), Operation.REPLACE, false, tightened);
    }

    private static Evidence.Read read(Outcome outcome, boolean answered) {
        return read(outcome, answered, false, false);
    }

    private static Evidence.Read read(Outcome outcome, boolean answered, boolean second, boolean tooOld) {
        return new Evidence.Read(
                "tread-depth",
                "front-wheel-left",
                "Tread depth",
                VehicleSystem.WHEELS_AND_TYRES,
                SafetyClass.A,
                Optional.ofNullable(outcome),
                answered,
                second,
                tooOld,
                false);
    }
}
