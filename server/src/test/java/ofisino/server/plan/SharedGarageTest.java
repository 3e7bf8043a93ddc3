package ofisino.server.plan;

import static ofisino.server.plan.PlannerTest.inTheEvenings;
import static ofisino.server.plan.PlannerTest.start;
import static ofisino.server.testing.TestGarage.map;
import static org.assertj.core.api.Assertions.assertThat;

import java.time.DayOfWeek;
import java.time.Duration;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.time.ZoneId;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import ofisino.server.testing.Api.Answer;
import ofisino.server.testing.TestApplication;
import ofisino.server.testing.TestGarage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Where and how jobs are worked, and what several cars share; evenings on Tuesdays and Thursdays from six to eight. */
@ExtendWith(TestApplication.class)
class SharedGarageTest {
    private static final Map<String, Object> THURSDAYS = map("days", List.of("THURSDAY"));

    /** The car dries in the bay for ten days, and the next that needs it waits; another bay is lent on Thursdays only. */
    @Test
    void aJobHasItsPlaceAndKeepsItWhileItDries(TestGarage garage) {
        UUID project = inTheEvenings(garage);
        UUID bay = bay(garage, 1, null);
        UUID paint = garage.job(project, "Paint");
        UUID weld = garage.job(project, "Weld");
        conditions(garage, paint, 1, false, 10 * 24 * 60, bay, true, false).ok();
        conditions(garage, weld, 1, false, 0, bay, false, false).ok();
        JsonNode activity = activity(garage, project, paint);
        assertThat(activity.path("place").path("title").asString()).isEqualTo("Lent bay");
        long days = Duration.between(
                        dayOf(activity, "start").atStartOfDay(),
                        dayOf(activity(garage, project, weld), "start").atStartOfDay())
                .toDays();
        assertThat(days <= 0 || days >= 10)
                .as("before the paint or after it is dry: %d", days)
                .isTrue();
        conditions(garage, weld, 1, false, 0, bay(garage, 2, THURSDAYS), false, false)
                .ok();
        assertThat(dayOf(activity(garage, project, weld), "start").getDayOfWeek())
                .isEqualTo(DayOfWeek.THURSDAY);
        conditions(garage, paint, 1, false, 0, null, false, false).ok();
        assertThat(garage.rows("job_condition"))
                .as("what is as usual is not kept")
                .isEqualTo(1);
    }

    /** A bay becomes a shelf: what was worked there is planned anywhere, and the plan goes on. */
    @Test
    void aPlaceThatOneCannotWorkInAnyMoreIsForgotten(TestGarage garage) {
        UUID project = inTheEvenings(garage);
        UUID bay = bay(garage, 1, THURSDAYS);
        UUID weld = garage.job(project, "Weld");
        conditions(garage, weld, 1, false, 60, bay, true, false).ok();
        garage.owner()
                .put("/api/places/" + bay, map("name", "Shelf now", "kind", "SHELF", "version", 0))
                .ok();
        assertThat(activity(garage, project, weld).path("place").isMissingNode())
                .isTrue();
    }

    @Test
    void whatMakesNoSenseIsRefused(TestGarage garage) {
        UUID project = inTheEvenings(garage);
        UUID job = garage.job(project, "Paint");
        UUID shelf = UUID.randomUUID();
        garage.owner()
                .post("/api/places", map("id", shelf, "name", "Shelf", "kind", "SHELF"))
                .ok();
        assertThat(conditions(garage, job, 0, false, 0, null, false, false).code())
                .isEqualTo("conditions.people");
        assertThat(conditions(garage, job, 1, false, 90_000, null, false, false).code())
                .isEqualTo("conditions.dry");
        assertThat(conditions(garage, job, 1, false, 0, shelf, false, false).code())
                .isEqualTo("conditions.place");
        assertThat(conditions(garage, job, 1, false, 0, null, true, false).code())
                .isEqualTo("conditions.keeps");
        assertThat(garage.owner()
                        .post("/api/places", map("id", UUID.randomUUID(), "name", "Barn", "kind", "BAY", "room", 0))
                        .code())
                .isEqualTo("place.room");
    }

    /** Lifting takes two, and nobody else has time: that is said, and that somebody who comes once a week would mend it. */
    @Test
    void aHelperWhoIsMissingIsNamed(TestGarage garage) {
        UUID project = inTheEvenings(garage);
        UUID lift = garage.job(project, "Lift the body");
        conditions(garage, lift, 2, false, 0, null, false, false).ok();
        JsonNode plan = plan(garage, project);
        assertThat(plan.path("unplaced").get(0).path("subject").path("title").asString())
                .isEqualTo("Lift the body");
        assertThat(plan.path("unplaced")
                        .get(0)
                        .path("limit")
                        .path("subject")
                        .path("kind")
                        .asString())
                .isEqualTo("HELPER");
        JsonNode mending =
                garage.owner().get("/api/projects/" + project + "/plan/mending").ok();
        assertThat(mending.valueStream().map(r -> r.path("kind").asString())).containsExactly("HELPER");
        assertThat(mending.get(0).path("amount").asInt()).isEqualTo(1);
    }

    /** Bare metal is primed on the same evening; where both together are too long for one, that is said. */
    @Test
    void whatShouldFollowSoonDoes(TestGarage garage) {
        UUID project = inTheEvenings(garage);
        UUID first = job(garage, project, "Strip glass", "STRIP", 75);
        UUID blast = job(garage, project, "Blast the sill", "BLAST", 60, first);
        UUID prime = job(garage, project, "Prime the sill", "PRIME", 60, blast);
        JsonNode rule = garage.owner()
                .get("/api/jobs/" + prime + "/conditions")
                .ok()
                .path("follows")
                .get(0);
        assertThat(rule.path("withinMinutes").asInt()).isEqualTo(240);
        assertThat(rule.path("byRule").asBoolean()).isTrue();
        assertThat(dayOf(activity(garage, project, blast), "start"))
                .isEqualTo(dayOf(activity(garage, project, prime), "start"))
                .isAfter(dayOf(activity(garage, project, first), "start"));
        assertThat(plan(garage, project).path("loose")).isEmpty();

        within(garage, prime, blast, 30).ok();
        UUID paint = job(garage, project, "Paint the sill", "PAINT", 120, prime);
        within(garage, paint, prime, 60).ok();
        JsonNode loose = plan(garage, project).path("loose").get(0);
        assertThat(loose.path("why").asString()).isEqualTo("TOO_LONG");
        assertThat(loose.path("before").path("title").asString()).isEqualTo("Prime the sill");
        assertThat(within(garage, paint, prime, -1).code()).isEqualTo("job.within");
        assertThat(within(garage, paint, blast, 60).code()).isEqualTo("link.unknown");
    }

    /** The first in the order has the evenings; turned round, the other has them. One purse for both waits for the month after. */
    @Test
    void carsShareEveningsAndPurseInAnOrderThatCanBeChanged(TestGarage garage) {
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
        LocalDate nextMonth =
                LocalDate.now(ZoneId.of("Europe/Vienna")).withDayOfMonth(1).plusMonths(1);
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
                        "/api/projects/" + project + "/send-outs",
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

    /** Outdoors it needs daylight, which a winter evening has not; in the rain it is not proposed for tonight. */
    @Test
    void workOutdoorsWaitsForTheSun(TestGarage garage) {
        UUID project = inTheEvenings(garage);
        UUID wash = job(garage, project, "Wash it off", "CLEAN", 60);
        UUID bench = job(garage, project, "Bench work", "CLEAN", 60);
        conditions(garage, wash, 1, true, 0, null, false, true).ok();
        JsonNode when = activity(garage, project, wash);
        assertThat(OffsetDateTime.parse(when.path("start").asString()).getMonthValue())
                .as("the sun is up at seven in the evening")
                .isBetween(3, 10);
        String path = "/api/projects/" + project + "/plan/tonight?minutes=60&people=1&quiet=false";
        assertThat(titles(garage, path + "&wet=true")).containsExactly("Bench work");
        assertThat(titles(garage, path + "&wet=false")).containsExactlyInAnyOrder("Bench work", "Wash it off");
        UUID bay = bay(garage, 1, null);
        conditions(garage, bench, 1, false, 0, bay, false, false).ok();
        assertThat(titles(garage, path + "&wet=true&place=" + UUID.randomUUID()))
                .isEmpty();
        assertThat(titles(garage, path + "&wet=true&place=" + bay)).containsExactly("Bench work");
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
        assertThat(sooner.valueStream().map(s -> s.path("kind").asString())).containsExactly("EVENING", "HALF_AN_HOUR");
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
                .isEqualTo("sendout.days");
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

    /** By hand: the job may end on the day of its latest end; ten days before that plan B has to be chosen, and its money is held until then. */
    @Test
    void aPlanBHasItsDayAndItsMoney(TestGarage garage) {
        UUID project = inTheEvenings(garage);
        UUID free = job(garage, project, "Free the engine", "CLEAN", 120);
        String fallback = "/api/jobs/" + free + "/fallback";
        assertThat(garage.owner().get(fallback).status()).isEqualTo(204);
        garage.owner()
                .put(fallback, map("what", "Exchange engine", "leadDays", 10, "costMinor", 90_000))
                .ok();
        JsonNode activity = activity(garage, project, free);
        OffsetDateTime latestEnd = OffsetDateTime.parse(
                        activity.path("latestStart").asString())
                .plus(Duration.between(
                        OffsetDateTime.parse(activity.path("start").asString()),
                        OffsetDateTime.parse(activity.path("end").asString())));
        assertThat(activity.path("planB").path("decideBy").asString())
                .isEqualTo(latestEnd
                        .atZoneSameInstant(ZoneId.of("Europe/Vienna"))
                        .toLocalDate()
                        .minusDays(10)
                        .toString());
        String money = "/api/projects/" + project + "/money";
        assertThat(garage.owner().get(money).ok().path("heldForPlansB").asLong())
                .isEqualTo(90_000);
        assertThat(garage.owner()
                        .put(fallback, map("what", "Exchange engine", "leadDays", 731, "costMinor", 0))
                        .code())
                .isEqualTo("fallback.days");
        garage.owner().delete(fallback).ok();
        assertThat(garage.owner().get(money).ok().path("heldForPlansB").asLong())
                .isZero();
    }

    private static long gain(JsonNode move) {
        JsonNode last = move.path("milestones").get(move.path("milestones").size() - 1);
        return Duration.between(
                        OffsetDateTime.parse(last.path("after").asString()),
                        OffsetDateTime.parse(last.path("before").asString()))
                .toMinutes();
    }

    private static List<String> titles(TestGarage garage, String path) {
        return garage.owner()
                .get(path)
                .ok()
                .valueStream()
                .map(p -> p.path("subject").path("title").asString())
                .toList();
    }

    private static UUID job(
            TestGarage garage, UUID project, String title, String operation, int minutes, UUID... after) {
        UUID id = UUID.randomUUID();
        garage.owner()
                .post(
                        "/api/projects/" + project + "/jobs",
                        map(
                                "id",
                                id,
                                "fields",
                                map(
                                        "title",
                                        title,
                                        "operation",
                                        operation,
                                        "zone",
                                        "roof-front",
                                        "after",
                                        List.of(after),
                                        "effort",
                                        map(
                                                "optimisticMinutes",
                                                minutes,
                                                "likelyMinutes",
                                                minutes,
                                                "pessimisticMinutes",
                                                minutes))))
                .ok();
        return id;
    }

    private static void need(TestGarage garage, UUID project, UUID job, long estimateMinor) {
        garage.owner()
                .post(
                        "/api/projects/" + project + "/needs",
                        map(
                                "id",
                                UUID.randomUUID(),
                                "fields",
                                map(
                                        "jobId",
                                        job,
                                        "title",
                                        "Part",
                                        "quantity",
                                        1,
                                        "estimateMinor",
                                        estimateMinor,
                                        "leadDays",
                                        2)))
                .ok();
    }

    private static UUID bay(TestGarage garage, int room, Map<String, Object> usableOn) {
        UUID id = UUID.randomUUID();
        Map<String, Object> body = map("id", id, "name", "Lent bay", "kind", "BAY", "room", room);
        if (usableOn != null) body.put("usableOn", usableOn);
        garage.owner().post("/api/places", body).ok();
        return id;
    }

    private static Answer conditions(
            TestGarage garage,
            UUID job,
            int people,
            boolean inOneGo,
            int dryMinutes,
            UUID place,
            boolean keepsPlace,
            boolean outdoors) {
        Map<String, Object> body = map(
                "conditions",
                map(
                        "people",
                        people,
                        "inOneGo",
                        inOneGo,
                        "dryMinutes",
                        dryMinutes,
                        "keepsPlace",
                        keepsPlace,
                        "outdoors",
                        outdoors));
        if (place != null) body.put("placeId", place);
        return garage.owner().put("/api/jobs/" + job + "/conditions", body);
    }

    private static Answer within(TestGarage garage, UUID job, UUID before, int minutes) {
        return garage.owner().put("/api/jobs/" + job + "/within", map("before", before, "minutes", minutes));
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
                                "units",
                                now.path("units").asString(),
                                "commonMonthlyMinor",
                                minor,
                                "version",
                                now.path("version").asLong()));
    }

    private static JsonNode plan(TestGarage garage, UUID project) {
        return garage.owner().get("/api/projects/" + project + "/plan").ok();
    }

    private static JsonNode activity(TestGarage garage, UUID project, UUID job) {
        return plan(garage, project)
                .path("activities")
                .valueStream()
                .filter(a -> a.path("key").asString().equals("job:" + job))
                .findFirst()
                .orElseThrow();
    }

    private static LocalDate dayOf(JsonNode activity, String field) {
        return OffsetDateTime.parse(activity.path(field).asString())
                .atZoneSameInstant(ZoneId.of("Europe/Vienna"))
                .toLocalDate();
    }
}
