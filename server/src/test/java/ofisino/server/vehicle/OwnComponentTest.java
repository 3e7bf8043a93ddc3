package ofisino.server.vehicle;

import static ofisino.server.testing.TestGarage.map;
import static ofisino.server.testing.TestGarage.named;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import ofisino.server.testing.TestApplication;
import ofisino.server.testing.TestGarage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** A person adds parts, calls them otherwise, says that there is none, or that it is not the original. */
@ExtendWith(TestApplication.class)
class OwnComponentTest {
    @Test
    void whatIsNotOriginalStandsOnWhatIsBought(TestGarage garage) {
        UUID project = garage.project();
        put(
                garage,
                project,
                UUID.randomUUID(),
                0,
                map("component", "track-rod-end", "notOriginal", "thread of a 1974 rack"));
        UUID finding = garage.finding(project, "steering-gear", "track-rod-end", "WORN");
        garage.decide(finding, "REPLACE");
        garage.chain(finding);
        assertThat(needs(garage, project)).contains("Track rod end (thread of a 1974 rack)");
    }

    @Test
    void whatIsNotThereIsNeitherOfferedNorBought(TestGarage garage) {
        UUID project = garage.project();
        assertThat(things(garage, project)).contains("track-rod-nut");
        UUID id = UUID.randomUUID();
        put(garage, project, id, 0, map("component", "track-rod-nut", "absent", true));
        assertThat(things(garage, project)).doesNotContain("track-rod-nut");
        UUID finding = garage.finding(project, "steering-gear", "track-rod-end", "WORN");
        garage.decide(finding, "REPLACE");
        garage.chain(finding);
        assertThat(needs(garage, project)).noneMatch(n -> n.startsWith("Self-locking nut"));
        garage.owner().delete("/api/own-components/" + id).ok();
        assertThat(things(garage, project)).contains("track-rod-nut");
    }

    @Test
    void aPartOfOnesOwnIsFoundDecidedAndMended(TestGarage garage) {
        UUID project = garage.project();
        UUID id = UUID.randomUUID();
        Map<String, Object> winch = map("component", "own-" + id, "name", "Winch");
        winch.putAll(map("place", "front-bumper", "system", "BODY", "nature", "mechanism"));
        put(garage, project, id, 0, winch);
        UUID finding = garage.finding(project, "front-bumper", "own-" + id, "SEIZED");
        garage.decide(finding, "REPAIR");
        assertThat(garage.chain(finding)).isNotEmpty();
        assertThat(garage.owner().delete("/api/own-components/" + id).status())
                .as("a finding is about it")
                .isEqualTo(409);
        winch.put("name", "Capstan");
        put(garage, project, id, 0, winch);
        assertThat(sent(garage, project, id, 0, winch))
                .as("somebody changed it")
                .isEqualTo(409);
        assertThat(garage.owner().get("/api/projects/" + project + "/anatomy").ok())
                .anyMatch(c -> c.path("name").asString().equals("Capstan"));
    }

    @Test
    void nonsenseIsRefused(TestGarage garage, TestGarage other) {
        UUID project = garage.project();
        UUID id = UUID.randomUUID();
        assertThat(sent(garage, project, id, 0, map("component", "no-such-thing", "absent", true)))
                .isEqualTo(422);
        assertThat(sent(garage, project, id, 0, map("component", "own-x", "name", "Winch")))
                .as("nowhere")
                .isEqualTo(422);
        Map<String, Object> nowhere = map("component", "own-x", "name", "Winch", "place", "moon");
        nowhere.putAll(map("system", "BODY", "nature", "mechanism"));
        assertThat(sent(garage, project, id, 0, nowhere)).isEqualTo(422);
        nowhere.putAll(map("place", "front-bumper", "nature", "magic"));
        assertThat(sent(garage, project, id, 0, nowhere)).isEqualTo(422);
        assertThat(sent(other, project, id, 0, map("component", "tyre", "absent", true)))
                .isEqualTo(404);
        assertThat(garage.owner()
                        .post(
                                "/api/projects/" + project + "/findings",
                                map("id", UUID.randomUUID(), "fields", named("front-bumper", "own-x", "SEIZED")))
                        .status())
                .as("no such part")
                .isEqualTo(422);
    }

    private static void put(TestGarage garage, UUID project, UUID id, long version, Map<String, Object> said) {
        assertThat(sent(garage, project, id, version, said)).isEqualTo(204);
    }

    private static int sent(TestGarage garage, UUID project, UUID id, long version, Map<String, Object> said) {
        Map<String, Object> body = map("id", id, "version", version, "absent", false);
        body.putAll(said);
        return garage.owner()
                .put("/api/projects/" + project + "/own-components", body)
                .status();
    }

    private static List<String> things(TestGarage garage, UUID project) {
        return garage.owner()
                .get("/api/projects/" + project + "/anatomy")
                .ok()
                .valueStream()
                .map(c -> c.path("id").asString())
                .toList();
    }

    private static List<String> needs(TestGarage garage, UUID project) {
        return garage.owner()
                .get("/api/projects/" + project + "/needs")
                .ok()
                .valueStream()
                .map((JsonNode n) -> n.path("title").asString())
                .toList();
    }
}
