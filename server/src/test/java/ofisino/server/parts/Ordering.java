package ofisino.server.parts;

import static ofisino.server.testing.TestGarage.TODAY;
import static ofisino.server.testing.TestGarage.map;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import ofisino.server.testing.Api.Answer;
import ofisino.server.testing.TestGarage;
import tools.jackson.databind.JsonNode;

/** Presses that an order takes from the list to the shelf, or back. */
final class Ordering {
    private Ordering() {}

    static UUID need(TestGarage garage, UUID project, String title, int quantity) {
        UUID id = UUID.randomUUID();
        garage.owner()
                .post(
                        "/api/projects/" + project + "/needs",
                        map(
                                "id",
                                id,
                                "fields",
                                map("title", title, "quantity", quantity, "estimateMinor", 1000, "leadDays", 7)))
                .ok();
        return id;
    }

    static UUID returning(TestGarage garage, int days) {
        UUID supplier = garage.supplier("EUR");
        var parcel = map("postMinor", 0, "dutyPerMille", 0, "taxPerMille", 0, "returnDays", days, "version", 0);
        garage.owner().put("/api/suppliers/" + supplier + "/parcel", parcel).ok();
        return supplier;
    }

    static UUID order(
            TestGarage garage, UUID project, UUID supplier, long minor, LocalDate on, LocalDate expected, UUID need) {
        return UUID.fromString(place(garage, project, supplier, minor, on, expected, need)
                .ok()
                .path("id")
                .asString());
    }

    static Answer place(
            TestGarage garage, UUID project, UUID supplier, long minor, LocalDate on, LocalDate expected, UUID need) {
        Map<String, Object> body = TestGarage.order(
                UUID.randomUUID(), supplier, "EUR", 1, 0, List.of(map("needId", need, "amountMinor", minor)));
        body.put("orderedOn", on.toString());
        body.put("expectedOn", expected.toString());
        return garage.owner().post("/api/projects/" + project + "/orders", body);
    }

    static Answer arrive(TestGarage garage, UUID need, Object... said) {
        var body = map("arrivedOn", TODAY);
        body.putAll(map(said));
        return post(garage, need, "arrival", body);
    }

    static Answer accept(TestGarage garage, UUID need, Map<String, Object> body) {
        return post(garage, need, "acceptance", body);
    }

    static Answer post(TestGarage garage, UUID need, String what, Map<String, Object> body) {
        body.put("version", garage.version("needs", need));
        return garage.owner().post("/api/needs/" + need + "/" + what, body);
    }

    static Answer sentBack(TestGarage garage, JsonNode line, String on) {
        return garage.owner()
                .post(
                        "/api/order-lines/" + line.path("id").asString() + "/sent-back",
                        map("sentOn", on, "slip", "RR 12"));
    }

    static void pay(TestGarage garage, UUID project, UUID order, long minor) {
        UUID entry = UUID.randomUUID();
        var fields = map("kind", "PURCHASE", "paidOn", TODAY, "description", "Invoice", "currency", "EUR");
        fields.putAll(map("amountMinor", minor, "rate", 1, "rateOn", TODAY, "orderId", order));
        garage.owner()
                .post("/api/projects/" + project + "/entries", map("id", entry, "fields", fields))
                .ok();
        garage.owner()
                .post("/api/entries/" + entry + "/posting", map("version", 0))
                .ok();
    }

    static List<String> tasks(TestGarage garage, UUID project) {
        return garage.owner()
                .get("/api/projects/" + project + "/parts/tasks")
                .ok()
                .path("tasks")
                .valueStream()
                .map(t -> t.path("kind").asString() + " " + t.path("by").asString())
                .toList();
    }

    static List<JsonNode> needs(TestGarage garage, UUID project) {
        return garage.owner()
                .get("/api/projects/" + project + "/needs")
                .ok()
                .valueStream()
                .toList();
    }

    static UUID id(List<JsonNode> needs, String quantity) {
        return needs.stream()
                .filter(n -> n.path("quantity").asString().equals(quantity))
                .map(n -> UUID.fromString(n.path("id").asString()))
                .findFirst()
                .orElseThrow();
    }

    static List<JsonNode> lines(TestGarage garage, UUID project) {
        List<JsonNode> found = new ArrayList<>();
        for (JsonNode order :
                garage.owner().get("/api/projects/" + project + "/orders").ok())
            order.path("lines").forEach(found::add);
        return found;
    }

    static List<JsonNode> objections(TestGarage garage, UUID project, UUID need) {
        return garage.owner()
                .get("/api/projects/" + project + "/needs/objections")
                .ok()
                .valueStream()
                .filter(o -> o.path("needId").asString().equals(need.toString()))
                .toList();
    }

    static JsonNode moneyOf(TestGarage garage, UUID project) {
        return garage.owner().get("/api/projects/" + project + "/money").ok();
    }

    static long money(TestGarage garage, UUID project, String field) {
        return moneyOf(garage, project).path("position").path(field).asLong();
    }

    static long refunds(TestGarage garage, UUID project) {
        return moneyOf(garage, project)
                .path("refundsExpected")
                .valueStream()
                .mapToLong(r -> r.path("baseMinor").asLong())
                .sum();
    }
}
