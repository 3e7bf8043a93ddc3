package ofisino.server.logbook;

import static ofisino.server.testing.TestGarage.effort;
import static ofisino.server.testing.TestGarage.map;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.UUID;
import ofisino.server.testing.TestApplication;
import ofisino.server.testing.TestGarage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Where one stands against the plan that was kept. */
@ExtendWith(TestApplication.class)
class BaselineTest {
    /** Two jobs of 4 h on two Saturdays, kept 40 days ago and not done: 40 days behind, to where it all began; with one of them done it is where it was on its day. */
    @Test
    void saysHowFarBehindOneIsAndWhatIsOverdue(TestGarage garage) {
        UUID project = garage.project();
        garage.free(map("day", "SATURDAY", "fromMinute", 540, "toMinute", 780));
        UUID sill = job(garage, project, "Weld the sill");
        UUID floor = job(garage, project, "Weld the floor");
        UUID out = job(garage, project, "Not needed");
        garage.log(project, sill, 60);
        assertThat(progress(garage, project).has("baseline")).isFalse();
        garage.owner()
                .post("/api/projects/" + project + "/scope/baseline", "{}")
                .ok();
        assertThat(progress(garage, project).has("baseline")).as("kept today").isFalse();
        garage.running()
                .sql()
                .update(
                        "update baseline_job set set_on = set_on - 40, planned_for = planned_for - 40 where project_id = ?",
                        project);
        garage.move(out, "DROPPED");
        JsonNode late = progress(garage, project).path("baseline");
        assertThat(late.path("lateDays").asLong()).isEqualTo(40);
        assertThat(late.path("plannedMinutes").asLong())
                .as("what was dropped is not due")
                .isEqualTo(480);
        assertThat(late.path("overdue").valueStream().map(JsonNode::asString))
                .containsExactlyInAnyOrder("Weld the sill", "Weld the floor");
        garage.move(floor, "BEGUN", "FINISHED");
        JsonNode half = progress(garage, project).path("baseline");
        assertThat(half.path("earnedMinutes").asLong()).isEqualTo(240);
        assertThat(half.path("lateDays").asLong()).isBetween(1L, 39L);
        assertThat(half.path("overdue")).hasSize(1);
        garage.move(sill, "FINISHED");
        assertThat(progress(garage, project).path("baseline").path("lateDays").asLong())
                .isZero();
    }

    private static UUID job(TestGarage garage, UUID project, String title) {
        return garage.job(project, map("title", title, "effort", effort(120, 240, 480)));
    }

    private static JsonNode progress(TestGarage garage, UUID project) {
        return garage.owner().get("/api/projects/" + project + "/progress").ok();
    }
}
