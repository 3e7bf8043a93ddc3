package ofisino.server.money;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import ofisino.core.money.ledger.Split;
import ofisino.server.identity.Caller;
import org.jspecify.annotations.Nullable;

/** The door to what is posted. */
public interface Entries {
    List<Posted> posted(Caller caller, UUID projectId);

    /** @param amountMinor in the currency; negative for money that came in and for reversals */
    record Posted(
            UUID id,
            String description,
            LocalDate paidOn,
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
