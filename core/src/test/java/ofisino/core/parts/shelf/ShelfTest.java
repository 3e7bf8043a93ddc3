package ofisino.core.parts.shelf;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.UUID;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import ofisino.core.kernel.Conflict;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.parts.place.PlaceTree;
import ofisino.core.parts.shelf.StockMove.MoveKind;
import org.junit.jupiter.api.Test;

/** Sums by hand. */
class ShelfTest {
    /** Scenario 8: of a pack of 24 washers at 4.80 one is used; 23 are left, which cost 4.60. */
    @Test
    void whatIsTakenTakesItsShareOfTheCost() {
        Stock pack = new Stock(24, OptionalInt.of(5), 480, 480);
        Stock left = pack.after(StockMove.out(MoveKind.DRAWN, 1));
        assertThat(left).isEqualTo(new Stock(23, OptionalInt.of(5), 460, 460));
        assertThat(left.isLow()).isFalse();
        assertThat(left.after(StockMove.out(MoveKind.DRAWN, 18)).isLow()).isTrue();
    }

    @Test
    void noMoreIsTakenThanIsThere() {
        Stock two = new Stock(2, OptionalInt.empty(), 0, 0);
        assertThatThrownBy(() -> two.after(StockMove.out(MoveKind.SOLD, 3))).isInstanceOf(Conflict.class);
        assertThat(two.after(StockMove.out(MoveKind.SOLD, 2))).isEqualTo(new Stock(0, OptionalInt.empty(), 0, 0));
        assertThat(two.isLow()).as("nobody wants more of it").isFalse();
    }

    @Test
    void aMoveMovesSomethingTheRightWay() {
        for (MoveKind kind : List.of(MoveKind.DRAWN, MoveKind.SOLD, MoveKind.SCRAPPED))
            assertThatThrownBy(() -> new StockMove(kind, 1)).isInstanceOf(InvalidValue.class);
        assertThatThrownBy(() -> new StockMove(MoveKind.IN, -1)).isInstanceOf(InvalidValue.class);
        assertThatThrownBy(() -> new StockMove(MoveKind.COUNTED, 0)).isInstanceOf(InvalidValue.class);
        assertThat(new StockMove(MoveKind.COUNTED, -3).pieces()).isEqualTo(-3);
    }

    /** What a count finds is there from then on, and costs nothing more. */
    @Property
    void aCountIsRight(@ForAll @IntRange(max = 999) int thought, @ForAll @IntRange(max = 999) int found) {
        Stock before = new Stock(thought, OptionalInt.empty(), 700, 900);
        Optional<StockMove> move = before.counted(found);
        assertThat(move.isEmpty()).isEqualTo(thought == found);
        move.ifPresent(m -> {
            Stock after = before.after(m);
            assertThat(after.pieces()).isEqualTo(found);
            assertThat(after.costMinor()).isLessThanOrEqualTo(before.costMinor());
        });
    }

    /** Whatever goes, nothing of the cost is made, and with the last piece the last of it goes. */
    @Property
    void theLastPieceTakesTheLastOfTheCost(
            @ForAll @Size(min = 1, max = 20) List<@IntRange(min = 1, max = 9) Integer> taken) {
        Stock stock = new Stock(taken.stream().mapToInt(i -> i).sum(), OptionalInt.empty(), 10_007, 3);
        for (int pieces : taken) {
            Stock after = stock.after(StockMove.out(MoveKind.DRAWN, pieces));
            assertThat(after.costMinor()).isBetween(0L, stock.costMinor());
            stock = after;
        }
        assertThat(stock).isEqualTo(new Stock(0, OptionalInt.empty(), 0, 0));
    }

    @Test
    void whatWearsIsPresumedWornOffAnotherCar() {
        assertThat(Condition.UNKNOWN.presumed(StockOrigin.DONOR, true)).isEqualTo(Condition.WORN);
        assertThat(Condition.GOOD.presumed(StockOrigin.DONOR, true))
                .as("somebody has looked")
                .isEqualTo(Condition.GOOD);
        assertThat(Condition.UNKNOWN.presumed(StockOrigin.STRIPPED, true)).isEqualTo(Condition.UNKNOWN);
        assertThat(Condition.UNKNOWN.presumed(StockOrigin.DONOR, false)).isEqualTo(Condition.UNKNOWN);
        assertThat(Condition.GOOD.isBetterThan(Condition.WORN)).isTrue();
        assertThat(Condition.GOOD.isBetterThan(Condition.UNKNOWN)).isFalse();
    }

    @Test
    void noPlaceIsInItself() {
        UUID shelf = UUID.randomUUID();
        UUID box = UUID.randomUUID();
        UUID bag = UUID.randomUUID();
        Map<UUID, Optional<UUID>> outer =
                Map.of(shelf, Optional.empty(), box, Optional.of(shelf), bag, Optional.of(box));
        PlaceTree.mustNotBeInItself(bag, Optional.of(shelf), outer);
        PlaceTree.mustNotBeInItself(shelf, Optional.empty(), outer);
        assertThatThrownBy(() -> PlaceTree.mustNotBeInItself(shelf, Optional.of(bag), outer))
                .isInstanceOf(InvalidValue.class);
        assertThatThrownBy(() -> PlaceTree.mustNotBeInItself(box, Optional.of(box), outer))
                .isInstanceOf(InvalidValue.class);
    }
}
