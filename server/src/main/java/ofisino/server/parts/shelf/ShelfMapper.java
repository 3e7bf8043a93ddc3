package ofisino.server.parts.shelf;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.UUID;
import ofisino.core.kernel.Side;
import ofisino.core.parts.consumable.AmountUnit;
import ofisino.core.parts.shelf.Condition;
import ofisino.core.parts.shelf.Fate;
import ofisino.core.parts.shelf.Stock;
import ofisino.core.parts.shelf.StockMove.MoveKind;
import ofisino.core.parts.shelf.StockOrigin;
import ofisino.core.parts.shelf.Thing;
import ofisino.core.parts.sourcing.SamePart;
import org.apache.ibatis.annotations.Mapper;
import org.jspecify.annotations.Nullable;

@Mapper
interface ShelfMapper {
    /** @param words with a blank between them; each stands somewhere in title, note, place or vehicle @param most no more than so many */
    List<StockRow> search(UUID garageId, String words, int most);

    /** Things that are to be bought again. */
    List<StockRow> low(UUID garageId);

    Optional<StockRow> find(UUID garageId, UUID id);

    List<MoveRow> moves(UUID garageId, UUID stockId);

    /** All that lies there. */
    List<StockRow> all(UUID garageId);

    int decide(UUID garageId, UUID id, Fate fate, long version);

    void insert(UUID garageId, StockRow stock);

    int update(UUID garageId, StockRow stock);

    void insertMove(UUID garageId, UUID stockId, MoveRow move);

    /** What is fitted in its place is on the vehicle, and verified. */
    boolean isReplaced(UUID garageId, UUID stockId);

    /**
     * @param projectId   the vehicle that it is of; null: of the garage
     * @param replacedBy  the part that takes its place
     * @param buyer       sold to, and still to be collected
     */
    record StockSaid(
            @Nullable UUID projectId,
            @Nullable String item,
            String title,
            Side side,
            AmountUnit unit,
            @Nullable Integer lowMark,
            UUID placeId,
            Condition condition,
            StockOrigin origin,
            String note,
            Fate fate,
            @Nullable UUID replacedBy,
            @Nullable Long askingMinor,
            String buyer) {}

    record StockRow(
            UUID id,
            int quantity,
            long costMinor,
            long worthMinor,
            @Nullable String placeCode,
            @Nullable String placeName,
            @Nullable String vehicle,
            long version,
            StockSaid said) {
        Stock toCore() {
            return new Stock(
                    quantity,
                    said.lowMark() == null ? OptionalInt.empty() : OptionalInt.of(said.lowMark()),
                    costMinor,
                    worthMinor);
        }

        Thing thing() {
            return new Thing(
                    id,
                    SamePart.of(Optional.ofNullable(said.item()), said.title(), said.side()),
                    said.unit(),
                    said.condition(),
                    said.fate(),
                    !said.buyer().isEmpty());
        }

        StockRow with(Stock core) {
            return new StockRow(
                    id,
                    core.pieces(),
                    core.costMinor(),
                    core.worthMinor(),
                    placeCode,
                    placeName,
                    vehicle,
                    version,
                    said);
        }
    }

    /** @param proceedsMinor that came back for what was sold */
    /** @param proceedsMinor that came back for what was sold */
    record MoveRow(
            UUID id,
            MoveKind kind,
            int pieces,
            @Nullable UUID needId,
            LocalDate movedOn,
            String note,
            long proceedsMinor) {}
}
