package ofisino.core.vehicle.structure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Map;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.vehicle.structure.ReferencePoint.Advice;
import ofisino.core.vehicle.structure.ReferencePoint.Against;
import ofisino.core.vehicle.structure.ReferencePoint.Deviation;
import ofisino.core.vehicle.structure.ReferencePoint.Stage;
import org.junit.jupiter.api.Test;

/** Oracle: by hand; the order pull, then replace, and nothing welded before it fits is common practice, no source. */
class ReferencePointTest {
    private static final ReferencePoint SHEET = point(Against.DOCUMENT, true);

    @Test
    void theDeviationIsSignedAndTheToleranceInclusive() {
        assertThat(SHEET.deviation(1203)).isEqualTo(new Deviation(3, 0));
        assertThat(SHEET.deviation(1195.5)).isEqualTo(new Deviation(-4.5, 1.5));
    }

    @Test
    void itIsPulledFirstAndReplacedOnlyWhenPullingFails() {
        assertThat(SHEET.advice(Map.of())).isEqualTo(Advice.MEASURE);
        assertThat(SHEET.advice(Map.of(Stage.AS_FOUND, 1202.0))).isEqualTo(Advice.LEAVE);
        assertThat(SHEET.advice(Map.of(Stage.AS_FOUND, 1209.0))).isEqualTo(Advice.PULL);
        assertThat(SHEET.advice(Map.of(Stage.AS_FOUND, 1209.0, Stage.PULLED, 1204.0)))
                .isEqualTo(Advice.REPLACE);
        assertThat(SHEET.advice(Map.of(Stage.AS_FOUND, 1209.0, Stage.PULLED, 1201.0)))
                .isEqualTo(Advice.FIT);
        assertThat(SHEET.advice(Map.of(Stage.PULLED, 1201.0, Stage.FITTED, 1206.0)))
                .isEqualTo(Advice.MOVE_BEFORE_WELDING);
        assertThat(SHEET.advice(Map.of(Stage.PULLED, 1201.0, Stage.FITTED, 1200.0)))
                .isEqualTo(Advice.WELD);
    }

    @Test
    void aNeighbourThatMayBeBentItselfDecidesNothing() {
        assertThat(point(Against.NEIGHBOUR, false).advice(Map.of(Stage.AS_FOUND, 1200.0)))
                .isEqualTo(Advice.FIND_A_REFERENCE);
        assertThat(point(Against.NEIGHBOUR, true).advice(Map.of(Stage.AS_FOUND, 1200.0)))
                .isEqualTo(Advice.LEAVE);
    }

    @Test
    void impossibleDistancesAreRefused() {
        for (double mm : new double[] {0, -5, Double.NaN, 10_001})
            assertThatThrownBy(() -> new ReferencePoint("A to B", mm, 1, Against.DOCUMENT, true))
                    .isInstanceOf(InvalidValue.class);
        for (double mm : new double[] {0, 1200, Double.NaN})
            assertThatThrownBy(() -> new ReferencePoint("A to B", 1200, mm, Against.DOCUMENT, true))
                    .isInstanceOf(InvalidValue.class)
                    .hasMessageContaining("tolerance");
    }

    private static ReferencePoint point(Against against, boolean reliable) {
        return new ReferencePoint("Screen pillar to tailgate", 1200, 3, against, reliable);
    }
}
