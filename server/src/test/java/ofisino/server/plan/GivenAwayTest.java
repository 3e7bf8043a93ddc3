package ofisino.server.plan;

import static ofisino.server.testing.TestGarage.DAY;
import static ofisino.server.testing.TestGarage.effort;
import static ofisino.server.testing.TestGarage.map;
import static ofisino.server.testing.Trading.book;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import ofisino.server.testing.Api;
import ofisino.server.testing.TestApplication;
import ofisino.server.testing.TestGarage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** A job that somebody else does: no hours of one's own, its days in the plan, its price in the money. */
@ExtendWith(TestApplication.class)
class GivenAwayTest {
    @Test
    void takesDaysInThePlanAndNobodysSession(TestGarage garage) {
        UUID project = garage.project();
        garage.free(
                map("day", DAY.getDayOfWeek().plus(1).name(), "fromMinute", 540, "toMinute", 780),
                map("day", DAY.getDayOfWeek().plus(2).name(), "fromMinute", 540, "toMinute", 780));
        UUID weld = garage.job(project, map("title", "Weld", "aim", "ROAD_READY", "effort", effort(60, 120, 240)));
        UUID prime = garage.job(
                project,
                map("title", "Prime", "aim", "ROAD_READY", "effort", effort(60, 60, 60), "after", List.of(weld)));
        assertThat(tonight(garage, project)).contains("Weld");
        give(garage, weld, map("toWhom", "", "days", 10, "costMinor", 45_000, "version", 0))
                .ok();
        assertThat(tonight(garage, project)).doesNotContain("Weld");
        assertThat(start(garage, project, prime))
                .isGreaterThanOrEqualTo(DAY.plusDays(10).toString());
        give(
                        garage,
                        weld,
                        map(
                                "toWhom",
                                "A welder",
                                "days",
                                10,
                                "costMinor",
                                45_000,
                                "backOn",
                                DAY.toString(),
                                "version",
                                1))
                .ok();
        assertThat(start(garage, project, prime))
                .as("back tonight")
                .isLessThan(DAY.plusDays(9).toString());
        assertThat(give(garage, weld, map("toWhom", "", "days", 1, "costMinor", 0, "version", 1))
                        .code())
                .as("somebody changed it meanwhile")
                .isEqualTo("given-away-job.stale");
        garage.owner().delete("/api/jobs/" + weld + "/given-away").ok();
        assertThat(tonight(garage, project)).contains("Weld");
    }

    @Test
    void itsPriceIsOwedUntilItIsBookedAsAService(TestGarage garage) {
        UUID project = garage.project();
        UUID weld = garage.job(project, "Weld the sill");
        give(garage, weld, map("toWhom", "A welder", "days", 10, "costMinor", 45_000, "version", 0))
                .ok();
        assertThat(agreed(garage, project)).isEqualTo(45_000);
        assertThat(forecast(garage, project, "QUOTED")).isEqualTo(45_000);
        book(garage, project, "PURCHASE", weld, 1_000);
        assertThat(agreed(garage, project)).as("wire is no welder").isEqualTo(45_000);
        book(garage, project, "SERVICE", weld, 30_000);
        assertThat(agreed(garage, project)).isEqualTo(15_000);
        book(garage, project, "SERVICE", weld, 20_000);
        assertThat(agreed(garage, project)).as("dearer than agreed").isZero();
        assertThat(forecast(garage, project, "SPENT")).isEqualTo(51_000);
        UUID align = garage.job(project, "Set the tracking");
        assertThat(missing(garage, project)).isZero();
        give(garage, align, map("toWhom", "", "days", 1, "costMinor", 0, "version", 0))
                .ok();
        assertThat(missing(garage, project)).as("nobody knows what it costs").isEqualTo(1);
        JsonNode work = garage.owner().get("/api/projects/" + project + "/jobs").ok();
        assertThat(work.path("progress").path("ready").asInt())
                .as("both are others'")
                .isZero();
        assertThat(work.path("jobs").get(0).path("standing").asString()).isEqualTo("BY_OTHERS");
    }

    @Test
    void isForTheOwnerToSayAndNotForWhatIsOver(TestGarage garage) {
        UUID project = garage.project();
        UUID weld = garage.job(project, "Weld the sill");
        var fields = map("toWhom", "", "days", 10, "costMinor", 45_000, "version", 0);
        Api helper = garage.join("HELPER");
        assertThat(helper.put("/api/jobs/" + weld + "/given-away", fields).status())
                .isEqualTo(403);
        assertThat(give(garage, weld, map("toWhom", "", "days", 731, "costMinor", 0, "version", 0))
                        .status())
                .isEqualTo(422);
        assertThat(give(garage, weld, map("toWhom", "", "days", 1, "costMinor", -1, "version", 0))
                        .code())
                .isEqualTo("given-away.cost");
        give(garage, weld, fields).ok();
        JsonNode seen = helper.get("/api/projects/" + project + "/given-away").ok();
        assertThat(seen.get(0).path("days").asInt()).isEqualTo(10);
        assertThat(seen.get(0).has("costMinor")).isFalse();
        garage.move(weld, "DROPPED");
        assertThat(agreed(garage, project)).as("dropped").isZero();
        assertThat(give(garage, weld, map("toWhom", "", "days", 1, "costMinor", 0, "version", 1))
                        .code())
                .isEqualTo("given-away.over");
    }

    private static Api.Answer give(TestGarage garage, UUID job, Map<String, Object> fields) {
        return garage.owner().put("/api/jobs/" + job + "/given-away", fields);
    }

    private static String tonight(TestGarage garage, UUID project) {
        return garage.owner()
                .get("/api/projects/" + project + "/today")
                .ok()
                .path("tonight")
                .toString();
    }

    private static String start(TestGarage garage, UUID project, UUID job) {
        for (JsonNode a :
                garage.owner().get("/api/projects/" + project + "/plan").ok().path("activities"))
            if (a.path("subject").path("id").asString().equals(job.toString()))
                return a.path("start").asString();
        throw new AssertionError("not planned");
    }

    private static long agreed(TestGarage garage, UUID project) {
        return garage.owner()
                .get("/api/projects/" + project + "/money")
                .ok()
                .path("position")
                .path("agreed")
                .asLong();
    }

    private static int missing(TestGarage garage, UUID project) {
        return garage.owner()
                .get("/api/projects/" + project + "/forecast")
                .ok()
                .path("unpriced")
                .asInt();
    }

    private static long forecast(TestGarage garage, UUID project, String kind) {
        long sum = 0;
        for (JsonNode l : garage.owner()
                .get("/api/projects/" + project + "/forecast")
                .ok()
                .path("lines"))
            if (l.path("kind").asString().equals(kind))
                sum += l.path("likelyMinor").asLong();
        return sum;
    }
}
