package ofisino.server.plan;

import static ofisino.server.testing.TestGarage.effort;
import static ofisino.server.testing.TestGarage.map;
import static ofisino.server.testing.TestGarage.saying;

import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.time.ZoneId;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import ofisino.server.testing.TestGarage;
import tools.jackson.databind.JsonNode;

/** What the tests of plans begin with and look at. */
final class PlanSteps {
    private PlanSteps() {}

    /** A project, and time on Tuesdays and Thursdays from six to eight in the evening. */
    static UUID inTheEvenings(TestGarage garage) {
        garage.free(
                map("day", "TUESDAY", "fromMinute", 1080, "toMinute", 1200),
                map("day", "THURSDAY", "fromMinute", 1080, "toMinute", 1200));
        return garage.project();
    }

    static JsonNode plan(TestGarage garage, UUID project) {
        return garage.owner().get("/api/projects/" + project + "/plan").ok();
    }

    static JsonNode activity(TestGarage garage, UUID project, String key) {
        return plan(garage, project)
                .path("activities")
                .valueStream()
                .filter(a -> a.path("key").asString().equals(key))
                .findFirst()
                .orElseThrow();
    }

    static JsonNode activity(TestGarage garage, UUID project, UUID job) {
        return activity(garage, project, "job:" + job);
    }

    static String start(TestGarage garage, UUID project, UUID job) {
        return activity(garage, project, "job:" + job).path("start").asString();
    }

    static UUID job(TestGarage garage, UUID project, String title, String operation, int minutes, UUID... after) {
        UUID id = UUID.randomUUID();
        garage.owner()
                .post(
                        "/api/projects/" + project + "/jobs",
                        saying(
                                id,
                                "title",
                                title,
                                "operation",
                                operation,
                                "zone",
                                "roof-front",
                                "after",
                                List.of(after),
                                "effort",
                                effort(minutes, minutes, minutes)))
                .ok();
        return id;
    }

    static void need(TestGarage garage, UUID project, UUID job, long estimateMinor) {
        garage.owner()
                .post(
                        "/api/projects/" + project + "/needs",
                        saying(
                                UUID.randomUUID(),
                                "jobId",
                                job,
                                "title",
                                "Part",
                                "quantity",
                                1,
                                "estimateMinor",
                                estimateMinor,
                                "leadDays",
                                2))
                .ok();
    }

    static LocalDate dayOf(JsonNode activity, String field) {
        return OffsetDateTime.parse(activity.path(field).asString())
                .atZoneSameInstant(ZoneId.of("Europe/Vienna"))
                .toLocalDate();
    }

    static UUID job(TestGarage garage, UUID project, Map<String, Object> fields) {
        UUID id = UUID.randomUUID();
        garage.owner()
                .post("/api/projects/" + project + "/jobs", map("id", id, "fields", fields))
                .ok();
        return id;
    }
}
