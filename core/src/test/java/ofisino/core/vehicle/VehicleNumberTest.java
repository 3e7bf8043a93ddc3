package ofisino.core.vehicle;

import static org.assertj.core.api.Assertions.assertThat;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import ofisino.core.Seeds;
import ofisino.core.vehicle.identity.VehicleNumber;
import ofisino.core.vehicle.identity.VehicleNumber.Remark;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class VehicleNumberTest {
    private static final String VALUES = "0123456789";

    /** The first is the plain example of the method; the rest are synthetic and were also computed by another library. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "11111111111111111",
                "9ZZZZ00ZXL1000000",
                "ZZZAB12C5H1234567",
                "XYZDE34F9J7654321",
                "9AAAA00A1L0000001",
                "SSSBB22B2M0001234",
                "ABCDEFGH5JKLMNPRS",
                " zzzab12c5h 1234567 "
            })
    void checkDigitsThatFit(String number) {
        assertThat(VehicleNumber.of(number, 1990).remarks()).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({
        "11111111111111112, CHECK_DIGIT_WRONG",
        "9ZZZZ00Z1L1000000, CHECK_DIGIT_WRONG",
        "IZZZZ00ZXL1000000, HAS_I_O_OR_Q",
        "ZZZAB12C5H123456, NOT_SEVENTEEN",
        "HP12-E-04417, NOT_SEVENTEEN"
    })
    void oddities(String number, Remark remark) {
        assertThat(VehicleNumber.of(number, 1990).remarks()).containsExactly(remark);
    }

    /** Before the model year 1981 nothing was fixed, so nothing is odd. */
    @ParameterizedTest
    @ValueSource(strings = {"AB12345", "10/1234 L", "HP12-E-04417", "IOQ", ""})
    void olderNumbersAreTakenAsTheyAre(String number) {
        assertThat(VehicleNumber.of(number, 1980).remarks()).isEmpty();
    }

    /** 11 is prime, so one digit read wrongly is always noticed, but for the check digit's own place, which is compared. */
    @Property(seed = Seeds.OF_THE_DAY)
    void oneWrongDigitIsNoticed(
            @ForAll @IntRange(min = 0, max = 16) int place, @ForAll @IntRange(min = 1, max = 9) int shift) {
        String number = "11111111111111111";
        char other = VALUES.charAt((1 + shift) % 10);
        String wrong = number.substring(0, place) + other + number.substring(place + 1);
        assertThat(VehicleNumber.of(wrong, 1990).remarks()).containsExactly(Remark.CHECK_DIGIT_WRONG);
    }
}
