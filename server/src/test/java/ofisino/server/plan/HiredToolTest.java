package ofisino.server.plan;

import static ofisino.server.testing.TestGarage.map;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.UUID;
import ofisino.server.testing.TestApplication;
import ofisino.server.testing.TestGarage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** A tool that is hired by the day: its jobs lie together, and what that costs is said. */
@ExtendWith(TestApplication.class)
class HiredToolTest {
    private static final String TOOLS = "/api/hired-tools";

    /** By hand: the arm waits a week for its part, and the wheel has time until then. With a cabinet of one's own it is done at once. */
    @Test
    void itsJobsLieTogetherAndTheDaysAreCounted(TestGarage garage) {
        UUID project = garage.project();
        garage.owner()
                .put(
                        "/api/calendar",
                        map(
                                "windows",
                                List.of(
                                        map("day", "SATURDAY", "fromMinute", 540, "toMinute", 780),
                                        map("day", "MONDAY", "fromMinute", 1140, "toMinute", 1290))))
                .ok();
        UUID wheel = blasted(garage, project, "Blast the wheel");
        UUID arm = blasted(garage, project, "Blast the arm");
        garage.need(project, arm, "Pivot pin");
        String plan = "/api/projects/" + project + "/plan";
        assertThat(garage.owner().get(plan).ok().path("hires")).isEmpty();
        String wheelOwned = start(garage, plan, wheel);

        UUID cabinet = UUID.randomUUID();
        garage.owner()
                .post(TOOLS, map("id", cabinet, "name", "blast cabinet", "perDayMinor", 4500))
                .ok();
        JsonNode hires = garage.owner().get(plan).ok().path("hires");
        assertThat(hires).hasSize(1);
        assertThat(hires.get(0).path("tool").asString()).isEqualTo("blast cabinet");
        assertThat(hires.get(0).path("days")).hasSize(1);
        assertThat(hires.get(0).path("costMinor").asLong()).isEqualTo(4500);
        assertThat(start(garage, plan, wheel)).isGreaterThan(wheelOwned);
        assertThat(garage.join("HELPER").get(plan).ok().path("hires").get(0).has("costMinor"))
                .as("who may not see money sees the days")
                .isFalse();

        garage.owner().delete(TOOLS + "/" + cabinet).ok();
        assertThat(garage.owner().get(plan).ok().path("hires")).isEmpty();
        assertThat(start(garage, plan, wheel)).isEqualTo(wheelOwned);
    }

    @Test
    void oneOfEachNameWithAPrice(TestGarage garage) {
        UUID crane = UUID.randomUUID();
        garage.owner()
                .post(TOOLS, map("id", crane, "name", "Engine crane", "perDayMinor", 0))
                .ok();
        assertThat(texts(garage.owner().get(TOOLS).ok().path("asked")))
                .contains("Gearbox jack")
                .doesNotContain("Engine crane");
        assertThat(garage.owner()
                        .post(TOOLS, map("id", UUID.randomUUID(), "name", "engine CRANE", "perDayMinor", 1))
                        .status())
                .isEqualTo(409);
        for (long price : new long[] {-1, 100_000_001})
            assertThat(garage.owner()
                            .post(TOOLS, map("id", UUID.randomUUID(), "name", "Press", "perDayMinor", price))
                            .code())
                    .isEqualTo("hired-tool.price");
        assertThat(garage.join("HELPER")
                        .post(TOOLS, map("id", UUID.randomUUID(), "name", "Press", "perDayMinor", 1))
                        .status())
                .as("who may not see money sets no price")
                .isEqualTo(403);
        assertThat(garage.owner().get(TOOLS).ok().path("hired")).hasSize(1);
        assertThat(garage.owner().delete(TOOLS + "/" + UUID.randomUUID()).status())
                .isEqualTo(404);
    }

    private static UUID blasted(TestGarage garage, UUID project, String title) {
        UUID job = garage.job(project, map("title", title, "operation", "CLEAN"));
        garage.owner()
                .put("/api/jobs/" + job + "/to-hand", map("tools", List.of("Blast cabinet"), "fasteners", List.of()))
                .ok();
        return job;
    }

    private static String start(TestGarage garage, String plan, UUID job) {
        for (JsonNode a : garage.owner().get(plan).ok().path("activities"))
            if (a.path("key").asString().equals("job:" + job))
                return a.path("start").asString();
        throw new AssertionError("not in the plan: " + job);
    }

    private static List<String> texts(JsonNode all) {
        return all.valueStream().map(JsonNode::asString).toList();
    }
}
