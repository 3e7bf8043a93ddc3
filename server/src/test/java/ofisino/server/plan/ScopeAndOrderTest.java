package ofisino.server.plan;

import static ofisino.server.testing.TestGarage.TODAY;
import static ofisino.server.testing.TestGarage.effort;
import static ofisino.server.testing.TestGarage.map;
import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import ofisino.server.testing.Api.Answer;
import ofisino.server.testing.TestApplication;
import ofisino.server.testing.TestGarage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

@ExtendWith(TestApplication.class)
class ScopeAndOrderTest {
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
    void theBaselineIsKeptAndWhatIsAddedHasItsCause(TestGarage garage) {
        UUID project = garage.project();
        job(garage, project, map("title", "One", "effort", effort(60, 60, 60)));
        UUID two = job(garage, project, map("title", "Two", "effort", effort(60, 60, 60)));
        garage.owner()
                .post("/api/projects/" + project + "/scope/baseline", "{}")
                .ok();
        job(garage, project, map("title", "Cracked hanger", "effort", effort(90, 90, 90), "cause", "FOUND"));
        garage.move(two, "BEGUN", "FINISHED");
        JsonNode growth = scope(garage, project).path("growth");
        assertThat(growth.path("baselineMinutes").asInt()).isEqualTo(120);
        assertThat(growth.path("presentMinutes").asInt()).isEqualTo(210);
        assertThat(growth.path("growthPercent").asInt()).isEqualTo(75);
        assertThat(growth.path("doneOfBaseline").asInt()).isEqualTo(50);
        assertThat(growth.path("doneOfPresent").asInt()).isEqualTo(29);
        assertThat(growth.path("added").path("FOUND").path("minutes").asInt()).isEqualTo(90);
    }

    @Test
    void anotherAimSaysWhatFallsInAndOutBeforeItIsSet(TestGarage garage) {
        UUID project = garage.project();
        UUID polish = job(
                garage,
                project,
                map("title", "Polish", "zone", "rear-bumper", "aim", "SHOW", "effort", effort(600, 600, 600)));
        garage.need(project, polish, "Chrome polish");
        JsonNode preview = garage.owner()
                .get("/api/projects/" + project + "/scope/aim?aim=SHOW&zone=rear-bumper")
                .ok();
        assertThat(preview.path("in").path("minutes").asInt()).isEqualTo(600);
        assertThat(preview.path("in").path("minor").asInt()).isEqualTo(1000);
        assertThat(scope(garage, project).path("aboveAim").get(0).asString()).isEqualTo(polish.toString());
        String zoneAims = "/api/projects/" + project + "/scope/zone-aims";
        assertThat(garage.owner()
                        .put(zoneAims, map("zone", "rear-bumper", "aim", "SHOW", "reason", " "))
                        .code())
                .isEqualTo("reason.missing");
        garage.owner()
                .put(zoneAims, map("zone", "rear-bumper", "aim", "SHOW", "reason", "it is what one sees"))
                .ok();
        assertThat(scope(garage, project).path("aboveAim")).isEmpty();
        // back to the project's own aim
        garage.owner()
                .put(zoneAims, map("zone", "rear-bumper", "aim", "DRIVER", "reason", ""))
                .ok();
        assertThat(scope(garage, project).path("zoneAims")).isEmpty();
    }

    /** Scenario 9 and need 72: the third patch on one panel asks for the cause, and the whole side is suggested. */
    @Test
    void theThirdRepairOfTheSameKindAsksForTheCause(TestGarage garage) {
        UUID project = garage.project();
        Map<String, Object> patch = map("title", "Patch", "zone", "rear-arch-left", "operation", "WELD");
        job(garage, project, patch);
        job(garage, project, patch);
        assertThat(scope(garage, project).path("repeats")).hasSize(1);
        Answer third = garage.owner()
                .post("/api/projects/" + project + "/jobs", map("id", UUID.randomUUID(), "fields", patch));
        assertThat(third.code()).isEqualTo("repeat.cause");
        garage.owner()
                .put(
                        "/api/projects/" + project + "/scope/repeats",
                        map("zone", "rear-arch-left", "operation", "WELD", "cause", "water from the lamp seal"))
                .ok();
        job(garage, project, patch);
        assertThat(scope(garage, project)
                        .path("repeats")
                        .get(0)
                        .path("wholePanel")
                        .asBoolean())
                .isTrue();
    }

    /** Scenario 9 and 10: one paint session of five parts, one batch of 64 pieces; 53 % of the damage is covered. */
    @Test
    void piecesGoIntoOneSessionAndAPanelLeavesARest(TestGarage garage) {
        UUID project = garage.project();
        for (String zone : List.of("door-left", "door-right", "bonnet", "tailgate", "front-wing-left"))
            job(garage, project, map("title", "Paint", "zone", zone, "operation", "PAINT"));
        job(garage, project, map("title", "Plate the brackets", "operation", "COAT", "pieces", 40));
        job(garage, project, map("title", "Plate the clips", "operation", "COAT", "pieces", 24));
        assertThat(scope(garage, project)
                        .path("batches")
                        .valueStream()
                        .map(b -> b.path("operation").asString() + " "
                                + b.path("pieces").asInt()))
                .containsExactly("PAINT 5", "COAT 64");
        JsonNode cover = garage.owner()
                .get("/api/bench/panel-cover?damageLengthMm=900&damageWidthMm=420&panelLengthMm=500&panelWidthMm=400")
                .ok();
        assertThat(cover.path("coveredPercent").asInt()).isEqualTo(53);
        assertThat(cover.path("toMakeMm2").asInt()).isEqualTo(178_000);
    }

    /** Scenario 6: seven works wait for the end of the trip; on the day of the return they come up together. */
    @Test
    void whatIsOwedComesUpAfterTheTrip(TestGarage garage) {
        UUID project = garage.project();
        String today = TODAY;
        String later = LocalDate.parse(today).plusDays(20).toString();
        for (int i = 0; i < 7; i++)
            owe(
                            garage,
                            project,
                            "Work " + i,
                            "side-glass-left",
                            map("when", "EVENT", "event", "after the trip", "dueOn", later))
                    .ok();
        assertThat(outstandingItems(garage, project)
                        .valueStream()
                        .noneMatch(d -> d.path("due").asBoolean()))
                .isTrue();
        // the brakes and a fume seal are never owed
        assertThat(owe(garage, project, "Hose tied", "brake-pipes", map("when", "DATE", "dueOn", later))
                        .code())
                .isEqualTo("outstanding.never-temporary");
        Map<String, Object> fumes = map("when", "DATE", "dueOn", later);
        fumes.put("gas", true);
        assertThat(owe(garage, project, "Fume seal taped", "bulkhead", fumes).code())
                .isEqualTo("outstanding.never-temporary");
        assertThat(owe(garage, project, "Seal", "tailgate", map("when", "EVENT", "event", ""))
                        .code())
                .isEqualTo("outstanding.event");
        JsonNode first = outstandingItems(garage, project).get(0).path("row");
        garage.owner()
                .post("/api/outstanding/" + first.path("id").asString() + "/happened", map("version", 1))
                .ok();
        assertThat(outstandingItems(garage, project)
                        .valueStream()
                        .filter(d -> d.path("due").asBoolean()))
                .hasSize(7);
        assertThat(garage.owner()
                        .get("/api/projects/" + project + "/today")
                        .ok()
                        .path("outstandingDue")
                        .asInt())
                .isEqualTo(7);
        garage.owner()
                .post("/api/outstanding/" + first.path("id").asString() + "/settle", map("version", 2))
                .ok();
        assertThat(outstandingItems(garage, project)
                        .valueStream()
                        .filter(d -> d.path("due").asBoolean()))
                .hasSize(6);
    }

    /** Nothing goes on the road with a part of another car, until it is given back. */
    @Test
    void whatIsOnLoanStandsBeforeTheRoad(TestGarage garage) {
        UUID project = garage.project();
        Map<String, Object> back = map("when", "DATE", "dueOn", TestGarage.DAY.plusDays(30));
        back.put("kind", "LOAN");
        owe(garage, project, "Caliper of the second car", "front-brakes", back).ok();
        assertThat(garage.owner()
                        .get("/api/projects/" + project + "/road")
                        .ok()
                        .path("blockers")
                        .valueStream()
                        .filter(b -> b.path("rule").asString().equals("ON_LOAN"))
                        .map(b -> b.path("title").asString()))
                .containsExactly("Caliper of the second car");
        JsonNode loan = outstandingItems(garage, project).get(0).path("row");
        garage.owner()
                .post("/api/outstanding/" + loan.path("id").asString() + "/settle", map("version", 1))
                .ok();
        assertThat(garage.owner()
                        .get("/api/projects/" + project + "/road")
                        .ok()
                        .path("blockers")
                        .valueStream())
                .noneMatch(b -> b.path("rule").asString().equals("ON_LOAN"));
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

    private static UUID job(TestGarage garage, UUID project, Map<String, Object> fields) {
        UUID id = UUID.randomUUID();
        garage.owner()
                .post("/api/projects/" + project + "/jobs", map("id", id, "fields", fields))
                .ok();
        return id;
    }

    private static Answer begin(TestGarage garage, UUID job) {
        return garage.owner()
                .post("/api/jobs/" + job + "/state", map("state", "BEGUN", "version", garage.version("jobs", job)));
    }

    private static JsonNode orderOfWork(TestGarage garage, UUID project) {
        return garage.owner().get("/api/projects/" + project + "/order-of-work").ok();
    }

    private static JsonNode scope(TestGarage garage, UUID project) {
        return garage.owner().get("/api/projects/" + project + "/scope").ok();
    }

    private static JsonNode outstandingItems(TestGarage garage, UUID project) {
        return garage.owner().get("/api/projects/" + project + "/outstanding").ok();
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

    private static Answer owe(TestGarage garage, UUID project, String what, String zone, Map<String, Object> trigger) {
        Map<String, Object> body = map("id", UUID.randomUUID(), "zone", zone, "what", what, "later", "Do it rightly");
        body.putAll(trigger);
        body.putIfAbsent("gas", false);
        return garage.owner().post("/api/projects/" + project + "/outstanding", body);
    }
}
