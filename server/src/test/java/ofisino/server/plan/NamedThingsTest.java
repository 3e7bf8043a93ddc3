package ofisino.server.plan;

import static ofisino.server.testing.TestGarage.map;
import static ofisino.server.testing.TestGarage.named;
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

/** A finding that names what it is about, and the work and the parts that come of it. */
@ExtendWith(TestApplication.class)
class NamedThingsTest {
    /** What is not there, or cannot be wrong with it, is refused with a way out; what it is about can be changed. */
    @Test
    void onlyWhatIsThereAndCanHaveItIsTaken(TestGarage garage) {
        UUID project = garage.project();
        assertThat(refused(garage, project, "sill-left", "tyre", "WORN")).isEqualTo("component.elsewhere");
        assertThat(refused(garage, project, "sill-left", "sill-outer", "DEAD_ELECTRICAL"))
                .isEqualTo("component.kind");
        assertThat(refused(garage, project, "sill-left", "no-such-thing", "WORN"))
                .isEqualTo("component.unknown");
        assertThat(refused(garage, project, "radiator", null, "SYMPTOM")).isEqualTo("finding.symptom");
        UUID id = garage.finding(project, "sill-left", "sill-outer", "RUST_THROUGH");
        change(garage, id, named("floor-left", "floor-pan", "RUST_THROUGH")).ok();
        JsonNode moved = garage.owner().get("/api/findings/" + id).ok();
        assertThat(moved.path("zone").asString()).isEqualTo("floor-left");
        assertThat(moved.path("component").asString()).isEqualTo("floor-pan");
    }

    /** What the car does is only looked into, and nothing is ordered for it. */
    @Test
    void aSymptomIsInvestigatedAndOrdersNothing(TestGarage garage) {
        UUID project = garage.project();
        UUID id = garage.finding(project, "radiator", "overheats", "SYMPTOM");
        assertThat(garage.owner()
                        .get("/api/findings/" + id + "/choices")
                        .ok()
                        .valueStream()
                        .map(c -> c.path("decision").asString()))
                .containsExactly("INVESTIGATE", "DEFER");
        assertThat(garage.owner()
                        .post(
                                "/api/findings/" + id + "/decision",
                                map("decision", "REPLACE", "reason", "a new one helps", "version", 0))
                        .code())
                .isEqualTo("decision.symptom");
        garage.decide(id, "INVESTIGATE");
        assertThat(garage.chain(id)).hasSize(1);
        assertThat(garage.rows("need")).isZero();
    }

    /** Both sides of an axle: one package, all of it once; what is left over is not made twice. */
    @Test
    void bothSidesOfAnAxleAreOnePackage(TestGarage garage) {
        UUID project = garage.project();
        UUID left = replaced(garage, project, "front-suspension-left", "front-damper", "LEAK");
        UUID right = replaced(garage, project, "front-suspension-right", "front-damper", "LEAK");
        JsonNode offers =
                garage.owner().get("/api/projects/" + project + "/chains").ok();
        assertThat(offers).hasSize(2);
        assertThat(offers.get(0).path("withSameAxle").asBoolean()).isFalse();
        assertThat(offers.get(1).path("withSameAxle").asBoolean()).isTrue();
        assertThat(offers.get(1).path("jobs").asInt()).isZero();
        List<UUID> made = garage.chain(left);
        assertThat(garage.chain(right)).containsExactlyElementsOf(made);
        assertThat(needs(garage, project)).contains("front-damper 2 PIECE", "damper-bushes 4 PIECE");
    }

    /** Discs bring pads: worn pads are done with them, and bought once, whichever was found first. */
    @Test
    void newDiscsBringTheirPads(TestGarage garage) {
        UUID project = garage.project();
        UUID pads = replaced(garage, project, "front-brakes", "brake-pads-front", "WORN");
        UUID discs = replaced(garage, project, "front-brakes", "brake-disc-front", "WORN");
        String chains = "/api/projects/" + project + "/chains";
        JsonNode offers = garage.owner().get(chains).ok();
        assertThat(offers)
                .filteredOn(o -> o.path("withSameAxle").asBoolean())
                .singleElement()
                .satisfies(o -> assertThat(o.path("findingId").asString()).isEqualTo(pads.toString()));
        garage.owner()
                .post(
                        chains,
                        map(
                                "chains",
                                List.of(
                                        map("findingId", pads, "chainId", UUID.randomUUID()),
                                        map("findingId", discs, "chainId", UUID.randomUUID()))))
                .ok();
        assertThat(needs(garage, project))
                .filteredOn(n -> n.startsWith("brake-pads-front"))
                .hasSize(1);
        assertThat(garage.owner().get("/api/projects/" + project + "/jobs").ok().path("jobs"))
                .filteredOn(j -> j.path("operation").asString().equals("REPLACE"))
                .singleElement()
                .satisfies(j -> assertThat(j.path("findings")).hasSize(2));
    }

    /** One after the other, the pads first: their work is given up for the one that brings them, and nothing of it is still to be bought. */
    @Test
    void padsWhoseWorkIsPlannedGoOverToTheDiscs(TestGarage garage) {
        UUID project = garage.project();
        UUID pads = replaced(garage, project, "front-brakes", "brake-pads-front", "WORN");
        UUID discs = replaced(garage, project, "front-brakes", "brake-disc-front", "WORN");
        List<UUID> first = garage.chain(pads);
        List<UUID> second = garage.chain(discs);
        assertThat(garage.owner().get("/api/projects/" + project + "/needs").ok())
                .filteredOn(n -> n.path("item").asString("").equals("brake-pads-front"))
                .extracting(n -> n.path("state").asString())
                .containsExactlyInAnyOrder("LEFT_OUT", "NEEDED");
        assertThat(garage.owner().get("/api/projects/" + project + "/jobs").ok().path("jobs"))
                .filteredOn(j -> second.contains(UUID.fromString(j.path("id").asString())))
                .allSatisfy(j -> assertThat(j.path("findings").valueStream().map(JsonNode::asString))
                        .contains(pads.toString(), discs.toString()));
        assertThat(garage.owner().get("/api/projects/" + project + "/jobs").ok().path("jobs"))
                .filteredOn(j -> first.contains(UUID.fromString(j.path("id").asString()))
                        && !second.contains(UUID.fromString(j.path("id").asString())))
                .isNotEmpty()
                .allSatisfy(j -> assertThat(j.path("state").asString()).isEqualTo("DROPPED"));
    }

    /** What has begun stays: discs that come later are work of their own. */
    @Test
    void padsThatAreBegunStay(TestGarage garage) {
        UUID project = garage.project();
        UUID pads = replaced(garage, project, "front-brakes", "brake-pads-front", "WORN");
        UUID discs = replaced(garage, project, "front-brakes", "brake-disc-front", "WORN");
        List<UUID> first = garage.chain(pads);
        garage.move(first.get(0), "BEGUN");
        garage.chain(discs);
        assertThat(garage.owner().get("/api/projects/" + project + "/jobs").ok().path("jobs"))
                .noneMatch(j -> j.path("state").asString().equals("DROPPED"));
    }

    /** What has begun is not joined: the other side would close with what one side got. */
    @Test
    void whatHasBegunIsNotJoined(TestGarage garage) {
        UUID project = garage.project();
        UUID left = replaced(garage, project, "front-suspension-left", "front-strut", "LEAK");
        UUID right = replaced(garage, project, "front-suspension-right", "front-strut", "LEAK");
        List<UUID> made = garage.chain(left);
        garage.move(made.get(0), "BEGUN");
        assertThat(garage.chain(right)).doesNotContainAnyElementsOf(made.subList(0, 2));
    }

    /** No way leads round the test: neither a job by hand nor one that is made something else. */
    @Test
    void nothingIsDoneToTheVehicleForASymptom(TestGarage garage) {
        UUID project = garage.project();
        UUID id = garage.finding(project, "radiator", "overheats", "SYMPTOM");
        garage.decide(id, "INVESTIGATE");
        UUID look = garage.chain(id).get(0);
        assertThat(garage.owner()
                        .post(
                                "/api/projects/" + project + "/jobs",
                                map(
                                        "id",
                                        UUID.randomUUID(),
                                        "fields",
                                        map("title", "Whatever is usual", "findings", List.of(id))))
                        .code())
                .as("without an operation it is what is usual: to renew something")
                .isEqualTo("job.symptom");
        for (String operation : List.of("REPLACE", "STRIP"))
            assertThat(garage.owner()
                            .post(
                                    "/api/projects/" + project + "/jobs",
                                    map(
                                            "id",
                                            UUID.randomUUID(),
                                            "fields",
                                            map(
                                                    "title",
                                                    "A new radiator",
                                                    "operation",
                                                    operation,
                                                    "findings",
                                                    List.of(id))))
                            .code())
                    .isEqualTo("job.symptom");
        assertThat(garage.owner()
                        .put(
                                "/api/jobs/" + look,
                                map(
                                        "fields",
                                        map("title", "A new radiator", "operation", "REPLACE", "zone", "radiator"),
                                        "version",
                                        garage.version("jobs", look)))
                        .code())
                .isEqualTo("job.symptom");
        Map<String, Object> radiator = map("jobId", look, "title", "Radiator", "quantity", 1, "estimateMinor", 9000);
        radiator.put("leadDays", 7);
        assertThat(garage.owner()
                        .post("/api/projects/" + project + "/needs", map("id", UUID.randomUUID(), "fields", radiator))
                        .code())
                .as("no part is bought before the test says which")
                .isEqualTo("need.symptom");
        UUID free = UUID.randomUUID();
        radiator.remove("jobId");
        garage.owner()
                .post("/api/projects/" + project + "/needs", map("id", free, "fields", radiator))
                .ok();
        radiator.put("jobId", look);
        assertThat(garage.owner()
                        .put("/api/needs/" + free, map("fields", radiator, "version", garage.version("needs", free)))
                        .code())
                .as("nor put on it later")
                .isEqualTo("need.symptom");
    }

    /** A name makes nothing milder: what is wrong in the brakes stays a matter of brakes, its work is on the thing. */
    @Test
    void aNameMakesNothingMilder(TestGarage garage) {
        UUID project = garage.project();
        UUID id = garage.finding(project, "rear-brakes", "half-shaft-seal", "LEAK");
        JsonNode finding = garage.owner().get("/api/findings/" + id).ok();
        assertThat(finding.path("system").asString()).isEqualTo("BRAKES");
        assertThat(finding.path("safetyClass").asString()).isEqualTo("A");
        garage.decide(id, "REPLACE");
        UUID job = garage.chain(id).get(0);
        assertThat(garage.owner().get("/api/jobs/" + job).text("system")).isEqualTo("TRANSMISSION");
    }

    /** A job on a thing of another system than its place keeps it when its words are changed. */
    @Test
    void aJobStaysOnItsThing(TestGarage garage) {
        UUID project = garage.project();
        UUID wiper = replaced(garage, project, "scuttle", "wiper-motor", "DEAD_ELECTRICAL");
        UUID job = garage.chain(wiper).get(0);
        assertThat(garage.owner().get("/api/jobs/" + job).text("system")).isEqualTo("ELECTRICAL");
        garage.owner()
                .put(
                        "/api/jobs/" + job,
                        map(
                                "fields",
                                map(
                                        "title",
                                        "Feed first",
                                        "operation",
                                        "TEST",
                                        "zone",
                                        "scuttle",
                                        "details",
                                        List.of("EARTHS", "NEEDS_POWER")),
                                "version",
                                garage.version("jobs", job)))
                .ok();
        assertThat(garage.owner().get("/api/jobs/" + job).text("system")).isEqualTo("ELECTRICAL");
    }

    /** The dangers of a thing stand at its jobs: a gas strut in a tailgate is no trim. */
    @Test
    void theDangersOfAThingStandAtItsJobs(TestGarage garage) {
        UUID project = garage.project();
        UUID strut = replaced(garage, project, "tailgate", "tailgate-strut", "WORN");
        UUID job = garage.chain(strut).get(0);
        assertThat(garage.owner()
                        .get("/api/jobs/" + job)
                        .ok()
                        .path("cautions")
                        .valueStream()
                        .map(JsonNode::asString))
                .contains("GAS_STRUTS");
    }

    /** Consumables have an amount and a unit, so that the same of several jobs is bought together. */
    @Test
    void consumablesAreCountedInTheirUnit(TestGarage garage) {
        UUID project = garage.project();
        UUID pads = replaced(garage, project, "front-brakes", "brake-pads-front", "WORN");
        garage.chain(pads);
        assertThat(needs(garage, project))
                .contains("brake-cleaner 300 MILLILITRE", "brake-grease 5 GRAM", "brake-pads-front 1 PIECE")
                .doesNotContain("brake-fluid-tin 800 MILLILITRE");
    }

    /** A soak is a wait of the plan, before anything is forced. */
    @Test
    void aStuckEngineIsSoakedForDays(TestGarage garage) {
        UUID project = garage.project();
        UUID stuck = garage.finding(project, "engine-block", "SEIZED");
        garage.decide(stuck, "REPAIR");
        List<UUID> jobs = garage.chain(stuck);
        JsonNode soak =
                garage.owner().get("/api/jobs/" + jobs.get(1) + "/conditions").ok();
        assertThat(soak.path("conditions").path("dryMinutes").asInt()).isEqualTo(72 * 60);
        assertThat(needs(garage, project)).containsExactly("penetrant 300 MILLILITRE");
    }

    private static List<String> needs(TestGarage garage, UUID project) {
        return garage.owner()
                .get("/api/projects/" + project + "/needs")
                .ok()
                .valueStream()
                .map(n -> "%s %d %s"
                        .formatted(
                                n.path("item").asString(""),
                                n.path("quantity").asInt(),
                                n.path("unit").asString()))
                .toList();
    }

    private static String refused(TestGarage garage, UUID project, String zone, String component, String kind) {
        return garage.owner()
                .post(
                        "/api/projects/" + project + "/findings",
                        map("id", UUID.randomUUID(), "fields", named(zone, component, kind)))
                .code();
    }

    private static Answer change(TestGarage garage, UUID finding, Map<String, Object> fields) {
        return garage.owner()
                .put("/api/findings/" + finding, map("fields", fields, "version", garage.version("findings", finding)));
    }

    /** A finding that is decided so. */
    private static UUID replaced(TestGarage garage, UUID project, String zone, String component, String kind) {
        UUID finding = garage.finding(project, zone, component, kind);
        garage.decide(finding, "REPLACE");
        return finding;
    }
}
