package ofisino.server.plan;

import static ofisino.server.testing.TestGarage.map;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import ofisino.server.testing.TestApplication;
import ofisino.server.testing.TestGarage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** A garage changes recipes and hours, copies them, saves them as a file and reads those of others. */
@ExtendWith(TestApplication.class)
class OwnRecipesTest {
    @Test
    void ownHoursAreWhatIsEstimatedAndPlanned(TestGarage garage, TestGarage other) {
        assertThat(sent(garage, "radiator", 0, 480)).isEqualTo(204);
        assertThat(line(garage, "radiator").path("own").asString()).isNotEmpty();
        UUID project = garage.project();
        UUID finding = garage.finding(project, "radiator", "LEAK");
        garage.decide(finding, "REPLACE");
        garage.chain(finding);
        assertThat(garage.owner().get("/api/projects/" + project + "/jobs").ok().path("jobs"))
                .anyMatch(j -> j.path("likelyMinutes").asInt() == 480
                        && j.path("title").asString().startsWith("Our way"));
        assertThat(line(other, "radiator").has("own")).as("another garage's").isFalse();

        assertThat(sent(garage, "radiator", 0, 60)).isEqualTo(204);
        assertThat(sent(garage, "radiator", 0, 90))
                .as("somebody changed it meanwhile")
                .isEqualTo(409);
        garage.owner()
                .delete("/api/own-recipes/"
                        + line(garage, "radiator").path("own").asString())
                .ok();
        assertThat(line(garage, "radiator").has("own")).isFalse();
    }

    @Test
    void whatIsLockedStaysAndOnlyOwnersChange(TestGarage garage) {
        assertThat(line(garage, "belts").path("locked").asBoolean()).isTrue();
        assertThat(sent(garage, "belts", 0, 60)).isEqualTo(409);
        assertThat(garage.join("HELPER")
                        .put("/api/own-recipes", body(garage, "radiator", 0, 60))
                        .status())
                .isEqualTo(403);
    }

    @Test
    void aFileGoesFromGarageToGarage(TestGarage garage, TestGarage friend) {
        sent(garage, "radiator", 0, 480);
        garage.owner()
                .post(
                        "/api/own-recipes/copies",
                        map(
                                "id", UUID.randomUUID(),
                                "from", "radiator",
                                "title", "Tank our way",
                                "projectId", garage.project(),
                                "component", "fuel-tank-shell"))
                .ok();
        String text =
                garage.owner().get("/api/own-recipes/file").ok().path("text").asString();
        assertThat(text).contains("id: radiator", "fuel-tank-shell");
        JsonNode read =
                friend.owner().post("/api/own-recipes/file", map("text", text)).ok();
        assertThat(read.path("count").asInt()).isEqualTo(2);
        assertThat(line(friend, "radiator").path("own").asString()).isNotEmpty();
        friend.owner().post("/api/own-recipes/file", map("text", text)).ok();
        String broken = text.replace("operation: replace", "operation: polish");
        var refused = friend.owner().post("/api/own-recipes/file", map("text", broken));
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.text("detail")).contains("polish").contains("replace");
    }

    private static int sent(TestGarage garage, String recipe, long version, int likely) {
        return garage.owner()
                .put("/api/own-recipes", body(garage, recipe, version, likely))
                .status();
    }

    private static Map<String, Object> body(TestGarage garage, String recipe, long version, int likely) {
        JsonNode line = line(garage, recipe);
        List<Map<String, Object>> steps = new ArrayList<>();
        Map<String, Object> step =
                map("from", 0, "title", "Our way", "operation", "REPLACE", "people", 1, "waitHours", 0);
        step.putAll(
                map("optimisticMinutes", 10, "likelyMinutes", likely, "pessimisticMinutes", 960, "tools", List.of()));
        steps.add(step);
        return map(
                "id",
                UUID.randomUUID(),
                "recipe",
                recipe,
                "title",
                line.path("title").asString(),
                "steps",
                steps,
                "version",
                version);
    }

    private static JsonNode line(TestGarage garage, String recipe) {
        return garage.owner()
                .get("/api/recipes")
                .ok()
                .valueStream()
                .filter(r -> r.path("recipe").asString().equals(recipe))
                .findFirst()
                .orElseThrow();
    }
}
