package ofisino.server.plan;

import static ofisino.server.testing.TestGarage.map;
import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.StreamSupport;
import ofisino.server.testing.TestApplication;
import ofisino.server.testing.TestGarage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** How sure the dates of a plan are, worked out behind the page that asks. */
@ExtendWith(TestApplication.class)
class RiskTest {
    @Test
    void theDatesComeInTheirOrderAndWhatDrivesThemIsNamed(TestGarage garage) throws InterruptedException {
        UUID project = garage.project();
        garage.free(map("day", "SATURDAY", "fromMinute", 540, "toMinute", 780));
        UUID engine = garage.job(project, work("Rebuild the engine", 600, 1200, 3600));
        var door = work("Adjust the door", 50, 60, 70);
        door.put("after", List.of(engine));
        garage.job(project, door);
        JsonNode risk = known(garage, project);
        assertThat(risk.path("runs").asInt()).isEqualTo(10_000);
        JsonNode road = StreamSupport.stream(risk.path("dates").spliterator(), false)
                .filter(d -> d.path("aim").asString().equals("ROAD_READY"))
                .findFirst()
                .orElseThrow();
        LocalDate one = day(road, "oneInTen");
        LocalDate five = day(road, "fiveInTen");
        LocalDate eight = day(road, "eightInTen");
        assertThat(one).isBeforeOrEqualTo(five);
        assertThat(five).isBefore(eight);
        assertThat(eight).isBeforeOrEqualTo(day(road, "nineInTen"));
        assertThat(eight).as("nobody comes each time").isAfter(day(road, "planned"));
        assertThat(risk.path("drivers").get(0).path("what").path("title").asString())
                .isEqualTo("Rebuild the engine");
        assertThat(known(garage, project)).as("asked again it is the same").isEqualTo(risk);
        JsonNode today =
                garage.owner().get("/api/projects/" + project + "/today").ok();
        assertThat(LocalDate.parse(today.path("road").path("eightInTen").asString()))
                .isEqualTo(eight);
    }

    @Test
    void withoutTimeInTheGarageThereIsNothingToRunThrough(TestGarage garage) {
        UUID project = garage.project();
        garage.job(project, "Adjust the door");
        JsonNode risk = garage.owner().get("/api/projects/" + project + "/risk").ok();
        assertThat(risk.path("state").asString()).isEqualTo("NO_PLAN");
        assertThat(risk.path("dates")).isEmpty();
    }

    /** A viewer reads it and stops nobody's work; who stops it is told so, and it stays stopped for this plan. */
    @Test
    void itIsStoppedByWhoMayChangeSomething(TestGarage garage) {
        UUID project = garage.project();
        garage.free(map("day", "SATURDAY", "fromMinute", 540, "toMinute", 780));
        garage.job(project, work("Rebuild the gearbox", 600, 1200, 3600));
        String path = "/api/projects/" + project + "/risk";
        assertThat(garage.join("VIEWER").delete(path).status()).isEqualTo(403);
        garage.join("VIEWER").get(path).ok();
        assertThat(garage.owner().delete(path).status()).isEqualTo(204);
        assertThat(garage.owner().get(path).ok().path("state").asString()).isIn("STOPPED", "DONE");
    }

    private static Map<String, Object> work(String title, int best, int likely, int worst) {
        var work = map("title", title, "aim", "ROAD_READY");
        work.put("effort", map("optimisticMinutes", best, "likelyMinutes", likely, "pessimisticMinutes", worst));
        return work;
    }

    private static LocalDate day(JsonNode dates, String name) {
        return LocalDate.parse(dates.path(name).asString());
    }

    private static JsonNode known(TestGarage garage, UUID project) throws InterruptedException {
        for (int i = 0; i < 600; i++) {
            JsonNode risk =
                    garage.owner().get("/api/projects/" + project + "/risk").ok();
            if (risk.path("state").asString().equals("DONE")) return risk;
            assertThat(risk.path("state").asString()).isEqualTo("RUNNING");
            Thread.sleep(Duration.ofMillis(100).toMillis());
        }
        throw new AssertionError("the plan was not run through in a minute");
    }
}
