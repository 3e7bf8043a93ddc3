package ofisino.server.plan;

import static ofisino.server.testing.TestGarage.DAY;
import static ofisino.server.testing.TestGarage.map;
import static ofisino.server.testing.TestGarage.workSession;
import static org.assertj.core.api.Assertions.assertThat;

import java.time.DayOfWeek;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.temporal.TemporalAdjusters;
import java.util.Arrays;
import java.util.List;
import java.util.UUID;
import ofisino.server.testing.TestApplication;
import ofisino.server.testing.TestGarage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Sessions as they are: set up and cleared away, and not each of them kept. */
@ExtendWith(TestApplication.class)
class OwnPaceTest {
    private static final Object SATURDAY = map("day", "SATURDAY", "fromMinute", 540, "toMinute", 780);

    private static JsonNode plan(TestGarage garage, UUID project) {
        return garage.owner().get("/api/projects/" + project + "/plan").ok();
    }

    private static JsonNode calendar(TestGarage garage, Object... fields) {
        return garage.owner().put("/api/calendar", map(fields)).ok();
    }

    /** Four hours on Saturday leave three and a half: nobody said otherwise. Said, it is the person's own; two hours and a quarter are refused. */
    @Test
    void eachSessionIsSetUpAndClearedAway(TestGarage garage) {
        UUID project = garage.project();
        garage.job(project, "Weld the sill");
        assertThat(calendar(garage, "windows", List.of(SATURDAY))
                        .path("setUpMinutes")
                        .asInt())
                .isEqualTo(20);
        assertThat(window(plan(garage, project))).isEqualTo(Duration.ofMinutes(210));
        calendar(garage, "windows", List.of(SATURDAY), "setUpMinutes", 45);
        assertThat(window(plan(garage, project))).isEqualTo(Duration.ofMinutes(195));
        assertThat(calendar(garage, "windows", List.of(SATURDAY))
                        .path("setUpMinutes")
                        .asInt())
                .as("not said again, it stays")
                .isEqualTo(45);
        assertThat(garage.owner()
                        .put("/api/calendar", map("windows", List.of(SATURDAY), "setUpMinutes", 135))
                        .code())
                .isEqualTo("set-up.range");
        Object other = map("day", "SATURDAY", "fromMinute", 600, "toMinute", 840);
        assertThat(garage.owner()
                        .put("/api/calendar", map("windows", List.of(SATURDAY, other), "setUpMinutes", 0))
                        .code())
                .isEqualTo("window.overlap");
        assertThat(window(plan(garage, project)))
                .as("refused is refused: nothing of it is kept")
                .isEqualTo(Duration.ofMinutes(195));
        String tonight = "/api/projects/" + project + "/plan/tonight?minutes=60&people=1&quiet=false&wet=false";
        assertThat(garage.owner().get(tonight).ok().path(0).path("minutes").asInt())
                .as("an hour tonight is set up and cleared away too")
                .isEqualTo(15);
    }

    private static Duration window(JsonNode plan) {
        JsonNode w = plan.path("windows").path(0);
        return Duration.between(
                Instant.parse(w.path("from").asString()),
                Instant.parse(w.path("to").asString()));
    }

    /** Two of four Saturdays logged: the rate is (2 + 8 · 0.65) ÷ (4 + 8) = 0.6. The date at that pace is later than the one if all are kept. */
    @Test
    void isLearnedFromTheLogbookAndSaidBesideTheDate(TestGarage garage) {
        UUID project = garage.project();
        garage.free(map("day", "SATURDAY", "fromMinute", 540, "toMinute", 780));
        UUID sill = garage.job(project, "Weld the sill");
        for (int i = 0; i < 20; i++) garage.job(project, "Panel " + i);
        assertThat(turnUp(garage, project)).isEqualTo("0 of 0, 0.65");
        LocalDate last = DAY.minusDays(1).with(TemporalAdjusters.previousOrSame(DayOfWeek.SATURDAY));
        for (LocalDate day : Arrays.asList(last.minusWeeks(3), last.minusWeeks(1)))
            garage.owner()
                    .post("/api/projects/" + project + "/work-sessions", workSession(day.toString(), sill, 30))
                    .ok();
        assertThat(turnUp(garage, project)).isEqualTo("2 of 4, 0.6");
        JsonNode milestone = plan(garage, project).path("milestones").path(0);
        assertThat(Instant.parse(milestone.path("finishAtOwnPace").asString()))
                .isAfter(Instant.parse(milestone.path("finish").asString()).plus(Duration.ofDays(7)));
    }

    private static String turnUp(TestGarage garage, UUID project) {
        JsonNode t = plan(garage, project).path("pace").path("turnUp");
        return "%d of %d, %s"
                .formatted(
                        t.path("came").asInt(),
                        t.path("meant").asInt(),
                        t.path("rate").asDouble());
    }
}
