package ofisino.server.logbook;

import static ofisino.server.testing.TestGarage.effort;
import static ofisino.server.testing.TestGarage.map;
import static ofisino.server.testing.TestGarage.saying;
import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Stream;
import ofisino.server.testing.Api.Answer;
import ofisino.server.testing.TestApplication;
import ofisino.server.testing.TestGarage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

@ExtendWith(TestApplication.class)
class WorkSessionBegunTest {
    private static final String BEGUN = "/api/work-session-begun";

    /** Begun an hour and ten ago with two jobs: five quarters, shared; it is over when it is logged. */
    @Test
    void aWorkSessionIsBegunAndEndsWhenItIsLogged(TestGarage garage) {
        UUID project = garage.project();
        UUID strip = garage.job(project, "Strip");
        UUID clean = garage.job(project, "Clean");
        assertThat(garage.owner().get(BEGUN).status()).isEqualTo(204);
        begin(garage, project, strip, clean).ok();
        assertThat(begin(garage, garage.project(), strip).code()).isEqualTo("work-session.begun");
        ago(garage, "work_session_begun set begun_at = begun_at", 70);
        JsonNode begun = garage.owner().get(BEGUN).ok();
        assertThat(begun.path("projectId").asString()).isEqualTo(project.toString());
        assertThat(begun.path("work").valueStream().map(w -> w.path("minutes").asInt()))
                .containsExactly(45, 30);
        workSession(garage, project, strip, TestGarage.DAY).ok();
        assertThat(garage.owner().get(BEGUN).status()).isEqualTo(204);
        begin(garage, project, strip).ok();
        garage.owner().delete(BEGUN).ok();
        assertThat(garage.owner().get(BEGUN).status()).isEqualTo(204);
        UUID elsewhere = garage.job(garage.project(), "Elsewhere");
        assertThat(begin(garage, project, elsewhere).code()).isEqualTo("work-session.other-project");
    }

    /** Ticked at 40 minutes and at an hour, at the third until 70: each has its own time, and what is done is finished when it is logged. */
    @Test
    void eachStepIsTickedOffAndKeepsItsTime(TestGarage garage) {
        UUID project = garage.project();
        List<UUID> jobs = Stream.of("Strip", "Clean", "Prime")
                .map(title -> garage.job(project, title))
                .toList();
        begin(garage, project, jobs.toArray(UUID[]::new)).ok();
        tick(garage, jobs.get(0), true).ok();
        tick(garage, jobs.get(1), true).ok();
        tick(garage, jobs.get(2), true).ok();
        tick(garage, jobs.get(2), false).ok();
        ago(garage, "work_session_begun set begun_at = begun_at", 70);
        ago(garage, "work_session_tick set ticked_at = ticked_at", 30);
        garage.running()
                .sql()
                .update(
                        "update work_session_tick set ticked_at = ticked_at + interval '20 minutes' where on_what = ?",
                        "job:" + jobs.get(1));
        JsonNode work = garage.owner().get(BEGUN).ok().path("work");
        assertThat(work.valueStream().map(w -> w.path("title").asString())).containsExactly("Strip", "Clean", "Prime");
        assertThat(work.valueStream().map(w -> w.path("minutes").asInt())).containsExactly(40, 20, 10);
        assertThat(work.valueStream().map(w -> w.has("tickedAt"))).containsExactly(true, true, false);
        assertThat(tick(garage, garage.job(project, "Other"), true).code()).isEqualTo("work-session.not-in-it");
        garage.owner()
                .post(
                        "/api/projects/" + project + "/work-sessions",
                        finishing(jobs.subList(0, 2), jobs.get(0), jobs.get(1)))
                .ok();
        assertThat(garage.rows("work_session_tick")).isZero();
        assertThat(jobs.stream().map(j -> garage.owner().get("/api/jobs/" + j).text("state")))
                .containsExactly("FINISHED", "FINISHED", "PLANNED");
    }

    /** What may not be finished yet is in hand, its hours are kept, and what stands in the way is said. */
    @Test
    void whatMayNotBeFinishedIsSaid(TestGarage garage) {
        UUID project = garage.project();
        UUID weld = UUID.randomUUID();
        garage.owner()
                .post(
                        "/api/projects/" + project + "/jobs",
                        saying(weld, "title", "Weld the sill", "zone", "sill-left", "operation", "WELD"))
                .ok();
        Answer logged =
                garage.owner().post("/api/projects/" + project + "/work-sessions", finishing(List.of(weld), weld));
        assertThat(logged.ok().path("unfinished").get(0).path("title").asString())
                .isEqualTo("Weld the sill");
        assertThat(logged.ok().path("unfinished").get(0).path("saying").asString())
                .isNotEmpty();
        assertThat(garage.owner().get("/api/jobs/" + weld).text("state")).isEqualTo("BEGUN");
        assertThat(garage.owner()
                        .post(
                                "/api/projects/" + project + "/work-sessions",
                                finishing(List.of(garage.job(project, "Other")), weld))
                        .code())
                .isEqualTo("work-session.not-worked-on");
    }

    /** The session begins, since its conditions are asked at the step; without them the step is not done, also where somebody asks past the page. */
    @Test
    void noStepIsDoneBeforeItsConditionsAreConfirmed(TestGarage garage) {
        UUID project = garage.project();
        UUID weld = UUID.randomUUID();
        garage.owner()
                .post(
                        "/api/projects/" + project + "/jobs",
                        saying(weld, "title", "Weld a bracket", "zone", "bonnet", "operation", "WELD"))
                .ok();
        garage.owner()
                .post(
                        "/api/projects/" + project + "/work-session-begun",
                        map("id", UUID.randomUUID(), "work", List.of(map("jobId", weld))))
                .ok();
        assertThat(tick(garage, weld, true).code()).isEqualTo("work-session.unsure");
        assertThat(garage.owner().get(BEGUN).ok().at("/work/0").has("tickedAt")).isFalse();
        garage.confirmInterlocks(weld);
        tick(garage, weld, true).ok();
        assertThat(garage.owner().get(BEGUN).ok().at("/work/0").has("tickedAt")).isTrue();
    }

    /** @param done said to be finished @param worked an hour on each */
    private static Map<String, Object> finishing(List<UUID> done, UUID... worked) {
        return map(
                "id",
                UUID.randomUUID(),
                "fields",
                map(
                        "workedOn",
                        TestGarage.DAY,
                        "work",
                        Stream.of(worked)
                                .map(j -> map("jobId", j, "minutes", 60))
                                .toList()),
                "finished",
                done);
    }

    private static Answer tick(TestGarage garage, UUID job, boolean done) {
        return garage.owner().put(BEGUN + "/ticks", map("what", map("jobId", job), "done", done));
    }

    private static void ago(TestGarage garage, String what, int minutes) {
        garage.running()
                .sql()
                .update("update " + what + " - interval '" + minutes + " minutes' where garage_id = ?", garage.id());
    }

    /** What is opened up takes time of an evening too: it is begun for it, logged on it, and counts in the hours of the car. */
    @Test
    void stripDownUpIsLoggedToo(TestGarage garage) {
        UUID project = garage.project();
        garage.owner()
                .post(
                        "/api/projects/" + project + "/work-session-begun",
                        map("id", UUID.randomUUID(), "work", List.of(map("access", "gearbox-out"))))
                .ok();
        assertThat(garage.owner()
                        .get(BEGUN)
                        .ok()
                        .path("work")
                        .get(0)
                        .path("access")
                        .asString())
                .isEqualTo("gearbox-out");
        JsonNode logged = log(garage, project, map("access", "gearbox-out", "minutes", 90))
                .ok();
        assertThat(logged.path("work").get(0).path("title").asString()).isEqualTo("Gearbox out");
        assertThat(garage.owner()
                        .get("/api/projects/" + project + "/progress")
                        .ok()
                        .path("minutes")
                        .asInt())
                .isEqualTo(90);
        UUID id = UUID.fromString(logged.path("id").asString());
        garage.owner()
                .put(
                        "/api/work-sessions/" + id,
                        map(
                                "fields",
                                map(
                                        "workedOn",
                                        TestGarage.DAY,
                                        "work",
                                        List.of(map("access", "gearbox-out", "minutes", 60))),
                                "version",
                                logged.path("version").asLong()))
                .ok();
        assertThat(garage.rows("work_session_access")).isEqualTo(1);
        assertThat(log(garage, project, map("access", "wings-off", "minutes", 90))
                        .code())
                .isEqualTo("access.unknown");
        assertThat(log(garage, project, map("minutes", 90)).code()).isEqualTo("work-session.nothing");
        UUID job = garage.job(project, "Strip");
        assertThat(log(garage, project, map("jobId", job, "access", "gearbox-out", "minutes", 90))
                        .code())
                .isEqualTo("work-session.nothing");
    }

    /** 100, 60 and 5 days ago: it stood still for 40 days, for 55, and why is said of one. Dormant since the last evening: not yet. */
    @Test
    void whyItStoodStillIsSaid(TestGarage garage) {
        UUID project = garage.project();
        UUID job = garage.job(project, "Strip");
        LocalDate today = TestGarage.DAY;
        for (int ago : new int[] {100, 60, 5})
            workSession(garage, project, job, today.minusDays(ago)).ok();
        String progress = "/api/projects/" + project + "/progress";
        JsonNode before = garage.owner().get(progress).ok();
        assertThat(before.path("standstills")
                        .valueStream()
                        .map(s -> s.path("days").asInt()))
                .containsExactly(40, 55);
        assertThat(before.path("daysByCause")).isEmpty();
        String path = progress + "/standstills";
        LocalDate since = today.minusDays(100);
        garage.owner().put(path, map("since", since, "cause", "MONEY")).ok();
        UUID write = UUID.randomUUID();
        garage.owner()
                .write("PUT", path, map("since", since, "cause", "ILLNESS"), write)
                .ok();
        JsonNode after = garage.owner().get(progress).ok();
        assertThat(after.path("daysByCause").get(0).path("cause").asString()).isEqualTo("ILLNESS");
        assertThat(after.path("daysByCause").get(0).path("days").asInt()).isEqualTo(40);
        garage.owner().post("/api/changes/" + write + "/undo", map()).ok();
        assertThat(garage.owner()
                        .get(progress)
                        .ok()
                        .path("standstills")
                        .get(0)
                        .path("cause")
                        .asString())
                .isEqualTo("MONEY");
        assertThat(garage.owner()
                        .put(path, map("since", today.minusDays(61), "cause", "MONEY"))
                        .code())
                .isEqualTo("standstill.unknown");
    }

    /** By hand: 120 of 360 minutes thought for the sill are done; half of the begun 240 count; the weld that is given away is nobody's hours. */
    @Test
    void tellsHowFarEachPlaceIs(TestGarage garage) {
        UUID project = garage.project();
        var hour = effort(60, 120, 240);
        UUID cut = garage.job(project, map("title", "Cut", "operation", "CUT", "zone", "sill-left", "effort", hour));
        UUID fit = garage.job(
                project,
                map("title", "Fit", "operation", "DRY_FIT", "zone", "sill-left", "effort", effort(120, 240, 480)));
        UUID weld = garage.job(project, map("title", "Weld", "operation", "WELD", "zone", "door-left", "effort", hour));
        UUID dropped = garage.job(project, map("title", "Wax", "zone", "door-left", "effort", hour));
        garage.move(dropped, "DROPPED");
        for (UUID job : List.of(cut, fit)) {
            garage.clear(job);
            garage.log(project, job, 60);
        }
        garage.move(cut, "FINISHED", "VERIFIED");
        garage.owner()
                .put("/api/jobs/" + weld + "/given-away", map("toWhom", "", "days", 5, "costMinor", 0, "version", 0))
                .ok();
        JsonNode all =
                garage.owner().get("/api/projects/" + project + "/progress").ok();
        JsonNode sill = all.path("places").get(1);
        assertThat(sill.path("zone").asString()).isEqualTo("sill-left");
        assertThat(sill.path("jobs").asInt()).isEqualTo(2);
        assertThat(sill.path("jobsDone").asInt()).isEqualTo(1);
        assertThat(sill.path("thoughtMinutes").asLong()).isEqualTo(360);
        assertThat(sill.path("earnedMinutes").asLong()).isEqualTo(240);
        assertThat(sill.path("leftMinutes").asLong()).isEqualTo(180);
        assertThat(sill.path("spentMinutes").asLong()).isEqualTo(120);
        JsonNode door = all.path("places").get(0);
        assertThat(door.path("jobs").asInt()).as("what is dropped is no work").isEqualTo(1);
        assertThat(door.path("thoughtMinutes").asLong()).isEqualTo(120);
        assertThat(door.path("leftMinutes").asLong()).as("somebody else's").isZero();
        assertThat(all.path("whole").path("leftMinutes").asLong()).isEqualTo(180);
        assertThat(all.path("phases")
                        .valueStream()
                        .mapToInt(p -> p.path("jobs").asInt())
                        .sum())
                .isEqualTo(3);
        assertThat(all.path("earned").path("wholeMinutes").asLong())
                .as("one's own")
                .isEqualTo(360);
    }

    private static Answer begin(TestGarage garage, UUID project, UUID... jobs) {
        return garage.owner()
                .post(
                        "/api/projects/" + project + "/work-session-begun",
                        map(
                                "id",
                                UUID.randomUUID(),
                                "work",
                                Stream.of(jobs).map(j -> map("jobId", j)).toList()));
    }

    private static Answer log(TestGarage garage, UUID project, Map<String, Object> work) {
        return garage.owner()
                .post(
                        "/api/projects/" + project + "/work-sessions",
                        saying(UUID.randomUUID(), "workedOn", TestGarage.DAY, "work", List.of(work)));
    }

    private static Answer workSession(TestGarage garage, UUID project, UUID job, LocalDate day) {
        return garage.owner()
                .post("/api/projects/" + project + "/work-sessions", TestGarage.workSession(day.toString(), job, 60));
    }
}
