package ofisino.server.plan;

import static ofisino.server.testing.TestGarage.map;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.UUID;
import ofisino.server.testing.TestApplication;
import ofisino.server.testing.TestGarage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** What will not come loose: soaked for days, then struck, heated, cut, drilled; each only when what is milder failed. Common practice, no source. */
@ExtendWith(TestApplication.class)
class StuckTest {
    @Test
    void theLadderIsClimbedRungByRungAndTheSoakIsAWait(TestGarage garage) {
        garage.workSessions();
        UUID project = garage.project();
        UUID off = PlanSteps.job(garage, project, "Old silencer off", "STRIP", 60);
        JsonNode ladder = ladder(garage, off);
        assertThat(ladder.at("/next/id").asString()).isEqualTo("stuck-soak");
        assertThat(ladder.at("/next/waitMinutes").asInt()).isEqualTo(48 * 60);
        assertThat(climb(garage, off, "stuck-heat")).as("nobody heats first").isEqualTo(422);
        assertThat(climb(garage, off, "stuck-soak")).isEqualTo(204);

        JsonNode soak = first(garage, off);
        assertThat(soak.path("title").asString()).endsWith("soaked again and again: old silencer off");
        assertThat(soak.path("zone").asString()).as("where the stuck job is").isEqualTo("roof-front");
        assertThat(garage.owner().get("/api/projects/" + project + "/needs").ok())
                .as("a new fastener is bought as soon as the ladder starts")
                .anyMatch(n -> n.path("title").asString().startsWith("New fastener for"));
        assertThat(PlanSteps.start(garage, project, off))
                .as("it waits two days for the oil")
                .isGreaterThan(PlanSteps.activity(garage, project, id(soak))
                        .path("end")
                        .asString());
        assertThat(climb(garage, off, "stuck-shock")).as("the soak comes first").isEqualTo(409);
        garage.move(id(soak), "BEGUN", "FINISHED");
        assertThat(climb(garage, off, "stuck-shock")).isEqualTo(204);
        assertThat(ladder(garage, off).path("tried")).hasSize(2);
        assertThat(ladder(garage, off).at("/next/cautions").valueStream().map(JsonNode::asString))
                .as("heat is fire")
                .contains("FUEL", "WELDING");
    }

    /** A recipe that soaks already is not soaked again. */
    @Test
    void whatIsSoakedIsStruckNext(TestGarage garage) {
        UUID project = garage.project();
        UUID stuck = garage.finding(project, "engine-block", "exhaust-studs", "SEIZED");
        garage.decide(stuck, "REPAIR");
        List<UUID> studs = garage.chain(stuck);
        assertThat(ladder(garage, studs.get(1)).at("/next/id").asString()).isEqualTo("stuck-shock");
    }

    private static JsonNode ladder(TestGarage garage, UUID job) {
        return garage.owner().get("/api/jobs/" + job + "/stuck").ok();
    }

    private static int climb(TestGarage garage, UUID job, String rung) {
        return garage.owner()
                .post("/api/jobs/" + job + "/stuck", map("rung", rung))
                .status();
    }

    private static JsonNode first(TestGarage garage, UUID job) {
        return garage.owner()
                .get("/api/jobs/" + ladder(garage, job).at("/tried/0/jobId").asString())
                .ok();
    }

    private static UUID id(JsonNode job) {
        return UUID.fromString(job.path("id").asString());
    }
}
