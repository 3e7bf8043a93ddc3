package ofisino.server.vehicle;

import static ofisino.server.testing.TestGarage.TODAY;
import static ofisino.server.testing.TestGarage.map;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.UUID;
import ofisino.server.testing.Api.Answer;
import ofisino.server.testing.TestApplication;
import ofisino.server.testing.TestGarage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.dao.DataAccessException;
import tools.jackson.databind.JsonNode;

/** The main line: from a finding on the car to a verified job and a closed finding. */
@ExtendWith(TestApplication.class)
class FindingToVerifiedTest {
    @Test
    void whatIsNotSaidIsProposedAndMarked(TestGarage garage) {
        UUID project = garage.project();
        UUID finding = garage.finding(project, "sill-left", "RUST_THROUGH");
        JsonNode f = garage.owner().get("/api/findings/" + finding).ok();
        assertThat(f.get("safetyClass").asString()).isEqualTo("A");
        assertThat(f.get("proposed"))
                .extracting(JsonNode::asString)
                .containsExactly("severity", "safetyClass", "howSeen", "aim");

        garage.owner()
                .put(
                        "/api/findings/" + finding,
                        map(
                                "fields",
                                map(
                                        "zone",
                                        "sill-left",
                                        "kind",
                                        "RUST_THROUGH",
                                        "severity",
                                        4,
                                        "howSeen",
                                        "ON_STANDS",
                                        "covered",
                                        true,
                                        "note",
                                        "filler",
                                        "foundOn",
                                        TODAY),
                                "version",
                                0))
                .ok();
        JsonNode changed = garage.owner().get("/api/findings/" + finding).ok();
        assertThat(changed.get("proposed")).extracting(JsonNode::asString).containsExactly("safetyClass", "aim");
        assertThat(garage.owner()
                        .get("/api/projects/" + project + "/proposal?zone=sill-left&kind=CRACK")
                        .text("howSeen"))
                .isEqualTo("ON_STANDS");
    }

    @Test
    void aSafetyFindingClosesOnlyByVerifiedWork(TestGarage garage) {
        UUID finding = garage.finding(garage.project(), "brake-pipes", "LEAK");
        garage.decide(finding, "REPLACE");
        List<UUID> jobs = garage.chain(finding);
        assertThat(state(garage, finding)).isEqualTo("DECIDED");
        garage.move(jobs.get(0), "BEGUN");
        assertThat(state(garage, finding)).isEqualTo("IN_WORK");
        assertThat(recheck(garage, finding, true).code()).isEqualTo("finding.not-verified");
        garage.move(jobs.get(0), "FINISHED");
        for (UUID job : jobs.subList(1, jobs.size())) garage.move(job, "BEGUN", "FINISHED");
        assertThat(state(garage, finding)).isEqualTo("AWAITING_RECHECK");
        Answer tooSoon = recheck(garage, finding, true);
        assertThat(tooSoon.status()).isEqualTo(409);
        assertThat(tooSoon.detail()).contains("closes only by verified work").contains("Verify “");
        for (UUID job : jobs) garage.move(job, "VERIFIED");
        assertThat(recheck(garage, finding, true).status()).isEqualTo(204);
        assertThat(state(garage, finding)).isEqualTo("CLOSED");
    }

    @Test
    void whatIsNotRightGoesBack(TestGarage garage) {
        UUID finding = garage.finding(garage.project(), "radiator", "LEAK");
        garage.decide(finding, "REPAIR");
        for (UUID job : garage.chain(finding)) garage.move(job, "BEGUN", "FINISHED", "VERIFIED");
        recheck(garage, finding, false).ok();
        assertThat(state(garage, finding)).isEqualTo("DECIDED");
    }

    @Test
    void safetyIsNotTalkedAwayByAnyProgram(TestGarage garage) {
        UUID finding = garage.finding(garage.project(), "brake-pipes", "LEAK");
        for (String decision : List.of("TEMPORARY", "ACCEPT", "REUSE")) {
            Answer refused = garage.owner()
                    .post(
                            "/api/findings/" + finding + "/decision",
                            map("decision", decision, "reason", "it will do", "version", 0));
            assertThat(refused.status()).as(decision).isEqualTo(422);
            assertThat(refused.text("field")).isEqualTo("decision");
            assertThatThrownBy(() -> garage.running()
                            .sql()
                            .update(
                                    "update finding set decision = ?, decision_reason = 'x', state = 'DECIDED' where id = ?",
                                    decision,
                                    finding))
                    .isInstanceOf(DataAccessException.class);
        }
        garage.decide(finding, "DEFER");
        assertThat(garage.owner().get("/api/findings/" + finding).text("decision"))
                .isEqualTo("DEFER");
    }

    @Test
    void twoWindowsLoseNothing(TestGarage garage) {
        UUID finding = garage.finding(garage.project(), "bonnet", "DENT");
        var fields = map(
                "zone",
                "bonnet",
                "kind",
                "DENT",
                "severity",
                1,
                "covered",
                false,
                "note",
                "first window",
                "foundOn",
                TODAY);
        garage.owner()
                .put("/api/findings/" + finding, map("fields", fields, "version", 0))
                .ok();
        fields.put("note", "second window");
        Answer stale = garage.owner().put("/api/findings/" + finding, map("fields", fields, "version", 0));
        assertThat(stale.status()).isEqualTo(409);
        assertThat(stale.code()).isEqualTo("finding.stale");
        assertThat(stale.body().get("stored").get("note").asString()).isEqualTo("first window");
        fields.put("note", "first window\nsecond window");
        garage.owner()
                .put(
                        "/api/findings/" + finding,
                        map(
                                "fields",
                                fields,
                                "version",
                                stale.body().get("stored").get("version").asLong()))
                .ok();
        assertThat(garage.owner().get("/api/findings/" + finding).text("note"))
                .isEqualTo("first window\nsecond window");
    }

    @Test
    void partsGoFromNeededToVerifiedWithTheirJob(TestGarage garage) {
        UUID project = garage.project();
        UUID job = garage.job(project, "Fit the hose");
        UUID need = garage.need(project, job, "Hose");
        UUID place = garage.place();
        garage.owner()
                .post(
                        "/api/projects/" + project + "/orders",
                        TestGarage.order(
                                UUID.randomUUID(),
                                garage.supplier("GBP"),
                                "GBP",
                                1.17,
                                500,
                                List.of(map("needId", need, "amountMinor", 2000))))
                .ok();
        assertThat(accept(garage, need, true, place).detail()).contains("arrival first");
        garage.owner()
                .post("/api/needs/" + need + "/arrival", map("arrivedOn", TODAY, "version", 1))
                .ok();
        assertThat(accept(garage, need, true, null).code()).isEqualTo("need.no-place");
        assertThat(accept(garage, need, false, null).code()).isEqualTo("reason.missing");
        Answer accepted = accept(garage, need, true, place);
        assertThat(accepted.text("state")).isEqualTo("ACCEPTED");
        assertThat(accepted.text("placeCode")).matches("[2-9CDFHJ-NPRTWXY]{3}");
        assertThat(garage.owner()
                        .get("/api/labels/" + accepted.text("placeCode").toLowerCase())
                        .text("name"))
                .isEqualTo("Long bench");
        garage.move(job, "BEGUN", "FINISHED");
        assertThat(garage.owner().get("/api/needs/" + need).text("state")).isEqualTo("FITTED");
        garage.move(job, "VERIFIED");
        assertThat(garage.owner().get("/api/needs/" + need).text("state")).isEqualTo("VERIFIED");
    }

    @Test
    void aCircleOfJobsIsRefusedAndNamed(TestGarage garage) {
        UUID project = garage.project();
        UUID cut = garage.job(project, "Cut");
        UUID weld = garage.job(project, "Weld", cut);
        UUID prime = garage.job(project, "Prime", weld);
        Answer refused = garage.owner()
                .put("/api/jobs/" + cut, map("fields", map("title", "Cut", "after", List.of(prime)), "version", 0));
        assertThat(refused.status()).isEqualTo(409);
        assertThat(refused.detail()).contains("“Cut” → “Weld” → “Prime” → “Cut”");
        assertThat(garage.version("jobs", cut)).isZero();
        assertThat(garage.rows("job_link")).isEqualTo(2);
    }

    @Test
    void aWorkSessionBeginsItsJobsAndShortensThePlan(TestGarage garage) {
        UUID project = garage.project();
        UUID job = garage.job(project, "Strip");
        garage.free(
                map("day", "SATURDAY", "fromMinute", 540, "toMinute", 780),
                map("day", "TUESDAY", "fromMinute", 1140, "toMinute", 1290));
        assertThat(plannedMinutes(garage, project)).isEqualTo(60);
        garage.owner()
                .post(
                        "/api/projects/" + project + "/work-sessions",
                        TestGarage.workSession(TODAY, job, 40, "begin with the bolts"))
                .ok();
        assertThat(garage.owner().get("/api/jobs/" + job).text("state")).isEqualTo("BEGUN");
        assertThat(plannedMinutes(garage, project)).isEqualTo(30); // 20 min left, in quarters
        JsonNode today =
                garage.owner().get("/api/projects/" + project + "/today").ok();
        assertThat(today.at("/notes/0/text").asString()).isEqualTo("begin with the bolts");
        assertThat(today.get("tonight").get("jobs").get(0).get("title").asString())
                .isEqualTo("Strip");
    }

    @Test
    void withoutTimeTheFrontPageSaysSo(TestGarage garage) {
        UUID project = garage.project();
        UUID strip = garage.job(project, map("title", "Strip", "aim", "ROAD_READY", "after", List.of()));
        garage.need(project, strip, "Seal");
        JsonNode today =
                garage.owner().get("/api/projects/" + project + "/today").ok();
        assertThat(today.get("planComplete").asBoolean()).isFalse();
        assertThat(today.has("tonight")).isFalse();
        assertThat(today.get("hasOwnTime").asBoolean()).isFalse();
        assertThat(today.has("road"))
                .as("the day on which its part comes is no road date")
                .isFalse();
        assertThat(today.get("roadWithoutDate").asBoolean()).isTrue();
        JsonNode plan = garage.owner().get("/api/projects/" + project + "/plan").ok();
        assertThat(plan.get("unplaced").get(0).get("limit").get("kind").asString())
                .isEqualTo("NO_TIME");
        assertThat(plan.get("hasTime").asBoolean()).isFalse();
        assertThat(plan.get("milestones")).isEmpty();
        assertThat(plan.get("withoutDate").valueStream().map(JsonNode::asString))
                .contains("ROAD_READY");
    }

    private static long plannedMinutes(TestGarage garage, UUID project) {
        long minutes = 0;
        for (JsonNode activity :
                garage.owner().get("/api/projects/" + project + "/plan").ok().get("activities"))
            for (JsonNode stretch : activity.get("stretches"))
                minutes += java.time.Duration.between(
                                java.time.Instant.parse(stretch.get("from").asString()),
                                java.time.Instant.parse(stretch.get("to").asString()))
                        .toMinutes();
        return minutes;
    }

    private static String state(TestGarage garage, UUID finding) {
        return garage.owner().get("/api/findings/" + finding).text("state");
    }

    private static Answer recheck(TestGarage garage, UUID finding, boolean good) {
        return garage.owner()
                .post(
                        "/api/findings/" + finding + "/recheck",
                        map("good", good, "note", "looked", "version", garage.version("findings", finding)));
    }

    private static Answer accept(TestGarage garage, UUID need, boolean right, UUID place) {
        return garage.owner()
                .post(
                        "/api/needs/" + need + "/acceptance",
                        map("right", right, "placeId", place, "reason", "", "version", garage.version("needs", need)));
    }
}
