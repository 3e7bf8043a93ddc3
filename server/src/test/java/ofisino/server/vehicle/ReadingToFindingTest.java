package ofisino.server.vehicle;

import static ofisino.server.testing.TestGarage.saying;
import static ofisino.server.vehicle.Measuring.measured;
import static ofisino.server.vehicle.Measuring.reading;
import static ofisino.server.vehicle.Measuring.readings;
import static ofisino.server.vehicle.Measuring.take;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import java.util.UUID;
import ofisino.server.testing.TestApplication;
import ofisino.server.testing.TestGarage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** A reading outside its limit becomes a finding that is as grave. */
@ExtendWith(TestApplication.class)
class ReadingToFindingTest {
    /**
     * A tyre from the first week of 2010 and a brake imbalance of two thirds: each proposes its finding, counts as open until it is kept or
     * measured again, and never asks twice. On the road it lies in the vehicle as a whole.
     */
    @Test
    void aReadingOutsideItsLimitProposesItsFinding(TestGarage garage) {
        UUID project = garage.project();
        Map<String, Object> tyre = reading("here", 0, "YEAR");
        tyre.put("made", "0110");
        take(garage, project, "tyre-age", "front-wheel-left", tyre).ok();
        JsonNode proposed = measured(garage, project).path("proposes");
        assertThat(proposed.path("kind").asString()).isEqualTo("PERISHED");
        assertThat(proposed.path("safetyClass").asString()).isEqualTo("B");
        UUID kept = UUID.randomUUID();
        keep(garage, project, kept, proposed, "tyre-age");
        assertThat(measured(garage, project).has("proposes")).isFalse();
        assertThat(measured(garage, project).path("findingId").asString()).isEqualTo(kept.toString());

        axles(garage, project, 3000, 1000);
        JsonNode road = at(garage, project, "road").path("proposes");
        assertThat(road.path("zone").asString()).isEqualTo("vehicle");
        assertThat(road.path("safetyClass").asString())
                .as("two thirds is dangerous")
                .isEqualTo("A");
        UUID pulls = UUID.randomUUID();
        keep(garage, project, pulls, road, "brake-imbalance");
        JsonNode finding = garage.owner().get("/api/findings/" + pulls).ok();
        assertThat(finding.path("system").asString()).isEqualTo("BRAKES");
        assertThat(finding.path("safetyClass").asString()).isEqualTo("A");
        axles(garage, project, 3000, 2900);
        assertThat(at(garage, project, "road").path("judged").path("outcome").asString())
                .isEqualTo("WITHIN");
    }

    /** A third, kept as a finding, and read again at two thirds: the finding stands for that now, and is as grave. */
    @Test
    void aFindingIsAsGraveAsWhatIsReadLater(TestGarage garage) {
        UUID project = garage.project();
        axles(garage, project, 3000, 2000);
        UUID pulls = UUID.randomUUID();
        keep(garage, project, pulls, at(garage, project, "road").path("proposes"), "brake-imbalance");
        assertThat(safetyClass(garage, pulls)).isEqualTo("B");
        axles(garage, project, 3000, 1000);
        assertThat(safetyClass(garage, pulls)).isEqualTo("A");
        axles(garage, project, 3000, 2900);
        assertThat(safetyClass(garage, pulls))
                .as("a class is never lowered by itself")
                .isEqualTo("A");
    }

    private static String safetyClass(TestGarage garage, UUID finding) {
        return garage.owner()
                .get("/api/findings/" + finding)
                .ok()
                .path("safetyClass")
                .asString();
    }

    /** The front axle as said, an even one behind. */
    private static void axles(TestGarage garage, UUID project, double left, double right) {
        take(
                        garage,
                        project,
                        "brake-imbalance",
                        "road",
                        reading("front left", left, "NEWTON"),
                        reading("front right", right, "NEWTON"),
                        reading("rear left", 1200, "NEWTON"),
                        reading("rear right", 1150, "NEWTON"))
                .ok();
    }

    private static void keep(TestGarage garage, UUID project, UUID id, JsonNode proposed, String limit) {
        garage.owner()
                .post(
                        "/api/projects/" + project + "/findings",
                        saying(
                                id,
                                "zone",
                                proposed.path("zone").asString(),
                                "kind",
                                proposed.path("kind").asString(),
                                "covered",
                                false,
                                "foundOn",
                                TestGarage.TODAY,
                                "limitId",
                                limit))
                .ok();
    }

    private static JsonNode at(TestGarage garage, UUID project, String place) {
        return readings(garage, project, "measured", "place", place);
    }
}
