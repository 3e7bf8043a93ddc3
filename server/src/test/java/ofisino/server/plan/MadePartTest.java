package ofisino.server.plan;

import static ofisino.server.testing.TestGarage.map;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.UUID;
import ofisino.server.testing.Api;
import ofisino.server.testing.TestApplication;
import ofisino.server.testing.TestGarage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** What was made by hand can be made again from what is written down. */
@ExtendWith(TestApplication.class)
class MadePartTest {
    @Test
    void isKeptWithItsJobAndListedForTheVehicle(TestGarage garage) {
        UUID project = garage.project();
        UUID job = PlanSteps.job(garage, project, "Outrigger end, left", "FABRICATE", 120);
        assertThat(put(garage.owner(), job, "Steel sheet 1.5 mm", "340 × 95 mm, flange 12 mm", 1, 0))
                .isEqualTo(204);
        assertThat(put(garage.owner(), job, "Steel sheet 1.5 mm", "342 × 95 mm, flange 12 mm", 2, 1))
                .isEqualTo(204);
        JsonNode made = made(garage, project);
        assertThat(made).hasSize(1);
        assertThat(made.path(0).path("jobId").asString()).isEqualTo(job.toString());
        assertThat(made.path(0).path("part").path("sizes").asString()).startsWith("342");
        assertThat(made.path(0).path("part").path("pieces").asInt()).isEqualTo(2);
    }

    @Test
    void whoeverSavesOverAnotherIsToldAndNothingIsLost(TestGarage garage) {
        UUID project = garage.project();
        UUID job = PlanSteps.job(garage, project, "Bracket", "FABRICATE", 60);
        put(garage.owner(), job, "Flat bar 30 × 5", "120 mm", 1, 0);
        assertThat(put(garage.owner(), job, "Flat bar", "first again", 1, 0)).isEqualTo(409);
        put(garage.owner(), job, "Flat bar 30 × 5", "125 mm", 1, 1);
        assertThat(put(garage.owner(), job, "Flat bar", "an old window", 1, 1)).isEqualTo(409);
        assertThat(made(garage, project).path(0).path("part").path("sizes").asString())
                .isEqualTo("125 mm");
    }

    @Test
    void nonsenseIsRefusedAndAViewerWritesNothing(TestGarage garage) {
        UUID project = garage.project();
        UUID job = PlanSteps.job(garage, project, "Bracket", "FABRICATE", 60);
        assertThat(put(garage.owner(), job, " ", "120 mm", 1, 0)).isEqualTo(422);
        assertThat(put(garage.owner(), job, "Flat bar", "", 1, 0)).isEqualTo(422);
        assertThat(put(garage.owner(), job, "Flat bar", "120 mm", 0, 0)).isEqualTo(422);
        assertThat(put(garage.join("VIEWER"), job, "Flat bar", "120 mm", 1, 0)).isEqualTo(403);
        assertThat(put(garage.owner(), UUID.randomUUID(), "Flat bar", "120 mm", 1, 0))
                .isEqualTo(404);
        assertThat(made(garage, project)).isEmpty();
    }

    private static int put(Api who, UUID job, String material, String sizes, int pieces, long version) {
        return who.put(
                        "/api/jobs/" + job + "/made",
                        map(
                                "part",
                                map("number", "", "material", material, "sizes", sizes, "pieces", pieces),
                                "version",
                                version))
                .status();
    }

    private static JsonNode made(TestGarage garage, UUID project) {
        return garage.owner().get("/api/projects/" + project + "/made").ok();
    }
}
