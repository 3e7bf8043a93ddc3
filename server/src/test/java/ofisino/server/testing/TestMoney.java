package ofisino.server.testing;

import static ofisino.server.testing.TestGarage.TODAY;
import static ofisino.server.testing.TestGarage.map;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;

/** What a test pays, and what like vehicles fetched. */
public final class TestMoney {
    private TestMoney() {}

    /** A receipt in the base currency, booked. @param splits none where nobody says what it is for */
    public static UUID booked(TestGarage garage, UUID project, long minor, LocalDate on, Map<?, ?>... splits) {
        UUID id = UUID.randomUUID();
        var fields = map("kind", "PURCHASE", "paidOn", on.toString(), "description", "Receipt", "currency", "EUR");
        fields.putAll(map("amountMinor", minor, "rate", 1, "rateOn", TODAY, "splits", List.of(splits)));
        garage.owner()
                .post("/api/projects/" + project + "/entries", map("id", id, "fields", fields, "booked", true))
                .ok();
        return id;
    }

    /** A like vehicle that was paid for. */
    public static void comparable(TestGarage garage, UUID project, long minor) {
        var like = map("id", UUID.randomUUID(), "title", "Like it", "minor", minor, "sold", true, "seenOn", TODAY);
        garage.owner()
                .post("/api/projects/" + project + "/buying/comparables", like)
                .ok();
    }
}
