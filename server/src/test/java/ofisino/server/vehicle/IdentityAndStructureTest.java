package ofisino.server.vehicle;

import static ofisino.server.testing.TestGarage.TODAY;
import static ofisino.server.testing.TestGarage.map;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.UUID;
import ofisino.server.testing.Api.Answer;
import ofisino.server.testing.TestApplication;
import ofisino.server.testing.TestGarage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

@ExtendWith(TestApplication.class)
class IdentityAndStructureTest {
    @Test
    void everyFeatureIsUncheckedUntilPapersAndVehicleAreCompared(TestGarage garage) {
        UUID project = garage.project();
        assertThat(identity(garage, project).path("features").valueStream())
                .hasSize(8)
                .allMatch(f -> f.path("standing").asString().equals("UNCHECKED"));
        compare(garage, project, "HP12-E 04417", "HP12E04417", 0).ok();
        assertThat(standing(garage, project)).isEqualTo("CONFIRMED");
        // a second window that has not seen it
        assertThat(compare(garage, project, "HP12-E 04417", "HP12E04471", 0).code())
                .isEqualTo("feature.stale");
        assertThat(standing(garage, project)).isEqualTo("CONFIRMED");
    }

    @Test
    void aPartOfASisterVariantWarnsOnTheListUntilItIsHere(TestGarage garage) {
        UUID project = garage.project();
        UUID job = garage.job(project, "Glaze the tailgate");
        UUID glass = garage.need(project, job, "Tailgate glass, heated");
        garage.need(project, job, "Glass cleaner");
        UUID id = UUID.randomUUID();
        String parts = "/api/projects/" + project + "/variant-parts";
        garage.owner()
                .post(parts, map("id", id, "name", "tailgate glass", "difference", "the van's is 30 mm lower"))
                .ok();
        assertThat(garage.owner()
                        .post(parts, map("id", UUID.randomUUID(), "name", "seat", "difference", " "))
                        .code())
                .isEqualTo("difference.missing");
        String warnings = "/api/projects/" + project + "/needs/variants";
        JsonNode warned = garage.owner().get(warnings).ok();
        assertThat(warned).hasSize(1);
        assertThat(warned.get(0).path("needId").asString()).isEqualTo(glass.toString());
        garage.owner().delete(parts + "/" + id).ok();
        assertThat(garage.owner().get(warnings).ok()).isEmpty();
        assertThat(garage.owner().delete(parts + "/" + id).status()).isEqualTo(404);
    }

    @Test
    void aDistanceKeepsItsStagesAndSaysWhatToDo(TestGarage garage) {
        UUID project = garage.project();
        UUID point = UUID.randomUUID();
        point(garage, project, point, 1200, 3, "floor-left", 0).ok();
        assertThat(advice(garage, project)).isEqualTo("MEASURE");
        measure(garage, project, point, "AS_FOUND", 1290).ok();
        measure(garage, project, point, "AS_FOUND", 1209).ok();
        assertThat(advice(garage, project)).isEqualTo("PULL");
        measure(garage, project, point, "PULLED", 1202).ok();
        JsonNode sheet = structure(garage, project);
        assertThat(sheet.path("advice").asString()).isEqualTo("FIT");
        assertThat(sheet.path("stages")).hasSize(2);
        assertThat(sheet.path("stages")
                        .get(0)
                        .path("deviation")
                        .path("beyondMm")
                        .asDouble())
                .isEqualTo(6);
        // nothing is overwritten
        assertThat(garage.rows("structure_reading")).isEqualTo(3);
        point(garage, project, point, 1210, 3, "floor-left", 0).ok();
        assertThat(advice(garage, project)).isEqualTo("REPLACE");
    }

    @Test
    void nonsenseAndStrangersAreRefused(TestGarage mine, TestGarage other) {
        UUID project = mine.project();
        UUID point = UUID.randomUUID();
        assertThat(point(mine, project, point, 0, 3, "floor-left", 0).code()).isEqualTo("structure.length");
        assertThat(point(mine, project, point, 100, 100, "floor-left", 0).code())
                .isEqualTo("structure.tolerance");
        assertThat(point(mine, project, point, 100, 3, "moon", 0).status()).isEqualTo(422);
        point(mine, project, point, 1200, 3, "floor-left", 0).ok();
        assertThat(measure(mine, project, point, "AS_FOUND", -4).code()).isEqualTo("structure.length");
        assertThat(measure(other, project, point, "AS_FOUND", 1200).status()).isEqualTo(404);
        assertThat(other.owner().get("/api/projects/" + project + "/identity").status())
                .isEqualTo(404);
        assertThat(other.owner().get("/api/projects/" + project + "/structure").status())
                .isEqualTo(404);
    }

    private static JsonNode identity(TestGarage garage, UUID project) {
        return garage.owner().get("/api/projects/" + project + "/identity").ok();
    }

    private static String standing(TestGarage garage, UUID project) {
        return identity(garage, project)
                .path("features")
                .get(0)
                .path("standing")
                .asString();
    }

    private static Answer compare(TestGarage garage, UUID project, String expected, String found, long version) {
        return garage.owner()
                .put(
                        "/api/projects/" + project + "/identity/features",
                        map(
                                "feature",
                                "VEHICLE_NUMBER",
                                "expected",
                                expected,
                                "found",
                                found,
                                "foundAt",
                                "bulkhead",
                                "version",
                                version));
    }

    private static Answer point(
            TestGarage garage, UUID project, UUID id, double mm, double tolerance, String zone, long version) {
        return garage.owner()
                .put(
                        "/api/projects/" + project + "/structure/points",
                        map(
                                "id",
                                id,
                                "zone",
                                zone,
                                "name",
                                "Front mounting to rear mounting",
                                "expectedMm",
                                mm,
                                "toleranceMm",
                                tolerance,
                                "against",
                                "DOCUMENT",
                                "reference",
                                "body manual, 4",
                                "reliable",
                                true,
                                "version",
                                version));
    }

    private static Answer measure(TestGarage garage, UUID project, UUID point, String stage, double mm) {
        return garage.owner()
                .post(
                        "/api/projects/" + project + "/structure/readings",
                        map(
                                "id",
                                UUID.randomUUID(),
                                "pointId",
                                point,
                                "stage",
                                stage,
                                "actualMm",
                                mm,
                                "measuredOn",
                                TODAY));
    }

    private static JsonNode structure(TestGarage garage, UUID project) {
        return garage.owner()
                .get("/api/projects/" + project + "/structure")
                .ok()
                .get(0);
    }

    private static String advice(TestGarage garage, UUID project) {
        return structure(garage, project).path("advice").asString();
    }
}
