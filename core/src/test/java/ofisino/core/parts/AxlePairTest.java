package ofisino.core.parts;

import static org.assertj.core.api.Assertions.assertThat;

import ofisino.core.parts.sourcing.AxlePair;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class AxlePairTest {
    /** Dampers one a wheel, bushes two a wheel: three dampers and two bushes leave a wheel out. */
    @ParameterizedTest
    @CsvSource({"2,1,true", "2,2,false", "2,3,true", "2,4,false", "4,2,true", "4,4,false"})
    void aWheelIsLeftOutOrNot(int pieces, int wanted, boolean alone) {
        assertThat(new AxlePair(pieces).isAlone(wanted)).isEqualTo(alone);
    }
}
