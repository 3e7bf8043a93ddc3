package ofisino.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.Collections;
import java.util.List;
import ofisino.core.plan.progress.OwnFactor;
import ofisino.core.plan.progress.OwnFactor.Finished;
import ofisino.core.plan.progress.Pace;
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

    /** By hand: without jobs 1.3; eight jobs that took just as long as thought give the root of 1.3, 1.1402; many that took double come close to 2. */
    @Test
    void ownHoursAreLearnedFromFinishedJobs() {
        assertThat(OwnFactor.of(List.of()).factor()).isCloseTo(1.3, within(1e-9));
        assertThat(OwnFactor.of(Collections.nCopies(8, new Finished(60, 60))).factor())
                .isCloseTo(Math.sqrt(1.3), within(1e-9));
        assertThat(OwnFactor.of(Collections.nCopies(400, new Finished(60, 120))).factor())
                .isCloseTo(2, within(0.02));
        assertThatThrownBy(() -> new Finished(0, 5)).hasMessageContaining("took some time");
    }
}
