package ofisino.server.plan;

import static ofisino.server.plan.PlanSteps.job;
import static ofisino.server.testing.TestGarage.effort;
import static ofisino.server.testing.TestGarage.map;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import ofisino.server.testing.Api.Answer;
import ofisino.server.testing.TestApplication;
import ofisino.server.testing.TestGarage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** How far the work goes: how it grew, what another aim changes, what comes again, what goes into one session. */
@ExtendWith(TestApplication.class)
class ScopeTest {
    @Test
    void theBaselineIsKeptAndWhatIsAddedHasItsCause(TestGarage garage) {
        UUID project = garage.project();
        job(garage, project, map("title", "One", "effort", effort(60, 60, 60)));
        UUID two = job(garage, project, map("title", "Two", "effort", effort(60, 60, 60)));
        garage.owner()
                .post("/api/projects/" + project + "/scope/baseline", "{}")
                .ok();
        job(garage, project, map("title", "Cracked hanger", "effort", effort(90, 90, 90), "cause", "FOUND"));
        garage.move(two, "BEGUN", "FINISHED");
        JsonNode growth = scope(garage, project).path("growth");
        assertThat(growth.path("baselineMinutes").asInt()).isEqualTo(120);
        assertThat(growth.path("presentMinutes").asInt()).isEqualTo(210);
        assertThat(growth.path("growthPercent").asInt()).isEqualTo(75);
        assertThat(growth.path("doneOfBaseline").asInt()).isEqualTo(50);
        assertThat(growth.path("doneOfPresent").asInt()).isEqualTo(29);
        assertThat(growth.path("added").path("FOUND").path("minutes").asInt()).isEqualTo(90);
    }

    @Test
    void anotherAimSaysWhatFallsInAndOutBeforeItIsSet(TestGarage garage) {
        UUID project = garage.project();
        UUID polish = job(
                garage,
                project,
                map("title", "Polish", "zone", "rear-bumper", "aim", "SHOW", "effort", effort(600, 600, 600)));
        garage.need(project, polish, "Chrome polish");
        JsonNode preview = garage.owner()
                .get("/api/projects/" + project + "/scope/aim?aim=SHOW&zone=rear-bumper")
                .ok();
        assertThat(preview.path("in").path("minutes").asInt()).isEqualTo(600);
        assertThat(preview.path("in").path("minor").asInt()).isEqualTo(1000);
        assertThat(scope(garage, project).path("aboveAim").get(0).asString()).isEqualTo(polish.toString());
        String zoneAims = "/api/projects/" + project + "/scope/zone-aims";
        assertThat(garage.owner()
                        .put(zoneAims, map("zone", "rear-bumper", "aim", "SHOW", "reason", " "))
                        .code())
                .isEqualTo("reason.missing");
        garage.owner()
                .put(zoneAims, map("zone", "rear-bumper", "aim", "SHOW", "reason", "it is what one sees"))
                .ok();
        assertThat(scope(garage, project).path("aboveAim")).isEmpty();
        // back to the project's own aim
        garage.owner()
                .put(zoneAims, map("zone", "rear-bumper", "aim", "DRIVER", "reason", ""))
                .ok();
        assertThat(scope(garage, project).path("zoneAims")).isEmpty();
    }

    /** Scenario 9 and need 72: the third patch on one panel asks for the cause, and the whole side is suggested. */
    @Test
    void theThirdRepairOfTheSameKindAsksForTheCause(TestGarage garage) {
        UUID project = garage.project();
        Map<String, Object> patch = map("title", "Patch", "zone", "rear-arch-left", "operation", "WELD");
        job(garage, project, patch);
        job(garage, project, patch);
        assertThat(scope(garage, project).path("repeats")).hasSize(1);
        Answer third = garage.owner()
                .post("/api/projects/" + project + "/jobs", map("id", UUID.randomUUID(), "fields", patch));
        assertThat(third.code()).isEqualTo("repeat.cause");
        garage.owner()
                .put(
                        "/api/projects/" + project + "/scope/repeats",
                        map("zone", "rear-arch-left", "operation", "WELD", "cause", "water from the lamp seal"))
                .ok();
        job(garage, project, patch);
        assertThat(scope(garage, project)
                        .path("repeats")
                        .get(0)
                        .path("wholePanel")
                        .asBoolean())
                .isTrue();
    }

    /** Scenario 9 and 10: one paint session of five parts, one batch of 64 pieces; 53 % of the damage is covered. */
    @Test
    void piecesGoIntoOneSessionAndAPanelLeavesARest(TestGarage garage) {
        UUID project = garage.project();
        for (String zone : List.of("door-left", "door-right", "bonnet", "tailgate", "front-wing-left"))
            job(garage, project, map("title", "Paint", "zone", zone, "operation", "PAINT"));
        job(garage, project, map("title", "Plate the brackets", "operation", "COAT", "pieces", 40));
        job(garage, project, map("title", "Plate the clips", "operation", "COAT", "pieces", 24));
        assertThat(scope(garage, project)
                        .path("batches")
                        .valueStream()
                        .map(b -> b.path("operation").asString() + " "
                                + b.path("pieces").asInt()))
                .containsExactly("PAINT 5", "COAT 64");
        JsonNode cover = garage.owner()
                .get("/api/bench/panel-cover?damageLengthMm=900&damageWidthMm=420&panelLengthMm=500&panelWidthMm=400")
                .ok();
        assertThat(cover.path("coveredPercent").asInt()).isEqualTo(53);
        assertThat(cover.path("toMakeMm2").asInt()).isEqualTo(178_000);
    }

    private static JsonNode scope(TestGarage garage, UUID project) {
        return garage.owner().get("/api/projects/" + project + "/scope").ok();
    }
}
