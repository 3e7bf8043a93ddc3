package ofisino.server.roadready;

import static ofisino.server.testing.TestGarage.TODAY;
import static ofisino.server.testing.TestGarage.effort;
import static ofisino.server.testing.TestGarage.map;
import static ofisino.server.testing.TestGarage.receipt;
import static ofisino.server.testing.TestGarage.saying;
import static org.assertj.core.api.Assertions.assertThat;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.temporal.TemporalAdjusters;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import ofisino.server.testing.TestApplication;
import ofisino.server.testing.TestGarage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** What the front page says must follow from what is recorded; each expectation is worked out by hand from the garage made here. */
@ExtendWith(TestApplication.class)
class TodayTest {
    /** Saturdays from nine to one, nothing else. */
    private static void saturdays(TestGarage garage) {
        garage.free(map("day", "SATURDAY", "fromMinute", 540, "toMinute", 780));
    }

    private static LocalDate saturdayOnOrAfter(LocalDate day) {
        return day.with(TemporalAdjusters.nextOrSame(DayOfWeek.SATURDAY));
    }

    private static JsonNode today(TestGarage garage, UUID project) {
        return garage.owner().get("/api/projects/" + project + "/today").ok();
    }

    @Test
    void namesTheMissingPartThatHoldsTheRoadDateAndTheLastDayToOrderIt(TestGarage garage) {
        saturdays(garage);
        UUID project = garage.project();
        UUID job = job(garage, project, "Fit the hose", 60);
        UUID need = garage.need(project, job, "Hose"); // 7 days on the way, 2 days to look at it
        JsonNode answer = today(garage, project);
        // Usable on day 9, so on the first Saturday from then on: the job takes one hour of its four.
        LocalDate done = saturdayOnOrAfter(TestGarage.DAY.plusDays(9));
        assertThat(LocalDate.parse(answer.get("road").get("on").asString())).isBetween(done, done.plusDays(7));
        assertThat(answer.get("road").get("holder").get("id").asString()).isEqualTo(need.toString());
        JsonNode order = answer.get("parts").get(0);
        assertThat(order.get("holdsItsJob").asBoolean()).isTrue();
        // ordered nine days before that Saturday it is still there in time
        assertThat(order.get("by").asString())
                .isEqualTo(LocalDate.parse(answer.get("road").get("on").asString())
                        .minusDays(9)
                        .toString())
                .isGreaterThanOrEqualTo(TODAY);
        assertThat(answer.get("tonight").get("jobs")).isEmpty();
    }

    /** Of its jobs and of what is opened for them: the battery is off before the first spark. */
    @Test
    void theDangersOfTheSessionAreSaid(TestGarage garage) {
        saturdays(garage);
        UUID project = garage.project();
        garage.job(project, TestGarage.map("title", "Weld a bracket", "operation", "WELD", "zone", "bonnet"));
        assertThat(today(garage, project)
                        .get("tonight")
                        .get("cautions")
                        .valueStream()
                        .map(JsonNode::asString))
                .contains("WELDING", "BATTERY");
    }

    @Test
    void leavesTimeToOrderWhatItsJobDoesNotWaitFor(TestGarage garage) {
        saturdays(garage);
        UUID project = garage.project();
        UUID strip = job(garage, project, "Strip", 5 * 240); // five Saturdays
        UUID fit = UUID.randomUUID();
        garage.owner()
                .post(
                        "/api/projects/" + project + "/jobs",
                        saying(fit, "title", "Fit", "aim", "ROAD_READY", "after", List.of(strip)))
                .ok();
        garage.need(project, fit, "Hose");
        JsonNode order = today(garage, project).get("parts").get(0);
        assertThat(order.get("holdsItsJob").asBoolean()).isFalse();
        // Fit begins on the sixth Saturday; nine days before that is the last day to order.
        LocalDate first = saturdayOnOrAfter(TestGarage.DAY);
        LocalDate by = LocalDate.parse(order.get("by").asString());
        assertThat(by)
                .isBetween(first.plusWeeks(5).minusDays(9), first.plusWeeks(6).minusDays(9));
    }

    @Test
    void whatIsOrderedOrHeldIsNotAskedForAgain(TestGarage garage) {
        saturdays(garage);
        UUID project = garage.project();
        UUID job = garage.job(project, "Fit the hose");
        UUID hose = garage.need(project, job, "Hose");
        UUID clip = garage.need(project, job, "Clip");
        garage.owner()
                .post(
                        "/api/needs/" + clip + "/hold",
                        map(
                                "reason",
                                "the box is not opened yet",
                                "answerBy",
                                TestGarage.DAY.plusDays(20),
                                "version",
                                0))
                .ok();
        assertThat(today(garage, project).get("parts"))
                .extracting(o -> o.get("needId").asString())
                .containsExactly(hose.toString());
    }

    @Test
    void saysWhatStandsBeforeTheRoadAndWhatTheDateLeavesOut(TestGarage garage) {
        UUID project = garage.project();
        UUID brakes = garage.finding(project, "brake-pipes", "LEAK");
        UUID dent = garage.finding(project, "bonnet", "DENT");
        JsonNode answer = today(garage, project);
        assertThat(answer.get("inTheWay"))
                .extracting(b -> b.at("/remedy/id").asString())
                .contains(brakes.toString())
                .doesNotContain(dent.toString());
        assertThat(answer.get("withoutWork")).extracting(JsonNode::asString).containsExactly(brakes.toString());
        assertThat(answer.get("dangerousWithoutWork").asInt()).isEqualTo(1);
        assertThat(answer.get("nextGate").asString()).isEqualTo("PUSHED");
        assertThat(answer.has("road")).isFalse();
        garage.decide(brakes, "REPLACE");
        for (UUID job : garage.chain(brakes)) garage.move(job, "BEGUN", "FINISHED", "VERIFIED");
        garage.owner()
                .post(
                        "/api/findings/" + brakes + "/recheck",
                        map("good", true, "note", "dry", "version", garage.version("findings", brakes)))
                .ok();
        JsonNode after = today(garage, project);
        assertThat(after.get("inTheWay"))
                .extracting(b -> b.at("/remedy/id").asString())
                .doesNotContain(brakes.toString())
                .as("nothing else was looked at")
                .isNotEmpty();
        assertThat(after.get("withoutWork")).isEmpty();
    }

    @Test
    void whatIsLeftThisMonthIsTheMonthlySumLessWhatWasPostedInIt(TestGarage garage) {
        UUID project = garage.project(); // 450.00 a month of a budget of 9,500.00
        UUID entry = UUID.randomUUID();
        garage.owner()
                .post(
                        "/api/projects/" + project + "/entries",
                        map(
                                "id",
                                entry,
                                "fields",
                                receipt(
                                        "PURCHASE",
                                        "Welding gas",
                                        "EUR",
                                        6_200,
                                        1,
                                        "splits",
                                        List.of(map("destination", "GENERAL", "baseMinor", 6_200)))))
                .ok();
        assertThat(today(garage, project).get("leftThisMonthMinor").asLong()).isEqualTo(45_000);
        garage.owner()
                .post("/api/entries/" + entry + "/posting", map("version", 0))
                .ok();
        JsonNode answer = today(garage, project);
        assertThat(answer.get("leftThisMonthMinor").asLong()).isEqualTo(38_800);
        assertThat(answer.get("leftOfBudgetMinor").asLong()).isEqualTo(943_800);
        Map<String, Object> noMonth = TestGarage.projectFields("ACTIVE");
        noMonth.put("monthlyMinor", 0);
        assertThat(today(garage, garage.project("ESTATE", noMonth, List.of())).has("leftThisMonthMinor"))
                .as("where nothing is set aside for a month, nothing is left of it")
                .isFalse();
    }

    private static UUID job(TestGarage garage, UUID project, String title, int minutes) {
        UUID id = UUID.randomUUID();
        garage.owner()
                .post(
                        "/api/projects/" + project + "/jobs",
                        saying(id, "title", title, "aim", "ROAD_READY", "effort", effort(minutes, minutes, minutes)))
                .ok();
        return id;
    }

    /** The work was made and dropped: nobody plans to mend it, so it is said, and its work can be made again. */
    @Test
    void aFindingWhoseWorkWasDroppedHasNoWork(TestGarage garage) {
        UUID project = garage.project();
        UUID leak = garage.finding(project, "brake-pipes", "LEAK");
        garage.decide(leak, "REPLACE");
        List<UUID> repair = garage.chain(leak);
        assertThat(today(garage, project).path("withoutWork")).isEmpty();
        for (UUID job : repair)
            garage.owner()
                    .post("/api/jobs/" + job + "/state", map("state", "DROPPED", "version", 0))
                    .ok();
        JsonNode dropped = today(garage, project);
        assertThat(dropped.path("withoutWork").path(0).asString()).isEqualTo(leak.toString());
        assertThat(dropped.path("dangerousWithoutWork").asInt()).isEqualTo(1);
        assertThat(garage.chain(leak)).isNotEmpty();
        assertThat(today(garage, project).path("withoutWork")).isEmpty();
    }
}
