package ofisino.server.logbook;

import static ofisino.server.testing.TestGarage.map;
import static ofisino.server.testing.TestGarage.saying;
import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;
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
        garage.running()
                .sql()
                .update(
                        "update work_session_begun set begun_at = begun_at - interval '70 minutes' where garage_id = ?",
                        garage.id());
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

    /** What is opened up takes time of an evening too: it is begun for it, logged on it, and counts in the hours of the car. */
    @Test
    void stripDownUpIsLoggedToo(TestGarage garage) {
        UUID project = garage.project();
        garage.owner()
                .post(
                        "/api/projects/" + project + "/work-session-begun",
                        map("id", UUID.randomUUID(), "jobs", List.of(), "accesses", List.of("gearbox-out")))
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

    private static Answer begin(TestGarage garage, UUID project, UUID... jobs) {
        return garage.owner()
                .post(
                        "/api/projects/" + project + "/work-session-begun",
                        map("id", UUID.randomUUID(), "jobs", List.of(jobs), "accesses", List.of()));
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
