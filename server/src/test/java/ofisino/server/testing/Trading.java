package ofisino.server.testing;

import static ofisino.server.testing.TestGarage.map;

import java.util.List;
import java.util.Map;
import java.util.UUID;

/** What sellers offer, and what is paid. */
public final class Trading {
    private Trading() {}

    /** Books a bill of that kind, in euros, on a job. */
    public static void book(TestGarage garage, UUID project, String kind, UUID job, long minor) {
        UUID id = UUID.randomUUID();
        var splits = List.of(map("destination", "JOB", "jobId", job, "baseMinor", minor));
        var fields = TestGarage.receipt(kind, "Bill", "EUR", minor, 1, "splits", splits);
        garage.owner()
                .post("/api/projects/" + project + "/entries", map("id", id, "fields", fields))
                .ok();
        garage.owner()
                .post("/api/entries/" + id + "/posting", map("version", 0))
                .ok();
    }

    /** @param wrong in a hundred @param holds by need, how many pieces are in one */
    public static Map<String, Object> offer(
            UUID seller, String kind, long price, int lead, int wrong, Map<UUID, Integer> holds) {
        return map(
                "supplierId",
                seller,
                "kind",
                kind,
                "title",
                "As offered",
                "priceMinor",
                price,
                "depositMinor",
                0,
                "most",
                9,
                "leadDays",
                lead,
                "wrongPercent",
                wrong,
                "holds",
                holds.entrySet().stream()
                        .map(e -> map("needId", e.getKey(), "pieces", e.getValue()))
                        .toList());
    }
}
