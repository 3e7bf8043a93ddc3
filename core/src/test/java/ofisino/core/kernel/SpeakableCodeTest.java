package ofisino.core.kernel;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.HashSet;
import java.util.Set;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.LongRange;
import ofisino.core.Seeds;
import org.junit.jupiter.api.Test;

class SpeakableCodeTest {
    /**
     * By hand, alphabet 23456789CDFHJKLMNPRTWXY numbered from 0: number 0 is "22", and 1·0 + 2·0 + 3·0 = 0, so the check is "2".
     * Number 1 spreads to 211 = 9·23 + 4 → "D6": 3·9 + 2·4 = 35 ≡ 12 (mod 23), check 23 − 12 = 11 → "H".
     */
    @Test
    void labelsAreMadeOnceForAll() {
        assertThat(SpeakableCode.ofNumber(0)).hasToString("222");
        assertThat(SpeakableCode.ofNumber(1)).hasToString("D6H");
    }

    @Test
    void noTwoThingsOfAGarageShareACode() {
        Set<SpeakableCode> seen = new HashSet<>();
        for (long n = 0; n < 15_000; n++)
            assertThat(seen.add(SpeakableCode.ofNumber(n))).isTrue();
        assertThat(SpeakableCode.ofNumber(528).value()).hasSize(3);
        assertThat(SpeakableCode.ofNumber(529).value()).hasSize(4);
    }

    @Property(seed = Seeds.OF_THE_DAY)
    void everySingleWrongCharacterAndEverySwapOfNeighboursIsNoticed(
            @ForAll @LongRange(min = 0, max = 6_000_000) long number) {
        String code = SpeakableCode.ofNumber(number).value();
        for (int i = 0; i < code.length(); i++) {
            for (char c : SpeakableCode.ALPHABET.toCharArray()) {
                if (c == code.charAt(i)) continue;
                String wrong = code.substring(0, i) + c + code.substring(i + 1);
                assertThatThrownBy(() -> new SpeakableCode(wrong)).isInstanceOf(InvalidValue.class);
            }
            if (i + 1 < code.length() && code.charAt(i) != code.charAt(i + 1)) {
                String swapped = code.substring(0, i) + code.charAt(i + 1) + code.charAt(i) + code.substring(i + 2);
                assertThatThrownBy(() -> new SpeakableCode(swapped)).isInstanceOf(InvalidValue.class);
            }
        }
    }

    @Test
    void isReadInAnyCaseAndRefusesWhatIsNoCode() {
        assertThat(new SpeakableCode(" d6h ")).hasToString("D6H");
        assertThatThrownBy(() -> new SpeakableCode("O1I")).hasMessageContaining("is not a code");
        assertThatThrownBy(() -> new SpeakableCode("D6J")).hasMessageContaining("wrong character");
        assertThatThrownBy(() -> SpeakableCode.ofNumber(-1)).isInstanceOf(InvalidValue.class);
    }
}
