package ofisino.core.vehicle.reading;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import ofisino.core.vehicle.reading.SecondMeasurer.Taken;
import org.junit.jupiter.api.Test;

/** Common practice, no source: what must not be misread is read by two, and they agree within the step that can decide. */
class SecondMeasurerTest {
    private static final Limits LIMITS = Limits.load();
    private static final Limit DISC = LIMITS.require("disc-thickness");

    @Test
    void oneReaderIsNotEnoughAndTheirSecondReadingIsStillTheirs() {
        assertThat(of(DISC, taken("left", "Ines", 9.8))).isEqualTo(SecondMeasurer.WANTED);
        assertThat(of(DISC, taken("left", "Ines", 9.8), taken("left", "Ines", 9.8)))
                .isEqualTo(SecondMeasurer.WANTED);
        assertThat(SecondMeasurer.WANTED.isEnough()).isFalse();
    }

    /** The disc is decided in steps of 0.05 mm: so far two may differ. */
    @Test
    void twoAgreeWithinTheStepThatCanDecide() {
        assertThat(of(DISC, taken("left", "Ines", 9.80), taken("left", "Mirko", 9.85)))
                .isEqualTo(SecondMeasurer.AGREES);
        assertThat(of(DISC, taken("left", "Ines", 9.80), taken("left", "Mirko", 9.86)))
                .isEqualTo(SecondMeasurer.DISAGREES);
        // read again: the last reading of each counts
        assertThat(of(DISC, taken("left", "Ines", 9.80), taken("left", "Mirko", 9.99), taken("left", "Mirko", 9.82)))
                .isEqualTo(SecondMeasurer.AGREES);
    }

    @Test
    void theWorstSpotCounts() {
        assertThat(of(DISC, taken("left", "Ines", 9.8), taken("left", "Mirko", 9.8), taken("right", "Ines", 9.7)))
                .isEqualTo(SecondMeasurer.WANTED);
    }

    /** Compression is judged as a share, in steps of 2 %: of 10 bar that is 0.2 bar. */
    @Test
    void aShareIsTakenOfTheHigherReading() {
        Limit compression = LIMITS.require("compression-ratio-lowest");
        assertThat(of(compression, taken("1", "Ines", 10), taken("1", "Mirko", 9.8)))
                .isEqualTo(SecondMeasurer.AGREES);
        assertThat(of(compression, taken("1", "Ines", 10), taken("1", "Mirko", 9.7)))
                .isEqualTo(SecondMeasurer.DISAGREES);
    }

    @Test
    void whatHurtsNobodyWantsNoSecondReader() {
        assertThat(of(LIMITS.require("battery-rest"), taken("here", "Ines", 12.4)))
                .isEqualTo(SecondMeasurer.NOT_WANTED);
    }

    private static SecondMeasurer of(Limit limit, Taken... taken) {
        return SecondMeasurer.of(limit, List.of(taken));
    }

    private static Taken taken(String spot, String who, double value) {
        return new Taken(spot, who, value);
    }
}
