package ofisino.server.plan;

import static ofisino.server.plan.PlanSteps.activity;
import static ofisino.server.plan.PlanSteps.inTheEvenings;
import static ofisino.server.plan.PlanSteps.plan;
import static ofisino.server.plan.PlanSteps.start;
import static ofisino.server.testing.TestGarage.map;
import static ofisino.server.testing.TestGarage.saying;
import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import ofisino.server.testing.Api.Answer;
import ofisino.server.testing.TestApplication;
import ofisino.server.testing.TestGarage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

@ExtendWith(TestApplication.class)
class PlannerTest {
    private static final LocalDate TODAY = TestGarage.DAY;

    /** A job is moved to a later day: first it is said what would come of it, then it is kept, then it is free again. */
    @Test
    void aMoveIsShownBeforeItIsKept(TestGarage garage) {
        UUID project = inTheEvenings(garage);
        UUID strip = garage.job(project, "Strip");
        UUID fit = garage.job(project, "Fit", strip);
        String plan = "/api/projects/" + project + "/plan";
        LocalDate later = TODAY.plusDays(40);
        JsonNode preview = garage.owner()
                .post(plan + "/preview", map("activity", "job:" + strip, "notBefore", later))
                .ok();
        assertThat(preview.path("possible").asBoolean()).isTrue();
        assertThat(preview.path("moved")
                        .valueStream()
                        .map(m -> m.path("subject").path("title").asString()))
                .containsExactlyInAnyOrder("Strip", "Fit");
        assertThat(start(garage, project, fit)).isLessThan(later.toString());

        garage.owner()
                .put(plan + "/pins", map("id", UUID.randomUUID(), "activity", "job:" + strip, "notBefore", later))
                .ok();
        assertThat(start(garage, project, strip)).isGreaterThanOrEqualTo(later.toString());
        assertThat(start(garage, project, fit)).isGreaterThan(later.toString());
        assertThat(activity(garage, project, "job:" + strip).path("notBefore").asString())
                .isEqualTo(later.toString());
        garage.owner().delete(plan + "/pins/job:" + strip).ok();
        assertThat(start(garage, project, strip)).isLessThan(later.toString());
        assertThat(garage.owner()
                        .put(
                                plan + "/pins",
                                map(
                                        "id",
                                        UUID.randomUUID(),
                                        "activity",
                                        "job:" + UUID.randomUUID(),
                                        "notBefore",
                                        later))
                        .code())
                .isEqualTo("plan.unknown");
        assertThat(garage.owner()
                        .post(plan + "/preview", map("activity", "job:" + UUID.randomUUID(), "notBefore", later))
                        .code())
                .isEqualTo("plan.unknown");
        assertThat(garage.owner()
                        .post(plan + "/preview", map("activity", "job:" + strip, "notBefore", TODAY.plusYears(3)))
                        .code())
                .isEqualTo("plan.too-late");
    }

    /** Moved twice, and the second move taken back: the first counts again. */
    @Test
    void aSecondMoveTakesThePlaceOfTheFirstAndCanBeTakenBack(TestGarage garage) {
        UUID project = inTheEvenings(garage);
        UUID job = garage.job(project, "Strip");
        String pins = "/api/projects/" + project + "/plan/pins";
        UUID second = UUID.randomUUID();
        garage.owner()
                .put(pins, map("id", UUID.randomUUID(), "activity", "job:" + job, "notBefore", TODAY.plusDays(30)))
                .ok();
        garage.owner()
                .write(
                        "PUT",
                        pins,
                        map("id", UUID.randomUUID(), "activity", "job:" + job, "notBefore", TODAY.plusDays(60)),
                        second)
                .ok();
        assertThat(start(garage, project, job))
                .isGreaterThanOrEqualTo(TODAY.plusDays(60).toString());
        garage.owner().post("/api/changes/" + second + "/undo", map()).ok();
        assertThat(start(garage, project, job))
                .isBetween(TODAY.plusDays(30).toString(), TODAY.plusDays(59).toString());
    }

    /** The plan that is followed stays; what came later is said to have moved. */
    @Test
    void whatSlippedAgainstTheFollowedPlanIsSaid(TestGarage garage) {
        UUID project = inTheEvenings(garage);
        UUID first = garage.job(project, "First");
        garage.owner().post("/api/projects/" + project + "/plan/follow", map()).ok();
        assertThat(plan(garage, project).path("followedAt").isMissingNode()).isFalse();
        assertThat(activity(garage, project, "job:" + first).path("followed").isMissingNode())
                .isTrue();
        garage.owner()
                .put(
                        "/api/projects/" + project + "/plan/pins",
                        map("id", UUID.randomUUID(), "activity", "job:" + first, "notBefore", TODAY.plusDays(30)))
                .ok();
        assertThat(activity(garage, project, "job:" + first).path("followed").asString())
                .isLessThan(TODAY.plusDays(15).toString());
    }

    /** While not everything has a date the plan that was followed stays. */
    @Test
    void anIncompletePlanDoesNotTakeThePlaceOfAGoodOne(TestGarage garage) {
        UUID project = inTheEvenings(garage);
        UUID job = garage.job(project, "First");
        String follow = "/api/projects/" + project + "/plan/follow";
        garage.owner().post(follow, map()).ok();
        JsonNode at = plan(garage, project).path("followedAt");
        garage.owner().put("/api/calendar", map("windows", List.of())).ok();
        assertThat(garage.owner().post(follow, map()).code()).isEqualTo("plan.incomplete");
        assertThat(plan(garage, project).path("followedAt")).isEqualTo(at);
        assertThat(plan(garage, project)
                        .path("unplaced")
                        .get(0)
                        .path("subject")
                        .path("id")
                        .asString())
                .isEqualTo(job.toString());
    }

    /** Scenario 7: the inspection slot is fixed; brakes that are open would keep the car from rolling there, so they are closed before or opened after. */
    @Test
    void anOpenAccessDoesNotLieOverAnAppointmentThatNeedsTheCarToRoll(TestGarage garage) {
        UUID project = inTheEvenings(garage);
        UUID job = UUID.randomUUID();
        garage.owner()
                .post(
                        "/api/projects/" + project + "/jobs",
                        saying(job, "title", "Rear wheel cylinder", "zone", "rear-brakes", "operation", "REPLACE"))
                .ok();
        LocalDate slot = TODAY.plusDays(20);
        appointment(garage, project, "Inspection", slot).ok();
        JsonNode plan = plan(garage, project);
        assertThat(plan.path("unplaced")).isEmpty();
        JsonNode inspection = plan.path("activities")
                .valueStream()
                .filter(a -> a.path("subject").path("kind").asString().equals("APPOINTMENT"))
                .findFirst()
                .orElseThrow();
        assertThat(inspection.path("start").asString()).startsWith(slot.toString());
        assertThat(appointment(garage, project, "Yesterday", TODAY.minusDays(1)).code())
                .isEqualTo("appointment.past");
        assertThat(appointment(garage, project, "In three years", TODAY.plusYears(3))
                        .code())
                .isEqualTo("appointment.far");
    }

    /** Money that can never suffice, and no time at all: the plan says so, and what would be the least to change. */
    @Test
    void whatCannotBePlannedIsNamedWithTheLeastThatWouldMendIt(TestGarage garage) {
        UUID project = garage.project();
        garage.job(project, "Anything");
        JsonNode plan = plan(garage, project);
        assertThat(plan.path("unplaced").get(0).path("limit").path("kind").asString())
                .isEqualTo("NO_TIME");
        assertThat(garage.owner()
                        .get("/api/projects/" + project + "/plan/mending")
                        .ok()
                        .valueStream()
                        .map(r -> r.path("kind").asString()))
                .contains("WORK_SESSIONS");
    }

    private static void setApart(TestGarage garage, UUID project) {
        JsonNode shared = garage.owner()
                .get("/api/projects/" + project + "/access")
                .ok()
                .path("stripDowns")
                .valueStream()
                .filter(o -> o.path("access").asString().equals("gearbox-out"))
                .findFirst()
                .orElseThrow();
        garage.owner()
                .post(
                        "/api/projects/" + project + "/access/split",
                        map(
                                "access",
                                "gearbox-out",
                                "stripDown",
                                shared.path("stripDown").asString(),
                                "jobs",
                                List.of(shared.path("jobs").get(0).asString()),
                                "fresh",
                                UUID.randomUUID()))
                .ok();
    }

    /** Two jobs that somebody wants to open the gearbox each for itself: opened once, the dates come no later, and nothing is changed by asking. */
    @Test
    void stripDownOnceIsSeenInTheDatesBeforeItIsDone(TestGarage garage) {
        UUID project = inTheEvenings(garage);
        for (String title : List.of("Release bearing", "Gearbox seal")) {
            UUID job = garage.job(project, title);
            garage.owner()
                    .put("/api/jobs/" + job + "/access", map("accesses", List.of("gearbox-out")))
                    .ok();
        }
        setApart(garage, project);
        JsonNode access =
                garage.owner().get("/api/projects/" + project + "/access").ok();
        JsonNode stripDowns = access.path("proposals")
                .valueStream()
                .filter(p -> p.path("access").asString().equals("gearbox-out"))
                .findFirst()
                .orElseThrow()
                .path("stripDowns");
        JsonNode move = garage.owner()
                .post(
                        "/api/projects/" + project + "/plan/preview-joined",
                        map(
                                "stripDowns",
                                stripDowns.valueStream().map(JsonNode::asString).toList()))
                .ok();
        assertThat(move.path("possible").asBoolean()).isTrue();
        JsonNode last = move.path("milestones").get(move.path("milestones").size() - 1);
        assertThat(last.path("after").asString())
                .isLessThanOrEqualTo(last.path("before").asString());
        assertThat(garage.owner()
                        .get("/api/projects/" + project + "/access")
                        .ok()
                        .path("proposals"))
                .isEqualTo(access.path("proposals"));
        UUID third = garage.job(project, "Third job");
        garage.owner()
                .post(
                        "/api/projects/" + project + "/access/merge",
                        map(
                                "access",
                                "gearbox-out",
                                "stripDowns",
                                stripDowns.valueStream().map(JsonNode::asString).toList()))
                .ok();
        JsonNode one = garage.owner()
                .get("/api/projects/" + project + "/access")
                .ok()
                .path("stripDowns")
                .valueStream()
                .filter(o -> o.path("access").asString().equals("gearbox-out"))
                .findFirst()
                .orElseThrow();
        JsonNode apart = garage.owner()
                .post(
                        "/api/projects/" + project + "/plan/preview-split",
                        map(
                                "stripDown",
                                one.path("stripDown").asString(),
                                "jobs",
                                List.of(one.path("jobs").get(0).asString())))
                .ok();
        assertThat(apart.path("milestones").get(0).path("after").asString())
                .isGreaterThanOrEqualTo(
                        apart.path("milestones").get(0).path("before").asString());
        assertThat(garage.owner()
                        .post(
                                "/api/projects/" + project + "/plan/preview-split",
                                map("stripDown", one.path("stripDown").asString(), "jobs", List.of(third)))
                        .code())
                .isEqualTo("plan.split-jobs");
        assertThat(garage.owner()
                        .post(
                                "/api/projects/" + project + "/plan/preview-joined",
                                map("stripDowns", List.of(UUID.randomUUID(), UUID.randomUUID())))
                        .code())
                .isEqualTo("plan.join");
    }

    /** The gearbox is out for two jobs, the part of one comes after the inspection: opened twice, the other need not wait. */
    @Test
    void whatWaitsForAFixedTimeIsProposedToBeOpenedTwice(TestGarage garage) {
        UUID project = inTheEvenings(garage);
        UUID now = garage.job(project, "Oil seal");
        UUID waits = garage.job(project, "Synchro rings");
        for (UUID job : List.of(now, waits))
            garage.owner()
                    .put("/api/jobs/" + job + "/access", map("accesses", List.of("gearbox-out")))
                    .ok();
        String access = "/api/projects/" + project + "/access";
        for (JsonNode p : garage.owner().get(access).ok().path("proposals"))
            garage.owner()
                    .post(
                            access + "/merge",
                            map("access", p.path("access").asString(), "stripDowns", p.path("stripDowns")));
        garage.owner()
                .post(
                        "/api/projects/" + project + "/needs",
                        saying(
                                UUID.randomUUID(),
                                "jobId",
                                waits,
                                "title",
                                "Rings",
                                "quantity",
                                1,
                                "estimateMinor",
                                0,
                                "leadDays",
                                40))
                .ok();
        String splits = "/api/projects/" + project + "/plan/splits";
        assertThat(garage.owner().get(splits).ok()).isEmpty();
        appointment(garage, project, "Inspection", TODAY.plusDays(15)).ok();
        JsonNode proposed = garage.owner().get(splits).ok();
        assertThat(proposed).isNotEmpty();
        assertThat(proposed.get(0).path("because").path("title").asString()).isEqualTo("Inspection");
        assertThat(proposed.get(0).path("leaving").get(0).path("id").asString()).isEqualTo(waits.toString());
    }

    private static Answer appointment(TestGarage garage, UUID project, String title, LocalDate day) {
        return garage.owner()
                .post(
                        "/api/projects/" + project + "/appointments",
                        map(
                                "id",
                                UUID.randomUUID(),
                                "title",
                                title,
                                "day",
                                day,
                                "at",
                                "10:00",
                                "minutes",
                                60,
                                "needsRolling",
                                true,
                                "aim",
                                "ROAD_READY"));
    }

    /** An evening of an hour, alone: what waits for another job or a part is not in the list. */
    @Test
    void tonightHasOnlyWhatCanReallyBeDone(TestGarage garage) {
        UUID project = inTheEvenings(garage);
        UUID clean = garage.job(project, "Clean the pan");
        garage.job(project, "Prime the pan", clean);
        UUID glass = garage.job(project, "Fit the glass");
        garage.need(project, glass, "Seal");
        String path = "/api/projects/" + project + "/plan/tonight?people=1&quiet=false&wet=false&minutes=";
        assertThat(garage.owner()
                        .get(path + 60)
                        .ok()
                        .valueStream()
                        .map(p -> p.path("subject").path("title").asString()))
                .containsExactly("Clean the pan");
        assertThat(garage.owner().get(path + 0).code()).isEqualTo("tonight.minutes");
    }

    /** A holiday leaves its evenings out. */
    @Test
    void aDayOffIsLeftOut(TestGarage garage) {
        UUID project = inTheEvenings(garage);
        UUID job = garage.job(project, "Only job");
        LocalDate first = LocalDate.parse(start(garage, project, job).substring(0, 10));
        UUID off = UUID.randomUUID();
        garage.owner()
                .post("/api/calendar/days", map("id", off, "day", first, "note", "wedding"))
                .ok();
        assertThat(start(garage, project, job)).isGreaterThan(first.plusDays(1).toString());
        assertThat(garage.owner()
                        .post("/api/calendar/days", map("id", UUID.randomUUID(), "day", first))
                        .code())
                .isEqualTo("window.twice");
        var fortnight = map("id", UUID.randomUUID(), "day", first, "until", first.plusDays(13));
        garage.owner().post("/api/calendar/days", fortnight).ok();
        assertThat(garage.owner().get("/api/calendar/days").ok())
                .as("what was said of one day stays")
                .hasSize(14);
        assertThat(start(garage, project, job))
                .isGreaterThanOrEqualTo(first.plusDays(14).toString());
        garage.owner().delete("/api/calendar/days/" + off).ok();
        assertThat(start(garage, project, job)).startsWith(first.toString());
        assertThat(garage.owner()
                        .post(
                                "/api/calendar/days",
                                map("id", UUID.randomUUID(), "day", first, "until", first.minusDays(1)))
                        .code())
                .isEqualTo("window.until");
    }
}
