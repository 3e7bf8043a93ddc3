package ofisino.server.money.ledger;

import java.util.Map;
import ofisino.core.kernel.AppException;
import ofisino.core.kernel.Conflict;
import ofisino.core.kernel.InvalidValue;
import ofisino.server.web.StoredRules;
import org.springframework.stereotype.Component;

/** What the triggers of the ledger hold. */
@Component
class LedgerRules implements StoredRules {
    @Override
    public Map<String, AppException> bySqlState() {
        return Map.of(
                "OF001", posted(),
                "OF002",
                        InvalidValue.at(
                                "splits",
                                "split.sum",
                                "The shares do not come to the amount of the entry.",
                                "Load the page again and share it anew."),
                "OF003",
                        Conflict.of(
                                "entry.twin",
                                "What goes from car to car is booked on both, or on neither.",
                                "Load the page again."));
    }

    static Conflict posted() {
        return Conflict.of(
                "entry.posted", "This entry is booked and stays as it is.", "Reverse it and enter it again.");
    }
}
