package ofisino.core.parts.shelf;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.Size;
import ofisino.core.kernel.Side;
import ofisino.core.parts.consumable.AmountUnit;
import ofisino.core.parts.shelf.Thing.Several;
import ofisino.core.parts.sourcing.SamePart;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** Common practice, no source: what is known to be bad is not fitted, and the best is kept only when somebody has looked. */
class ThingTest {
    private static final SamePart LAMP = SamePart.of(Optional.empty(), "Lamp", Side.LEFT);

    private static Thing lamp(Condition condition, Fate fate, boolean sold) {
        return new Thing(UUID.randomUUID(), LAMP, AmountUnit.PIECE, condition, fate, sold);
    }

    @ParameterizedTest
    @CsvSource({"NEW, true", "GOOD, true", "UNKNOWN, true", "WORN, false", "BROKEN, false"})
    void whatIsKnownToBeBadServesNoJob(Condition condition, boolean serves) {
        assertThat(lamp(condition, Fate.KEEP, false).serves(LAMP, AmountUnit.PIECE))
                .isEqualTo(serves);
        assertThat(lamp(condition, Fate.KEEP, true).serves(LAMP, AmountUnit.PIECE))
                .as("it waits for its buyer")
                .isFalse();
        assertThat(lamp(condition, Fate.KEEP, false).serves(LAMP, AmountUnit.CENTIMETRE))
                .isFalse();
    }

    @Test
    void ofSeveralTheBestIsKept() {
        Thing good = lamp(Condition.GOOD, Fate.UNDECIDED, false);
        Thing worn = lamp(Condition.WORN, Fate.UNDECIDED, false);
        Thing unseen = lamp(Condition.UNKNOWN, Fate.UNDECIDED, false);
        Thing sold = lamp(Condition.NEW, Fate.UNDECIDED, true);
        assertThat(Thing.several(List.of(unseen, worn, sold, good)))
                .containsExactly(new Several(good, List.of(worn, unseen)));
        assertThat(Thing.several(List.of(good, lamp(Condition.WORN, Fate.SCRAP, false))))
                .as("decided")
                .isEmpty();
    }

    @ParameterizedTest
    @EnumSource(Condition.class)
    void twoThatAreEqualNobodyParts(Condition condition) {
        assertThat(Thing.several(
                        List.of(lamp(condition, Fate.UNDECIDED, false), lamp(condition, Fate.UNDECIDED, false))))
                .isEmpty();
    }

    /** Never two bests of one kind, none among its own others, and none that nobody has looked at. */
    @Property
    void theBestIsOneAndIsKnown(@ForAll @Size(max = 8) List<Condition> conditions) {
        List<Several> said = Thing.several(
                conditions.stream().map(c -> lamp(c, Fate.UNDECIDED, false)).toList());
        assertThat(said.size()).isLessThanOrEqualTo(1);
        for (Several s : said) {
            assertThat(s.best().condition()).isNotEqualTo(Condition.UNKNOWN);
            assertThat(s.others()).hasSize(conditions.size() - 1).doesNotContain(s.best());
            assertThat(s.others())
                    .noneMatch(o -> o.condition().isBetterThan(s.best().condition()));
        }
    }
}
