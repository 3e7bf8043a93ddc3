package ofisino.core.vehicle.corrosion;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Optional;
import java.util.OptionalInt;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import ofisino.core.Seeds;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.vehicle.BodyStyle;
import ofisino.core.vehicle.body.Bodies;
import ofisino.core.vehicle.body.Body;
import ofisino.core.vehicle.body.Zone;
import ofisino.core.vehicle.check.Walks;
import ofisino.core.vehicle.corrosion.CorrosionRules.Judgement;
import ofisino.core.vehicle.corrosion.CorrosionRules.Repair;
import ofisino.core.vehicle.finding.FindingKind;
import ofisino.core.vehicle.finding.SafetyClass;
import ofisino.core.vehicle.finding.SafetyRules;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class CorrosionTest {
    private static final Body ESTATE = Bodies.load().of(BodyStyle.ESTATE);

    /**
     * The shares of ISO 4628-3:2016, table 1 (recalled, unverified) each fall into their own degree; the bounds between are geometric
     * middles: 0.158, 0.707, 2.83 and 17.9 %.
     */
    @ParameterizedTest
    @CsvSource({
        "0, RI_0",
        "0.001, RI_1",
        "0.05, RI_1",
        "0.157, RI_1",
        "0.159, RI_2",
        "0.5, RI_2",
        "0.706, RI_2",
        "0.708, RI_3",
        "1, RI_3",
        "2.82, RI_3",
        "2.84, RI_4",
        "8, RI_4",
        "17.8, RI_4",
        "17.9, RI_5",
        "40, RI_5",
        "50, RI_5",
        "100, RI_5"
    })
    void degreesOfRusting(double percent, RustGrade grade) {
        assertThat(RustGrade.of(percent)).isEqualTo(grade);
    }

    /** The wing has no mounting in reach on the drawing, the sill has. */
    @ParameterizedTest
    @CsvSource({
        "front-wing-left, RI_1, false, 900, D, CLEAN_AND_TREAT",
        "front-wing-left, RI_3, false, 900, C, CLEAN_AND_TREAT",
        "front-wing-left, RI_4, false, 900, C, OPEN_AND_PROBE",
        "front-wing-left, RI_1, false, 300, C, CLEAN_AND_TREAT",
        "front-wing-left, RI_4, false, 300, B, OPEN_AND_PROBE",
        "front-wing-left, RI_5, true, 301, C, WELD_A_PATCH",
        "front-wing-left, RI_5, true, 300, A, WELD_A_PATCH",
        "sill-left, RI_1, false, 900, C, CLEAN_AND_TREAT",
        "sill-left, RI_4, false, 900, B, OPEN_AND_PROBE",
        "sill-left, RI_5, true, 900, A, WELD_A_PATCH"
    })
    void nearAMountingWhatMayBeThinStandsInTheWay(
            String zone, RustGrade grade, boolean perforated, int mounting, SafetyClass safety, Repair repair) {
        Judgement judged = CorrosionRules.judge(
                ESTATE.require(zone),
                new Corrosion(grade, Optional.empty(), 100, 100, perforated, OptionalInt.of(mounting)));
        assertThat(judged).extracting(Judgement::safetyClass, Judgement::repair).containsExactly(safety, repair);
    }

    /**
     * One hole in a door has one answer, whoever is asked: kind and zone, the grade, the check that finds it. Periodic inspections fail an
     * outer panel that bears nothing only for a sharp edge (from memory, unverified): class C.
     */
    @Test
    void aHoleInADoorIsOneThing() {
        Zone door = ESTATE.require("door-bottom-left");
        Corrosion hole = new Corrosion(RustGrade.RI_5, Optional.empty(), 60, 60, true, OptionalInt.of(900));
        assertThat(SafetyRules.classOf(door, FindingKind.RUST_THROUGH)).isEqualTo(SafetyClass.C);
        assertThat(CorrosionRules.judge(door, hole).safetyClass()).isEqualTo(SafetyClass.C);
        assertThat(Walks.of(BodyStyle.ESTATE, 1969))
                .filteredOn(
                        c -> c.place().equals("door-bottom-left") && c.check().kind() == FindingKind.RUST_THROUGH)
                .isNotEmpty()
                .allSatisfy(c -> assertThat(c.ifBad()).isEqualTo(SafetyClass.C));
    }

    @Test
    void aBigHoleWantsAPanelAndBlistersWantStripDown() {
        assertThat(repair(new Corrosion(RustGrade.RI_5, Optional.empty(), 200, 100, true, OptionalInt.empty())))
                .isEqualTo(Repair.WELD_A_PATCH);
        assertThat(repair(new Corrosion(RustGrade.RI_5, Optional.empty(), 900, 420, true, OptionalInt.empty())))
                .isEqualTo(Repair.WELD_A_PANEL);
        assertThat(repair(new Corrosion(
                        RustGrade.RI_1, Optional.of(new Blistering(3, 2)), 50, 50, false, OptionalInt.empty())))
                .isEqualTo(Repair.OPEN_AND_PROBE);
    }

    private static Repair repair(Corrosion c) {
        return CorrosionRules.judge(ESTATE.require("front-wing-left"), c).repair();
    }

    /** A hole, or more rust, or a mounting nearer by, never makes the finding look less dangerous. */
    @Property(seed = Seeds.OF_THE_DAY)
    void worseIsNeverSafer(
            @ForAll RustGrade grade,
            @ForAll @IntRange(min = 0, max = 1000) int near,
            @ForAll @IntRange(min = 0, max = 1000) int further) {
        if (grade == RustGrade.RI_0) return;
        int close = Math.min(near, further);
        int far = Math.max(near, further);
        SafetyClass mild = safety(grade, false, far);
        assertThat(safety(grade, true, close)).isLessThanOrEqualTo(mild);
        assertThat(safety(RustGrade.RI_5, false, close)).isLessThanOrEqualTo(mild);
        assertThat(safety(grade, true, far).standsInTheWay()).isEqualTo(far <= 300);
    }

    private static SafetyClass safety(RustGrade grade, boolean perforated, int mounting) {
        return CorrosionRules.judge(
                        ESTATE.require("front-wing-left"),
                        new Corrosion(grade, Optional.empty(), 60, 60, perforated, OptionalInt.of(mounting)))
                .safetyClass();
    }

    @Test
    void nonsenseIsRefused() {
        assertThatThrownBy(() -> new Corrosion(RustGrade.RI_2, Optional.empty(), 0, 10, false, OptionalInt.empty()))
                .isInstanceOf(InvalidValue.class)
                .hasMessageContaining("between 1 and 6000 mm");
        assertThatThrownBy(() -> new Corrosion(RustGrade.RI_0, Optional.empty(), 10, 10, true, OptionalInt.empty()))
                .hasMessageContaining("hole");
        assertThatThrownBy(() -> new Corrosion(RustGrade.RI_2, Optional.empty(), 10, 10, false, OptionalInt.of(-1)))
                .hasMessageContaining("mounting");
        assertThatThrownBy(() -> new Blistering(6, 2)).hasMessageContaining("from 0 to 5");
    }
}
