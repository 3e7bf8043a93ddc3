package ofisino.core.plan.premises;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Collections;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import ofisino.core.Seeds;
import ofisino.core.parts.consumable.Consumables;
import ofisino.core.plan.calendar.Daylight;
import ofisino.core.plan.calendar.TimeWindow;
import ofisino.core.plan.job.Detail;
import ofisino.core.plan.job.JobNature;
import ofisino.core.plan.job.Operation;
import org.junit.jupiter.api.Test;

class PremisesTest {
    private static final ZoneId LONDON = ZoneId.of("Europe/London");
    private static final LocalDate FIRST = LocalDate.of(2026, 12, 1);
    private static final LocalDate LAST = LocalDate.of(2027, 11, 30);
    private static final Demands DEMANDS = Demands.load();

    /** By hand: nights of 12 °C and more are June to September; a primer that cures a day and a half must see two nights after it begins. */
    @Test
    void aCoatWaitsForTheMonthsInWhichItsNightsAreWarm() {
        Premises cold = new Premises(Heating.COLD, Nights.usual(51.5), Optional.empty());
        List<TimeWindow> days =
                cold.warmFor(12, Duration.ofHours(36), FIRST, LAST, LONDON).orElseThrow();
        assertThat(days).hasSize(30 + 31 + 31 + 28);
        assertThat(days.get(0).from()).isEqualTo(Instant.parse("2027-05-31T23:00:00Z"));
        assertThat(days.get(days.size() - 1).to()).isEqualTo(Instant.parse("2027-09-28T23:00:00Z"));
        assertThat(cold.warmFor(16, Duration.ZERO, FIRST, LAST, LONDON)).contains(List.of());
        assertThat(cold.warmFor(3, Duration.ofDays(7), FIRST, LAST, LONDON)).isEmpty();
    }

    @Test
    void whereItIsWarmOrNobodySaidSoNothingWaits() {
        for (Heating heating : EnumSet.complementOf(EnumSet.of(Heating.COLD)))
            assertThat(new Premises(heating, Nights.usual(51.5), Optional.empty())
                            .warmFor(15, Duration.ofDays(1), FIRST, LAST, LONDON))
                    .isEmpty();
        assertThat(Premises.unsaid(Nights.usual(51.5)).heating()).isEqualTo(Heating.NOT_SAID);
    }

    /** South of the equator the warm months are the other half of the year; both are read from the time zone's place. */
    @Test
    void theYearBeginsInJulyInTheSouth() {
        Nights north = Nights.usual(Daylight.in(LONDON).latitudeDegrees());
        Nights south = Nights.usual(-51.5);
        assertThat(Daylight.in(LONDON).latitudeDegrees()).isBetween(51.0, 52.0);
        assertThat(Daylight.in(ZoneId.of("Australia/Hobart")).latitudeDegrees()).isNegative();
        assertThat(north.celsius().get(6)).isEqualTo(south.celsius().get(0)).isEqualTo(15);
        assertThat(Collections.min(Nights.usual(60).celsius())).isLessThan(Collections.min(north.celsius()));
    }

    @Test
    void aYearHasTwelveNights() {
        assertThatThrownBy(() -> new Nights(List.of(3, 4))).hasMessageContaining("twelve");
        assertThatThrownBy(() -> new Nights(Collections.nCopies(12, 41))).hasMessageContaining("−40 to 40");
    }

    /** Whatever is asked: on each day of a window, and for as long as it cures, no night is colder. */
    @Property(tries = 300, seed = Seeds.OF_THE_DAY)
    void noNightOfACureIsTooCold(
            @ForAll @IntRange(min = -5, max = 18) int celsius, @ForAll @IntRange(max = 400) int cureHours) {
        Nights nights = Nights.usual(51.5);
        Premises cold = new Premises(Heating.COLD, nights, Optional.empty());
        cold.warmFor(celsius, Duration.ofHours(cureHours), FIRST, LAST, LONDON)
                .ifPresent(windows -> windows.forEach(w -> {
                    LocalDate last = w.to().minusSeconds(1)
                            .plus(Duration.ofHours(cureHours))
                            .atZone(LONDON)
                            .toLocalDate();
                    assertThat(w.from().atZone(LONDON).toLocalDate().datesUntil(last.plusDays(1)))
                            .allMatch(d -> nights.on(d) >= celsius);
                }));
    }

    /** By hand: 8 to 20 o'clock by the clock on the wall, also on the day on which it changes. */
    @Test
    void noiseKeepsItsHours() {
        Premises yard = new Premises(Heating.NOT_SAID, Nights.usual(51.5), Optional.of(new NoiseHours(480, 1200)));
        LocalDate change = LocalDate.of(2027, 3, 28);
        assertThat(yard.loud(change, change, LONDON))
                .contains(List.of(
                        new TimeWindow(Instant.parse("2027-03-28T07:00:00Z"), Instant.parse("2027-03-28T19:00:00Z"))));
        assertThat(Premises.unsaid(Nights.usual(0)).loud(change, change, LONDON))
                .isEmpty();
        assertThatThrownBy(() -> new NoiseHours(1200, 480)).hasMessageContaining("ends before");
    }

    @Test
    void grindingAndARunningEngineAreHeard() {
        assertThat(DEMANDS.isNoisy(new JobNature(Operation.CUT, Optional.empty(), Set.of())))
                .isTrue();
        assertThat(DEMANDS.isNoisy(new JobNature(Operation.TEST, Optional.empty(), Set.of(Detail.RUNS))))
                .isTrue();
        assertThat(DEMANDS.isNoisy(new JobNature(Operation.CLEAN, Optional.empty(), Set.of())))
                .isFalse();
    }

    /** By hand: of an evening of two hours and a Saturday of four, paint takes the Saturday; with evenings alone it takes those. */
    @Test
    void paintTakesALongSessionWhereThereIsOne() {
        Duration least = DEMANDS.leastSession(Operation.PAINT).orElseThrow();
        TimeWindow evening = hours(19, 2);
        TimeWindow saturday = hours(48, 4);
        assertThat(least).isEqualTo(Duration.ofHours(3));
        assertThat(Demands.longEnough(List.of(evening, saturday), least)).containsExactly(saturday);
        assertThat(DEMANDS.leastSession(Operation.PAINT, List.of(evening, saturday)))
                .contains(least);
        assertThat(DEMANDS.leastSession(Operation.PAINT, List.of(evening))).isEmpty();
        assertThat(DEMANDS.leastSession(Operation.CLEAN)).isEmpty();
    }

    private static TimeWindow hours(int from, int length) {
        Instant start = Instant.parse("2026-12-01T00:00:00Z").plus(Duration.ofHours(from));
        return new TimeWindow(start, start.plus(Duration.ofHours(length)));
    }

    /** Common practice, no source: colour asks for more warmth than primer, and what does not cure asks for none. */
    @Test
    void whatCuresSaysHowWarmItMustBe() {
        Consumables all = Consumables.load();
        assertThat(all.find("colour").orElseThrow().lowest()).isEqualTo(OptionalInt.of(15));
        assertThat(all.find("epoxy-primer").orElseThrow().lowest()).isEqualTo(OptionalInt.of(10));
        assertThat(all.find("grease").orElseThrow().lowest()).isEmpty();
    }
}
