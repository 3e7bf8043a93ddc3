package ofisino.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import ofisino.core.plan.progress.OwnFactor;
import ofisino.core.plan.progress.OwnFactor.Finished;
import ofisino.core.plan.progress.Pace;
import ofisino.core.plan.progress.Standstill;
import org.junit.jupiter.api.Test;

class ProgressTest {
    /** Scenario 12: body 7 months / 140 h, paint 9 / 95 h, engine 5 / 60 h: 295 h in 21 months, 14.0 h a month. */
    @Test
    void hoursAndElapsedTimeAreToldApart() {
        Pace all = Pace.sum(List.of(new Pace(140 * 60, 7), new Pace(95 * 60, 9), new Pace(60 * 60, 5)));
        assertThat(all.minutes()).isEqualTo(295 * 60);
        assertThat(all.months()).isEqualTo(21);
        assertThat(all.hoursPerMonth()).isCloseTo(14.0, within(0.05));
    }

    /** By hand: January to March are three months begun, within one month it is one. */
    @Test
    void monthsThatHaveBegunCount() {
        assertThat(Pace.between(LocalDate.of(2026, 1, 31), LocalDate.of(2026, 3, 1), 600)
                        .months())
                .isEqualTo(3);
        assertThat(Pace.between(LocalDate.of(2026, 1, 1), LocalDate.of(2026, 1, 31), 600)
                        .months())
                .isEqualTo(1);
        assertThatThrownBy(() -> new Pace(-1, 1)).hasMessageContaining("cannot be");
    }

    /** Scenario 12: dormant notice at 30 days. */
    @Test
    void aCarThatStandsStillIsNoticedAfterThirtyDays() {
        LocalDate last = LocalDate.of(2026, 3, 1);
        assertThat(Pace.dormantDays(last, last.plusDays(29))).isEmpty();
        assertThat(Pace.dormantDays(last, last.plusDays(30))).contains(30L);
    }

    /** By hand: 1 March, 31 March (30 days), 5 April, and 36 days up to 11 May; of two stretches one is explained. */
    @Test
    void stretchesWithoutAWorkSessionAreNamedWithTheirCause() {
        List<LocalDate> workSessions =
                List.of(LocalDate.of(2026, 4, 5), LocalDate.of(2026, 3, 1), LocalDate.of(2026, 3, 31));
        var spring = new Standstill(LocalDate.of(2026, 3, 1), LocalDate.of(2026, 3, 31));
        var now = new Standstill(LocalDate.of(2026, 4, 5), LocalDate.of(2026, 5, 11));
        assertThat(Standstill.of(workSessions, LocalDate.of(2026, 5, 11))).containsExactly(spring, now);
        assertThat(Standstill.of(List.of(), LocalDate.of(2026, 5, 11))).isEmpty();
        assertThat(Standstill.of(workSessions, LocalDate.of(2026, 5, 4))).containsExactly(spring);
        assertThat(Standstill.daysByCause(List.of(
                        new Standstill.Explained(spring, Optional.of(Standstill.Cause.ILLNESS)),
                        new Standstill.Explained(now, Optional.empty()),
                        new Standstill.Explained(now, Optional.of(Standstill.Cause.ILLNESS)))))
                .containsExactly(Map.entry(Standstill.Cause.ILLNESS, 66L));
    }

    /** By hand: without jobs 1.3; eight jobs that took just as long as thought give the root of 1.3, 1.1402; many that took double come close to 2. */
    @Test
    void ownHoursAreLearnedFromFinishedJobs() {
        assertThat(OwnFactor.of(List.of()).factor()).isCloseTo(1.3, within(1e-9));
        assertThat(OwnFactor.of(Collections.nCopies(8, new Finished(60, 60))).factor())
                .isCloseTo(Math.sqrt(1.3), within(1e-9));
        assertThat(OwnFactor.of(Collections.nCopies(400, new Finished(60, 120))).factor())
                .isCloseTo(2, within(0.02));
        assertThat(OwnFactor.of(List.of()).own(90)).isEqualTo(117);
        assertThatThrownBy(() -> new Finished(0, 5)).hasMessageContaining("took some time");
    }
}
