package ofisino.server.logbook;

import static ofisino.server.testing.TestGarage.TODAY;
import static ofisino.server.testing.TestGarage.map;
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

/** A note to tomorrow's self stays until it is ticked off. */
@ExtendWith(TestApplication.class)
class NoteTest {
    @Test
    void aNoteOutlivesASessionLoggedWithoutOne(TestGarage garage) {
        UUID project = garage.project();
        UUID job = garage.job(project, "Fit the clamps");
        UUID noted =
                log(garage, project, job, TestGarage.DAY.minusDays(2).toString(), "Both clamps are only finger-tight.");
        log(garage, project, job, TODAY, "");
        assertThat(notes(garage.owner(), project)).containsExactly("Both clamps are only finger-tight.");
        assertThat(garage.owner()
                        .get("/api/projects/" + project + "/today")
                        .ok()
                        .at("/notes/0/jobId")
                        .asString())
                .as("it stands with what the session was for")
                .isEqualTo(job.toString());

        Api helper = garage.join("HELPER");
        assertThat(notes(helper, project)).as("a note to oneself").isEmpty();
        assertThat(helper.put("/api/work-sessions/" + noted + "/note", map("done", true))
                        .status())
                .isEqualTo(404);
        garage.owner()
                .put("/api/work-sessions/" + noted + "/note", map("done", true))
                .ok();
        assertThat(notes(garage.owner(), project)).isEmpty();
        JsonNode workSession = garage.owner().get("/api/work-sessions/" + noted).ok();
        assertThat(workSession.get("noteDone").asBoolean()).isTrue();

        garage.owner()
                .put(
                        "/api/work-sessions/" + noted,
                        map("fields", fields(job, TODAY, "And the jack leaks."), "version", workSession.get("version")))
                .ok();
        assertThat(notes(garage.owner(), project))
                .as("another note is not done yet")
                .containsExactly("And the jack leaks.");
    }

    private static UUID log(TestGarage garage, UUID project, UUID job, String day, String note) {
        UUID id = UUID.randomUUID();
        garage.owner()
                .post("/api/projects/" + project + "/work-sessions", map("id", id, "fields", fields(job, day, note)))
                .ok();
        return id;
    }

    private static Map<String, Object> fields(UUID job, String day, String note) {
        return map(
                "workedOn",
                day,
                "done",
                "x",
                "learned",
                "",
                "noteToSelf",
                note,
                "work",
                List.of(map("jobId", job, "minutes", 30)));
    }

    private static List<String> notes(Api api, UUID project) {
        return api.get("/api/projects/" + project + "/today")
                .ok()
                .get("notes")
                .valueStream()
                .map(n -> n.get("text").asString())
                .toList();
    }
}
