package ofisino.core.vehicle.finding;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import ofisino.core.Seeds;
import ofisino.core.kernel.Aim;
import ofisino.core.kernel.Conflict;
import ofisino.core.kernel.VehicleSystem;
import ofisino.core.vehicle.finding.DecisionProposal.ProposedBecause;
import ofisino.core.vehicle.inventory.Completeness;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class DecidingTest {
    @ParameterizedTest
    @CsvSource({
        "DOUBT, A, ROAD_READY, REPLACE, INVESTIGATE, ONLY_A_DOUBT",
        "WORN, B, ROAD_READY, REUSE_WHAT_MEASURES, REPLACE, SAFETY_NEEDS_A_NEW_PART",
        "RUST_THROUGH, A, ROAD_READY, REPLACE, REPAIR, SAFETY_NEEDS_MENDING",
        "DENT, D, SHOW, REPLACE, DEFER, BEYOND_THE_AIM",
        "WORN, C, DRIVER, REPLACE, REPLACE, POLICY_REPLACE",
        "WORN, C, DRIVER, REUSE_WHAT_MEASURES, INVESTIGATE, POLICY_MEASURE_FIRST",
        "MISSING, C, DRIVER, REUSE_WHAT_MEASURES, REPLACE, NOT_MENDABLE",
        "LEAK, C, DRIVER, REPLACE, REPAIR, MENDABLE"
    })
    void whatAFindingSuggests(
            FindingKind kind,
            SafetyClass safety,
            Aim needs,
            DoubtfulParts policy,
            Decision decision,
            ProposedBecause why) {
        assertThat(DecisionProposal.of(kind, safety, needs, Aim.DRIVER, policy))
                .isEqualTo(new DecisionProposal(decision, why));
    }

    /** Whatever the finding, the rules allow what is proposed: safety is never talked away by pressing Enter. */
    @Property(seed = Seeds.OF_THE_DAY)
    void aProposalIsAlwaysAllowed(
            @ForAll FindingKind kind,
            @ForAll SafetyClass safety,
            @ForAll VehicleSystem system,
            @ForAll Aim needs,
            @ForAll Aim aim,
            @ForAll DoubtfulParts policy) {
        Decision decision =
                DecisionProposal.of(kind, safety, needs, aim, policy).decision();
        assertThatCode(() -> DecisionRules.check(decision, safety, kind, system, "proposed"))
                .doesNotThrowAnyException();
        if (safety.standsInTheWay()) assertThat(decision.leadsToJobs()).isTrue();
    }

    @Test
    void nothingIsFoundBehindItself() {
        Map<String, String> behind = Map.of("floor", "carpet", "outrigger", "floor");
        assertThatThrownBy(() -> FoundBehind.check("carpet", "outrigger", behind))
                .isInstanceOf(Conflict.class);
        assertThatThrownBy(() -> FoundBehind.check("carpet", "carpet", Map.of()))
                .isInstanceOf(Conflict.class);
        assertThatCode(() -> FoundBehind.check("sill", "outrigger", behind)).doesNotThrowAnyException();
    }

    @Test
    void foundAfterStripDownAsAShareOfWhatWasSeenAtFirst() {
        record Found(boolean behind, long minutes) {}
        List<Found> found = List.of(new Found(false, 600), new Found(true, 120), new Found(true, 60));
        assertThat(FoundBehind.share(found, Found::behind, Found::minutes)).isCloseTo(0.3, within(1e-9));
        assertThat(FoundBehind.share(List.of(new Found(true, 60)), Found::behind, Found::minutes))
                .isZero();
    }

    /** Twelve belong to it, seven are on it, three lie in a box: two are to be got. */
    @Test
    void whatLiesLooseIsNotBought() {
        assertThat(new Completeness(12, 7, 3).toObtain()).isEqualTo(2);
        assertThat(new Completeness(12, 7, 6).toObtain()).isZero();
        assertThat(new Completeness(12, 7, 6).spare()).isEqualTo(1);
        assertThatThrownBy(() -> new Completeness(4, 5, 0)).hasMessageContaining("Raise how many belong");
        assertThatThrownBy(() -> new Completeness(0, 0, 0)).hasMessageContaining("at least 1");
    }
}
