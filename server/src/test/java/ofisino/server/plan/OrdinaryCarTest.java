package ofisino.server.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import ofisino.server.testing.TestApplication;
import ofisino.server.testing.TestGarage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** The plan of an ordinary saloon with 20 findings, decided as proposed, read aloud: what a restorer laughed at is not in it again. */
@ExtendWith(TestApplication.class)
class OrdinaryCarTest {
    private static final String[] FINDINGS = {
        "gearbox LEAK",
        "engine-block LEAK",
        "radiator PERISHED",
        "ignition WORN",
        "dynamo SEIZED",
        "wiring DEAD_ELECTRICAL",
        "rear-bumper SURFACE_RUST",
        "silencer RUST_THROUGH",
        "fuel-pipes PERISHED",
        "front-brakes SEIZED",
        "rear-brakes LEAK",
        "steering-gear WORN",
        "front-suspension-left WORN",
        "front-door-bottom-left RUST_THROUGH",
        "front-wing-right RUST_THROUGH",
        "bonnet SURFACE_RUST",
        "windscreen LEAK",
        "seat-left BROKEN",
        "starter SEIZED",
        "brake-pipes SURFACE_RUST"
    };

    @Test
    void itsPlanIsOneThatARestorerNodsAt(TestGarage garage) {
        garage.workSessions();
        UUID project = garage.project();
        for (String finding : FINDINGS) garage.finding(project, finding.split(" ")[0], finding.split(" ")[1]);
        for (JsonNode d :
                garage.owner().get("/api/projects/" + project + "/decisions").ok()) {
            UUID id = UUID.fromString(d.path("findingId").asString());
            garage.decide(id, d.path("decision").asString());
            if (!d.path("decision").asString().equals("DEFER")) garage.chain(id);
        }
        JsonNode plan = garage.owner().get("/api/projects/" + project + "/plan").ok();
        List<String> steps = new ArrayList<>();
        plan.path("activities")
                .valueStream()
                .filter(a -> !a.path("subject").path("kind").asString().equals("NEED"))
                .sorted((a, b) ->
                        a.path("start").asString().compareTo(b.path("start").asString()))
                .forEach(a -> steps.add(a.path("subject").path("title").asString()));

        assertThat(steps)
                .as("an empty tank is not drained, and a cooling that was filled is not filled again")
                .containsOnlyOnce("Drain the fuel", "Fill with fuel and look for leaks")
                .containsOnlyOnce("Drain the coolant", "Fill the cooling, bleed it and test it under pressure")
                .doesNotContain("Refill the coolant")
                .containsOnlyOnce("Bleed the brakes", "Test the brakes before any move");
        assertThat(steps)
                .as("what the work itself takes off is not taken off before, and put on after it")
                .doesNotContain("Take the whole exhaust off", "Take the front wing off")
                .noneMatch(s -> s.startsWith("Take out and look at the mountings"))
                .containsOnlyOnce("Take the front seats out");
        assertThat(steps.stream().filter("Raise it on stands"::equals).count()).isLessThanOrEqualTo(2);
        assertThat(steps.indexOf("Tank empty, pipes plugged, vapour out before any heat"))
                .isGreaterThan(steps.indexOf("Drain the fuel"))
                .isLessThan(first(steps, "Cut out the rust"));
        assertThat(first(steps, "Read the datum again, prime: front wing"))
                .as("bare metal is primed before what was cleared for the weld is back")
                .isLessThan(first(steps, "Put the fuel tank back on"));
        assertThat(first(steps, "New gasket or seal: engine")).isLessThan(first(steps, "Fill the cooling, bleed it"));
        assertThat(finish(plan, "RUNNER"))
                .as("it does not run before it has been run")
                .isGreaterThanOrEqualTo(end(plan, "Run it and feel for leaks"));
    }

    private static int first(List<String> steps, String title) {
        for (int i = 0; i < steps.size(); i++) if (steps.get(i).startsWith(title)) return i;
        throw new AssertionError("not in the plan: " + title);
    }

    private static String finish(JsonNode plan, String aim) {
        return plan.path("milestones")
                .valueStream()
                .filter(m -> m.path("aim").asString().equals(aim))
                .findFirst()
                .orElseThrow()
                .path("finish")
                .asString();
    }

    private static String end(JsonNode plan, String title) {
        return plan.path("activities")
                .valueStream()
                .filter(a -> a.path("subject").path("title").asString().equals(title))
                .findFirst()
                .orElseThrow()
                .path("end")
                .asString();
    }
}
