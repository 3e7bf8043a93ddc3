package ofisino.core.kernel;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.DayOfWeek;
import java.time.Duration;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Set;
import ofisino.core.plan.calendar.OpenDays;
import ofisino.core.plan.fallback.Fallback;
import ofisino.core.plan.job.Conditions;
import org.junit.jupiter.api.Test;

class WeekdaysTest {
    /** Monday 1, Sunday 64. */
    @Test
    void daysAreBits() {
        assertThat(new Weekdays(Set.of(DayOfWeek.MONDAY, DayOfWeek.SUNDAY)).bits())
                .isEqualTo(65);
        for (int bits = 1; bits <= 127; bits++)
            assertThat(Weekdays.ofBits(bits).bits()).isEqualTo(bits);
        assertThat(Weekdays.ALL.coverEveryDay()).isTrue();
        assertThat(Weekdays.ofBits(1).or(Weekdays.ofBits(64)).days())
                .containsExactlyInAnyOrder(DayOfWeek.MONDAY, DayOfWeek.SUNDAY);
        assertThatThrownBy(() -> new Weekdays(Set.of())).hasMessageContaining("Choose at least one");
    }

    /** The last Sunday of March has 23 hours in Vienna. */
    @Test
    void anOpenDayGoesByTheClockOnTheWall() {
        var sundays = OpenDays.between(
                Weekdays.ofBits(64), LocalDate.of(2026, 3, 23), LocalDate.of(2026, 4, 5), ZoneId.of("Europe/Vienna"));
        assertThat(sundays).hasSize(2);
        assertThat(Duration.between(sundays.get(0).from(), sundays.get(0).to())).isEqualTo(Duration.ofHours(23));
    }

    /** By hand: three weeks for an exchange engine that has to be in by 30 June are decided on 9 June. */
    @Test
    void aPlanBIsDecidedForInTime() {
        assertThat(new Fallback("Exchange engine", 21, 90_000).decideBy(LocalDate.of(2026, 6, 30)))
                .isEqualTo(LocalDate.of(2026, 6, 9));
        assertThatThrownBy(() -> new Fallback(" ", 21, 0)).hasMessageContaining("missing");
        assertThatThrownBy(() -> new Fallback("x", 731, 0)).hasMessageContaining("731");
        assertThatThrownBy(() -> new Fallback("x", 1, -1)).hasMessageContaining("negative");
    }

    @Test
    void conditionsAreWithinWhatAGarageCanDo() {
        assertThat(Conditions.USUAL).isEqualTo(new Conditions(1, false, 0, false, false));
        assertThatThrownBy(() -> new Conditions(0, false, 0, false, false)).hasMessageContaining("1 to 9");
        assertThatThrownBy(() -> new Conditions(10, false, 0, false, false)).hasMessageContaining("10");
        assertThatThrownBy(() -> new Conditions(1, false, 86_401, false, false)).hasMessageContaining("60 days");
    }
}
