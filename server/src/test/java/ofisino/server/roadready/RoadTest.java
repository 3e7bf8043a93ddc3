package ofisino.server.roadready;

import static ofisino.server.testing.TestGarage.TODAY;
import static ofisino.server.testing.TestGarage.map;
import static ofisino.server.testing.TestGarage.saying;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import ofisino.server.testing.Api.Answer;
import ofisino.server.testing.TestApplication;
import ofisino.server.testing.TestGarage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** The gates over what is recorded: nothing passes by silence, and later work shuts again what it touched. */
@ExtendWith(TestApplication.class)
class RoadTest {
    @Test
    void aCarOfWhichNothingIsKnownPassesNoGate(TestGarage garage) {
        JsonNode road = road(garage, garage.project());
        assertThat(road.path("gates").valueStream().map(g -> g.path("open").asBoolean()))
                .containsOnly(false);
        assertThat(road.path("blockers").valueStream().map(b -> b.path("rule").asString()))
                .contains("CHECKS_UNANSWERED", "READING_MISSING", "PROOF_MISSING");
    }

    /** One look answers for four tyres; their tread and their age are read at each of them. */
    @Test
    void whatMustBeMeasuredIsMeasuredAtEachPlace(TestGarage garage) {
        UUID project = garage.project();
        for (String wheel : List.of("front-wheel-left", "front-wheel-right", "rear-wheel-left", "rear-wheel-right"))
            assertThat(ids(garage, project, "READING_MISSING")).contains("tread-depth " + wheel, "tyre-age " + wheel);
        take(garage, project, "tyre-age", "rear-wheel-left", map("unit", "YEAR", "made", "2025-06-01"));
        assertThat(ids(garage, project, "READING_MISSING"))
                .doesNotContain("tyre-age rear-wheel-left")
                .contains("tyre-age rear-wheel-right");
    }

    /** A tyre of 2010 and two thirds of brake imbalance, on record and unanswered: each stands in the way. */
    @Test
    void readingsOutsideStandInTheWayBeforeAnybodyKeepsThem(TestGarage garage) {
        UUID project = garage.project();
        take(garage, project, "tyre-age", "front-wheel-left", map("unit", "YEAR", "made", "0110"));
        take(
                garage,
                project,
                "brake-imbalance",
                "road",
                map("unit", "NEWTON", "value", 3000, "spot", "front left"),
                map("unit", "NEWTON", "value", 1000, "spot", "front right"));
        assertThat(ids(garage, project, "READING_OUTSIDE"))
                .containsExactlyInAnyOrder("tyre-age front-wheel-left", "brake-imbalance road");
    }

    /** The standing test holds until the next brake job; a look or a test voids nothing. */
    @Test
    void aLaterBrakeJobVoidsTheBrakeTest(TestGarage garage) {
        UUID project = garage.project();
        prove(garage, project, "brake-standing", map("value", 75)).ok();
        assertThat(ids(garage, project, "PROOF_MISSING")).doesNotContain("brake-standing");
        UUID look = job(garage, project, "Look at the hoses", "INSPECT");
        begin(garage, look);
        assertThat(ids(garage, project, "PROOF_MISSING")).doesNotContain("brake-standing");
        UUID pads = job(garage, project, "New pads", "REPLACE");
        begin(garage, pads);
        assertThat(ids(garage, project, "PROOF_MISSING")).contains("brake-standing");
        assertThat(ids(garage, project, "JOB_IN_HAND")).contains(pads.toString());
        assertThat(proof(garage, project, "brake-standing")
                        .path("records")
                        .get(0)
                        .path("voidedBy")
                        .asString())
                .as("what it had to open comes first")
                .isEqualTo("Brake circuit open");
    }

    @Test
    void whatIsNotPassedIsNotRecordedAndNextDistancesWait(TestGarage garage) {
        UUID project = garage.project();
        assertThat(prove(garage, project, "brake-standing", map("value", 20)).code())
                .isEqualTo("proof.not-passed");
        assertThat(prove(garage, project, "official-inspection", map()).code()).isEqualTo("proof.until");
        assertThat(prove(garage, project, "luck", map()).code()).isEqualTo("proof.not-asked");
        assertThat(prove(garage, project, "after-50-km", map()).code()).isEqualTo("proof.earlier-first");
        assertThat(garage.rows("road_proof")).isZero();
        prove(garage, project, "after-1-km", map()).ok();
        prove(garage, project, "after-10-km", map()).ok();
        prove(garage, project, "after-50-km", map()).ok();
        UUID first = UUID.fromString(proof(garage, project, "after-1-km")
                .path("records")
                .get(0)
                .path("id")
                .asString());
        garage.owner().delete("/api/proofs/" + first).ok();
        assertThat(proof(garage, project, "after-1-km").path("stands").asBoolean())
                .isFalse();
    }

    /** By feel is not enough; a figure without its source neither. */
    @Test
    void aFastenerIsProvedByAFigureAndItsSource(TestGarage garage) {
        UUID project = garage.project();
        UUID id = UUID.randomUUID();
        fastener(garage, project, id, map("tightness", "BY_FEEL"), 0).ok();
        assertThat(ids(garage, project, "FASTENER_NOT_TIGHT")).containsExactly(id.toString());
        assertThat(fastener(garage, project, id, map("tightness", "FIGURE", "newtonMetres", 65), 0)
                        .code())
                .isEqualTo("fastener.source");
        assertThat(fastener(garage, project, id, map("tightness", "FIGURE", "newtonMetres", 0, "source", "x"), 0)
                        .code())
                .isEqualTo("fastener.figure");
        fastener(garage, project, id, map("tightness", "FIGURE", "newtonMetres", 65, "source", "Manual, p. 112"), 0)
                .ok();
        assertThat(ids(garage, project, "FASTENER_NOT_TIGHT")).isEmpty();
        assertThat(fastener(garage, project, id, map("tightness", "BY_FEEL"), 0).code())
                .isEqualTo("fastener.stale");
    }

    /** The wrong answer that was measured: a car without brakes was told “Tonight: first drive”. */
    @Test
    void noDriveIsOfferedOrBegunWithoutBrakes(TestGarage garage) {
        UUID project = garage.project();
        garage.finding(project, "brake-pipes", "LEAK");
        UUID drive = UUID.randomUUID();
        garage.owner()
                .post(
                        "/api/projects/" + project + "/jobs",
                        saying(drive, "title", "First drive round the yard", "aim", "RUNNER"))
                .ok();
        JsonNode begin =
                garage.owner().get("/api/jobs/" + drive + "/permit").ok().path("begin");
        assertThat(begin.valueStream().map(o -> o.path("kind").asString())).contains("GATE");
        assertThat(garage.owner()
                        .post("/api/jobs/" + drive + "/state", map("state", "BEGUN", "version", 0))
                        .code())
                .isEqualTo("job.not-yet");
        assertThat(garage.owner()
                        .post(
                                "/api/projects/" + project + "/work-session-begun",
                                map("id", UUID.randomUUID(), "work", List.of(map("jobId", drive))))
                        .code())
                .isEqualTo("job.not-yet");
        garage.log(project, drive, 20);
        assertThat(state(garage, drive))
                .as("logged afterwards: the hours are kept, and it is begun")
                .isEqualTo("BEGUN");
        assertThat(garage.owner()
                        .post(
                                "/api/jobs/" + drive + "/state",
                                map("state", "FINISHED", "version", garage.version("jobs", drive)))
                        .code())
                .as("never finished against the rules")
                .isEqualTo("job.not-yet");
        assertThat(garage.owner()
                        .get("/api/projects/" + project + "/today")
                        .ok()
                        .path("tonight")
                        .path("jobs"))
                .extracting(j -> j.path("id").asString())
                .doesNotContain(drive.toString());
    }

    /** Class A work is verified by another person or later, never by the press that finishes it; and with its torque. */
    @Test
    void dangerousWorkIsVerifiedByAnother(TestGarage garage) {
        UUID project = garage.project();
        UUID pads = job(garage, project, "New caliper", "REPLACE");
        garage.move(pads, "BEGUN", "FINISHED");
        JsonNode verify =
                garage.owner().get("/api/jobs/" + pads + "/permit").ok().path("verify");
        assertThat(verify.valueStream().map(o -> o.path("kind").asString())).contains("TORQUE", "SECOND_LOOK");
        garage.move(pads, "VERIFIED");
        assertThat(state(garage, pads)).isEqualTo("VERIFIED");
    }

    private static String state(TestGarage garage, UUID job) {
        return garage.owner().get("/api/jobs/" + job).text("state");
    }

    @Test
    void strangersAndViewersChangeNothing(TestGarage mine, TestGarage other) {
        UUID project = mine.project();
        assertThat(other.owner().get("/api/projects/" + project + "/road").status())
                .isEqualTo(404);
        assertThat(prove(other, project, "seat-fixed", map()).status()).isEqualTo(404);
        assertThat(fastener(other, project, UUID.randomUUID(), map("tightness", "BY_FEEL"), 0)
                        .status())
                .isEqualTo(404);
        assertThat(mine.join("VIEWER")
                        .post(
                                "/api/projects/" + project + "/proofs",
                                map("id", UUID.randomUUID(), "proof", "seat-fixed", "doneOn", TODAY))
                        .status())
                .isEqualTo(403);
    }

    private static JsonNode road(TestGarage garage, UUID project) {
        return garage.owner().get("/api/projects/" + project + "/road").ok();
    }

    private static List<String> ids(TestGarage garage, UUID project, String rule) {
        return road(garage, project)
                .path("blockers")
                .valueStream()
                .filter(b -> b.path("rule").asString().equals(rule))
                .map(b -> b.at("/remedy/id").asString())
                .toList();
    }

    private static JsonNode proof(TestGarage garage, UUID project, String id) {
        return road(garage, project)
                .path("proofs")
                .valueStream()
                .filter(p -> p.path("id").asString().equals(id))
                .findFirst()
                .orElseThrow();
    }

    private static Answer prove(TestGarage garage, UUID project, String proof, Map<String, Object> more) {
        Map<String, Object> body = map("id", UUID.randomUUID(), "proof", proof, "doneOn", TODAY);
        body.putAll(more);
        return garage.owner().post("/api/projects/" + project + "/proofs", body);
    }

    private static Answer fastener(TestGarage garage, UUID project, UUID id, Map<String, Object> more, long version) {
        Map<String, Object> body = map("id", id, "title", "Caliper bolts", "system", "BRAKES", "version", version);
        body.putAll(more);
        return garage.owner().put("/api/projects/" + project + "/fasteners", body);
    }

    @SafeVarargs
    private static void take(
            TestGarage garage, UUID project, String limit, String place, Map<String, Object>... readings) {
        for (Map<String, Object> r : readings) r.putAll(map("id", UUID.randomUUID(), "readOn", TODAY, "sure", false));
        garage.owner()
                .post(
                        "/api/projects/" + project + "/readings",
                        map("limitId", limit, "place", place, "readings", List.of(readings)))
                .ok();
    }

    private static UUID job(TestGarage garage, UUID project, String title, String operation) {
        UUID id = UUID.randomUUID();
        garage.owner()
                .post(
                        "/api/projects/" + project + "/jobs",
                        saying(id, "title", title, "operation", operation, "zone", "front-brakes"))
                .ok();
        return id;
    }

    private static void begin(TestGarage garage, UUID job) {
        garage.clear(job);
        garage.move(job, "BEGUN");
    }
}
