package ofisino.server.roadready;

import static ofisino.server.testing.TestGarage.map;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Stream;
import ofisino.server.testing.Api.Answer;
import ofisino.server.testing.TestApplication;
import ofisino.server.testing.TestGarage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Whoever goes round a guard, by another page, by the API or by a later log, stands before it again. */
@ExtendWith(TestApplication.class)
class WaysRoundTest {
    private static final String YESTERDAY = TestGarage.DAY.minusDays(1).toString();

    private static UUID caliper(TestGarage garage, UUID project) {
        return garage.job(project, map("title", "New caliper", "operation", "REPLACE", "zone", "brake-pipes"));
    }

    private static Answer change(TestGarage garage, UUID job, Map<String, Object> fields) {
        return garage.owner().put("/api/jobs/" + job, map("fields", fields, "version", garage.version("jobs", job)));
    }

    private static String text(TestGarage garage, UUID job, String field) {
        return garage.owner().get("/api/jobs/" + job).text(field);
    }

    @Test
    void whatAJobAnswersForIsNotEditedAwayOnceItHasBegun(TestGarage garage) {
        UUID project = garage.project();
        UUID caliper = caliper(garage, project);
        garage.move(caliper, "BEGUN", "FINISHED");
        for (Map<String, Object> milder : List.of(
                map("title", "New caliper", "operation", "INSPECT", "zone", "brake-pipes"),
                map("title", "New caliper", "operation", "REPLACE", "zone", "load-bay")))
            assertThat(change(garage, caliper, milder).code()).isEqualTo("job.begun-as-it-is");
        change(
                        garage,
                        caliper,
                        map(
                                "title",
                                "New caliper, front left",
                                "operation",
                                "REPLACE",
                                "zone",
                                "brake-pipes",
                                "note",
                                "bolts were rounded"))
                .ok();
        assertThat(system(garage, caliper)).isEqualTo("BRAKES");
    }

    @Test
    void aDriveJoinedIntoAnotherJobStillWaitsForItsGate(TestGarage garage) {
        UUID project = garage.project();
        UUID tidy = garage.job(project, map("title", "Tidy up", "operation", "CLEAN", "zone", "load-bay"));
        UUID drive =
                garage.job(project, map("title", "Round the yard", "operation", "TEST", "details", List.of("DRIVE")));
        assertThat(kinds(garage, tidy, "begin")).doesNotContain("GATE");
        assertThat(system(garage, tidy)).isEqualTo("TRIM");
        garage.owner().post("/api/jobs/" + tidy + "/join", map("other", drive)).ok();
        assertThat(kinds(garage, tidy, "begin")).contains("GATE");
        assertThat(system(garage, tidy)).isNull();
    }

    private static String system(TestGarage garage, UUID job) {
        return garage.running()
                .sql()
                .queryForObject(
                        "select system from job where garage_id = ? and id = ?", String.class, garage.id(), job);
    }

    private static Stream<String> kinds(TestGarage garage, UUID job, String move) {
        return garage.owner()
                .get("/api/jobs/" + job + "/permit")
                .ok()
                .path(move)
                .valueStream()
                .map(o -> o.path("kind").asString());
    }

    /** Everything that mends is dropped, only the look is done and verified. */
    @Test
    void aDangerousFindingDoesNotCloseByALookAlone(TestGarage garage) {
        UUID project = garage.project();
        UUID finding = garage.finding(project, "brake-pipes", "LEAK");
        garage.decide(finding, "REPLACE");
        List<UUID> chain = garage.chain(finding);
        UUID look = garage.job(
                project,
                map(
                        "title",
                        "Look at it",
                        "operation",
                        "INSPECT",
                        "zone",
                        "brake-pipes",
                        "findings",
                        List.of(finding)));
        for (UUID each : chain)
            garage.owner()
                    .post(
                            "/api/jobs/" + each + "/state",
                            map("state", "DROPPED", "version", garage.version("jobs", each)))
                    .ok();
        garage.move(look, "BEGUN", "FINISHED", "VERIFIED");
        Answer closed = garage.owner()
                .post(
                        "/api/findings/" + finding + "/recheck",
                        map("good", true, "note", "", "version", garage.version("findings", finding)));
        assertThat(closed.code()).isEqualTo("finding.not-verified");
        assertThat(closed.detail()).contains("only been inspected");
    }

    @Test
    void aTestIsNotDatedBeforeTheRepair(TestGarage garage) {
        UUID project = garage.project();
        garage.move(caliper(garage, project), "BEGUN", "FINISHED");
        assertThat(prove(garage, project, YESTERDAY).code()).isEqualTo("proof.before-work");
        assertThat(garage.rows("road_proof")).isZero();
        prove(garage, project, TestGarage.TODAY).ok();
    }

    private static Answer prove(TestGarage garage, UUID project, String day) {
        return garage.owner()
                .post(
                        "/api/projects/" + project + "/proofs",
                        map(
                                "id",
                                UUID.randomUUID(),
                                "proof",
                                "brake-standing",
                                "doneOn",
                                day,
                                "value",
                                60,
                                "note",
                                ""));
    }

    /** Finished yesterday, worked on today: it is in hand, its torque is not proved any more and what was tested is void. */
    @Test
    void timeLoggedAfterTheEndTakesAJobUpAgain(TestGarage garage) {
        UUID project = garage.project();
        UUID caliper = caliper(garage, project);
        garage.move(caliper, "BEGUN", "FINISHED", "VERIFIED");
        prove(garage, project, TestGarage.TODAY).ok();
        garage.log(project, caliper, 20);
        assertThat(text(garage, caliper, "state")).as("the same day").isEqualTo("VERIFIED");
        garage.running()
                .sql()
                .update(
                        "update job set finished_on = finished_on - 1 where garage_id = ? and id = ?",
                        garage.id(),
                        caliper);
        UUID workSession = garage.log(project, caliper, 15);
        assertThat(text(garage, caliper, "state")).isEqualTo("BEGUN");
        JsonNode road = garage.owner().get("/api/projects/" + project + "/road").ok();
        assertThat(road.path("fasteners").get(0).path("tightness").asString()).isEqualTo("FINGER_TIGHT");
        assertThat(road.path("fasteners").get(0).path("newtonMetres").asInt()).isEqualTo(50);
        assertThat(road.path("proofs")
                        .valueStream()
                        .filter(p -> p.path("id").asString().equals("brake-standing"))
                        .findFirst()
                        .orElseThrow()
                        .path("stands")
                        .asBoolean())
                .isFalse();
        garage.owner()
                .put(
                        "/api/work-sessions/" + workSession,
                        map(
                                "fields",
                                TestGarage.workSession(TestGarage.TODAY, caliper, 25)
                                        .get("fields"),
                                "version",
                                garage.version("work-sessions", workSession)))
                .ok();
        assertThat(text(garage, caliper, "spentMinutes")).isEqualTo("45");
    }

    /** Time on a job that was dropped is work on the vehicle like any other. */
    @Test
    void timeOnADroppedJobTakesItUp(TestGarage garage) {
        UUID project = garage.project();
        UUID caliper = caliper(garage, project);
        prove(garage, project, TestGarage.TODAY).ok();
        garage.owner()
                .post("/api/jobs/" + caliper + "/state", map("state", "DROPPED", "version", 0))
                .ok();
        garage.log(project, caliper, 20);
        assertThat(text(garage, caliper, "state")).isEqualTo("BEGUN");
    }

    @Test
    void aFastenerOfAnotherVehicleIsNotChangedThroughThisOne(TestGarage garage) {
        UUID mine = garage.project();
        UUID other = garage.project();
        UUID id = UUID.randomUUID();
        fastener(garage, mine, id).ok();
        assertThat(fastener(garage, other, id).status()).isEqualTo(404);
    }

    private static Answer fastener(TestGarage garage, UUID project, UUID id) {
        return garage.owner()
                .put(
                        "/api/projects/" + project + "/fasteners",
                        map(
                                "id",
                                id,
                                "title",
                                "Wheel nuts",
                                "system",
                                "WHEELS_AND_TYRES",
                                "tightness",
                                "BY_FEEL",
                                "source",
                                "",
                                "version",
                                0));
    }
}
