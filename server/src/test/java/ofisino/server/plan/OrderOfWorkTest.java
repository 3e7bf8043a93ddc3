package ofisino.server.plan;

import static ofisino.server.plan.PlanSteps.job;
import static ofisino.server.testing.TestGarage.map;
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

/** What comes before what, what is waived, and what is made of jobs. */
@ExtendWith(TestApplication.class)
class OrderOfWorkTest {
    /** Scenario 10: blasting before the sealer is off is refused, until somebody says that there is none. */
    @Test
    void blastingWaitsForTheSealer(TestGarage garage) {
        UUID project = garage.project();
        UUID blast =
                job(garage, project, map("title", "Blast the leg", "zone", "chassis-leg-left", "operation", "BLAST"));
        garage.clear(blast);
        Answer refused = begin(garage, blast);
        assertThat(refused.code()).isEqualTo("job.not-yet");
        assertThat(refused.detail()).contains("sealer").contains("nothing to do");
        assertThat(orderOfWork(garage, project)
                        .path("missing")
                        .get(0)
                        .path("rule")
                        .asString())
                .isEqualTo("sealer-before-blast");
        assertThat(waive(garage, project, "sealer-before-blast", blast, blast, " ")
                        .code())
                .isEqualTo("reason.missing");
        waive(garage, project, "sealer-before-blast", blast, blast, "never had any")
                .ok();
        begin(garage, blast).ok();
    }

    @Test
    void proposedOrdersAreAcceptedInBulkAndACircleIsNamed(TestGarage garage) {
        UUID project = garage.project();
        UUID prime = job(garage, project, map("title", "Prime", "zone", "sill-left", "operation", "PRIME"));
        UUID weld = job(garage, project, map("title", "Weld", "zone", "sill-left", "operation", "WELD"));
        UUID cut = job(garage, project, map("title", "Cut", "zone", "sill-left", "operation", "CUT"));
        JsonNode proposed = orderOfWork(garage, project).path("proposed");
        assertThat(proposed).hasSize(2);
        List<Map<String, Object>> edges = proposed.valueStream()
                .map(e -> map(
                        "before",
                        e.path("before").asString(),
                        "after",
                        e.path("after").asString()))
                .toList();
        garage.owner()
                .post("/api/projects/" + project + "/order-of-work/accept", map("edges", edges))
                .ok();
        assertThat(orderOfWork(garage, project).path("proposed")).isEmpty();
        // what must hold is not excused, and the contrary link is refused with the circle
        assertThat(waive(garage, project, "cut-before-weld", cut, weld, "I like it so")
                        .code())
                .isEqualTo("order-of-work.must");
        assertThat(accept(garage, project, prime, cut).code()).isEqualTo("job.circle");
        assertThat(accept(garage, project, prime, cut).detail())
                .contains("Prime")
                .contains("Weld");
        garage.clear(prime);
        assertThat(begin(garage, prime).detail()).contains("“Weld”");
    }

    @Test
    void aRuleThatOnlyShouldHoldIsWaivedWithAReasonAndTakenBack(TestGarage garage) {
        UUID project = garage.project();
        UUID cut = job(garage, project, map("title", "Cut", "zone", "sill-left", "operation", "CUT"));
        UUID blast = job(garage, project, map("title", "Blast", "zone", "sill-left", "operation", "BLAST"));
        assertThat(orderOfWork(garage, project).path("proposed")).hasSize(1);
        waive(garage, project, "blast-before-cut", blast, cut, "the sheet is clean")
                .ok();
        assertThat(orderOfWork(garage, project).path("proposed")).isEmpty();
        garage.owner()
                .post(
                        "/api/projects/" + project + "/order-of-work/take-back",
                        map("rule", "blast-before-cut", "beforeId", blast, "afterId", cut, "reason", ""))
                .ok();
        assertThat(orderOfWork(garage, project).path("proposed")).hasSize(1);
    }

    /** Need 18: each is confirmed by itself, by somebody, at a time. */
    @Test
    void weldingDoesNotBeginBeforeEachThingIsConfirmed(TestGarage garage) {
        UUID project = garage.project();
        UUID weld = job(
                garage,
                project,
                map("title", "Weld", "zone", "sill-left", "operation", "WELD", "details", List.of("SEALER_OFF")));
        assertThat(begin(garage, weld).code()).isEqualTo("job.not-yet");
        String path = "/api/jobs/" + weld + "/interlocks";
        JsonNode asked = garage.owner().get(path).ok();
        assertThat(asked.valueStream().map(i -> i.path("interlock").asString()))
                .contains("EXTINGUISHER", "FUEL_AWAY", "ISOLATED", "VENTILATED", "EYES_AND_HANDS");
        assertThat(garage.owner()
                        .post(path, map("id", UUID.randomUUID(), "interlock", "DRAINED"))
                        .code())
                .isEqualTo("interlock.not-asked");
        garage.clear(weld);
        assertThat(garage.owner().get(path).ok().get(0).path("confirmedBy").asString())
                .isEqualTo("Tess");
        begin(garage, weld).ok();
    }

    @Test
    void oneJobIsMadeOfTwoAndTwoOfOne(TestGarage garage) {
        UUID project = garage.project();
        UUID renew = garage.job(project, "Renew the front");
        UUID bleedFront = garage.job(project, "Bleed the front", renew);
        UUID bleedRear = garage.job(project, "Bleed the rear");
        UUID test = garage.job(project, "Test", bleedRear);
        UUID fluid = garage.need(project, bleedRear, "Brake fluid");
        garage.owner()
                .post("/api/jobs/" + bleedFront + "/join", map("other", bleedRear))
                .ok();
        assertThat(garage.owner().get("/api/jobs/" + bleedRear).text("state")).isEqualTo("DROPPED");
        assertThat(garage.owner()
                        .get("/api/jobs/" + test)
                        .ok()
                        .path("after")
                        .get(0)
                        .asString())
                .isEqualTo(bleedFront.toString());
        assertThat(garage.owner().get("/api/needs/" + fluid).text("jobId")).isEqualTo(bleedFront.toString());
        // joining the first with what comes after the second would wait for itself
        assertThat(garage.owner()
                        .post("/api/jobs/" + renew + "/join", map("other", test))
                        .code())
                .isEqualTo("job.circle");
        UUID second = UUID.randomUUID();
        String split = "/api/jobs/" + bleedFront + "/split";
        assertThat(garage.owner()
                        .post(split, map("id", second, "title", "Rear", "sharePercent", 100, "version", 0))
                        .code())
                .isEqualTo("job.share");
        garage.owner()
                .post(split, map("id", second, "title", "Rear", "sharePercent", 25, "version", 0))
                .ok();
        assertThat(garage.owner()
                        .get("/api/jobs/" + second)
                        .ok()
                        .path("effort")
                        .path("likelyMinutes")
                        .asInt())
                .isEqualTo(15);
        assertThat(garage.owner()
                        .get("/api/jobs/" + bleedFront)
                        .ok()
                        .path("effort")
                        .path("likelyMinutes")
                        .asInt())
                .isEqualTo(45);
        assertThat(garage.owner()
                        .get("/api/jobs/" + test)
                        .ok()
                        .path("after")
                        .valueStream()
                        .map(JsonNode::asString))
                .contains(second.toString());
    }

    @Test
    void theFirstJobThatTrapsTheCarIsNamed(TestGarage garage) {
        UUID project = garage.project();
        UUID screen = job(garage, project, map("title", "Screen up"));
        UUID door = UUID.randomUUID();
        String passages = "/api/clearance/passages";
        assertThat(garage.owner()
                        .put(passages, map("id", door, "name", "Door", "heightMm", 0, "widthMm", 2400, "marginMm", 20))
                        .code())
                .isEqualTo("clearance.size");
        assertThat(garage.rows("clearance_passage")).isZero();
        garage.owner()
                .put(passages, map("id", door, "name", "Door", "heightMm", 1500, "widthMm", 2400, "marginMm", 20))
                .ok();
        garage.owner()
                .put(
                        "/api/projects/" + project + "/clearance/size",
                        map("heightMm", 1450, "widthMm", 1600, "lengthMm", 3900))
                .ok();
        garage.owner()
                .put("/api/clearance/changes", map("jobId", screen, "heightMm", 70, "widthMm", 0, "lengthMm", 0))
                .ok();
        JsonNode through = garage.owner()
                .get("/api/projects/" + project + "/clearance")
                .ok()
                .path("passages")
                .get(0);
        assertThat(through.path("now").path("spareMm").asInt()).isEqualTo(50);
        assertThat(through.path("trap").asString()).isEqualTo(screen.toString());
        assertThat(through.path("waysOut").get(0).asString()).isEqualTo(screen.toString());
        JsonNode blower = garage.owner()
                .get("/api/clearance/part?spaceMm=160&partMm=140&marginMm=5")
                .ok();
        assertThat(blower.path("spareMm").asInt()).isEqualTo(20);
    }

    private static Answer begin(TestGarage garage, UUID job) {
        return garage.owner()
                .post("/api/jobs/" + job + "/state", map("state", "BEGUN", "version", garage.version("jobs", job)));
    }

    private static JsonNode orderOfWork(TestGarage garage, UUID project) {
        return garage.owner().get("/api/projects/" + project + "/order-of-work").ok();
    }

    private static Answer accept(TestGarage garage, UUID project, UUID before, UUID after) {
        return garage.owner()
                .post(
                        "/api/projects/" + project + "/order-of-work/accept",
                        map("edges", List.of(map("before", before, "after", after))));
    }

    private static Answer waive(TestGarage garage, UUID project, String rule, UUID before, UUID after, String reason) {
        return garage.owner()
                .post(
                        "/api/projects/" + project + "/order-of-work/waive",
                        map("rule", rule, "beforeId", before, "afterId", after, "reason", reason));
    }
}
