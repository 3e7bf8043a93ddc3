package ofisino.core.money;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.time.YearMonth;
import java.util.List;
import java.util.Optional;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.LongRange;
import ofisino.core.money.forecast.Months;
import ofisino.core.money.forecast.Months.DuePayment;
import ofisino.core.money.forecast.Months.OneMonth;
import ofisino.core.money.forecast.RunningCost;
import org.junit.jupiter.api.Test;

class MonthsTest {
    private static final LocalDate TODAY = LocalDate.of(2026, 11, 20);

    /** By hand: 100 left and 150 a month; 40 late, 180 in December, 260 in January: 60, 30, −80; the seats of 90 can wait. */
    @Test
    void theFirstShortMonthAndWhatCanWait() {
        var months = Months.of(
                TODAY,
                100,
                150,
                List.of(
                        due("Hose", TODAY.minusDays(40), 40, false),
                        due("Seats", LocalDate.of(2026, 12, 3), 90, true),
                        due("Discs", LocalDate.of(2026, 12, 28), 90, false),
                        due("Carpet", LocalDate.of(2027, 1, 9), 60, true),
                        due("Tyres", LocalDate.of(2027, 1, 9), 200, false)),
                List.of());
        assertThat(months.months()).extracting(OneMonth::leftMinor).containsExactly(60L, 30L, -80L);
        assertThat(months.firstShort().orElseThrow().month()).isEqualTo(YearMonth.of(2027, 1));
        assertThat(months.putOff()).extracting(DuePayment::what).containsExactly("Seats");
    }

    @Test
    void whereNothingCanWaitNothingIsPutOff() {
        var months = Months.of(TODAY, 10, 0, List.of(due("Tyres", TODAY, 200, false)), List.of());
        assertThat(months.firstShort()).isPresent();
        assertThat(months.putOff()).isEmpty();
        assertThat(Months.of(TODAY, 10, 0, List.of(), List.of()).firstShort()).isEmpty();
    }

    /** By hand: the shed costs 45 each month from December on, the welding screen 18 until the end of December. */
    @Test
    void whatRunsIsDueWhileItRuns() {
        var shed = new RunningCost("Shed", 45, TODAY.minusDays(200), Optional.empty());
        var screen = new RunningCost("Screen", 18, TODAY, Optional.of(LocalDate.of(2026, 12, 31)));
        var tyres = due("Tyres", LocalDate.of(2027, 1, 9), 20, false);
        var months = Months.of(TODAY, 100, 50, List.of(tyres), List.of(shed, screen));
        assertThat(months.months()).extracting(OneMonth::dueMinor).containsExactly(0L, 63L, 65L);
        assertThat(months.months()).extracting(OneMonth::leftMinor).containsExactly(100L, 87L, 72L);
    }

    @Property
    void nothingIsLostBetweenTheMonths(
            @ForAll("dues") List<DuePayment> dues,
            @ForAll @LongRange(max = 1_000) long now,
            @ForAll @LongRange(max = 1_000) long monthly) {
        var months = Months.of(TODAY, now, monthly, dues, List.of());
        long in = months.months().stream().mapToLong(OneMonth::in).sum();
        long out = months.months().stream().mapToLong(OneMonth::dueMinor).sum();
        assertThat(out).isEqualTo(dues.stream().mapToLong(DuePayment::minor).sum());
        assertThat(months.months().get(months.months().size() - 1).leftMinor()).isEqualTo(in - out);
        long putOff = months.putOff().stream().mapToLong(DuePayment::minor).sum();
        months.firstShort()
                .ifPresent(m -> assertThat(months.putOff())
                        .allMatch(d -> d.canWait() && !YearMonth.from(d.on()).isAfter(m.month()) && putOff > 0));
    }

    @Provide
    Arbitrary<List<DuePayment>> dues() {
        return Combinators.combine(
                        Arbitraries.integers().between(-60, 400),
                        Arbitraries.longs().between(1, 900),
                        Arbitraries.of(true, false))
                .as((day, minor, waits) -> due("part", TODAY.plusDays(day), minor, waits))
                .list()
                .ofMaxSize(20);
    }

    private static DuePayment due(String what, LocalDate on, long minor, boolean canWait) {
        return new DuePayment(what, on, minor, canWait);
    }
}
