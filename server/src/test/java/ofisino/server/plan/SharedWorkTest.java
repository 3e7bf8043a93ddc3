package ofisino.server.plan;

import static ofisino.server.testing.TestGarage.map;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import ofisino.server.testing.TestApplication;
import ofisino.server.testing.TestGarage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** What is done once for all that it serves: one bleeding, one brake test, one tracking. Common practice, no source. */
@ExtendWith(TestApplication.class)
class SharedWorkTest {
    static final List<String> FINDINGS = List.of(
            "front-brakes WORN",
            "rear-brakes LEAK",
            "brake-pipes RUST_THROUGH",
            "brake-master LEAK",
            "pedals WORN",
            "front-suspension-left WORN",
            "front-suspension-right WORN",
            "rear-spring-left WORN",
            "rear-spring-right WORN",
            "steering-gear WORN",
            "front-wheel-left PERISHED",
            "front-wheel-right PERISHED",
            "rear-wheel-left PERISHED",
            "rear-wheel-right PERISHED",
            "sill-left RUST_THROUGH",
            "jacking-front-left RUST_THROUGH",
            "floor-left RUST_THROUGH",
            "radiator LEAK",
            "heater-hoses PERISHED",
            "fuel-tank RUST_THROUGH",
            "fuel-pump PERISHED",
            "carburettor LEAK");

    /** Before work was shared: 79 jobs, 136 h, five bleedings, five brake tests, five alignments, five lines of brake fluid, three of wax. */
    @Test
    void whatIsDoneOnceIsDoneOnce(TestGarage garage) {
        UUID project = garage.project();
        List<Map<String, Object>> chains = new ArrayList<>();
        for (String finding : FINDINGS) {
            String[] parts = finding.split(" ");
            UUID id = garage.finding(project, parts[0], parts[1]);
            garage.decide(id, "REPAIR");
            chains.add(map("findingId", id, "chainId", UUID.randomUUID()));
        }
        String path = "/api/projects/" + project;
        JsonNode offered = garage.owner().get(path + "/chains").ok();
        garage.owner().post(path + "/chains", map("chains", chains)).ok();

        List<JsonNode> jobs = garage.owner()
                .get(path + "/jobs")
                .ok()
                .path("jobs")
                .valueStream()
                .toList();
        Map<String, List<JsonNode>> byChain = jobs.stream()
                .collect(Collectors.groupingBy(j -> j.path("chainId").asString()));
        Set<String> own = chains.stream().map(c -> c.get("chainId").toString()).collect(Collectors.toSet());
        List<String> shared = byChain.entrySet().stream()
                .filter(e -> !own.contains(e.getKey()))
                .map(e -> e.getValue().get(0).path("title").asString())
                .toList();
        assertThat(shared)
                .containsExactlyInAnyOrder(
                        "Bleed the brakes",
                        "Bleed the clutch",
                        "Test the brakes before any move",
                        "Tighten the rubber bushes at ride height",
                        "Set the tracking",
                        "Fill with fuel and look for leaks",
                        "Fill the cooling, bleed it and test it under pressure",
                        "Fill the cavities with wax");
        assertThat(byChain).as("both sides of an axle are one package").hasSize(18 + shared.size());
        assertThat(jobs)
                .filteredOn(j -> List.of("BLEED", "ALIGN", "FILL")
                        .contains(j.path("operation").asString()))
                .extracting(j ->
                        j.path("operation").asString() + " " + j.path("system").asString())
                .doesNotHaveDuplicates();

        List<String> needs = garage.owner()
                .get(path + "/needs")
                .ok()
                .valueStream()
                .map(n -> n.path("title").asString())
                .toList();
        for (String once : List.of("Brake fluid", "Cavity wax", "Coolant concentrate"))
            assertThat(needs).filteredOn(n -> n.startsWith(once)).as(once).hasSize(1);
        assertThat(jobs.stream().mapToInt(j -> j.path("likelyMinutes").asInt()).sum())
                .as("own hours are the recipes' sums")
                .isEqualTo(minutes(offered))
                .isLessThan(136 * 60);
        assertThat(jobs).hasSizeLessThan(79);
        assertThat(byChain.values().stream()
                        .filter(c -> own.contains(c.get(0).path("chainId").asString())))
                .as("packages")
                .hasSize(18);
    }

    /** Whoever plans the sill today and the tank tomorrow drains the fuel once, as one who plans both at once. */
    @Test
    void theFuelIsDrainedOnceInWhateverOrderTheWorkIsMade(TestGarage garage) {
        UUID project = garage.project();
        List<UUID> sill = chain(garage, project, "sill-left", "RUST_THROUGH");
        List<UUID> tank = chain(garage, project, "fuel-tank", "RUST_THROUGH");
        List<JsonNode> jobs = garage.owner()
                .get("/api/projects/" + project + "/jobs")
                .ok()
                .path("jobs")
                .valueStream()
                .filter(j -> !j.path("state").asString().equals("DROPPED"))
                .toList();
        assertThat(jobs)
                .filteredOn(j -> j.path("operation").asString().equals("STRIP")
                        && j.path("system").asString().equals("FUEL"))
                .extracting(j -> j.path("id").asString())
                .containsExactly(tank.get(0).toString());
        assertThat(jobs)
                .filteredOn(j -> j.path("id").asString().equals(sill.get(1).toString()))
                .singleElement()
                .satisfies(first -> assertThat(first.path("after").valueStream().map(JsonNode::asString))
                        .contains(tank.get(0).toString()));
    }

    /** It comes last, belongs to all that it serves, and is needed as soon as the most urgent of them is. */
    @Test
    void comesAfterAllThatItServes(TestGarage garage) {
        UUID project = garage.project();
        List<UUID> pipes = chain(garage, project, "brake-pipes", "LEAK");
        List<UUID> pads = chain(garage, project, "front-brakes", "WORN");
        UUID test = pads.get(pads.size() - 1);
        assertThat(pipes).endsWith(test);
        JsonNode job = garage.owner().get("/api/jobs/" + test).ok();
        assertThat(job.path("after").valueStream().map(JsonNode::asString))
                .contains(pads.get(pads.size() - 2).toString());
        assertThat(job.path("findings").valueStream()).hasSize(2);
        assertThat(job.path("zone").isMissingNode()).isTrue();
        assertThat(job.path("cautions").valueStream().map(JsonNode::asString)).contains("BRAKES");
    }

    /** What a person made something else of is not what the next one needs. */
    @Test
    void whatIsNoBleedingAnyMoreIsNotJoined(TestGarage garage) {
        UUID project = garage.project();
        List<UUID> pipes = chain(garage, project, "brake-pipes", "LEAK");
        UUID bleed = pipes.get(pipes.size() - 2);
        garage.owner()
                .put(
                        "/api/jobs/" + bleed,
                        map(
                                "fields",
                                map("title", "Look at the fluid", "operation", "INSPECT"),
                                "version",
                                garage.version("jobs", bleed)))
                .ok();
        assertThat(chain(garage, project, "brake-master", "LEAK")).doesNotContain(bleed);
    }

    /** What has begun takes nothing more in: what is found late gets its own. */
    @Test
    void whatIsFoundLateIsBledAgain(TestGarage garage) {
        UUID project = garage.project();
        List<UUID> pipes = chain(garage, project, "brake-pipes", "LEAK");
        for (UUID job : pipes.subList(0, pipes.size() - 1)) garage.move(job, "BEGUN", "FINISHED");
        List<UUID> late = chain(garage, project, "brake-master", "LEAK");
        assertThat(late.get(late.size() - 2)).as("bled again").isNotEqualTo(pipes.get(pipes.size() - 2));
        assertThat(late).as("the test is still to come").endsWith(pipes.get(pipes.size() - 1));
    }

    /** A caliper that comes weeks later does not hold up the rest: it gets a bleeding of its own, which says what it costs. */
    @Test
    void whatIsLateIsSplitOff(TestGarage garage) {
        UUID project = garage.project();
        List<UUID> pipes = chain(garage, project, "brake-pipes", "LEAK");
        UUID bleed = pipes.get(pipes.size() - 2);
        assertThat(garage.owner().get("/api/jobs/" + bleed + "/apart").status())
                .as("it serves one finding")
                .isEqualTo(204);
        UUID late = garage.finding(project, "brake-master", "LEAK");
        garage.decide(late, "REPLACE");
        List<UUID> master = garage.chain(late);
        UUID pedalSet = master.get(2);
        assertThat(after(garage, bleed)).contains(pedalSet);
        JsonNode apart = garage.owner().get("/api/jobs/" + bleed + "/apart").ok();
        assertThat(apart.path("likelyMinutes").asInt()).isEqualTo(60);

        assertThat(split(garage, bleed, UUID.randomUUID()))
                .as("no such finding")
                .isEqualTo(422);
        assertThat(split(garage, bleed, late)).isEqualTo(204);
        assertThat(after(garage, bleed)).as("no longer waits for it").doesNotContain(pedalSet);
        List<JsonNode> bleedings = garage.owner()
                .get("/api/projects/" + project + "/jobs")
                .ok()
                .path("jobs")
                .valueStream()
                .filter(j -> j.path("title").asString().equals("Bleed the brakes"))
                .toList();
        assertThat(bleedings).hasSize(2);
        UUID own = bleedings.stream()
                .map(j -> UUID.fromString(j.path("id").asString()))
                .filter(id -> !id.equals(bleed))
                .findFirst()
                .orElseThrow();
        assertThat(after(garage, own)).containsExactly(pedalSet);
        assertThat(after(garage, pipes.get(pipes.size() - 1)))
                .as("the brakes are tested after both")
                .contains(bleed, own);
        assertThat(split(garage, bleed, late)).as("it is apart").isEqualTo(422);
    }

    /** Once it waited for the fuel, and so for all that wants power, while the carpets that wait for it stay out. Common practice, no source. */
    @Test
    void theHoseTestWaitsForNoFuel(TestGarage garage) {
        UUID project = garage.project();
        List<UUID> scuttle = chain(garage, project, "scuttle", "RUST_THROUGH");
        Map<String, UUID> named = scuttle.stream()
                .collect(Collectors.toMap(
                        j -> garage.owner().get("/api/jobs/" + j).text("title"), j -> j));
        UUID fuel = named.get("Fill with fuel and look for leaks");
        UUID hose = named.keySet().stream()
                .filter(t -> t.startsWith("Hose test"))
                .map(named::get)
                .findFirst()
                .orElseThrow();
        UUID own = after(garage, fuel).get(0);
        assertThat(named.keySet())
                .anyMatch(t -> t.startsWith("Paint") && named.get(t).equals(own));
        assertThat(after(garage, hose)).contains(own).doesNotContain(fuel);
    }

    private static int split(TestGarage garage, UUID job, UUID finding) {
        return garage.owner()
                .post("/api/jobs/" + job + "/apart", map("findingId", finding, "chainId", UUID.randomUUID()))
                .status();
    }

    private static List<UUID> after(TestGarage garage, UUID job) {
        return garage.owner()
                .get("/api/jobs/" + job)
                .ok()
                .path("after")
                .valueStream()
                .map(a -> UUID.fromString(a.asString()))
                .toList();
    }

    private static List<UUID> chain(TestGarage garage, UUID project, String zone, String kind) {
        UUID finding = garage.finding(project, zone, kind);
        garage.decide(finding, "REPLACE");
        return garage.chain(finding);
    }

    private static int minutes(JsonNode offered) {
        Map<String, Integer> shared = offered.valueStream()
                .flatMap(o -> o.path("then").valueStream())
                .collect(Collectors.toMap(
                        w -> w.path("id").asString(),
                        w -> w.path("likelyMinutes").asInt(),
                        (a, b) -> a));
        return offered.valueStream()
                        .mapToInt(o -> o.path("likelyMinutes").asInt())
                        .sum()
                + shared.values().stream().mapToInt(m -> m).sum();
    }
}
