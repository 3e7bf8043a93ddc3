package ofisino.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import ofisino.core.Seeds;
import ofisino.core.plan.calendar.FireWatch;
import ofisino.core.plan.calendar.TimeWindow;
import org.junit.jupiter.api.Test;

/** Hot work ends an hour before the visit does. Industrial permits ask 30 to 60 minutes (from memory, unverified). */
class FireWatchTest {
    private static final Instant NOW = Instant.parse("2026-03-03T18:00:00Z");

    private static TimeWindow window(int from, int to) {
        return new TimeWindow(NOW.plus(Duration.ofMinutes(from)), NOW.plus(Duration.ofMinutes(to)));
    }

    /** Two who follow one another watch for one another; an hour alone has no time to spark. */
    @Test
    void theLastHourOfAVisitIsTheWatch() {
        assertThat(FireWatch.hotHours(List.of(
                        window(0, 180), window(400, 460), window(500, 580), window(580, 700), window(520, 560))))
                .containsExactly(window(0, 120), window(500, 640));
        assertThat(FireWatch.hotHours(List.of())).isEmpty();
    }

    /** An hour after any hot minute somebody is still there, without a gap. */
    @Property(tries = 200, seed = Seeds.OF_THE_DAY)
    void somebodyIsThereForAnHour(@ForAll @Size(max = 8) List<@IntRange(max = 900) Integer> starts) {
        List<TimeWindow> visits =
                starts.stream().map(s -> window(s, s + 30 + (s * 7) % 200)).toList();
        for (TimeWindow hot : FireWatch.hotHours(visits))
            for (Instant at = hot.from();
                    at.isBefore(hot.to().plus(FireWatch.WATCH));
                    at = at.plus(Duration.ofMinutes(1))) {
                Instant then = at;
                assertThat(visits).anyMatch(v -> !v.from().isAfter(then) && v.to().isAfter(then));
            }
    }
}
