package ofisino.core.plan.solve;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import ofisino.core.plan.calendar.TimeWindow;
import ofisino.core.plan.problem.PlanProblem;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Time in numbers is the time of the zone, whichever way it is reckoned. */
class TimeGridTest {
    private static final Instant NOW = Instant.parse("2026-02-11T16:20:00Z");

    /** Referee: the time zone database through {@code java.time}, asked for each day. One zone puts its clock by half an hour, one never. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "Europe/Berlin",
                "America/St_Johns",
                "Australia/Lord_Howe",
                "America/Santiago",
                "Asia/Tokyo",
                "UTC"
            })
    void eachDayBeginsWhenItsZoneSays(String name) {
        ZoneId zone = ZoneId.of(name);
        var grid = new TimeGrid(problem(zone, 900, List.of()));
        LocalDate first = grid.origin.atZone(zone).toLocalDate();
        for (int day = 0; day < grid.days(); day++)
            assertThat(grid.instantAt(grid.startOfDay(day)))
                    .isEqualTo(first.plusDays(day).atStartOfDay(zone).toInstant());
        assertThat(first.plusDays(grid.days() - 1L))
                .isEqualTo(NOW.plus(Duration.ofDays(900))
                        .atZone(zone)
                        .toLocalDate()
                        .plusDays(1));
    }

    /** Referee: one slot after the other. */
    @Property(tries = 100)
    void theNextLiveSlotIsTheFirstInWhichSomebodyIsThere(
            @ForAll @Size(max = 12) List<@IntRange(max = 190) Integer> hours) {
        List<TimeWindow> windows = new ArrayList<>();
        for (int hour : hours.stream().distinct().sorted().toList()) {
            Instant from = NOW.plus(Duration.ofHours(hour));
            windows.add(new TimeWindow(from, from.plus(Duration.ofMinutes(40))));
        }
        var grid = new TimeGrid(problem(ZoneId.of("UTC"), 8, windows));
        for (int slot = 0; slot <= grid.slots; slot++) {
            int next = 0;
            while (next < grid.live && grid.slotOf[next] < slot) next++;
            assertThat(grid.liveAt(slot * TimeGrid.SLOT_SECONDS)).isEqualTo(next);
        }
    }

    private static PlanProblem problem(ZoneId zone, int days, List<TimeWindow> windows) {
        return PlanProblem.simple(
                NOW,
                NOW.plus(Duration.ofDays(days)),
                zone,
                List.of(new PlanProblem.Person("ines", windows)),
                List.of(),
                List.of());
    }
}
