package ofisino.server.parts;

import static ofisino.server.testing.TestGarage.DAY;
import static ofisino.server.testing.TestGarage.map;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.UUID;
import ofisino.server.testing.TestApplication;
import ofisino.server.testing.TestGarage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Parts that cannot be had, as far as the pages can take them. */
@ExtendWith(TestApplication.class)
class PartSearchTest {
    /** By hand: looked for today, and again in four weeks; once it is to be made nobody looks any more. */
    @Test
    void whatCannotBeHadIsLookedForAgain(TestGarage garage) {
        UUID project = garage.project();
        UUID lens = garage.need(project, garage.job(project, "Lamps"), "Rear lamp lens");
        String search = "/api/needs/" + lens + "/search";
        garage.owner()
                .put(
                        search,
                        map("why", "DISCONTINUED", "mostMinor", 4500, "wayOut", "LOOK_ON", "lookedAt", "Two fairs"))
                .ok();
        JsonNode said = searches(garage, project).get(0);
        assertThat(said.path("lookAgainOn").asString())
                .isEqualTo(DAY.plusDays(28).toString());
        assertThat(said.path("search").path("mostMinor").asLong()).isEqualTo(4500);
        assertThat(garage.owner()
                        .put(search, map("why", "RARE", "mostMinor", -1, "wayOut", "LOOK_ON"))
                        .text("field"))
                .isEqualTo("mostMinor");
        garage.join("HELPER")
                .put(search, map("why", "DISCONTINUED", "mostMinor", 1, "wayOut", "MAKE"))
                .ok();
        said = searches(garage, project).get(0);
        assertThat(said.has("lookAgainOn") && !said.path("lookAgainOn").isNull())
                .isFalse();
        assertThat(said.path("search").path("mostMinor").asLong())
                .as("who does not see amounts changes none")
                .isEqualTo(4500);
        garage.owner().put(search, map("why", "RARE", "wayOut", "USED")).ok();
        garage.owner()
                .put(search, map("why", "RARE", "wayOut", "USED", "lookedAt", "A third fair"))
                .ok(); // looked once more, and still no most
        garage.running().sql().update("update part_search set looked_on = looked_on - 30 where need_id = ?", lens);
        JsonNode task = garage.owner()
                .get("/api/projects/" + project + "/parts/tasks")
                .ok()
                .path("tasks")
                .valueStream()
                .filter(t -> t.path("kind").asString().equals("LOOK"))
                .findFirst()
                .orElseThrow();
        assertThat(task.path("by").asString()).isEqualTo(DAY.minusDays(2).toString());
        garage.owner().delete(search).ok();
        assertThat(searches(garage, project)).isEmpty();
        assertThat(garage.join("VIEWER")
                        .put(search, map("why", "RARE", "wayOut", "USED"))
                        .status())
                .isEqualTo(403);
    }

    /** The day to order it has come; what is to be made or looked for on nobody can order. */
    @Test
    void whatCannotBeHadIsNotAmongWhatIsToBeOrdered(TestGarage garage) {
        UUID project = garage.project();
        UUID lens = garage.need(project, garage.job(project, "Lamps"), "Rear lamp lens");
        UUID hose = garage.need(project, garage.job(project, "Heater"), "Heater hose");
        garage.workSessions();
        assertThat(toOrder(garage, project)).contains(lens.toString(), hose.toString());
        garage.owner()
                .put("/api/needs/" + lens + "/search", map("why", "DISCONTINUED", "wayOut", "LOOK_ON"))
                .ok();
        assertThat(toOrder(garage, project)).contains(hose.toString()).doesNotContain(lens.toString());
    }

    private static List<String> toOrder(TestGarage garage, UUID project) {
        return garage.owner()
                .get("/api/projects/" + project + "/parts/tasks")
                .ok()
                .path("tasks")
                .valueStream()
                .filter(t -> t.path("kind").asString().equals("ORDER"))
                .map(t -> t.path("needId").asString())
                .toList();
    }

    @Test
    void whatOfOtherModelsFitsIsFound(TestGarage garage) {
        UUID id = UUID.randomUUID();
        var fields = map(
                "part", "Rear lamp lens", "fitsFrom", "The Tarn saloon, 1966 on", "toldBy", "The club", "tried", false);
        fields.put("change", "Drill one hole 4 mm further in");
        garage.owner().post("/api/interchange", map("id", id, "fields", fields)).ok();
        assertThat(garage.owner().get("/api/interchange?q=lens%20TARN").ok()).hasSize(1);
        assertThat(garage.owner().get("/api/interchange?q=bumper").ok()).isEmpty();
        fields.put("tried", true);
        assertThat(garage.owner()
                        .put("/api/interchange/" + id, map("fields", fields, "version", 0))
                        .ok()
                        .path("tried")
                        .asBoolean())
                .isTrue();
        assertThat(garage.owner()
                        .put("/api/interchange/" + id, map("fields", fields, "version", 0))
                        .status())
                .isEqualTo(409);
        garage.owner().delete("/api/interchange/" + id).ok();
        assertThat(garage.owner().delete("/api/interchange/" + id).status()).isEqualTo(404);
    }

    private static JsonNode searches(TestGarage garage, UUID project) {
        return garage.owner().get("/api/projects/" + project + "/part-searches").ok();
    }
}
