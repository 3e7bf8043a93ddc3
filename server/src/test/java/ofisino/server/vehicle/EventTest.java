package ofisino.server.vehicle;

import static ofisino.server.testing.TestGarage.map;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.UUID;
import ofisino.server.testing.Api.Answer;
import ofisino.server.testing.TestApplication;
import ofisino.server.testing.TestGarage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** What happened to a car brings further parts under suspicion, by itself. */
@ExtendWith(TestApplication.class)
class EventTest {
    /** Scenario 5, on the estate: bearings, buckles, starter; it has no control units to suspect. */
    @Test
    void aFloodBringsItsSuspects(TestGarage garage) {
        UUID project = garage.project();
        record(garage, project, "FLOODED", "to the sills").ok();
        JsonNode flood = events(garage, project).get(0);
        assertThat(flood.get("note").asString()).isEqualTo("to the sills");
        assertThat(flood.get("suspects"))
                .extracting(s -> s.get("checkId").asString())
                .contains("wheel-bearing-front", "belt-buckle", "starter-engages", "floor-wet-carpet")
                .doesNotContain("control-unit-water", "pretensioner-length");
        assertThat(flood.get("suspects"))
                .filteredOn(s -> s.get("checkId").asString().equals("wheel-bearing-front"))
                .extracting(s -> s.get("place").asString())
                .as("one look at both")
                .containsExactly("front-suspension-left");
    }

    @Test
    void anEventHappensOnceAndCanBeTakenBack(TestGarage garage) {
        UUID project = garage.project();
        UUID write = UUID.randomUUID();
        garage.owner()
                .write(
                        "POST",
                        "/api/projects/" + project + "/events",
                        map("id", UUID.randomUUID(), "event", "VERMIN", "note", ""),
                        write)
                .ok();
        Answer again = record(garage, project, "VERMIN", "");
        assertThat(again.status()).isEqualTo(409);
        assertThat(again.code()).isEqualTo("event.twice");
        garage.owner().post("/api/changes/" + write + "/undo", map()).ok();
        assertThat(events(garage, project)).isEmpty();
    }

    /** What failed before anybody knew of the crash is as grave as what fails after it, and both as the sheet says. */
    @Test
    void whatHappenedMakesAFailedCheckGraver(TestGarage garage) {
        UUID project = garage.project();
        fails(garage, project, "symmetry-diagonals");
        String before = classOf(garage, project, "symmetry-diagonals");
        assertThat(before).isNotEqualTo("A");
        record(garage, project, "CRASHED", "").ok();
        assertThat(classOf(garage, project, "symmetry-diagonals")).isEqualTo("A");
        fails(garage, project, "seat-runners");
        for (JsonNode f :
                garage.owner().get("/api/projects/" + project + "/findings").ok())
            assertThat(f.path("safetyClass").asString())
                    .isEqualTo(step(garage, project, f.path("checkId").asString())
                            .path("ifBad")
                            .asString());
    }

    private static void fails(TestGarage garage, UUID project, String check) {
        garage.owner()
                .post(
                        "/api/projects/" + project + "/answers",
                        TestGarage.answer(
                                check,
                                step(garage, project, check).path("place").asString(),
                                "BAD"))
                .ok();
    }

    private static JsonNode step(TestGarage garage, UUID project, String check) {
        return garage.owner()
                .get("/api/projects/" + project + "/checks")
                .ok()
                .path("steps")
                .valueStream()
                .filter(s -> s.path("checkId").asString().equals(check))
                .findFirst()
                .orElseThrow();
    }

    private static String classOf(TestGarage garage, UUID project, String check) {
        return garage.owner()
                .get("/api/projects/" + project + "/findings")
                .ok()
                .valueStream()
                .filter(f -> f.path("checkId").asString().equals(check))
                .map(f -> f.path("safetyClass").asString())
                .findFirst()
                .orElseThrow();
    }

    @Test
    void nonsenseAndStrangersAreRefused(TestGarage mine, TestGarage other) {
        UUID project = mine.project();
        assertThat(record(mine, project, "METEORITE", "").status()).isEqualTo(400);
        assertThat(record(mine, project, "FLOODED", "x".repeat(4001)).status()).isEqualTo(422);
        assertThat(record(other, project, "FLOODED", "").status()).isEqualTo(404);
        assertThat(other.owner().get("/api/projects/" + project + "/events").status())
                .isEqualTo(404);
        assertThat(List.of(mine.rows("vehicle_event"), other.rows("vehicle_event")))
                .containsOnly(0L);
    }

    private static Answer record(TestGarage garage, UUID project, String event, String note) {
        return garage.owner()
                .post(
                        "/api/projects/" + project + "/events",
                        map("id", UUID.randomUUID(), "event", event, "note", note));
    }

    private static JsonNode events(TestGarage garage, UUID project) {
        return garage.owner().get("/api/projects/" + project + "/events").ok();
    }
}
