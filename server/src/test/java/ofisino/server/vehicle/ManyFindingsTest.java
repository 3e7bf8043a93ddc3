package ofisino.server.vehicle;

import static ofisino.server.testing.TestGarage.TODAY;
import static ofisino.server.testing.TestGarage.map;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import ofisino.server.testing.Api.Answer;
import ofisino.server.testing.TestApplication;
import ofisino.server.testing.TestGarage;
import ofisino.server.testing.TestPictures;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Many findings in a row: from paper, decided, joined, looked at again. */
@ExtendWith(TestApplication.class)
class ManyFindingsTest {
    @Test
    void whatWasWrittenOnPaperIsTypedInOnce(TestGarage garage) {
        UUID project = garage.project();
        String edition =
                garage.owner().get("/api/projects/" + project + "/checks").text("edition");
        Map<String, Object> sheet =
                map("id", UUID.randomUUID(), "edition", edition, "typed", "1-13g 40b", "howSeen", "WALKED_ROUND");
        UUID write = UUID.randomUUID();
        JsonNode kept = garage.owner()
                .write("POST", "/api/projects/" + project + "/sheet", sheet, write)
                .ok();
        assertThat(kept.path("kept").asInt()).isEqualTo(14);
        assertThat(kept.path("failed").asInt()).isEqualTo(1);
        assertThat(garage.rows("finding")).isEqualTo(1);
        garage.owner()
                .write("POST", "/api/projects/" + project + "/sheet", sheet, write)
                .ok();
        assertThat(garage.rows("check_answer")).isEqualTo(14);
        sheet.put("typed", "9999g oops");
        assertThat(garage.owner()
                        .post("/api/projects/" + project + "/sheet", sheet)
                        .detail())
                .contains("“9999g”", "“oops”");
        sheet.put("edition", "0000");
        assertThat(garage.owner()
                        .post("/api/projects/" + project + "/sheet", sheet)
                        .code())
                .isEqualTo("sheet.edition");
        assertThat(garage.rows("check_answer")).isEqualTo(14);
    }

    @Test
    void proposalsFollowThePolicyAndAreTakenAtOnce(TestGarage garage) {
        UUID project = garage.project();
        UUID worn = garage.finding(project, "propshaft", "WORN");
        UUID doubt = garage.finding(project, "dynamo", "DOUBT");
        List<JsonNode> proposed = proposals(garage, project);
        assertThat(proposed)
                .extracting(p -> p.path("decision").asString())
                .containsExactlyInAnyOrder("REPLACE", "INVESTIGATE");
        var all = proposed.stream()
                .map(p -> map(
                        "findingId",
                        p.path("findingId").asString(),
                        "decision",
                        p.path("decision").asString(),
                        "reason",
                        "as proposed",
                        "version",
                        0))
                .toList();
        Map<String, Object> oneStale = map("findingId", worn, "decision", "REPAIR", "reason", "x", "version", 7);
        Answer refused = garage.owner()
                .post("/api/projects/" + project + "/decisions", map("decisions", List.of(all.get(0), oneStale)));
        assertThat(refused.status()).isEqualTo(409);
        assertThat(proposals(garage, project)).as("all or none").hasSize(2);
        garage.owner()
                .post("/api/projects/" + project + "/decisions", map("decisions", all))
                .ok();
        assertThat(proposals(garage, project)).isEmpty();
        assertThat(garage.owner().get("/api/findings/" + doubt).text("decision"))
                .isEqualTo("INVESTIGATE");
    }

    @Test
    void theJobsOfAllThatIsDecidedAreMadeAtOnceAndTakenBackAsOne(TestGarage garage) {
        UUID project = garage.project();
        UUID worn = garage.finding(project, "propshaft", "WORN");
        UUID doubt = garage.finding(project, "dynamo", "DOUBT");
        UUID accepted = garage.finding(project, "bonnet", "DENT");
        garage.finding(project, "gearbox", "WORN");
        garage.decide(worn, "REPLACE");
        garage.decide(doubt, "INVESTIGATE");
        garage.decide(accepted, "ACCEPT");
        String chains = "/api/projects/" + project + "/chains";
        List<JsonNode> offered = garage.owner().get(chains).ok().valueStream().toList();
        assertThat(offered)
                .extracting(o -> UUID.fromString(o.path("findingId").asString()))
                .as("only what is decided and leads to work")
                .containsExactlyInAnyOrder(worn, doubt);
        assertThat(offered)
                .allSatisfy(o -> assertThat(o.path("jobs").asInt()).isPositive())
                .allSatisfy(o -> assertThat(o.path("likelyMinutes").asInt()).isPositive());

        Map<String, Object> first = map("findingId", worn, "chainId", UUID.randomUUID());
        Map<String, Object> unknown = map("findingId", UUID.randomUUID(), "chainId", UUID.randomUUID());
        assertThat(garage.owner()
                        .post(chains, map("chains", List.of(first, unknown)))
                        .status())
                .isEqualTo(404);
        assertThat(garage.rows("job")).as("all or none").isZero();

        UUID write = UUID.randomUUID();
        Map<String, Object> both = map("chains", List.of(first, map("findingId", doubt, "chainId", UUID.randomUUID())));
        garage.owner().write("POST", chains, both, write).ok();
        garage.owner().write("POST", chains, both, write).ok();
        int jobs = offered.stream().mapToInt(o -> o.path("jobs").asInt()).sum();
        assertThat(garage.rows("job")).as("sent twice, made once").isEqualTo(jobs);
        assertThat(garage.owner().get(chains).ok()).isEmpty();
        assertThat(garage.owner().post(chains, map("chains", List.of(first))).code())
                .isEqualTo("finding.has-jobs");
        garage.owner().post("/api/changes/" + write + "/undo", map()).ok();
        assertThat(garage.rows("job")).as("taken back as one").isZero();
    }

    /** Neither the list nor the single way makes jobs of what is withdrawn, is open again, or lies on another car. */
    @Test
    void noJobsAreMadeOfWhatAsksForNoWork(TestGarage garage) {
        UUID project = garage.project();
        UUID worn = garage.finding(project, "propshaft", "WORN");
        garage.decide(worn, "REPLACE");
        Map<String, Object> chain = map("findingId", worn, "chainId", UUID.randomUUID());
        assertThat(garage.owner()
                        .post("/api/projects/" + garage.project() + "/chains", map("chains", List.of(chain)))
                        .status())
                .as("of another car")
                .isEqualTo(404);
        step(garage, worn, "withdrawal").ok();
        refusedEitherWay(garage, project, worn, chain);
        step(garage, worn, "reopening").ok();
        refusedEitherWay(garage, project, worn, chain);
        assertThat(garage.rows("job")).isZero();
    }

    private static Answer step(TestGarage garage, UUID finding, String step) {
        Map<String, Object> said = map("version", garage.version("findings", finding));
        if (step.equals("withdrawal")) said.put("reason", "a mistake");
        return garage.owner().post("/api/findings/" + finding + "/" + step, said);
    }

    private static void refusedEitherWay(TestGarage garage, UUID project, UUID finding, Map<String, Object> chain) {
        String chains = "/api/projects/" + project + "/chains";
        assertThat(garage.owner().get(chains).ok()).isEmpty();
        assertThat(garage.owner().post(chains, map("chains", List.of(chain))).code())
                .isEqualTo("finding.no-recipe");
        assertThat(garage.owner()
                        .post("/api/findings/" + finding + "/chain", map("chainId", UUID.randomUUID()))
                        .code())
                .isEqualTo("finding.no-recipe");
    }

    @Test
    void theOtherPolicyMeasuresFirst(TestGarage garage) {
        UUID project = garage.project();
        garage.finding(project, "gearbox", "WORN");
        Map<String, Object> fields = TestGarage.projectFields("ACTIVE");
        fields.put("doubtfulParts", "REUSE_WHAT_MEASURES");
        garage.owner()
                .put("/api/projects/" + project, map("fields", fields, "version", 0))
                .ok();
        assertThat(proposals(garage, project).get(0).path("why").asString()).isEqualTo("POLICY_MEASURE_FIRST");
    }

    /** The one that stays takes over the graver class; opened again, the duplicate stands by itself. */
    @Test
    void aDuplicateIsWithdrawnIntoTheOneThatStays(TestGarage garage) {
        UUID project = garage.project();
        UUID stripDowns = garage.finding(project, "bonnet", "DENT");
        UUID twice = garage.finding(project, "sill-left", "RUST_THROUGH");
        garage.owner()
                .post(
                        "/api/findings/" + twice + "/withdrawal",
                        map("reason", "the same", "duplicateOf", stripDowns, "version", 0))
                .ok();
        assertThat(garage.owner().get("/api/findings/" + stripDowns).text("safetyClass"))
                .isEqualTo("A");
        JsonNode withdrawn = garage.owner().get("/api/findings/" + twice).ok();
        assertThat(withdrawn.path("duplicateOf").asString()).isEqualTo(stripDowns.toString());
        garage.owner()
                .post(
                        "/api/findings/" + twice + "/reopening",
                        map("version", withdrawn.path("version").asLong()))
                .ok();
        JsonNode again = garage.owner().get("/api/findings/" + twice).ok();
        assertThat(again.path("state").asString()).isEqualTo("OPEN");
        assertThat(again.has("duplicateOf")).isFalse();
        assertThat(garage.owner()
                        .post(
                                "/api/findings/" + twice + "/withdrawal",
                                map(
                                        "reason",
                                        "x",
                                        "duplicateOf",
                                        twice,
                                        "version",
                                        again.path("version").asLong()))
                        .code())
                .isEqualTo("finding.duplicate");
    }

    @Test
    void aSecondLookStandsBesideTheFirstAndClosesNothing(TestGarage garage) {
        UUID project = garage.project();
        UUID finding = garage.finding(project, "sill-left", "SURFACE_RUST");
        UUID look = UUID.randomUUID();
        garage.owner()
                .post(
                        "/api/findings/" + finding + "/second-looks",
                        map("id", look, "lookedOn", TODAY, "compared", "GONE", "note", "painted over"))
                .ok();
        JsonNode looks =
                garage.owner().get("/api/projects/" + project + "/second-looks").ok();
        assertThat(looks.get(0).path("compared").asString()).isEqualTo("GONE");
        assertThat(garage.owner().get("/api/findings/" + finding).text("state")).isEqualTo("OPEN");
        garage.owner()
                .upload("SECOND_LOOK", look, "now.png", TestPictures.png(40, 30))
                .ok();
        assertThat(garage.owner()
                        .get("/api/projects/" + project + "/second-looks")
                        .ok()
                        .get(0)
                        .has("firstPhoto"))
                .isTrue();
    }

    @Test
    void partsAreCountedAndTheSleepIsEstimated(TestGarage garage) {
        UUID project = garage.project();
        Map<String, Object> clips = map(
                "id",
                UUID.randomUUID(),
                "zone",
                "load-bay",
                "name",
                "Clips",
                "expected",
                24,
                "onVehicle",
                6,
                "loose",
                11,
                "box",
                "Box 3",
                "version",
                0);
        String inventory = "/api/projects/" + project + "/inventory";
        garage.owner().put(inventory, clips).ok();
        assertThat(garage.owner().get(inventory).ok().get(0).path("toObtain").asInt())
                .isEqualTo(7);
        clips.put("onVehicle", 25);
        assertThat(garage.owner().put(inventory, clips).code()).isEqualTo("inventory.too-many");

        String sleep = "/api/projects/" + project + "/sleep";
        assertThat(garage.owner()
                        .post(sleep, map("id", UUID.randomUUID(), "kind", "DATED_PAPER"))
                        .code())
                .isEqualTo("sleep.date");
        garage.owner()
                .post(sleep, map("id", UUID.randomUUID(), "kind", "STATEMENT", "usedOn", "1999-05-01"))
                .ok();
        JsonNode slept = garage.owner().get(sleep).ok();
        assertThat(slept.path("estimate").path("onPaper").asBoolean()).isFalse();
        assertThat(slept.path("suspects")).isNotEmpty();
    }

    private static List<JsonNode> proposals(TestGarage garage, UUID project) {
        return garage.owner()
                .get("/api/projects/" + project + "/decisions")
                .ok()
                .valueStream()
                .toList();
    }
}
