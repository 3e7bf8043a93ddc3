package ofisino.core.roadready.gate;

import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import ofisino.core.kernel.Aim;
import ofisino.core.kernel.VehicleSystem;
import ofisino.core.plan.job.JobState;
import ofisino.core.roadready.gate.Evidence.Found;
import ofisino.core.roadready.gate.Evidence.Work;
import ofisino.core.vehicle.inspection.Decision;
import ofisino.core.vehicle.inspection.FindingState;
import ofisino.core.vehicle.inspection.SafetyClass;
import org.junit.jupiter.api.Test;

class GateTest {
    private static final UUID ID = new UUID(0, 7);

    @Test
    void noRuleIsMissingFromTheList() {
        var classes = new ClassFileImporter().importPackages("ofisino.core.roadready.gate");
        assertThat(classes.stream()
                        .filter(c -> !c.isInterface() && c.isAssignableTo(GateRule.class))
                        .map(JavaClass::getSimpleName))
                .containsExactlyInAnyOrderElementsOf(GateRules.ALL.stream()
                        .map(r -> r.getClass().getSimpleName())
                        .toList());
        assertThat(GateRules.ALL).extracting(GateRule::id).doesNotHaveDuplicates();
        assertThat(GateRules.ALL).allSatisfy(r -> assertThat(r.source().work()).isNotBlank());
    }

    @Test
    void openSafetyFindingsStandInTheWayAndOthersDoNot() {
        for (SafetyClass safety : SafetyClass.values())
            for (FindingState state : FindingState.values()) {
                boolean expected =
                        safety.standsInTheWay() && state != FindingState.CLOSED && state != FindingState.WITHDRAWN;
                assertThat(rules(found(safety, state, Decision.REPAIR)))
                        .as(safety + " " + state)
                        .isEqualTo(expected ? List.of("finding.safety-open") : List.of());
            }
    }

    @Test
    void aTemporaryRepairOfASafetyDefectDoesNotCount() {
        assertThat(rules(found(SafetyClass.B, FindingState.CLOSED, Decision.TEMPORARY)))
                .containsExactly("finding.temporary-safety");
        assertThat(rules(found(SafetyClass.C, FindingState.CLOSED, Decision.TEMPORARY)))
                .isEmpty();
        assertThat(rules(found(SafetyClass.B, FindingState.WITHDRAWN, Decision.TEMPORARY)))
                .isEmpty();
    }

    @Test
    void onlyVerifiedWorkOpensTheWay() {
        for (JobState state : JobState.values()) {
            List<String> expected = switch (state) {
                case VERIFIED, DROPPED -> List.of();
                case PROPOSED, PLANNED -> List.of("job.not-begun");
                default -> List.of("job.half-done");
            };
            assertThat(GateRules.check(new Evidence(
                            List.of(), List.of(new Work(ID, "Weld in", Aim.ROAD_READY, state)), Optional.empty())))
                    .extracting(Blocker::rule)
                    .as(state.name())
                    .isEqualTo(expected);
            assertThat(GateRules.check(new Evidence(
                            List.of(), List.of(new Work(ID, "Polish", Aim.SHOW, state)), Optional.empty())))
                    .isEmpty();
        }
    }

    /** Nobody asked the modules: an old car has none. Codes left, and codes erased and not driven since, stand in the way. */
    @Test
    void faultCodesMustBeGoneAfterADrive() {
        assertThat(rules(codes(true))).isEmpty();
        assertThat(rules(codes(false))).containsExactly("codes.not-driven");
        assertThat(rules(codes(true, "P0301 (Engine)"))).containsExactly("codes.left");
        assertThat(rules(codes(false, "P0301 (Engine)"))).containsExactly("codes.left");
        assertThat(rules(new Evidence(List.of(), List.of(), Optional.empty()))).isEmpty();
    }

    private static Evidence codes(boolean afterDrive, String... left) {
        return new Evidence(List.of(), List.of(), Optional.of(new Evidence.Codes(ID, List.of(left), afterDrive)));
    }

    private static Evidence found(SafetyClass safety, FindingState state, Decision decision) {
        return new Evidence(
                List.of(Found.of(ID, "Sill", safety, VehicleSystem.STRUCTURE, state, Optional.of(decision))),
                List.of(),
                Optional.empty());
    }

    private static List<String> rules(Evidence evidence) {
        return GateRules.check(evidence).stream().map(Blocker::rule).toList();
    }
}
