package ofisino.core.roadready;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.entry;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.roadready.faultcodes.FaultCode;
import ofisino.core.roadready.faultcodes.FaultTally;
import ofisino.core.roadready.faultcodes.FaultTally.Hint;
import ofisino.core.roadready.faultcodes.FaultTally.Line;
import ofisino.core.roadready.faultcodes.FaultTally.Scan;
import ofisino.core.roadready.faultcodes.FaultTally.Standing;
import org.junit.jupiter.api.Test;

/** Oracle: by hand. */
class FaultTallyTest {
    private static final LocalDate DAY = LocalDate.of(2026, 3, 1);

    @Test
    void aCodeIsNewOrStillThereOrGoneOrCameBack() {
        FaultTally tally = FaultTally.of(
                List.of(
                        scan(0, false, "Engine P0301", "Engine P0562"),
                        scan(1, false, "Engine P0562"),
                        scan(2, true, "Engine P0301", "Engine P0562", "Body B1000")),
                Map.of());
        assertThat(standing(tally, "B1000")).isEqualTo(Standing.NEW);
        assertThat(standing(tally, "P0562")).isEqualTo(Standing.STILL);
        assertThat(standing(tally, "P0301")).isEqualTo(Standing.CAME_BACK);
        assertThat(tally.trend()).extracting(FaultTally.Count::codes).containsExactly(2, 1, 3);
        assertThat(tally.clear()).isFalse();
        FaultTally later = FaultTally.of(List.of(scan(0, false, "Engine P0301"), scan(1, true)), Map.of());
        assertThat(standing(later, "P0301")).isEqualTo(Standing.GONE);
        assertThat(later.clear()).isTrue();
    }

    @Test
    void noCodeIsNotClearBeforeADrive() {
        assertThat(FaultTally.of(List.of(scan(0, false)), Map.of()).clear()).isFalse();
        assertThat(FaultTally.of(List.of(), Map.of()).clear()).isFalse();
    }

    @Test
    void whatIsLeftIsCountedBehindItsCauseMostFirst() {
        FaultTally tally = FaultTally.of(
                List.of(
                        scan(0, true, "Engine P0562", "Body B1000", "Roof B2000"),
                        scan(1, true, "Engine P0562", "Body B1000")),
                Map.of(code("Engine P0562"), "earth strap", code("Roof B2000"), "motor"));
        assertThat(tally.byCause()).containsOnly(entry("earth strap", 1), entry("", 1));
        FaultTally named = FaultTally.of(
                List.of(scan(0, true, "Engine P0562", "Body B1000", "Roof B2000")),
                Map.of(code("Engine P0562"), "earth strap", code("Body B1000"), "earth strap"));
        assertThat(named.byCause()).containsExactly(entry("earth strap", 2), entry("", 1));
    }

    @Test
    void whatCodesHaveInCommonIsHintedAtUntilSomebodyNamesACause() {
        List<Scan> scans = List.of(
                scan(0, true, "Engine U0100", "Body U0100", "Roof B2000", "Roof B2001", "Roof B2002", "Seat B3000"));
        FaultTally tally = FaultTally.of(scans, Map.of(code("Body U0100"), "data line"));
        assertThat(hint(tally, "Engine U0100")).contains(Hint.SAME_IN_SEVERAL_MODULES);
        assertThat(hint(tally, "Body U0100")).isEmpty();
        assertThat(hint(tally, "Roof B2001")).contains(Hint.MANY_IN_ONE_MODULE);
        assertThat(hint(tally, "Seat B3000")).isEmpty();
    }

    @Test
    void aCodeIsTakenAsTheModuleGivesItAndNothingElse() {
        assertThat(new FaultCode(" Engine ", " p0301")).isEqualTo(code("Engine P0301"));
        assertThat(new FaultCode("Airbag", "3-2").code()).isEqualTo("3-2");
        for (String bad : List.of("", "P0301 P0302", "P0301P030200", "Pé"))
            assertThatThrownBy(() -> new FaultCode("Engine", bad.isEmpty() ? bad : bad + "+"))
                    .as(bad)
                    .isInstanceOf(InvalidValue.class)
                    .hasMessageContaining("no fault code");
    }

    private static Scan scan(int day, boolean afterDrive, String... codes) {
        return new Scan(
                DAY.plusDays(day),
                afterDrive,
                Stream.of(codes).map(FaultTallyTest::code).toList());
    }

    private static FaultCode code(String text) {
        String[] words = text.split(" ");
        return new FaultCode(words[0], words[1]);
    }

    private static Standing standing(FaultTally tally, String code) {
        return line(tally, code).standing();
    }

    private static Optional<Hint> hint(FaultTally tally, String text) {
        return tally.lines().stream()
                .filter(l -> l.code().equals(code(text)))
                .findFirst()
                .orElseThrow()
                .hint();
    }

    private static Line line(FaultTally tally, String code) {
        return tally.lines().stream()
                .filter(l -> l.code().code().equals(code))
                .findFirst()
                .orElseThrow();
    }
}
