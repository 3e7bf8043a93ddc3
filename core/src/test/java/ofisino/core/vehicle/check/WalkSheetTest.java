package ofisino.core.vehicle.check;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.tuple;

import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import ofisino.core.Seeds;
import ofisino.core.kernel.Conflict;
import ofisino.core.vehicle.BodyStyle;
import ofisino.core.vehicle.check.Answer.Seen;
import org.junit.jupiter.api.Test;

class WalkSheetTest {
    private static final Catalogue CATALOGUE = Catalogue.load();
    private static final List<PlacedCheck> CYCLE = Walks.of(BodyStyle.MOTORCYCLE, 1977);
    private static final String EDITION = WalkSheet.edition(CYCLE);

    @Test
    void marksAndRangesAreReadHoweverTheyAreWritten() {
        assertThat(WalkSheet.read("3g, 5 - 7 B;9c\n 3 d", EDITION.toLowerCase(), CYCLE))
                .extracting(m -> CYCLE.indexOf(m.check()) + 1, WalkSheet.Marked::seen)
                .containsExactly(
                        tuple(3, Seen.DOUBTFUL),
                        tuple(5, Seen.BAD),
                        tuple(6, Seen.BAD),
                        tuple(7, Seen.BAD),
                        tuple(9, Seen.COVERED));
    }

    @Test
    void everythingUnreadableIsNamedAtOnce() {
        assertThatThrownBy(() -> WalkSheet.read("3g 0g 9-4g 7q oil 9999b", EDITION, CYCLE))
                .hasMessageContainingAll("“0g”", "“9-4g”", "“7q”", "“oil”", "“9999b”")
                .hasMessageNotContaining("“3g”");
    }

    @Test
    void aSheetOfAnotherEditionIsRefused() {
        assertThatThrownBy(() -> WalkSheet.read("1g", "0000", CYCLE))
                .isInstanceOf(Conflict.class)
                .hasMessageContaining(EDITION);
        assertThat(WalkSheet.edition(CYCLE.subList(1, CYCLE.size()))).isNotEqualTo(EDITION);
        assertThat(WalkSheet.edition(Walks.of(BodyStyle.VAN, 1977))).isNotEqualTo(EDITION);
    }

    /** Ticking line by line and ticking a range come to the same. */
    @Property(tries = 50, seed = Seeds.OF_THE_DAY)
    void aRangeIsItsLines(
            @ForAll @IntRange(min = 1, max = 40) int from, @ForAll @IntRange(min = 0, max = 20) int more) {
        StringBuilder lines = new StringBuilder();
        for (int n = from; n <= from + more; n++) lines.append(n).append("g ");
        assertThat(WalkSheet.read(from + "-" + (from + more) + "g", EDITION, CYCLE))
                .isEqualTo(WalkSheet.read(lines.toString(), EDITION, CYCLE));
    }
}
