package ofisino.server.plan;

import static ofisino.server.testing.TestGarage.TODAY;
import static ofisino.server.testing.TestGarage.map;
import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.IntStream;
import ofisino.server.testing.Api.Answer;
import ofisino.server.testing.TestApplication;
import ofisino.server.testing.TestGarage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

@ExtendWith(TestApplication.class)
class BeforeTheFirstStepTest {
    /** Scenario 6: new rims are blocked until the seat of the nuts is confirmed. */
    @Test
    void rimsWaitForTheirNuts(TestGarage garage) {
        UUID rims = garage.job(
                garage.project(), map("title", "New rims", "zone", "front-wheel-left", "operation", "REPLACE"));
        Answer refused = begin(garage, rims);
        assertThat(refused.code()).isEqualTo("job.not-yet");
        assertThat(refused.body()
                        .path("obstacles")
                        .valueStream()
                        .map(o -> o.path("id").asString()))
                .contains("NUT_SEAT");
        garage.clear(rims);
        begin(garage, rims).ok();
    }

    /** Scenario 6: the final door seal is ordered and not fitted; it is for after the trip. */
    @Test
    void theFinalSealIsNotSpoiltOnTheTrip(TestGarage garage) {
        UUID project = garage.project();
        UUID seal = garage.job(project, map("title", "Fit the final door seal"));
        UUID outstanding = UUID.randomUUID();
        String outstandingItems = "/api/projects/" + project + "/outstanding";
        garage.owner()
                .post(
                        outstandingItems,
                        map(
                                "id",
                                outstanding,
                                "what",
                                "Old seal glued back",
                                "later",
                                "Final door seal",
                                "when",
                                "EVENT",
                                "event",
                                "after the trip",
                                "dueOn",
                                LocalDate.parse(TODAY).plusDays(30),
                                "gas",
                                false,
                                "jobId",
                                seal))
                .ok();
        Answer refused = begin(garage, seal);
        assertThat(refused.code()).isEqualTo("job.not-yet");
        assertThat(refused.detail()).contains("after the trip");
        JsonNode plan = garage.owner().get("/api/projects/" + project + "/plan").ok();
        assertThat(plan.path("activities").valueStream())
                .allSatisfy(a -> assertThat(a.path("start").asString())
                        .isGreaterThanOrEqualTo(
                                LocalDate.parse(TODAY).plusDays(29).toString()));
        JsonNode item = garage.owner().get(outstandingItems).ok().get(0).path("row");
        garage.owner()
                .post(
                        "/api/outstanding/" + item.path("id").asString() + "/happened",
                        map("version", item.path("version")))
                .ok();
        begin(garage, seal).ok();
    }

    /** Scenario 10: labels for 37 plugs, each with a code of its own that leads back to it. */
    @Test
    void labelsForThirtySevenPlugs(TestGarage garage) {
        UUID project = garage.project();
        String path = "/api/projects/" + project + "/labels";
        List<Map<String, Object>> plugs = IntStream.rangeClosed(1, 37)
                .mapToObj(i -> map("id", UUID.randomUUID(), "words", "Dashboard plug " + i))
                .toList();
        garage.owner().post(path, map("kind", "PLUG", "labels", plugs)).ok();
        JsonNode labels = garage.owner().get(path).ok();
        assertThat(labels).hasSize(37);
        assertThat(labels.valueStream().map(l -> l.path("code").asString()).distinct())
                .hasSize(37);
        assertThat(labels.get(36).path("words").asString()).isEqualTo("Dashboard plug 37");
        String code = labels.get(0).path("code").asString();
        assertThat(garage.owner().get("/api/labels/" + code).ok().path("name").asString())
                .isEqualTo("Dashboard plug 1");
        assertThat(garage.owner()
                        .post(path, map("kind", "PLUG", "labels", List.of()))
                        .code())
                .isEqualTo("label.number");
    }

    @Test
    void anAwkwardFastenerIsFoundOutOnce(TestGarage garage) {
        UUID project = garage.project();
        UUID seat = garage.job(project, map("title", "Run the seat back"));
        UUID first = garage.job(project, map("title", "Column out", "zone", "load-floor"));
        UUID second = garage.job(project, map("title", "Heater in", "zone", "load-floor"));
        String path = "/api/jobs/" + first + "/reach";
        garage.owner()
                .post(
                        path,
                        map(
                                "id",
                                UUID.randomUUID(),
                                "fastener",
                                "Lower rear bolt",
                                "tools",
                                "13 mm, joint and 300 mm extension, from below",
                                "onlyAfter",
                                seat))
                .ok();
        JsonNode elsewhere =
                garage.owner().get("/api/jobs/" + second + "/reach").ok();
        assertThat(elsewhere.get(0).path("foundAt").asString()).isEqualTo("Column out");
        assertThat(garage.owner().get("/api/projects/" + project + "/plan").ok().toString())
                .contains("Column out");
        assertThat(garage.owner()
                        .post(path, map("id", UUID.randomUUID(), "fastener", " ", "tools", "x"))
                        .code())
                .isEqualTo("fastener.missing");
        garage.owner()
                .delete(path + "/" + elsewhere.get(0).path("id").asString())
                .ok();
        assertThat(garage.owner().get(path).ok()).isEmpty();
    }

    /** Scenario 2: aim driver; a line of show grade asks for a reason. */
    @Test
    void aPartBetterThanTheAimAsksForAReason(TestGarage garage) {
        String path = "/api/projects/" + garage.project() + "/needs";
        Map<String, Object> caps =
                map("title", "Chromed caps", "quantity", 4, "estimateMinor", 0, "leadDays", 5, "grade", "SHOW");
        assertThat(garage.owner()
                        .post(path, map("id", UUID.randomUUID(), "fields", caps))
                        .code())
                .isEqualTo("need.grade-reason");
        caps = new java.util.HashMap<>(caps);
        caps.put("gradeReason", "a present");
        assertThat(garage.owner()
                        .post(path, map("id", UUID.randomUUID(), "fields", caps))
                        .ok()
                        .path("gradeReason")
                        .asString())
                .isEqualTo("a present");
    }

    private static Answer begin(TestGarage garage, UUID job) {
        return garage.owner()
                .post("/api/jobs/" + job + "/state", map("state", "BEGUN", "version", garage.version("jobs", job)));
    }
}
