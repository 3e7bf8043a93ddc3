package ofisino.server.money;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import ofisino.core.money.ledger.EntryKind;
import ofisino.core.money.ledger.Split;
import ofisino.server.identity.Caller;
import org.jspecify.annotations.Nullable;

/** The door to what is posted. */
public interface Entries {
    /** Drafts what was paid for a vehicle, in the base currency. Its owner looks at it and posts it. */
    void draftForVehicle(
            Caller caller, UUID projectId, UUID entryId, EntryKind kind, long minor, LocalDate on, String description);

    List<Posted> posted(Caller caller, UUID projectId);

    /** @param returnBy of a deposit @param amountMinor in the currency; negative for money that came in and for reversals */
    record Posted(
            UUID id,
            EntryKind kind,
            String description,
            LocalDate paidOn,
            @Nullable LocalDate returnBy,
            @Nullable UUID orderId,
            String currency,
            long amountMinor,
            long baseMinor,
            List<Split> splits) {
        public Posted {
            splits = List.copyOf(splits);
        }
    }
}
