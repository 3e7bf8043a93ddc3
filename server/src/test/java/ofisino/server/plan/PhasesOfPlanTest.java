package ofisino.server.plan;

import static ofisino.server.testing.TestGarage.saying;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.UUID;
import ofisino.server.testing.TestApplication;
import ofisino.server.testing.TestGarage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

@ExtendWith(TestApplication.class)
class PhasesOfPlanTest {
    /** A sill, a clutch behind the gearbox, and a first drive that nothing clears the way for: each in its phase, none lost. */
    @Test
    void theWholeProjectIsSeenByItsPhases(TestGarage garage) {
        UUID project = garage.project();
        garage.workSessions();
        garage.finding(project, "brake-pipes", "LEAK"); // and no job for it
        work(garage, project, "Weld the sill", "sill-left", "WELD");
        work(garage, project, "Renew the clutch", "gearbox", "REPLACE");
        garage.job(project, "First drive on the yard");
        JsonNode plan = garage.owner().get("/api/projects/" + project + "/plan").ok();
        Map<String, JsonNode> phases = new LinkedHashMap<>();
        plan.path("phases").forEach(p -> phases.put(p.path("phase").asString(), p));
        assertThat(phases.keySet()).containsExactly("STRUCTURE", "MECHANICAL", "ROAD");
        assertThat(phases.get("ROAD").path("undated").asInt()).isEqualTo(1);
        assertThat(phases.get("ROAD").has("from")).isFalse();
        JsonNode mechanical = phases.get("MECHANICAL");
        assertThat(mechanical.path("jobsLeft").asInt()).isEqualTo(1);
        assertThat(mechanical.path("minutesLeft").asInt())
                .as("with taking the gearbox out and putting it back")
                .isGreaterThan(300);
        assertThat(mechanical.path("from").asString())
                .isLessThan(mechanical.path("to").asString());
        assertThat(mechanical.path("last").path("kind").asString()).isEqualTo("REFIT");
    }

    private static void work(TestGarage garage, UUID project, String title, String zone, String operation) {
        garage.owner()
                .post(
                        "/api/projects/" + project + "/jobs",
                        saying(UUID.randomUUID(), "title", title, "zone", zone, "operation", operation))
                .ok();
    }
}
