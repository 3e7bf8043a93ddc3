package ofisino.core.logbook;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import ofisino.core.logbook.worksession.Elapsed;
import org.junit.jupiter.api.Test;

/** By hand. */
class ElapsedTest {
    private static final Instant SEVEN = Instant.parse("2026-03-02T19:00:00Z");

    @Test
    void theTimeIsSharedInQuarters() {
        assertThat(shared(130, "strip", "clean")).containsExactly(Map.entry("strip", 75), Map.entry("clean", 60));
        assertThat(shared(52, "strip")).containsExactly(Map.entry("strip", 45));
        assertThat(shared(2, "strip", "clean")).containsExactly(Map.entry("strip", 15));
        assertThat(shared(60)).isEmpty();
    }

    @Test
    void whoForgotToEndItWorkedEightHoursAtMost() {
        assertThat(shared(60 * 30, "strip")).containsExactly(Map.entry("strip", 480));
    }

    private static Map<String, Integer> shared(int minutes, String... jobs) {
        return Elapsed.shared(SEVEN, SEVEN.plusSeconds(60L * minutes), List.of(jobs));
    }
}
