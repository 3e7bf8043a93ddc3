package ofisino.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import ofisino.core.plan.sentout.DaysAway;
import ofisino.core.plan.sentout.GivenAway;
import ofisino.core.plan.sentout.Offer;
import ofisino.core.plan.sentout.Offer.Compared;
import ofisino.core.plan.sentout.Offer.Rates;
import ofisino.core.plan.sentout.SentOut;
import ofisino.core.plan.sentout.SentOut.State;
import ofisino.core.plan.sentout.Trip;
import org.junit.jupiter.api.Test;

class SentOutTest {
    private static final Rates RATES = new Rates(25_000, 1000);

    /** Scenario 4: coater A 140 + 48 km + 1 h, B 260 + 380 km + 8 h; 0.25 a km, 10 an hour: 162 against 435. */
    @Test
    void theWayAndTheTimeAreCounted() {
        var a = new Offer("Coater A", 14_000, 48, 60, 9, true, "");
        var b = new Offer("Coater B", 26_000, 380, 480, 9, true, "");
        assertThat(Offer.compare(List.of(b, a), RATES))
                .extracting(Compared::totalMinor)
                .containsExactly(16_200L, 43_500L);
    }

    @Test
    void whoRefusedComesLastAndAPriceNamedUnseenMayRise() {
        var refused = new Offer("First shop", 9_000, 10, 10, 9, true, "no room before summer");
        var unseen = new Offer("Second shop", 10_000, 0, 0, 0, false, "");
        var compared = Offer.compare(List.of(refused, unseen), RATES);
        assertThat(compared).extracting(c -> c.offer().carrier()).containsExactly("Second shop", "First shop");
        assertThat(compared.get(0).atMostMinor()).isEqualTo(13_000);
        assertThatThrownBy(() -> new Offer("x", 1, 20_001, 0, 0, true, "")).hasMessageContaining("0 to 20000");
        // 0.67 a mile of 1609.344 m (NIST SP 811, appendix B.8) is 416.32 a thousand kilometres
        assertThat(new Rates(41_632, 0).wayMinor(100)).isEqualTo(4_163);
        assertThat(new Rates(500, 0).wayMinor(1)).as("half up").isEqualTo(1);
        assertThat(new Rates(25_000, 0).wayMinor(-4)).as("a way that is longer").isEqualTo(-100);
        assertThatThrownBy(() -> new Rates(-1, 0)).hasMessageContaining("0 to 100000000");
        assertThatThrownBy(() -> new Offer("x", -1, 0, 0, 0, true, "")).hasMessageContaining("negative");
    }

    /** Scenario 5: A 84 km, A to B 12, B to home 80: together 176 km against 328 apart. */
    @Test
    void twoShopsOnOneTrip() {
        var trip = new Trip(List.of(84, 80), List.of(12));
        assertThat(trip.togetherKm()).isEqualTo(176);
        assertThat(trip.apartKm()).isEqualTo(328);
        assertThatThrownBy(() -> new Trip(List.of(84, 80), List.of())).hasMessageContaining("each stop");
    }

    /** Scenario 10: a batch of 64 brackets is counted out and in. */
    @Test
    void piecesAreCountedOutAndIn() {
        LocalDate due = LocalDate.of(2026, 3, 10);
        var away = new SentOut(64, State.AWAY, Optional.of(due), Optional.empty());
        assertThat(away.isLate(due)).isFalse();
        assertThat(away.isLate(due.plusDays(1))).isTrue();
        assertThat(away.reckonedBackOn(due)).contains(due);
        assertThat(away.reckonedBackOn(due.plusDays(4))).contains(due.plusDays(5));
        assertThat(new SentOut(64, State.TO_SEND, Optional.empty(), Optional.empty()).reckonedBackOn(due))
                .isEmpty();
        assertThatThrownBy(() -> new SentOut(0, State.AWAY, Optional.empty(), Optional.empty()))
                .hasMessageContaining("1 to 9999");
        assertThat(new SentOut(64, State.BACK, Optional.of(due), Optional.of(63)).missing())
                .isEqualTo(1);
        assertThatThrownBy(() -> new SentOut(64, State.BACK, Optional.of(due), Optional.of(65)))
                .hasMessageContaining("64 went out");
    }

    @Test
    void whatIsGivenAwayTakesItsDaysUntilItIsHandedOverAndThenWhatIsLeft() {
        LocalDate today = LocalDate.of(2026, 3, 2);
        var away = new DaysAway(14);
        assertThat(new GivenAway("", away, 0, Optional.empty()).leftOn(today)).isEqualTo(away);
        assertThat(new GivenAway("", away, 0, Optional.of(today.plusDays(3))).leftOn(today))
                .isEqualTo(new DaysAway(4));
        assertThat(new GivenAway("", away, 0, Optional.of(today.minusDays(9))).leftOn(today))
                .as("late: not before tomorrow")
                .isEqualTo(new DaysAway(1));
        assertThat(new GivenAway("", away, 0, Optional.of(today.plusYears(9))).leftOn(today))
                .as("as far as plans go")
                .isEqualTo(new DaysAway(730));
        var agreed = new GivenAway("", away, 45_000, Optional.empty());
        assertThat(agreed.owedMinor(30_000)).isEqualTo(15_000);
        assertThat(agreed.owedMinor(50_000)).as("dearer than agreed").isZero();
        assertThat(new GivenAway("", away, 0, Optional.empty()).isUnpriced(0)).isTrue();
        assertThat(new GivenAway("", away, 0, Optional.empty()).isUnpriced(1)).isFalse();
        assertThatThrownBy(() -> new GivenAway("", away, -1, Optional.empty()))
                .hasMessageContaining("cannot be negative");
    }
}
