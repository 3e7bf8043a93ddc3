package ofisino.server.plan;

import static ofisino.server.plan.PlanSteps.activity;
import static ofisino.server.plan.PlanSteps.dayOf;
import static ofisino.server.plan.PlanSteps.inTheEvenings;
import static ofisino.server.plan.PlanSteps.job;
import static ofisino.server.plan.PlanSteps.plan;
import static ofisino.server.testing.TestGarage.map;
import static org.assertj.core.api.Assertions.assertThat;

import java.time.DayOfWeek;
import java.time.Duration;
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

/** Where and how jobs are worked: places, drying, helpers, daylight, what follows soon, what is done instead. */
@ExtendWith(TestApplication.class)
class ConditionsTest {
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

    private static List<String> titles(TestGarage garage, String path) {
        return garage.owner()
                .get(path)
                .ok()
                .valueStream()
                .map(p -> p.path("subject").path("title").asString())
                .toList();
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
}
