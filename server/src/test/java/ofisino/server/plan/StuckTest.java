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
        assertThat(climb(garage, studs.get(1), "stuck-shock")).isEqualTo(204);
        assertThat(first(garage, studs.get(1)).path("title").asString()).endsWith("impact: exhaust studs and nuts");
        assertThat(ladder(garage, studs.get(1)).at("/next/id").asString())
                .as("nor after it was struck")
                .isEqualTo("stuck-heat");
    }

    /** Fire beside a full tank: the fuel is out before, and back with a look for leaks after, whoever was only about to loosen a bolt. */
    @Test
    void beforeItIsHeatedTheFuelIsOut(TestGarage garage) {
        garage.workSessions();
        UUID project = garage.project();
        UUID off = PlanSteps.job(garage, project, "Old silencer off", "STRIP", 60);
        for (String rung : List.of("stuck-soak", "stuck-shock")) {
            assertThat(climb(garage, off, rung)).isEqualTo(204);
            garage.move(last(garage, off), "BEGUN", "FINISHED");
        }
        assertThat(climb(garage, off, "stuck-heat")).isEqualTo(204);
        UUID heat = last(garage, off);
        assertThat(PlanSteps.activity(garage, project, heat).path("start").asString())
                .isGreaterThanOrEqualTo(PlanSteps.activity(garage, project, titled(garage, project, "Tank empty"))
                        .path("end")
                        .asString());
        assertThat(PlanSteps.start(garage, project, titled(garage, project, "Fill with fuel")))
                .isGreaterThanOrEqualTo(
                        PlanSteps.activity(garage, project, heat).path("end").asString());
        garage.move(titled(garage, project, "Tank empty"), "BEGUN", "FINISHED");
        garage.move(heat, "BEGUN", "FINISHED");
        assertThat(climb(garage, off, "stuck-cut")).isEqualTo(204);
        assertThat(garage.owner()
                        .get("/api/projects/" + project + "/jobs")
                        .ok()
                        .path("jobs")
                        .valueStream()
                        .filter(j -> j.path("title").asString().startsWith("Tank empty")))
                .as("once for both")
                .hasSize(1);
    }

    @Test
    void aLongTitleIsCutWhereItShows(TestGarage garage) {
        UUID project = garage.project();
        UUID off = PlanSteps.job(garage, project, "Old silencer off ".repeat(7).strip(), "STRIP", 60);
        assertThat(climb(garage, off, "stuck-soak")).isEqualTo(204);
        assertThat(first(garage, off).path("title").asString()).hasSize(120).endsWith("…");
    }

    /** Nobody knows what is behind it: no rung is a way round that. */
    @Test
    void whatIsOnlyLookedIntoIsNotHeated(TestGarage garage) {
        UUID project = garage.project();
        UUID symptom = garage.finding(project, "engine-block", "low-oil-pressure", "SYMPTOM");
        garage.decide(symptom, "INVESTIGATE");
        UUID look = garage.chain(symptom).get(0);
        var refused = garage.owner().post("/api/jobs/" + look + "/stuck", map("rung", "stuck-soak"));
        assertThat(refused.status()).isEqualTo(409);
        assertThat(refused.text("detail")).contains("only tested and inspected");
    }

    private static UUID last(TestGarage garage, UUID job) {
        List<JsonNode> tried = ladder(garage, job).path("tried").valueStream().toList();
        return UUID.fromString(tried.get(tried.size() - 1).path("jobId").asString());
    }

    private static UUID titled(TestGarage garage, UUID project, String start) {
        return garage.owner()
                .get("/api/projects/" + project + "/jobs")
                .ok()
                .path("jobs")
                .valueStream()
                .filter(j -> j.path("title").asString().startsWith(start))
                .map(StuckTest::id)
                .findFirst()
                .orElseThrow(() -> new AssertionError("no job " + start));
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
