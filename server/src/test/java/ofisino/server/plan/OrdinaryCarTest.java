package ofisino.server.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
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
        JsonNode plan = plan(garage, garage.project(), FINDINGS);
        List<String> steps = steps(plan);

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

    /** A hatchback of 1985 with front-wheel drive: the belt's marks are seen before it is off, and its check is the last; the exhaust is hung once. */
    @Test
    void soIsThatOfAFrontWheelDrive(TestGarage garage) {
        Map<String, Object> fields = TestGarage.projectFields("ACTIVE");
        fields.put("layout", "FRONT_ENGINE_FRONT_DRIVE");
        fields.put("builtYear", 1985);
        UUID project = garage.project("HATCHBACK", fields, List.of());
        List<String> steps = steps(plan(
                garage,
                project,
                "timing-drive WORN",
                "exhaust RUST_THROUGH",
                "fuel-tank RUST_THROUGH",
                "alternator DEAD_ELECTRICAL"));
        assertThat(steps)
                .noneMatch(s -> s.contains("timing belt back on") || s.contains("timing belt off"))
                .doesNotContain("Take the front exhaust pipe off", "Take the whole exhaust off")
                .contains("Raise it on stands");
        assertThat(first(steps, "To its marks and photographed"))
                .isLessThan(first(steps, "New belt, tensioner and pump"));
        assertThat(first(steps, "Two turns by hand")).isGreaterThan(first(steps, "New belt, tensioner and pump"));
        assertThat(first(steps, "Proved free of vapour")).isGreaterThan(first(steps, "Take the fuel tank off"));
    }

    private static JsonNode plan(TestGarage garage, UUID project, String... findings) {
        garage.workSessions();
        for (String finding : findings) garage.finding(project, finding.split(" ")[0], finding.split(" ")[1]);
        for (JsonNode d :
                garage.owner().get("/api/projects/" + project + "/decisions").ok()) {
            UUID id = UUID.fromString(d.path("findingId").asString());
            garage.decide(id, d.path("decision").asString());
            if (!d.path("decision").asString().equals("DEFER")) garage.chain(id);
        }
        return garage.owner().get("/api/projects/" + project + "/plan").ok();
    }

    /** Titles in the order in which they begin, parts left out. */
    private static List<String> steps(JsonNode plan) {
        return plan.path("activities")
                .valueStream()
                .filter(a -> !a.path("subject").path("kind").asString().equals("NEED"))
                .sorted(Comparator.comparing(a -> a.path("start").asString()))
                .map(a -> a.path("subject").path("title").asString())
                .toList();
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
