package ofisino.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import ofisino.server.testing.Api;
import ofisino.server.testing.TestApplication;
import ofisino.server.testing.TestGarage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Sentences of the trade that the plan of a whole car must satisfy, read as a restorer reads it. Common practice, no source. */
@ExtendWith(TestApplication.class)
class TradeBookTest {
    private static final List<String> ORDINARY = List.of(
            "sill-left RUST_THROUGH",
            "floor-left RUST_THROUGH",
            "front-arch-right SURFACE_RUST",
            "brake-pipes LEAK",
            "front-brakes SEIZED",
            "rear-brakes LEAK",
            "front-suspension-left WORN",
            "steering-gear WORN",
            "front-wheel-left PERISHED",
            "fuel-tank CONTAMINATED",
            "fuel-pump PERISHED",
            "radiator LEAK",
            "heater-hoses PERISHED",
            "engine-block SEIZED",
            "silencer RUST_THROUGH",
            "front-lamps-left DEAD_ELECTRICAL",
            "belts WORN",
            "windscreen PERISHED",
            "bonnet DENT",
            "door-bottom-left RUST_THROUGH");

    /** Twenty ordinary findings, each decided as proposed, with the jobs that come of them, and a first start and drive that nobody linked. */
    @Test
    void anOrdinaryCarIsPlannedAsTheTradeDoes(TestGarage garage) {
        garage.evenings();
        UUID project = garage.project();
        String base = "/api/projects/" + project;
        for (String finding : ORDINARY) {
            String[] where = finding.split(" ");
            garage.finding(project, where[0], where[1]);
        }
        for (JsonNode d : garage.owner().get(base + "/decisions").ok())
            garage.decide(
                    UUID.fromString(d.path("findingId").asString()),
                    d.path("decision").asString());
        for (JsonNode f : garage.owner().get(base + "/findings").ok())
            if (!f.path("decision").asString().equals("DEFER"))
                garage.chain(UUID.fromString(f.path("id").asString()));
        UUID start = garage.job(project, "First start on the own can");
        UUID drive = garage.job(project, "First drive round the yard");
        var plan = new Planned(garage.owner(), base);

        for (JsonNode hot : plan.jobs("WELD", "CUT")) {
            assertThat(plan.end("Drain and take off"))
                    .as("34: fuel is out before %s", hot.path("title").asString())
                    .isLessThanOrEqualTo(plan.start(hot));
            assertThat(plan.leaves(hot))
                    .as(
                            "11: the visit ends at one, the last spark at twelve, %s",
                            hot.path("title").asString())
                    .isNotEmpty()
                    .allMatch(t -> !t.isAfter(LocalTime.NOON));
            assertThat(plan.start("Fill and look for leaks"))
                    .as("34: and comes back after it")
                    .isGreaterThanOrEqualTo(plan.end(hot));
        }
        String lastHeat =
                plan.jobs("WELD").stream().map(plan::end).max(String::compareTo).orElseThrow();
        for (JsonNode coat : plan.jobs("COAT"))
            assertThat(plan.start(coat))
                    .as("69: wax after the last heat anywhere")
                    .isGreaterThanOrEqualTo(lastHeat);
        for (JsonNode hung : plan.jobs("DRY_FIT")) {
            String zone = hung.path("zone").asString();
            assertThat(plan.start(hung))
                    .as("9: hung and read on its tacks, before it is welded out")
                    .isGreaterThanOrEqualTo(plan.end(plan.called("clamp and tack", zone)))
                    .isLessThanOrEqualTo(plan.start(plan.called("Weld out", zone)));
        }
        for (JsonNode before : plan.jobs())
            if (CARRIES.contains(plan.system(before)))
                assertThat(plan.end(before))
                        .as(
                                "15: %s before the first drive",
                                before.path("title").asString())
                        .isLessThanOrEqualTo(plan.start(drive));
        assertThat(plan.end(start)).as("a start before a drive").isLessThanOrEqualTo(plan.start(drive));
        assertThat(plan.start("Run and feel for leaks"))
                .as("no test runs the engine before its first start")
                .isGreaterThanOrEqualTo(plan.end(start));
        assertThat(plan.jobs().stream()
                        .filter(j -> plan.system(j).equals("RESTRAINT"))
                        .map(j -> j.path("operation").asString()))
                .as("61: restraint is looked at or renewed")
                .isNotEmpty()
                .containsOnly("INSPECT", "REPLACE");
    }

    /** What stops, steers, carries, holds or burns. */
    private static final Set<String> CARRIES =
            Set.of("BRAKES", "STEERING_AND_SUSPENSION", "WHEELS_AND_TYRES", "RESTRAINT", "FUEL", "STRUCTURE");

    /** A plan and the jobs in it. */
    private static final class Planned {
        private final List<JsonNode> jobs;
        private final Map<String, JsonNode> times = new HashMap<>();
        private final Map<String, String> systems = new HashMap<>();

        Planned(Api owner, String base) {
            jobs = owner.get(base + "/jobs").ok().path("jobs").valueStream().toList();
            for (JsonNode a : owner.get(base + "/plan").ok().path("activities"))
                times.put(a.path("subject").path("id").asString(), a);
            for (JsonNode z : owner.get("/api/bodies/ESTATE").ok().path("zones"))
                systems.put(z.path("id").asString(), z.path("system").asString());
        }

        List<JsonNode> jobs(String... operations) {
            return jobs.stream()
                    .filter(j -> operations.length == 0
                            || List.of(operations).contains(j.path("operation").asString()))
                    .toList();
        }

        String system(JsonNode job) {
            return systems.getOrDefault(job.path("zone").asString(), "");
        }

        String start(JsonNode job) {
            return start(UUID.fromString(job.path("id").asString()));
        }

        String end(JsonNode job) {
            return end(UUID.fromString(job.path("id").asString()));
        }

        /** When work on it ends on each day. */
        List<LocalTime> leaves(JsonNode job) {
            return times.get(job.path("id").asString())
                    .path("stays")
                    .valueStream()
                    .map(s -> Instant.parse(s.path("to").asString())
                            .atZone(ZoneId.of("Europe/Vienna"))
                            .toLocalTime())
                    .toList();
        }

        String start(UUID job) {
            return times.get(job.toString()).path("start").asString();
        }

        String end(UUID job) {
            return times.get(job.toString()).path("end").asString();
        }

        String start(String words) {
            return start(called(words, ""));
        }

        String end(String words) {
            return end(called(words, ""));
        }

        /** The first job whose title has these words; in that zone, if one is named. */
        JsonNode called(String words, String zone) {
            return jobs.stream()
                    .filter(j -> j.path("title").asString().contains(words)
                            && (zone.isEmpty() || j.path("zone").asString().equals(zone)))
                    .findFirst()
                    .orElseThrow(() -> new AssertionError("no job is called " + words));
        }
    }
}
