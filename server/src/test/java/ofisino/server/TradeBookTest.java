package ofisino.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.junit.jupiter.params.provider.Arguments.arguments;

import java.time.Instant;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.LongStream;
import java.util.stream.Stream;
import ofisino.core.plan.access.CarState;
import ofisino.core.plan.job.Detail;
import ofisino.core.plan.job.Operation;
import ofisino.server.testing.Api;
import ofisino.server.testing.TestApplication;
import ofisino.server.testing.TestGarage;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
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
            "windscreen PERISHED");

    /** An estate, and a saloon with a rotten wing: its battery has to be off for the tank and for the wing at once. Others are drawn, their seed named. */
    static Stream<Arguments> cars() {
        Stream<Arguments> drawn = LongStream.range(0, Long.getLong("ofisino.cars", 2))
                .map(n -> Long.getLong("ofisino.seed", TestGarage.DAY.toEpochDay()) * 10_000 + n)
                .mapToObj(TradeBookTest::drawn);
        return Stream.concat(
                Stream.of(
                        arguments("ESTATE", with("bonnet DENT", "door-bottom-left RUST_THROUGH"), 0L),
                        arguments("SALOON", with("front-wing-left RUST_THROUGH", "brake-pipes SURFACE_RUST"), 0L)),
                drawn);
    }

    private static List<String> with(String... more) {
        return Stream.concat(ORDINARY.stream(), Stream.of(more)).toList();
    }

    /** What the sentences speak of is always there; of the rest of a car whatever comes. */
    private static Arguments drawn(long seed) {
        var random = new Random(seed);
        List<String> found = new ArrayList<>(with());
        found.removeIf(f -> random.nextInt(3) == 0 && !SPOKEN_OF.contains(f.split(" ")[0]));
        List<String> zones = new ArrayList<>(List.of(
                "sill-right",
                "floor-right",
                "front-arch-left",
                "rear-arch-left",
                "jacking-front-right",
                "inner-wing-left",
                "gearbox",
                "rear-axle",
                "carburettor",
                "starter",
                "brake-master",
                "rear-lamps-left",
                "front-wing-right",
                "screen-pillar-left",
                "steering-gear",
                "rear-wheel-right"));
        List<String> kinds = List.of("RUST_THROUGH", "SEIZED", "WORN", "LEAK", "PERISHED", "CRACK", "SURFACE_RUST");
        Collections.shuffle(zones, random);
        Set<String> known = found.stream().map(f -> f.split(" ")[0]).collect(Collectors.toSet());
        for (String zone : zones.subList(0, 8))
            if (!known.contains(zone)) found.add(zone + " " + kinds.get(random.nextInt(kinds.size())));
        return arguments(random.nextBoolean() ? "ESTATE" : "SALOON", List.copyOf(found), seed);
    }

    private static final Set<String> SPOKEN_OF = Set.of("sill-left", "fuel-tank", "belts", "silencer");

    /** Ordinary findings, each decided as proposed, with the jobs that come of them, and a first start and drive that nobody linked. */
    @ParameterizedTest(name = "{0}, seed {2}")
    @MethodSource("cars")
    void anOrdinaryCarIsPlannedAsTheTradeDoes(String body, List<String> found, long seed, TestGarage garage) {
        garage.workSessions();
        UUID project = garage.project(body);
        String base = "/api/projects/" + project;
        for (String finding : found) {
            String[] where = finding.split(" ");
            garage.finding(project, where[0], where[1]);
        }
        if (seed != 0) nameThings(garage, project, seed);
        for (JsonNode d : garage.owner().get(base + "/decisions").ok())
            garage.decide(
                    UUID.fromString(d.path("findingId").asString()),
                    d.path("decision").asString());
        for (JsonNode f : garage.owner().get(base + "/findings").ok())
            if (!Set.of("DEFER", "ACCEPT").contains(f.path("decision").asString()))
                garage.chain(UUID.fromString(f.path("id").asString()));
        UUID start = garage.job(project, "First start on the own can");
        UUID drive = garage.job(project, "First drive round the yard");
        var plan = new Planned(garage.owner(), base, body);

        assertThat(plan.circle).as("nothing waits for itself").isEmpty();
        assertThat(plan.unplaced).as("all has a date").isEmpty();
        plan.stripDowns().forEach(plan::nothingLiesInWhatExcludesIt);

        for (JsonNode hot : plan.jobs("WELD", "CUT")) {
            assertThat(plan.end("Off and drained"))
                    .as("34: fuel is out before %s", hot.path("title").asString())
                    .isLessThanOrEqualTo(plan.start(hot));
            assertThat(plan.leaves(hot))
                    .as(
                            "11: the visit ends at one, the last spark at twelve, %s",
                            hot.path("title").asString())
                    .isNotEmpty()
                    .allMatch(t -> !t.isAfter(LocalTime.NOON));
            assertThat(plan.start("Fill with fuel and look for leaks"))
                    .as("34: and comes back after it")
                    .isGreaterThanOrEqualTo(plan.end(hot));
        }
        assertThat(plan.refits().filter(title -> title.matches(".*([Ff]uel|[Tt]ank).*")))
                .as("34: no refit before or after the heat tells anybody to fill it")
                .isNotEmpty()
                .allMatch(title -> title.contains("empty") || title.contains("without pressure"));
        String lastHeat =
                plan.jobs("WELD").stream().map(plan::end).max(String::compareTo).orElseThrow();
        for (JsonNode brakes : plan.jobs("ASSEMBLE"))
            if (plan.system(brakes).equals("BRAKES"))
                assertThat(plan.start(brakes))
                        .as("18: %s after the last heat", brakes.path("title").asString())
                        .isGreaterThanOrEqualTo(lastHeatOn(plan, "STRUCTURE"));
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
        sharedWorkIsLast(plan);
        for (JsonNode before : plan.jobs())
            if (CARRIES.contains(plan.system(before))
                    && Set.of("RUNNER", "ROAD_READY")
                            .contains(before.path("aim").asString()))
                assertThat(plan.end(before))
                        .as(
                                "15: %s before the first drive",
                                before.path("title").asString())
                        .isLessThanOrEqualTo(plan.start(drive));
        assertThat(plan.end(start)).as("a start before a drive").isLessThanOrEqualTo(plan.start(drive));
        assertThat(plan.start("Run it and feel for leaks"))
                .as("no test runs the engine before its first start")
                .isGreaterThanOrEqualTo(plan.end(start));
        assertThat(plan.jobs().stream()
                        .filter(j -> plan.system(j).equals("RESTRAINT"))
                        .map(j -> j.path("operation").asString()))
                .as("61: restraint is looked at or renewed")
                .isNotEmpty()
                .containsOnly("INSPECT", "REPLACE");
    }

    /** Things of the car by chance, each with what can be wrong with it: ten parts, and what the car does once. */
    private static void nameThings(TestGarage garage, UUID project, long seed) {
        var random = new Random(seed);
        String base = "/api/projects/" + project;
        List<String> zones = garage.owner()
                .get(base + "/drawing")
                .ok()
                .path("zones")
                .valueStream()
                .map(z -> z.path("id").asString())
                .toList();
        List<JsonNode> things = new ArrayList<>(
                garage.owner().get(base + "/anatomy").ok().valueStream().toList());
        Collections.shuffle(things, random);
        int named = 0;
        for (JsonNode thing : things) {
            Set<String> places =
                    thing.path("places").valueStream().map(JsonNode::asString).collect(Collectors.toSet());
            Optional<String> zone = zones.stream()
                    .filter(z -> places.contains(z.replaceAll("-(left|right)$", "")))
                    .findFirst();
            if (zone.isEmpty() || named == 10) continue;
            List<JsonNode> kinds = thing.path("kinds").valueStream().toList();
            garage.finding(
                    project,
                    zone.get(),
                    thing.path("id").asString(),
                    kinds.get(random.nextInt(kinds.size())).asString());
            named++;
        }
    }

    private static String lastHeatOn(Planned plan, String system) {
        return plan.jobs("WELD", "CUT").stream()
                .filter(j -> plan.system(j).equals(system))
                .map(plan::end)
                .max(String::compareTo)
                .orElse("");
    }

    /** What is done once is done once, and after all that it serves. */
    private static void sharedWorkIsLast(Planned plan) {
        for (String once : List.of("Bleed the brakes", "Test the brakes", "Set the tracking", "Fill the cavities"))
            assertThat(plan.jobs().stream()
                            .filter(j -> j.path("title").asString().startsWith(once)))
                    .as(once)
                    .hasSizeLessThanOrEqualTo(1);
        for (JsonNode bleed : plan.jobs("BLEED"))
            for (JsonNode part : plan.jobs("REPLACE", "ASSEMBLE"))
                if (plan.system(bleed).equals("BRAKES") && plan.system(part).equals("BRAKES"))
                    assertThat(plan.start(bleed))
                            .as("bled after %s", part.path("title").asString())
                            .isGreaterThanOrEqualTo(plan.end(part));
        for (JsonNode tracking : plan.jobs("ALIGN"))
            for (JsonNode part : plan.jobs("REPLACE"))
                if (plan.system(part).equals("STEERING_AND_SUSPENSION"))
                    assertThat(plan.start(tracking))
                            .as("23: tracking after %s", part.path("title").asString())
                            .isGreaterThanOrEqualTo(plan.end(part));
    }

    /** What stops, steers, carries, holds or burns. */
    private static final Set<String> CARRIES =
            Set.of("BRAKES", "STEERING_AND_SUSPENSION", "WHEELS_AND_TYRES", "RESTRAINT", "FUEL", "STRUCTURE");

    /** A plan and the jobs in it. */
    private static final class Planned {
        private final List<JsonNode> jobs;
        private final Map<String, JsonNode> times = new HashMap<>();
        private final Map<String, String> systems = new HashMap<>();
        private final Map<String, JsonNode> accesses = new HashMap<>();
        private final List<JsonNode> stripDowns;
        private final JsonNode circle;
        private final JsonNode unplaced;

        Planned(Api owner, String base, String body) {
            JsonNode access = owner.get(base + "/access").ok();
            access.path("accesses").forEach(w -> accesses.put(w.path("id").asString(), w));
            stripDowns = access.path("stripDowns").valueStream().toList();
            JsonNode plan = owner.get(base + "/plan").ok();
            circle = plan.path("circle");
            unplaced = plan.path("unplaced");
            jobs = owner.get(base + "/jobs").ok().path("jobs").valueStream().toList();
            for (JsonNode a : plan.path("activities"))
                times.put(
                        (a.at("/subject/kind").asString().equals("JOB")
                                        ? ""
                                        : a.at("/subject/kind").asString() + ":")
                                + a.at("/subject/id").asString(),
                        a);
            for (JsonNode z : owner.get(base + "/drawing").ok().path("zones"))
                systems.put(z.path("id").asString(), z.path("system").asString());
        }

        /** Those that are opened in the plan; one that is planned with another has no times of its own. */
        Stream<JsonNode> stripDowns() {
            return stripDowns.stream()
                    .filter(o ->
                            times.containsKey("STRIP:" + o.path("stripDown").asString()));
        }

        /** 3, 4, 16: nothing runs, rolls or is powered while what it needs for that is open, but what is done in that very strip-down. */
        void nothingLiesInWhatExcludesIt(JsonNode stripDown) {
            String id = stripDown.path("stripDown").asString();
            JsonNode access = accesses.get(stripDown.path("access").asString());
            Set<CarState> excluded = access.path("excludes")
                    .valueStream()
                    .map(e -> CarState.valueOf(e.asString()))
                    .collect(Collectors.toSet());
            String from = times.get("STRIP:" + id).path("start").asString();
            String to = times.get("REFIT:" + id).path("end").asString();
            for (JsonNode job : jobs) {
                Set<Detail> details = job.path("details")
                        .valueStream()
                        .map(d -> Detail.valueOf(d.asString()))
                        .collect(Collectors.toSet());
                Set<CarState> needs =
                        CarState.of(Operation.valueOf(job.path("operation").asString()), details);
                boolean ofThisWay = stripDowns.stream()
                        .filter(o -> o.path("access")
                                .asString()
                                .equals(access.path("id").asString()))
                        .anyMatch(o -> o.path("jobs").valueStream().anyMatch(j -> j.equals(job.path("id"))));
                if (ofThisWay || needs.stream().noneMatch(excluded::contains)) continue;
                assertThat(start(job).compareTo(to) >= 0 || end(job).compareTo(from) <= 0)
                        .as(
                                "%s (%s) while %s is open, %s to %s",
                                job.path("title").asString(),
                                start(job),
                                access.path("name").asString(),
                                from,
                                to)
                        .isTrue();
            }
        }

        /** What the plan calls each refit. */
        Stream<String> refits() {
            return times.values().stream()
                    .map(a -> a.path("subject"))
                    .filter(subject -> subject.path("kind").asString().equals("REFIT"))
                    .map(subject -> subject.path("title").asString());
        }

        List<JsonNode> jobs(String... operations) {
            return jobs.stream()
                    .filter(j -> operations.length == 0
                            || List.of(operations).contains(j.path("operation").asString()))
                    .toList();
        }

        String system(JsonNode job) {
            String own = job.path("system").asString("");
            return own.isEmpty() ? systems.getOrDefault(job.path("zone").asString(), "") : own;
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
                    .path("stretches")
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
