package ofisino.server.money.ledger;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import ofisino.core.kernel.Texts;
import ofisino.core.money.ledger.Destination;
import ofisino.core.money.ledger.EntryKind;
import ofisino.core.money.ledger.Split;
import org.apache.ibatis.annotations.Mapper;
import org.jspecify.annotations.Nullable;

@Mapper
interface EntryMapper {
    List<EntryRow> of(UUID garageId, UUID projectId);

    Optional<EntryRow> find(UUID garageId, UUID id);

    void insert(UUID garageId, EntryRow entry);

    int update(UUID garageId, EntryRow entry);

    int post(UUID garageId, UUID id, long version);

    int delete(UUID garageId, UUID id, long version);

    List<SplitRow> splits(UUID garageId, UUID projectId);

    List<SplitRow> splitsOf(UUID garageId, UUID entryId);

    void insertSplit(
            UUID garageId, UUID entryId, int position, Destination destination, @Nullable UUID jobId, long baseMinor);

    void clearSplits(UUID garageId, UUID entryId);

    /** What is not taken back, the latest first. */
    List<WorkshopToolRow> workshopTools(UUID garageId);

    /** @param id of the entry by which it left the car @param paidMinor in the base currency */
    record WorkshopToolRow(UUID id, UUID projectId, String description, LocalDate movedOn, long paidMinor) {}

    /** Which entries are booked: another is there, and the mark is another. */
    BookedMark bookedMark(UUID garageId, UUID projectId);

    /** @param entries how many @param ids made out of all their ids */
    record BookedMark(long entries, BigDecimal ids) {}

    enum State {
        DRAFT,
        POSTED
    }

    /**
     * @param amountMinor in the currency; negative for money that comes in and for reversals
     * @param reversedBy  the entry that takes this one back
     * @param twinId      the same on the other car, of what was moved from one to another
     */
    record EntryRow(
            UUID id,
            UUID projectId,
            EntryKind kind,
            LocalDate paidOn,
            String description,
            @Nullable UUID supplierId,
            @Nullable UUID orderId,
            String currency,
            long amountMinor,
            BigDecimal rate,
            LocalDate rateOn,
            long baseMinor,
            @Nullable LocalDate returnBy,
            State state,
            @Nullable UUID reversesId,
            @Nullable UUID reversedBy,
            @Nullable UUID twinId,
            int receipts,
            long version) {
        /** Value that goes from a car or comes to it, to be booked. @param baseMinor in the base currency, negative for what goes */
        static EntryRow moved(
                UUID id,
                UUID projectId,
                EntryKind kind,
                LocalDate on,
                String description,
                String currency,
                long baseMinor,
                @Nullable UUID twinId) {
            return new EntryRow(
                    id,
                    projectId,
                    kind,
                    on,
                    Texts.line("description", description),
                    null,
                    null,
                    currency,
                    baseMinor,
                    BigDecimal.ONE,
                    on,
                    baseMinor,
                    null,
                    State.DRAFT,
                    null,
                    null,
                    twinId,
                    0,
                    0);
        }
    }

    record SplitRow(
            UUID entryId, Destination destination, @Nullable UUID jobId, long baseMinor) {
        Split value() {
            return new Split(destination, Optional.ofNullable(jobId), baseMinor);
        }
    }
}
