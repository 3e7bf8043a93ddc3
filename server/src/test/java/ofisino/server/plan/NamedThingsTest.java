package ofisino.server.plan;

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
        garage.owner()
                .put(
                        "/api/findings/" + id,
                        map(
                                "fields",
                                map(
                                        "zone",
                                        "floor-left",
                                        "component",
                                        "floor-pan",
                                        "kind",
                                        "RUST_THROUGH",
                                        "covered",
                                        false,
                                        "foundOn",
                                        TestGarage.TODAY),
                                "version",
                                0))
                .ok();
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
        UUID left = garage.finding(project, "front-suspension-left", "front-damper", "LEAK");
        UUID right = garage.finding(project, "front-suspension-right", "front-damper", "LEAK");
        for (UUID finding : List.of(left, right)) garage.decide(finding, "REPLACE");
        JsonNode offers =
                garage.owner().get("/api/projects/" + project + "/chains").ok();
        assertThat(offers).hasSize(2);
        assertThat(offers.get(0).path("withOtherSide").asBoolean()).isFalse();
        assertThat(offers.get(1).path("withOtherSide").asBoolean()).isTrue();
        assertThat(offers.get(1).path("jobs").asInt()).isZero();
        List<UUID> made = garage.chain(left);
        assertThat(garage.chain(right)).containsExactlyElementsOf(made);
        assertThat(needs(garage, project)).contains("front-damper 2 PIECE", "damper-bushes 4 PIECE");
    }

    /** Consumables have an amount and a unit, so that the same of several jobs is bought together. */
    @Test
    void consumablesAreCountedInTheirUnit(TestGarage garage) {
        UUID project = garage.project();
        UUID pads = garage.finding(project, "front-brakes", "brake-pads-front", "WORN");
        garage.decide(pads, "REPLACE");
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
        Answer answer = garage.owner()
                .post(
                        "/api/projects/" + project + "/findings",
                        map(
                                "id",
                                UUID.randomUUID(),
                                "fields",
                                map(
                                        "zone",
                                        zone,
                                        "component",
                                        component,
                                        "kind",
                                        kind,
                                        "covered",
                                        false,
                                        "foundOn",
                                        TestGarage.TODAY)));
        return answer.code();
    }
}
