package ofisino.core.vehicle;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import ofisino.core.vehicle.check.Catalogue;
import ofisino.core.vehicle.check.PlacedCheck;
import ofisino.core.vehicle.check.Walks;
import ofisino.core.vehicle.sleep.Evidence;
import ofisino.core.vehicle.sleep.Evidence.Kind;
import ofisino.core.vehicle.sleep.Sleep;
import org.junit.jupiter.api.Test;

class SleepTest {
    private static final LocalDate TODAY = LocalDate.of(2026, 11, 25);
    private static final List<PlacedCheck> ESTATE = Walks.of(BodyStyle.ESTATE, 1969);
    private static final Sleep SLEEP = Sleep.load();

    private static Evidence on(Kind kind, int year, int month) {
        return new Evidence(kind, Optional.of(LocalDate.of(year, month, 1)));
    }

    /** The seller says twelve years; a paper of 2017 in the glove box speaks for nine. */
    @Test
    void theLatestDatedUseCounts() {
        Sleep.Estimate estimate = Sleep.estimate(
                        List.of(
                                on(Kind.STATEMENT, 2014, 11),
                                on(Kind.DATED_PAPER, 2017, 9),
                                on(Kind.DATED_PART, 2012, 3),
                                new Evidence(Kind.UNDISTURBED, Optional.empty())),
                        TODAY)
                .orElseThrow();
        assertThat(estimate).isEqualTo(new Sleep.Estimate(LocalDate.of(2017, 9, 1), 110, true, true));
    }

    @Test
    void aMereStatementIsMarkedAsSuch() {
        assertThat(Sleep.estimate(List.of(on(Kind.STATEMENT, 2020, 1)), TODAY)
                        .orElseThrow()
                        .onPaper())
                .isFalse();
        assertThat(Sleep.estimate(List.of(new Evidence(Kind.UNDISTURBED, Optional.empty())), TODAY))
                .isEmpty();
        assertThatThrownBy(() -> new Evidence(Kind.DATED_PAPER, Optional.empty()))
                .hasMessageContaining("when it was used");
    }

    @Test
    void longerSleepOnlyAddsSuspects() {
        Set<String> before = Set.of();
        for (int months : new int[] {0, 3, 6, 12, 24, 72, 400}) {
            Set<String> now = SLEEP.suspects(months, ESTATE).stream()
                    .map(s -> s.check().check().id())
                    .collect(Collectors.toSet());
            assertThat(now).containsAll(before);
            before = now;
        }
        assertThat(before).contains("fuel-age", "drum-cylinder", "tyre-age", "engine-turns");
        assertThat(SLEEP.suspects(2, ESTATE)).isEmpty();
    }

    @Test
    void everyCheckThatItNamesExists() {
        Set<String> known = Catalogue.load().checks().stream().map(c -> c.id()).collect(Collectors.toSet());
        assertThat(known).containsAll(SLEEP.checks());
    }
}
