package ofisino.server.vehicle;

import static ofisino.server.testing.TestGarage.TODAY;
import static ofisino.server.testing.TestGarage.map;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import ofisino.server.testing.Api.Answer;
import ofisino.server.testing.TestGarage;
import tools.jackson.databind.JsonNode;

/** What the tests of readings send and read. */
final class Measuring {
    private Measuring() {}

    @SafeVarargs
    static Answer take(TestGarage garage, UUID project, String limit, String place, Map<String, Object>... readings) {
        return garage.owner()
                .post(
                        "/api/projects/" + project + "/readings",
                        map("limitId", limit, "place", place, "readings", new ArrayList<>(List.of(readings))));
    }

    static Map<String, Object> reading(String spot, double value, String unit) {
        return map("id", UUID.randomUUID(), "spot", spot, "value", value, "unit", unit, "readOn", TODAY, "sure", false);
    }

    static Map<String, Object> made(String spot, String code) {
        return map("id", UUID.randomUUID(), "spot", spot, "made", code, "unit", "YEAR", "readOn", TODAY, "sure", false);
    }

    static JsonNode readings(TestGarage garage, UUID project, String list, String key, String value) {
        return garage.owner()
                .get("/api/projects/" + project + "/readings")
                .ok()
                .path(list)
                .valueStream()
                .filter(one -> one.path(key).asString().equals(value))
                .findFirst()
                .orElseThrow();
    }

    static JsonNode measured(TestGarage garage, UUID project) {
        return garage.owner()
                .get("/api/projects/" + project + "/readings")
                .ok()
                .path("measured")
                .get(0);
    }

    static JsonNode judged(TestGarage garage, UUID project) {
        return measured(garage, project).path("judged");
    }
}
