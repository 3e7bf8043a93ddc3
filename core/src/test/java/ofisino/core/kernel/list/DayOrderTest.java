package ofisino.core.kernel.list;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Days as lists write them. ISO 8601 for those that begin with the year. */
class DayOrderTest {
    @ParameterizedTest
    @CsvSource({
        "31.12.2026, 2026-12-31",
        "3/4/2026, 2026-04-03",
        "03.04.26, 2026-04-03",
        "2026-04-03, 2026-04-03",
        "2026-04-03T10:15:00, 2026-04-03",
        "20260403, 2026-04-03",
        "3. 4. 2026, 2026-04-03",
        "03.04.2026 08:00, 2026-04-03"
    })
    void isReadDayFirst(String said, LocalDate day) {
        assertThat(DayOrder.DAY_FIRST.read(said)).contains(day);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "yesterday", "31.02.2026", "2026", "1.1", "99/99/2026", "12.50", "0.0.0", "1.2.999"})
    void whatIsNoDayIsNone(String said) {
        assertThat(DayOrder.DAY_FIRST.read(said)).isEmpty();
        assertThat(DayOrder.MONTH_FIRST.read(said)).isEmpty();
    }

    @Test
    void theListItselfSaysInWhichOrder() {
        assertThat(DayOrder.guessed(List.of("1/2/2026", "12/31/2026"))).isEqualTo(DayOrder.MONTH_FIRST);
        assertThat(DayOrder.guessed(List.of("1/2/2026", "31/12/2026"))).isEqualTo(DayOrder.DAY_FIRST);
        assertThat(DayOrder.isLeftOpen(List.of("1/2/2026", "31/12/2026"))).isFalse();
        assertThat(DayOrder.isLeftOpen(List.of("1/2/2026", "3/4/2026"))).isTrue();
        assertThat(DayOrder.isLeftOpen(List.of("2026-01-02"))).isFalse();
        assertThat(DayOrder.isLeftOpen(List.of("5/5/2026"))).isFalse();
    }

    @Property
    void everyDayIsReadAsItWasWritten(@ForAll @IntRange(min = 0, max = 40_000) int daysFrom2000) {
        LocalDate day = LocalDate.of(2000, 1, 1).plusDays(daysFrom2000);
        assertThat(DayOrder.DAY_FIRST.read(day.format(DateTimeFormatter.ofPattern("d.M.uuuu", Locale.ROOT))))
                .contains(day);
        assertThat(DayOrder.MONTH_FIRST.read(day.format(DateTimeFormatter.ofPattern("MM/dd/uuuu", Locale.ROOT))))
                .contains(day);
        assertThat(DayOrder.MONTH_FIRST.read(day.toString())).contains(day);
    }
}
