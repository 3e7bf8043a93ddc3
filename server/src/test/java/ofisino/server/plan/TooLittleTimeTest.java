package ofisino.server.plan;

import static ofisino.server.testing.TestGarage.map;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.UUID;
import ofisino.server.testing.Api;
import ofisino.server.testing.TestApplication;
import ofisino.server.testing.TestGarage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Time in the garage that is set, and none of it left. */
@ExtendWith(TestApplication.class)
class TooLittleTimeTest {
    /** By hand: two years of an hour a week are 104 h, of which the first car alone takes more. */
    @Test
    void aCarForWhichNoTimeIsLeftIsNotToldThatNoneIsSet(TestGarage garage) {
        garage.free(map("day", "SATURDAY", "fromMinute", 540, "toMinute", 600));
        UUID first = garage.project();
        UUID second = garage.project();
        for (int i = 0; i < 14; i++) job(garage, first, 480);
        job(garage, second, 60);
        assertThat(limits(garage.owner(), first)).containsOnly("NO_TIME");
        assertThat(limits(garage.owner(), second)).containsExactly("NO_TIME");
        JsonNode today =
                garage.owner().get("/api/projects/" + second + "/today").ok();
        assertThat(today.has("tonight")).isFalse();
        assertThat(today.get("hasOwnTime").asBoolean()).isTrue();
        Api helper = garage.join("HELPER");
        assertThat(helper.get("/api/projects/" + first + "/today")
                        .ok()
                        .get("hasOwnTime")
                        .asBoolean())
                .as("of who asks")
                .isFalse();
        assertThat(plan(helper, first).get("hasTime").asBoolean())
                .as("of anybody")
                .isTrue();
    }

    private static void job(TestGarage garage, UUID project, int minutes) {
        var effort = map("optimisticMinutes", minutes, "likelyMinutes", minutes, "pessimisticMinutes", minutes);
        garage.job(project, map("title", "Weld", "aim", "ROAD_READY", "after", List.of(), "effort", effort));
    }

    private static List<String> limits(Api api, UUID project) {
        JsonNode plan = plan(api, project);
        assertThat(plan.get("hasTime").asBoolean()).isTrue();
        return plan.get("unplaced")
                .valueStream()
                .map(u -> u.get("limit").get("kind").asString())
                .toList();
    }

    private static JsonNode plan(Api api, UUID project) {
        return api.get("/api/projects/" + project + "/plan").ok();
    }
}
