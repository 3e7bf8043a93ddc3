package ofisino.core.parts;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import ofisino.core.parts.sourcing.NeedState;
import ofisino.core.parts.sourcing.ToBuy;
import ofisino.core.parts.sourcing.ToBuy.Wanted;
import org.junit.jupiter.api.Test;

class ToBuyTest {
    /** By hand: 12.50 and 80.00 are thought of, one thing has no price, and what is ordered or here is bought. */
    @Test
    void sumsWhatIsNotCommittedAndSaysWhatHasNoPrice() {
        assertThat(ToBuy.of(List.of(
                        new Wanted(NeedState.NEEDED, 1_250),
                        new Wanted(NeedState.HELD, 8_000),
                        new Wanted(NeedState.SOURCED, 0),
                        new Wanted(NeedState.ORDERED, 99_900),
                        new Wanted(NeedState.FITTED, 0))))
                .isEqualTo(new ToBuy(9_250, 3, 1));
        assertThat(ToBuy.of(List.of())).isEqualTo(new ToBuy(0, 0, 0));
    }

    /** Each state counts or does not, as the state itself says. */
    @Test
    void asksTheStateOnly() {
        for (NeedState state : Arrays.asList(NeedState.values()))
            assertThat(ToBuy.of(List.of(new Wanted(state, 5))).minor()).isEqualTo(state.isToOrder() ? 5 : 0);
    }
}
