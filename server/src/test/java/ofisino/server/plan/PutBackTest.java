package ofisino.server.plan;

import static ofisino.server.testing.TestGarage.map;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.UUID;
import ofisino.server.testing.Api.Answer;
import ofisino.server.testing.TestApplication;
import ofisino.server.testing.TestGarage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** What is put back is open for nobody, and is stripped down anew for whoever still needs it. */
@ExtendWith(TestApplication.class)
class PutBackTest {
    /** A job that shares only by the plan is asked too; it may be stripped down anew, and then it is. */
    @Test
    void whatIsNotBegunMayOpenItAgain(TestGarage garage) {
        UUID project = garage.project();
        UUID hose = AccessTest.job(garage, project, "Renew a hose", "heater-hoses", "REPLACE");
        String coolant = coolantDrained(garage, project);
        AccessTest.open(garage, project, coolant).ok();
        garage.move(hose, "BEGUN", "FINISHED");
        UUID radiator = AccessTest.job(garage, project, "Renew the radiator", "radiator", "REPLACE");
        assertThat(coolantDrained(garage, project)).as("joins what is open").isEqualTo(coolant);
        assertThat(AccessTest.close(garage, project, coolant, 1).code()).isEqualTo("strip-down.job-open");
        garage.owner()
                .post("/api/projects/" + project + "/access/" + coolant + "/close", map("version", 1, "again", true))
                .ok();
        JsonNode again = AccessTest.access(garage, project)
                .path("stripDowns")
                .valueStream()
                .filter(o ->
                        o.path("jobs").valueStream().map(JsonNode::asString).anyMatch(radiator.toString()::equals))
                .filter(o -> o.path("access").asString().equals("coolant-drained"))
                .findFirst()
                .orElseThrow();
        assertThat(again.path("openedOn").isMissingNode()).isTrue();
        assertThat(again.path("jobs").valueStream().map(JsonNode::asString)).containsExactly(radiator.toString());
        assertThat(begin(garage, radiator).status()).as("it is closed").isEqualTo(409);
        AccessTest.open(garage, project, again.path("stripDown").asString()).ok();
        garage.move(radiator, "BEGUN");
        String second = again.path("stripDown").asString();
        assertThat(AccessTest.close(garage, project, second, 1).code()).isEqualTo("strip-down.job-begun");
    }

    /** What was put back is not open for a job that is taken up again; opened again, it is drained a second time. */
    @Test
    void aJobTakenUpAgainNeedsItOpenedAgain(TestGarage garage) {
        UUID project = garage.project();
        UUID hose = AccessTest.job(garage, project, "Renew a hose", "heater-hoses", "REPLACE");
        String coolant = coolantDrained(garage, project);
        AccessTest.open(garage, project, coolant).ok();
        garage.move(hose, "BEGUN", "FINISHED");
        AccessTest.close(garage, project, coolant, 1).ok();
        assertThat(begin(garage, hose).status()).as("it is closed").isEqualTo(409);
        AccessTest.open(garage, project, coolant).ok();
        begin(garage, hose).ok();
        JsonNode access = AccessTest.access(garage, project);
        assertThat(coolantDrained(garage, project)).isNotEqualTo(coolant);
        assertThat(access.path("drains").path("COOLANT").asInt()).isEqualTo(2);
        assertThat(AccessTest.open(garage, project, coolantDrained(garage, project))
                        .status())
                .as("open is open")
                .isLessThan(500);
    }

    private static String coolantDrained(TestGarage garage, UUID project) {
        return AccessTest.stripDown(AccessTest.access(garage, project), "coolant-drained")
                .path("stripDown")
                .asString();
    }

    private static Answer begin(TestGarage garage, UUID job) {
        return garage.owner()
                .post("/api/jobs/" + job + "/state", map("state", "BEGUN", "version", garage.version("jobs", job)));
    }
}
