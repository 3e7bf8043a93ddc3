package ofisino.server.plan;

import static ofisino.server.plan.PlanSteps.activity;
import static ofisino.server.plan.PlanSteps.dayOf;
import static ofisino.server.plan.PlanSteps.inTheEvenings;
import static ofisino.server.plan.PlanSteps.job;
import static ofisino.server.plan.PlanSteps.need;
import static ofisino.server.plan.PlanSteps.plan;
import static ofisino.server.plan.PlanSteps.start;
import static ofisino.server.testing.TestGarage.map;
import static org.assertj.core.api.Assertions.assertThat;

import java.time.DayOfWeek;
import java.time.Duration;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import ofisino.server.testing.Api.Answer;
import ofisino.server.testing.TestApplication;
import ofisino.server.testing.TestGarage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** What several cars share, whose door is open when, and what would bring it sooner. */
@ExtendWith(TestApplication.class)
class SharedGarageTest {

    /** The first in the order has the evenings; turned round, the other has them. One purse for both waits for the month after. */
    @Test
    void carsShareWorkSessionsAndPurseInAnOrderThatCanBeChanged(TestGarage garage) {
        UUID pipit = inTheEvenings(garage);
        UUID ondrel = garage.project();
        UUID one = job(garage, pipit, "Pipit job", "REPLACE", 120);
        UUID other = job(garage, ondrel, "Ondrel job", "REPLACE", 120);
        garage.owner()
                .put("/api/projects/order", map("ids", List.of(pipit, ondrel)))
                .ok();
        assertThat(start(garage, pipit, one)).isLessThan(start(garage, ondrel, other));
        garage.owner()
                .put("/api/projects/order", map("ids", List.of(ondrel, pipit)))
                .ok();
        assertThat(start(garage, pipit, one)).isGreaterThan(start(garage, ondrel, other));
        assertThat(garage.owner()
                        .put("/api/projects/order", map("ids", List.of(ondrel, ondrel)))
                        .code())
                .isEqualTo("project.order-twice");
        assertThat(garage.join("HELPER")
                        .put("/api/projects/order", map("ids", List.of(pipit)))
                        .status())
                .isEqualTo(403);

        need(garage, ondrel, other, 30_000);
        need(garage, pipit, one, 30_000);
        commonPurse(garage, 40_000L).ok();
        LocalDate nextMonth = TestGarage.DAY.withDayOfMonth(1).plusMonths(1);
        assertThat(dayOf(activity(garage, pipit, one), "start")).isAfterOrEqualTo(nextMonth);
        JsonNode first = plan(garage, pipit)
                .path("activities")
                .valueStream()
                .filter(a -> a.path("subject").path("kind").asString().equals("NEED"))
                .findFirst()
                .orElseThrow();
        assertThat(dayOf(first, "start")).isEqualTo(nextMonth);
        assertThat(garage.owner()
                        .get("/api/projects/" + pipit + "/money")
                        .ok()
                        .path("month")
                        .path("allowance")
                        .asLong())
                .isEqualTo(40_000);
        assertThat(commonPurse(garage, -1L).code()).isEqualTo("common-purse.negative");
    }

    /** A workshop that is open on Wednesdays has it from a Wednesday to a Wednesday; a supplier takes orders on his days. */
    @Test
    void doorsThatAreOpenOnSomeDays(TestGarage garage) {
        UUID project = inTheEvenings(garage);
        UUID fit = garage.job(project, "Fit");
        Map<String, Object> wednesdays = map("days", List.of("WEDNESDAY"));
        garage.owner()
                .post(
                        "/api/projects/" + project + "/sent-out",
                        map(
                                "id",
                                UUID.randomUUID(),
                                "title",
                                "Zinc",
                                "pieces",
                                3,
                                "awayDays",
                                3,
                                "carGoes",
                                false,
                                "aim",
                                "RUNNER",
                                "afterJob",
                                fit,
                                "openOn",
                                wednesdays))
                .ok();
        UUID supplier = garage.supplier("EUR");
        garage.owner()
                .put("/api/suppliers/" + supplier + "/open-on", map("openOn", wednesdays, "version", 0))
                .ok();
        need(garage, project, fit, 0);
        for (JsonNode a : plan(garage, project).path("activities")) {
            String kind = a.path("subject").path("kind").asString();
            if (kind.equals("JOB")) continue;
            assertThat(dayOf(a, "start").getDayOfWeek()).as(kind).isEqualTo(DayOfWeek.WEDNESDAY);
            assertThat(dayOf(a, "end").getDayOfWeek()).as(kind).isEqualTo(DayOfWeek.WEDNESDAY);
        }
        assertThat(garage.owner()
                        .put(
                                "/api/suppliers/" + supplier + "/open-on",
                                map("openOn", map("days", List.of()), "version", 1))
                        .code())
                .isEqualTo("weekdays.none");
    }

    /** More hours, and somebody else who does it, are planned and compared; nothing is changed by asking. */
    @Test
    void whatWouldBringItSoonerIsCompared(TestGarage garage) {
        UUID project = inTheEvenings(garage);
        UUID paint = job(garage, project, "Paint", "PAINT", 60 * 20);
        job(garage, project, "Fit", "ASSEMBLE", 120, paint);
        JsonNode before = plan(garage, project).path("milestones");
        JsonNode sooner =
                garage.owner().get("/api/projects/" + project + "/plan/sooner").ok();
        assertThat(sooner.valueStream().map(s -> s.path("kind").asString()))
                .containsExactly("WORK_SESSION", "HALF_AN_HOUR");
        for (JsonNode s : sooner) assertThat(gain(s.path("move"))).isPositive();
        JsonNode away = garage.owner()
                .post(
                        "/api/projects/" + project + "/plan/preview-sent-out",
                        map("job", paint, "days", 5, "costMinor", 20_000))
                .ok();
        assertThat(gain(away)).isPositive();
        assertThat(plan(garage, project).path("milestones")).isEqualTo(before);
        assertThat(garage.owner()
                        .post(
                                "/api/projects/" + project + "/plan/preview-sent-out",
                                map("job", paint, "days", -1, "costMinor", 0))
                        .code())
                .isEqualTo("sent-out.days");
    }

    /** Nothing finished yet: the usual optimism of 1.3 counts. The plan that reckons with it is later, is shown first and kept only when told. */
    @Test
    void thePlanReckonsWithOnesOwnHoursWhenTold(TestGarage garage) {
        UUID project = inTheEvenings(garage);
        UUID job = job(garage, project, "Long job", "WELD", 60 * 30);
        String end = activity(garage, project, job).path("end").asString();
        assertThat(plan(garage, project).path("pace").path("factor").asDouble()).isEqualTo(1.3);
        assertThat(gain(garage.owner()
                        .get("/api/projects/" + project + "/plan/at-pace?own=true")
                        .ok()))
                .isNegative();
        assertThat(activity(garage, project, job).path("end").asString()).isEqualTo(end);
        garage.owner()
                .put("/api/projects/" + project + "/own-pace", map("ownPace", true))
                .ok();
        assertThat(activity(garage, project, job).path("end").asString()).isGreaterThan(end);
        assertThat(plan(garage, project).path("pace").path("own").asBoolean()).isTrue();
    }

    private static long gain(JsonNode move) {
        JsonNode last = move.path("milestones").get(move.path("milestones").size() - 1);
        return Duration.between(
                        OffsetDateTime.parse(last.path("after").asString()),
                        OffsetDateTime.parse(last.path("before").asString()))
                .toMinutes();
    }

    private static Answer commonPurse(TestGarage garage, Long minor) {
        JsonNode now = garage.owner().get("/api/garage").ok();
        return garage.owner()
                .put(
                        "/api/garage",
                        map(
                                "name",
                                now.path("name").asString(),
                                "zone",
                                now.path("zone").asString(),
                                "locale",
                                now.path("locale").asString(),
                                "commonMonthlyMinor",
                                minor,
                                "version",
                                now.path("version").asLong()));
    }
}
