package ofisino.server.vehicle;

import static ofisino.server.testing.TestGarage.effort;
import static ofisino.server.testing.TestGarage.map;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import java.util.UUID;
import ofisino.server.testing.Api.Answer;
import ofisino.server.testing.TestApplication;
import ofisino.server.testing.TestGarage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

@ExtendWith(TestApplication.class)
class EstimateTest {
    @Test
    void hoursAreProposedAndCostsFollowTheWorkshopHour(TestGarage garage) {
        UUID project = garage.project();
        UUID finding = garage.finding(project, "bonnet", "DENT");
        JsonNode before = only(garage, project);
        assertThat(before.path("effort").path("likelyMinutes").asInt())
                .as("the recipe's sum: beaten out 3 h, painted 2 h")
                .isEqualTo(300);
        assertThat(before.has("cost")).isFalse();

        hour(garage, 6000);
        assertThat(only(garage, project).path("cost").path("likelyMinor").asLong())
                .isPositive()
                .isLessThan(60_00 * 2);

        say(garage, finding, map("effort", effort(30, 60, 90), "cost", cost(100, 200, 300), "payer", "SELLER"), 0)
                .ok();
        JsonNode said = only(garage, project);
        assertThat(said.path("effort").path("likelyMinutes").asInt()).isEqualTo(60);
        assertThat(said.path("cost").path("likelyMinor").asLong()).isEqualTo(200);
        assertThat(said.path("said").path("payer").asString()).isEqualTo("SELLER");
    }

    /** What may be thin near a mounting stands in the way whatever its size; better rust later does not lower the class again. */
    @Test
    void gradedRustRaisesTheClassAndNeverLowersIt(TestGarage garage) {
        UUID project = garage.project();
        UUID finding = garage.finding(project, "bonnet", "SURFACE_RUST");
        assertThat(safety(garage, finding)).isEqualTo("D");
        Answer graded = say(garage, finding, map("rust", rust("RI_4", false, 120)), 0);
        assertThat(graded.ok().path("judgement").path("safetyClass").asString()).isEqualTo("B");
        assertThat(safety(garage, finding)).isEqualTo("B");
        say(garage, finding, map("rust", rust("RI_1", false, 2000)), 0).ok();
        assertThat(safety(garage, finding)).isEqualTo("B");
    }

    @Test
    void twoWhoGradeAtOnceLoseNothing(TestGarage garage) {
        UUID finding = garage.finding(garage.project(), "bonnet", "SURFACE_RUST");
        say(garage, finding, map("rust", rust("RI_2", false, 900)), 0).ok();
        say(garage, finding, map("rust", rust("RI_3", false, 900)), 0).ok();
        Answer late = say(garage, finding, map("rust", rust("RI_5", false, 900)), 0);
        assertThat(late.code()).isEqualTo("estimate.stale");
        assertThat(late.body().path("stored").path("rustGrade").asString()).isEqualTo("RI_3");
    }

    @Test
    void nonsenseIsRefused(TestGarage garage) {
        UUID project = garage.project();
        UUID rusty = garage.finding(project, "bonnet", "SURFACE_RUST");
        UUID dent = garage.finding(project, "bonnet", "DENT");
        assertThat(say(garage, rusty, map("effort", effort(90, 60, 30)), 0).code())
                .isEqualTo("effort.order");
        assertThat(say(garage, rusty, map("cost", cost(-1, 2, 3)), 0).code()).isEqualTo("cost.negative");
        assertThat(say(garage, rusty, map("rust", rust("RI_0", true, 10)), 0).code())
                .isEqualTo("corrosion.sound-hole");
        assertThat(say(garage, dent, map("rust", rust("RI_2", false, 10)), 0).code())
                .isEqualTo("corrosion.other-kind");
        assertThat(garage.rows("finding_estimate")).isZero();
        assertThat(garage.owner().put("/api/garage", garageWith(garage, -5)).code())
                .isEqualTo("workshop-hour.none");
    }

    @Test
    void whatCameToLightBehindIsReported(TestGarage garage) {
        UUID project = garage.project();
        UUID carpet = garage.finding(project, "floor-left", "DENT");
        UUID behind = garage.finding(project, "floor-left", "DENT");
        garage.owner()
                .put(
                        "/api/findings/" + behind + "/origin",
                        map("behindId", carpet, "previousWork", "REMOVE", "version", 0))
                .ok();
        JsonNode estimates =
                garage.owner().get("/api/projects/" + project + "/estimates").ok();
        assertThat(estimates.path("foundAfterStripDown").asDouble()).isEqualTo(1.0);
        Answer circle =
                garage.owner().put("/api/findings/" + carpet + "/origin", map("behindId", behind, "version", 0));
        assertThat(circle.code()).isEqualTo("finding.behind-itself");
    }

    static void hour(TestGarage garage, long minor) {
        garage.owner().put("/api/garage", garageWith(garage, minor)).ok();
    }

    private static Map<String, Object> garageWith(TestGarage garage, long hourMinor) {
        return TestGarage.withHour(hourMinor, garage.owner().get("/api/garage").number("version"));
    }

    private static JsonNode only(TestGarage garage, UUID project) {
        return garage.owner()
                .get("/api/projects/" + project + "/estimates")
                .ok()
                .path("estimates")
                .get(0);
    }

    private static Answer say(TestGarage garage, UUID finding, Map<String, Object> fields, long version) {
        return garage.owner().put("/api/findings/" + finding + "/estimate", map("fields", fields, "version", version));
    }

    private static String safety(TestGarage garage, UUID finding) {
        return garage.owner().get("/api/findings/" + finding).text("safetyClass");
    }

    private static Map<String, Object> cost(long low, long likely, long high) {
        return map("optimisticMinor", low, "likelyMinor", likely, "pessimisticMinor", high);
    }

    private static Map<String, Object> rust(String grade, boolean holed, int mounting) {
        return map(
                "grade",
                grade,
                "lengthMillimetres",
                80,
                "widthMillimetres",
                60,
                "perforated",
                holed,
                "mountingMillimetres",
                mounting);
    }
}
