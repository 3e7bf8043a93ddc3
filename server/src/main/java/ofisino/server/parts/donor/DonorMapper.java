package ofisino.server.parts.donor;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import ofisino.core.kernel.Side;
import ofisino.core.parts.donor.DonorLedger;
import ofisino.core.parts.donor.Verdict;
import ofisino.core.parts.shelf.Condition;
import ofisino.core.parts.shelf.Fate;
import org.apache.ibatis.annotations.Mapper;
import org.jspecify.annotations.Nullable;

@Mapper
interface DonorMapper {
    List<DonorRow> of(UUID garageId, UUID projectId);

    Optional<DonorRow> find(UUID garageId, UUID id);

    /** The donor of which a thing is a piece. */
    Optional<UUID> donorOf(UUID garageId, UUID stockId);

    List<PieceRow> pieces(UUID garageId, UUID donorId);

    void insert(UUID garageId, DonorRow donor);

    int update(UUID garageId, DonorRow donor);

    /** Makes a thing on the shelf a piece of a donor. */
    void piece(UUID garageId, UUID donorId, UUID stockId, Verdict verdict, long valueMinor);

    int judge(UUID garageId, UUID stockId, Verdict verdict, long valueMinor, long version);

    enum DonorKind {
        VEHICLE,
        LOT
    }

    /** @param placeId where it stands @param goneBy by when the shell has to go */
    record DonorRow(
            UUID id,
            UUID projectId,
            UUID placeId,
            DonorKind kind,
            String name,
            long costMinor,
            LocalDate boughtOn,
            @Nullable LocalDate goneBy,
            @Nullable LocalDate goneOn,
            String note,
            long version) {}

    /** @param stillOn it has not been taken off yet @param soldMinor that came back for it by now */
    record PieceRow(
            UUID stockId,
            String title,
            Side side,
            int quantity,
            Condition condition,
            Verdict verdict,
            Fate fate,
            boolean stillOn,
            long valueMinor,
            long soldMinor,
            @Nullable Long askingMinor,
            long version) {
        DonorLedger.Piece toCore() {
            boolean isForSale = askingMinor != null && quantity > 0 && fate == Fate.SELL;
            return new DonorLedger.Piece(stockId, verdict, valueMinor, soldMinor, isForSale ? askingMinor : 0);
        }
    }
}
