package ofisino.server.parts;

import static ofisino.server.parts.Ordering.accept;
import static ofisino.server.parts.Ordering.arrive;
import static ofisino.server.parts.Ordering.need;
import static ofisino.server.parts.Ordering.needs;
import static ofisino.server.parts.Ordering.order;
import static ofisino.server.parts.Ordering.post;
import static ofisino.server.parts.Ordering.returning;
import static ofisino.server.parts.Ordering.tasks;
import static ofisino.server.testing.TestGarage.DAY;
import static ofisino.server.testing.TestGarage.map;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.UUID;
import ofisino.server.testing.TestApplication;
import ofisino.server.testing.TestGarage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Only on the vehicle it shows whether it fits: while it may still go back. */
@ExtendWith(TestApplication.class)
class TrialFitTest {
    @Test
    void glassIsHeldToTheCarWhileItMayGoBack(TestGarage garage) {
        UUID project = garage.project();
        UUID glass = need(garage, project, "Windscreen", 1);
        order(garage, project, returning(garage, 14), 3000, DAY, DAY, glass);
        arrive(garage, glass).ok();
        accept(garage, glass, map("right", true, "placeId", garage.place())).ok();
        assertThat(tasks(garage, project)).containsExactly("TRY_ON " + DAY.plusDays(12));
        post(garage, glass, "trial", map("fits", false, "reason", "5 mm too wide"))
                .ok();
        assertThat(needs(garage, project).get(0).path("state").asString()).isEqualTo("RETURNED");
        assertThat(tasks(garage, project)).contains("SEND_BACK " + DAY.plusDays(14));

        order(garage, project, returning(garage, 14), 3000, DAY, DAY, glass);
        arrive(garage, glass).ok();
        accept(garage, glass, map("right", true, "placeId", garage.place())).ok();
        post(garage, glass, "trial", map("fits", true)).ok();
        assertThat(tasks(garage, project)).noneMatch(t -> t.startsWith("TRY_ON"));
    }

    /** Thirty hours of other work press more, but the glass goes back until the fourteenth day only. */
    @Test
    void tryingItOnIsPlannedBeforeItsJobAndWhileItMayGoBack(TestGarage garage) {
        UUID project = garage.project();
        garage.free(map("day", "SATURDAY", "fromMinute", 540, "toMinute", 780));
        UUID glazing = garage.job(project, map("title", "Set the windscreen", "aim", "SHOW"));
        var thirtyHours = map("optimisticMinutes", 1800, "likelyMinutes", 1800, "pessimisticMinutes", 1800);
        garage.job(project, map("title", "Weld the floor", "aim", "RUNNER", "effort", thirtyHours));
        UUID glass = garage.need(project, glazing, "Windscreen");
        order(garage, project, returning(garage, 14), 3000, DAY, DAY, glass);
        arrive(garage, glass).ok();
        assertThat(planned(garage, project, "TRIAL")).as("not looked at yet").isEmpty();
        accept(garage, glass, map("right", true, "placeId", garage.place())).ok();

        JsonNode trial = planned(garage, project, "TRIAL").get(0);
        assertThat(trial.at("/subject/id").asString()).isEqualTo(glass.toString());
        assertThat(trial.at("/subject/title").asString()).isEqualTo("Try it on: Windscreen");
        assertThat(trial.path("end").asString())
                .isLessThan(DAY.plusDays(13).toString())
                .isLessThanOrEqualTo(planned(garage, project, "JOB").stream()
                        .filter(a -> a.at("/subject/id").asString().equals(glazing.toString()))
                        .findFirst()
                        .orElseThrow()
                        .path("start")
                        .asString());

        String later = DAY.plusDays(8).toString();
        garage.owner()
                .put(
                        "/api/projects/" + project + "/plan/pins",
                        map("id", UUID.randomUUID(), "activity", "trial:" + glass, "notBefore", later))
                .ok();
        assertThat(planned(garage, project, "TRIAL").get(0).path("start").asString())
                .as("as a person moved it")
                .isGreaterThanOrEqualTo(later);

        post(garage, glass, "trial", map("fits", true)).ok();
        assertThat(planned(garage, project, "TRIAL")).isEmpty();
    }

    private static List<JsonNode> planned(TestGarage garage, UUID project, String kind) {
        return garage.owner()
                .get("/api/projects/" + project + "/plan")
                .ok()
                .path("activities")
                .valueStream()
                .filter(a -> a.at("/subject/kind").asString().equals(kind))
                .toList();
    }
}
