package ofisino.server.money.bank;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.UUID;
import ofisino.core.kernel.list.DayOrder;
import ofisino.core.kernel.list.Decimals;
import ofisino.core.money.bank.BankColumns;
import ofisino.core.money.bank.BankLine;
import org.apache.ibatis.annotations.Mapper;
import org.jspecify.annotations.Nullable;

@Mapper
interface BankMapper {
    Optional<FormatRow> format(UUID garageId, UUID id);

    void keepFormat(UUID garageId, FormatRow format);

    /** @param lines as a JSON list, with the names of the columns @return how many were not there yet */
    int insertNew(UUID garageId, String lines);

    /** What stands for no receipt yet, the newest first: of one that was reversed the payment is open again. */
    List<LineRow> open(UUID garageId);

    /** What stands for a receipt of the project, the newest first. */
    List<SettledRow> settled(UUID garageId, UUID projectId);

    int elsewhere(UUID garageId);

    /** Locked: whoever presses twice finds it settled. */
    Optional<LineRow> lock(UUID garageId, UUID id);

    /** What is booked or drafted, was not taken back and stands on no line of the bank. */
    List<ReceiptRow> receiptsWithoutLine(UUID garageId);

    int settle(UUID garageId, UUID id, LineState state, @Nullable UUID entryId, long version);

    enum LineState {
        OPEN,
        RECEIPT,
        ELSEWHERE
    }

    /** In which columns a list says what. */
    record FormatRow(
            UUID id,
            Decimals decimals,
            DayOrder days,
            int dayColumn,
            @Nullable Integer amountColumn,
            @Nullable Integer paidOutColumn,
            @Nullable Integer paidInColumn,
            @Nullable Integer payeeColumn,
            @Nullable Integer purposeColumn) {
        BankColumns columns() {
            return new BankColumns(
                    dayColumn,
                    optional(amountColumn),
                    optional(paidOutColumn),
                    optional(paidInColumn),
                    optional(payeeColumn),
                    optional(purposeColumn));
        }

        private static OptionalInt optional(@Nullable Integer column) {
            return column == null ? OptionalInt.empty() : OptionalInt.of(column);
        }
    }

    record LineRow(UUID id, LocalDate paidOn, long minor, String payee, String purpose, LineState state, long version) {
        BankLine line() {
            return new BankLine(id, paidOn, minor, payee, purpose);
        }
    }

    /** @param description of the receipt it stands for */
    record SettledRow(UUID id, LocalDate paidOn, long minor, String payee, String description, long version) {}

    record ReceiptRow(
            UUID id,
            UUID projectId,
            LocalDate paidOn,
            long baseMinor,
            String description,
            @Nullable String supplier,
            boolean draft,
            long version) {}
}
