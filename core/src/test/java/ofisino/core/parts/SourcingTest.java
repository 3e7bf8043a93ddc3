package ofisino.core.parts;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.Optional;
import ofisino.core.kernel.Side;
import ofisino.core.parts.sourcing.ConversionState;
import ofisino.core.parts.sourcing.MustMatch;
import ofisino.core.parts.sourcing.NeedState;
import ofisino.core.parts.sourcing.OrderDates;
import ofisino.core.parts.sourcing.Quantity;
import ofisino.core.parts.sourcing.SamePart;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class SourcingTest {
    /** By hand: for 20 March with 7 days on the way and 2 to check, order by 11 March; ordered on the 11th it is usable on the 20th. */
    @Test
    void countsBackFromTheJobToTheLastDayToOrder() {
        OrderDates dates = OrderDates.withUsualCheck(7);
        assertThat(dates.lastDayToOrder(LocalDate.of(2026, 3, 20))).isEqualTo(LocalDate.of(2026, 3, 11));
        assertThat(dates.usableFrom(LocalDate.of(2026, 3, 11))).isEqualTo(LocalDate.of(2026, 3, 20));
    }

    @Test
    void refusesTimesAndAmountsThatCannotBe() {
        assertThatThrownBy(() -> new OrderDates(-1, 2)).hasMessageContaining("0 to 730 days");
        assertThatThrownBy(() -> new OrderDates(731, 2)).hasMessageContaining("731");
        assertThatThrownBy(() -> new OrderDates(3, 61)).hasMessageContaining("60 days");
        assertThatThrownBy(() -> new Quantity(0)).hasMessageContaining("1 to 9999");
        assertThatThrownBy(() -> new Quantity(10_000)).hasMessageContaining("1 to 9999");
    }

    @ParameterizedTest
    @EnumSource(NeedState.class)
    void onlyAnAcceptedPartIsAvailable(NeedState state) {
        boolean accepted = state == NeedState.ACCEPTED || state == NeedState.FITTED || state == NeedState.VERIFIED;
        assertThat(state.isAvailable()).isEqualTo(accepted);
    }

    @ParameterizedTest
    @EnumSource(NeedState.class)
    void whatWasSentBackAndIsPaidForIsNotToPayAgain(NeedState state) {
        assertThat(state.isToPay(false)).isEqualTo(state.isToOrder());
        assertThat(state.isToPay(true)).as("paid once already, and not back").isFalse();
    }

    @Test
    void whatIsNotNeededAfterAllIsNeitherLackingNorToBuy() {
        assertThat(NeedState.LEFT_OUT.isLacking()).isFalse();
        assertThat(NeedState.LEFT_OUT.isToOrder()).isFalse();
        assertThat(NeedState.LEFT_OUT.isAvailable()).isFalse();
        assertThat(NeedState.HELD.isLacking()).isTrue();
        assertThat(NeedState.HELD.to(NeedState.LEFT_OUT, "Hose").to(NeedState.NEEDED, "Hose"))
                .isEqualTo(NeedState.NEEDED);
        assertThatThrownBy(() -> NeedState.ORDERED.to(NeedState.LEFT_OUT, "Hose"))
                .hasMessageContaining("Record its arrival");
        assertThatThrownBy(() -> NeedState.LEFT_OUT.to(NeedState.ORDERED, "Hose"))
                .hasMessageContaining("needed after all");
    }

    @ParameterizedTest
    @CsvSource({"true, true, LEFT_OUT", "true, false, ESSENTIAL", "false, true, RELEASED", "false, false, LEFT_OUT"})
    void aConversionIsFittedOrWhatItReplaces(boolean chosen, boolean replaced, ConversionState.Effect effect) {
        assertThat(ConversionState.CONSIDERED.decided(chosen).on(replaced)).isEqualTo(effect);
        assertThatThrownBy(() -> ConversionState.CONSIDERED.on(replaced)).isInstanceOf(IllegalStateException.class);
    }

    @ParameterizedTest
    @CsvSource({
        "water-pump, Pump, water-pump, Water pump, true",
        "water-pump, Pump, oil-pump, Pump, false",
        "water-pump, Pump, , ' pump', true",
        ", Pump, , Pumps, false"
    })
    void theComponentTellsWhatIsTheSameElseTheName(
            String item, String title, String otherItem, String other, boolean same) {
        var one = SamePart.of(Optional.ofNullable(item), title, Side.LEFT);
        assertThat(one.isAs(SamePart.of(Optional.ofNullable(otherItem), other, Side.LEFT)))
                .isEqualTo(same);
        assertThat(one.isAs(SamePart.of(Optional.ofNullable(otherItem), other, Side.RIGHT)))
                .isFalse();
    }

    @ParameterizedTest
    @CsvSource({"900 mm, 1200 mm, false", "900 mm, , true", "M10;900 mm, 900 mm;M10, true"})
    void pipesOfOtherLengthsAreNotOne(String facts, String others, boolean same) {
        var one = new SamePart(Optional.of("brake-pipe"), "Brake pipe", Side.NONE, facts(facts));
        assertThat(one.isAs(new SamePart(Optional.of("brake-pipe"), "Brake pipe", Side.NONE, facts(others))))
                .isEqualTo(same);
    }

    private static MustMatch facts(String text) {
        return MustMatch.of(text == null ? "" : text.replace(';', '\n'));
    }

    @Test
    void aPartIsLookedAtBeforeItIsFitted() {
        assertThat(NeedState.RECEIVED.to(NeedState.ACCEPTED, "Hose")).isEqualTo(NeedState.ACCEPTED);
        assertThatThrownBy(() -> NeedState.ORDERED.to(NeedState.ACCEPTED, "Hose"))
                .hasMessageContaining("“Hose” is ordered")
                .hasMessageContaining("arrival first");
        assertThatThrownBy(() -> NeedState.RECEIVED.to(NeedState.FITTED, "Hose"))
                .hasMessageContaining("accept it or send it back");
        assertThatThrownBy(() -> NeedState.HELD.to(NeedState.ORDERED, "Hose")).hasMessageContaining("Release it");
    }
}
