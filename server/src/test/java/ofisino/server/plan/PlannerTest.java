package ofisino.server.plan;

import static ofisino.server.testing.TestGarage.map;
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
    private static final LocalDate TODAY = LocalDate.parse(TestGarage.TODAY);

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

    /** Scenario 7: the inspection slot is fixed; brakes that are open would keep the car from rolling there, so they are closed before or opened after. */
    @Test
    void anOpenWayInDoesNotLieOverAnAppointmentThatNeedsTheCarToRoll(TestGarage garage) {
        UUID project = inTheEvenings(garage);
        UUID job = UUID.randomUUID();
        garage.owner()
                .post(
                        "/api/projects/" + project + "/jobs",
                        map(
                                "id",
                                job,
                                "fields",
                                map("title", "Rear wheel cylinder", "zone", "rear-brakes", "operation", "REPLACE")))
                .ok();
        LocalDate slot = TODAY.plusDays(20);
        garage.owner()
                .post(
                        "/api/projects/" + project + "/appointments",
                        map(
                                "id",
                                UUID.randomUUID(),
                                "title",
                                "Inspection",
                                "day",
                                slot,
                                "at",
                                "10:00",
                                "minutes",
                                60,
                                "needsRolling",
                                true,
                                "aim",
                                "ROAD_READY"))
                .ok();
        JsonNode plan = plan(garage, project);
        assertThat(plan.path("unplaced")).isEmpty();
        JsonNode inspection = plan.path("activities")
                .valueStream()
                .filter(a -> a.path("subject").path("kind").asString().equals("APPOINTMENT"))
                .findFirst()
                .orElseThrow();
        assertThat(inspection.path("start").asString()).startsWith(slot.toString());
        assertThat(garage.owner()
                        .post(
                                "/api/projects/" + project + "/appointments",
                                map(
                                        "id",
                                        UUID.randomUUID(),
                                        "title",
                                        "Yesterday",
                                        "day",
                                        TODAY.minusDays(1),
                                        "at",
                                        "10:00",
                                        "minutes",
                                        60,
                                        "needsRolling",
                                        true,
                                        "aim",
                                        "ROAD_READY"))
                        .code())
                .isEqualTo("appointment.past");
    }

    /** Scenario 4: an open fabrication job blocks "send the frame"; offers are compared with the way; what comes back is counted. */
    @Test
    void aFrameGoesOutCountedAndComesBackCounted(TestGarage garage) {
        UUID project = inTheEvenings(garage);
        UUID weld = garage.job(project, "Weld the lug");
        UUID assemble = garage.job(project, "Assemble the frame");
        UUID frame = UUID.randomUUID();
        String path = "/api/projects/" + project + "/send-outs";
        garage.owner()
                .post(
                        path,
                        map(
                                "id",
                                frame,
                                "title",
                                "Coat the frame",
                                "pieces",
                                9,
                                "awayDays",
                                10,
                                "carGoes",
                                false,
                                "aim",
                                "DRIVER",
                                "beforeJob",
                                weld,
                                "afterJob",
                                assemble,
                                "mask",
                                List.of("6 axle-tube threads", "2 bearing seats")))
                .ok();
        garage.owner()
                .put("/api/travel-rates", map("kmMinor", 25, "hourMinor", 1000))
                .ok();
        offer(garage, path + "/" + frame, "Coater A", 14_000, 48, 60);
        offer(garage, path + "/" + frame, "Coater B", 26_000, 380, 480);
        JsonNode standing = garage.owner().get(path).ok().path("sendOuts").get(0);
        assertThat(standing.path("blockedBy").asString()).isEqualTo("Weld the lug");
        assertThat(standing.path("offers")
                        .valueStream()
                        .map(o -> o.path("totalMinor").asLong()))
                .containsExactly(16_200L, 43_500L);
        assertThat(send(garage, frame, 1).code()).isEqualTo("sendout.blocked");
        // in the plan: away for ten days between the two jobs
        assertThat(LocalDate.parse(start(garage, project, assemble).substring(0, 10)))
                .isAfterOrEqualTo(LocalDate.parse(start(garage, project, weld).substring(0, 10))
                        .plusDays(10));

        garage.move(weld, "BEGUN", "FINISHED");
        send(garage, frame, 1).ok();
        assertThat(begin(garage, assemble).code()).isEqualTo("sendout.not-back");
        assertThat(garage.owner()
                        .post("/api/send-outs/" + frame + "/back", map("piecesBack", 8, "version", 2))
                        .code())
                .isEqualTo("sendout.missing");
        garage.owner()
                .post(
                        "/api/send-outs/" + frame + "/back",
                        map("piecesBack", 8, "note", "one clip follows by post", "version", 2))
                .ok();
        assertThat(garage.owner()
                        .get(path)
                        .ok()
                        .path("sendOuts")
                        .get(0)
                        .path("missing")
                        .asInt())
                .isEqualTo(1);
        begin(garage, assemble).ok();
    }

    /** Scenario 5: together 176 km against 328 apart. */
    @Test
    void twoErrandsOnOneTrip(TestGarage garage) {
        JsonNode trip = garage.owner()
                .post("/api/trips", map("fromHomeKm", List.of(84, 80), "betweenKm", List.of(12)))
                .ok();
        assertThat(trip.path("togetherKm").asInt()).isEqualTo(176);
        assertThat(trip.path("apartKm").asInt()).isEqualTo(328);
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
                .contains("EVENINGS");
    }

    /** Two jobs that open the gearbox each for itself: opened once, the dates come no later, and nothing is changed by asking. */
    @Test
    void openingOnceIsSeenInTheDatesBeforeItIsDone(TestGarage garage) {
        UUID project = inTheEvenings(garage);
        for (String title : List.of("Release bearing", "Gearbox seal")) {
            UUID job = garage.job(project, title);
            garage.owner()
                    .put("/api/jobs/" + job + "/ways-in", map("ways", List.of("gearbox-out")))
                    .ok();
        }
        JsonNode access =
                garage.owner().get("/api/projects/" + project + "/access").ok();
        JsonNode stays = access.path("proposals")
                .valueStream()
                .filter(p -> p.path("wayIn").asString().equals("gearbox-out"))
                .findFirst()
                .orElseThrow()
                .path("stays");
        JsonNode move = garage.owner()
                .post(
                        "/api/projects/" + project + "/plan/preview-joined",
                        map("stays", stays.valueStream().map(JsonNode::asString).toList()))
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
                                "wayIn",
                                "gearbox-out",
                                "stays",
                                stays.valueStream().map(JsonNode::asString).toList()))
                .ok();
        JsonNode one = garage.owner()
                .get("/api/projects/" + project + "/access")
                .ok()
                .path("openings")
                .valueStream()
                .filter(o -> o.path("wayIn").asString().equals("gearbox-out"))
                .findFirst()
                .orElseThrow();
        JsonNode apart = garage.owner()
                .post(
                        "/api/projects/" + project + "/plan/preview-split",
                        map(
                                "stay",
                                one.path("stay").asString(),
                                "jobs",
                                List.of(one.path("jobs").get(0).asString())))
                .ok();
        assertThat(apart.path("milestones").get(0).path("after").asString())
                .isGreaterThanOrEqualTo(
                        apart.path("milestones").get(0).path("before").asString());
        assertThat(garage.owner()
                        .post(
                                "/api/projects/" + project + "/plan/preview-split",
                                map("stay", one.path("stay").asString(), "jobs", List.of(third)))
                        .code())
                .isEqualTo("plan.split-jobs");
        assertThat(garage.owner()
                        .post(
                                "/api/projects/" + project + "/plan/preview-joined",
                                map("stays", List.of(UUID.randomUUID(), UUID.randomUUID())))
                        .code())
                .isEqualTo("plan.join");
    }

    /** An evening of an hour, alone: what waits for another job or a part is not in the list. */
    @Test
    void tonightHasOnlyWhatCanReallyBeDone(TestGarage garage) {
        UUID project = inTheEvenings(garage);
        UUID clean = garage.job(project, "Clean the pan");
        garage.job(project, "Prime the pan", clean);
        UUID glass = garage.job(project, "Fit the glass");
        garage.need(project, glass, "Seal");
        String path = "/api/projects/" + project + "/plan/tonight?people=1&quiet=false&minutes=";
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
        garage.owner().delete("/api/calendar/days/" + off).ok();
        assertThat(start(garage, project, job)).startsWith(first.toString());
    }

    private static UUID inTheEvenings(TestGarage garage) {
        garage.owner()
                .put(
                        "/api/calendar",
                        map(
                                "windows",
                                List.of(
                                        map("day", "TUESDAY", "fromMinute", 1080, "toMinute", 1200),
                                        map("day", "THURSDAY", "fromMinute", 1080, "toMinute", 1200))))
                .ok();
        return garage.project();
    }

    private static void offer(TestGarage garage, String path, String carrier, long price, int km, int minutes) {
        garage.owner()
                .post(
                        path + "/offers",
                        map(
                                "id",
                                UUID.randomUUID(),
                                "carrier",
                                carrier,
                                "priceMinor",
                                price,
                                "km",
                                km,
                                "minutes",
                                minutes,
                                "days",
                                10,
                                "seen",
                                true))
                .ok();
    }

    private static Answer send(TestGarage garage, UUID id, long version) {
        return garage.owner()
                .post(
                        "/api/send-outs/" + id + "/send",
                        map("carrier", "Coater A", "expectedOn", TODAY.plusDays(12), "version", version));
    }

    private static Answer begin(TestGarage garage, UUID job) {
        garage.confirmInterlocks(job);
        return garage.owner()
                .post("/api/jobs/" + job + "/state", map("state", "BEGUN", "version", garage.version("jobs", job)));
    }

    private static JsonNode plan(TestGarage garage, UUID project) {
        return garage.owner().get("/api/projects/" + project + "/plan").ok();
    }

    private static JsonNode activity(TestGarage garage, UUID project, String key) {
        return plan(garage, project)
                .path("activities")
                .valueStream()
                .filter(a -> a.path("key").asString().equals(key))
                .findFirst()
                .orElseThrow();
    }

    private static String start(TestGarage garage, UUID project, UUID job) {
        return activity(garage, project, "job:" + job).path("start").asString();
    }
}
