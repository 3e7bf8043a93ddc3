package ofisino.server.plan;

import static ofisino.server.testing.TestGarage.map;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import ofisino.server.testing.Api;
import ofisino.server.testing.TestApplication;
import ofisino.server.testing.TestGarage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Tools and fasteners of the recipes: what must hold is recorded one by one before the work counts. */
@ExtendWith(TestApplication.class)
class ToHandTest {
    @Test
    void eachFastenerThatTheRecipeNamesHasItsFigureBeforeTheJobIsVerified(TestGarage garage) {
        UUID project = garage.project();
        UUID finding = garage.finding(project, "steering-gear", "track-rod-end", "WORN");
        garage.decide(finding, "REPLACE");
        List<UUID> jobs = garage.chain(finding);
        UUID renew = jobs.get(1);
        JsonNode toHand = toHand(garage, renew);
        assertThat(texts(toHand.path("tools"))).containsExactly("Taper splitter");
        assertThat(texts(toHand.path("fasteners"))).containsExactly("Track rod end nuts", "Track rod lock nuts");

        assertThat(put(garage, renew, List.of(), List.of())).as("said away").isEqualTo(409);
        assertThat(put(garage, renew, List.of(), List.of("Track rod end nuts")))
                .as("one of them said away")
                .isEqualTo(409);
        assertThat(put(
                        garage,
                        renew,
                        List.of("Taper splitter", "Heat gun"),
                        List.of("Track rod end nuts", "Track rod lock nuts")))
                .as("more tools")
                .isEqualTo(204);

        garage.move(jobs.get(0), "BEGUN", "FINISHED");
        garage.move(renew, "BEGUN", "FINISHED");
        Api other = garage.join("HELPER");
        tighten(garage, project, renew, "track rod end nuts", "FIGURE");
        assertThat(verify(other, garage, renew)).as("one of two").isEqualTo(409);
        tighten(garage, project, renew, "Track rod lock nuts", "BY_FEEL");
        assertThat(verify(other, garage, renew)).as("by feel is no figure").isEqualTo(409);
        tighten(garage, project, renew, "Track rod lock nuts", "FIGURE");
        assertThat(garage.owner().get("/api/projects/" + project + "/road").ok().path("fasteners"))
                .hasSize(3);
    }

    @Test
    void aPersonSaysWhatElseIsToHandAndNonsenseIsRefused(TestGarage garage) {
        UUID project = garage.project();
        UUID job = PlanSteps.job(garage, project, "New gaiter", "REPLACE", 60);
        assertThat(put(garage, job, List.of("Boot cone"), List.of("Hub nut"))).isEqualTo(204);
        assertThat(texts(toHand(garage, job).path("fasteners"))).containsExactly("Hub nut");
        assertThat(put(garage, job, List.of(" "), List.of())).isEqualTo(422);
        assertThat(put(garage, job, java.util.Collections.nCopies(21, "x"), List.of()))
                .as("the same line twice is one")
                .isEqualTo(204);
        assertThat(put(garage, job, many(), List.of())).isEqualTo(422);
        assertThat(put(garage, job, List.of(), List.of())).isEqualTo(204);
        assertThat(toHand(garage, job).path("tools")).isEmpty();
        assertThat(garage.join("VIEWER")
                        .put("/api/jobs/" + job + "/to-hand", map("tools", List.of(), "fasteners", List.of()))
                        .status())
                .isEqualTo(403);
    }

    private static List<String> many() {
        return java.util.stream.IntStream.range(0, 21)
                .mapToObj(n -> "Tool " + n)
                .toList();
    }

    private static int put(TestGarage garage, UUID job, List<String> tools, List<String> fasteners) {
        return garage.owner()
                .put("/api/jobs/" + job + "/to-hand", map("tools", tools, "fasteners", fasteners))
                .status();
    }

    private static JsonNode toHand(TestGarage garage, UUID job) {
        return garage.owner().get("/api/jobs/" + job + "/to-hand").ok();
    }

    private static List<String> texts(JsonNode list) {
        return list.valueStream().map(JsonNode::asString).collect(Collectors.toList());
    }

    private static int verify(Api who, TestGarage garage, UUID job) {
        return who.post("/api/jobs/" + job + "/state", map("state", "VERIFIED", "version", garage.version("jobs", job)))
                .status();
    }

    private static void tighten(TestGarage garage, UUID project, UUID job, String title, String how) {
        Map<String, Object> said = map(
                "id",
                UUID.randomUUID(),
                "version",
                0,
                "jobId",
                job,
                "title",
                title,
                "system",
                "STEERING_AND_SUSPENSION");
        said.put("tightness", how);
        if (how.equals("FIGURE")) {
            said.put("newtonMetres", 40);
            said.put("source", "Manual, page 12");
        } else said.put("source", "");
        garage.owner().put("/api/projects/" + project + "/fasteners", said).ok();
    }
}
