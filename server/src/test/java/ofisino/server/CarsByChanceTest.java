package ofisino.server;

import static ofisino.server.testing.TestGarage.TODAY;
import static ofisino.server.testing.TestGarage.map;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.LongStream;
import java.util.stream.Stream;
import ofisino.server.testing.Api;
import ofisino.server.testing.Api.Answer;
import ofisino.server.testing.TestApplication;
import ofisino.server.testing.TestGarage;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;

/**
 * Sentences of the trade that a whole garage must satisfy, whatever was done in it and in whatever order. Common practice, no source. Cars are
 * made by chance; their seeds are named, so that one that fails can be made again. {@code -Dofisino.cars=N -Dofisino.seed=S} makes more and others of them.
 */
@ExtendWith(TestApplication.class)
class CarsByChanceTest {
    private static final int STEPS = 30;
    private static final List<String> KINDS = List.of(
            "RUST_THROUGH", "SURFACE_RUST", "LEAK", "SEIZED", "WORN", "PERISHED", "CRACK", "MISSING", "DENT", "DOUBT");
    private static final List<String> DECISIONS =
            List.of("REPAIR", "REPLACE", "DEFER", "ACCEPT", "TEMPORARY", "INVESTIGATE", "REUSE");
    private static final List<String> STATES =
            List.of("BEGUN", "FINISHED", "VERIFIED", "LOOSE", "TRIAL_FITTED", "DROPPED", "PLANNED");

    static LongStream cars() {
        long first = Long.getLong("ofisino.seed", TestGarage.DAY.toEpochDay()) * 10_000;
        return LongStream.range(first, first + Long.getLong("ofisino.cars", 4));
    }

    /**
     * S: a finding of class A or B stops standing in the way only by a look after its jobs, by being withdrawn, or by being lowered with a
     * reason. S: whatever is open stands on the list before the road. S: no drive and no first start is offered, begun or finished while its
     * gate is shut. S: no plan has a date for a drive while a class A is open, papers aside, and nobody plans its work.
     */
    @ParameterizedTest
    @MethodSource("cars")
    void nothingDangerousPasses(long seed, TestGarage garage) {
        var car = new Car(garage, new Random(seed));
        for (int step = 0; step < STEPS; step++) {
            Map<String, String> before = car.dangers();
            String done = car.step();
            Set<String> after = car.dangers().keySet();
            if (!Set.of("withdraw", "recheck", "lower").contains(done))
                assertThat(after).as("car %d, step %d: %s", seed, step, done).containsAll(before.keySet());
        }
        car.holds(seed);
    }

    private static final class Car {
        private final TestGarage garage;
        private final Api owner;
        private final Random random;
        private final UUID project;
        private final String base;
        private final List<JsonNode> steps;
        private final List<UUID> drives = new ArrayList<>();

        Car(TestGarage garage, Random random) {
            this.garage = garage;
            this.owner = garage.owner();
            this.random = random;
            project = garage.project();
            base = "/api/projects/" + project;
            garage.workSessions();
            steps = owner.get(base + "/checks").ok().path("steps").valueStream().toList();
            drives.add(garage.job(project, "First drive round the yard"));
            drives.add(garage.job(project, "First start"));
        }

        String step() {
            return switch (random.nextInt(13)) {
                case 0, 1 -> answer();
                case 2 -> finding();
                case 3 -> decide();
                case 4 -> chain();
                case 5, 6 -> move();
                case 7 -> log();
                case 8 -> confirm();
                case 9 -> reading();
                case 10 -> prove();
                case 11 -> pick(List.of("withdraw", "recheck", "reopen")).equals("reopen") ? reopen() : over();
                default -> lower();
            };
        }

        private String answer() {
            JsonNode step = pick(steps);
            sent(owner.post(
                    base + "/answers",
                    TestGarage.answer(
                            step.path("checkId").asString(),
                            step.path("place").asString(),
                            pick(List.of("GOOD", "BAD", "DOUBTFUL", "MISSING", "NOT_OPENED")))));
            return "answer";
        }

        private String finding() {
            String zone = pick(steps.stream().filter(s -> s.has("zone")).toList())
                    .path("zone")
                    .asString();
            garage.finding(project, zone, pick(KINDS));
            return "finding";
        }

        private String decide() {
            one(findings())
                    .ifPresent(f -> sent(owner.post(
                            "/api/findings/" + f.path("id").asString() + "/decision",
                            map(
                                    "decision",
                                    pick(DECISIONS),
                                    "reason",
                                    "because",
                                    "version",
                                    f.path("version").asLong()))));
            return "decide";
        }

        private String chain() {
            one(findings())
                    .ifPresent(f -> sent(owner.post(
                            "/api/findings/" + f.path("id").asString() + "/chain", map("chainId", UUID.randomUUID()))));
            return "chain";
        }

        private String move() {
            one(jobs()).ifPresent(j -> {
                if (random.nextBoolean())
                    garage.clear(UUID.fromString(j.path("id").asString()));
                sent((random.nextBoolean() ? garage.join("HELPER") : owner)
                        .post(
                                "/api/jobs/" + j.path("id").asString() + "/state",
                                map(
                                        "state",
                                        pick(STATES),
                                        "version",
                                        garage.version(
                                                "jobs",
                                                UUID.fromString(j.path("id").asString())))));
            });
            return "move";
        }

        private String log() {
            one(jobs())
                    .ifPresent(j -> sent(owner.post(
                            base + "/work-sessions",
                            TestGarage.workSession(
                                    TODAY, UUID.fromString(j.path("id").asString()), 30))));
            return "log";
        }

        private String confirm() {
            one(jobs())
                    .ifPresent(j -> garage.confirmInterlocks(
                            UUID.fromString(j.path("id").asString())));
            return "confirm";
        }

        private String reading() {
            sent(owner.post(
                    base + "/readings",
                    map(
                            "limitId",
                            "tread-depth",
                            "place",
                            "front-wheel-left",
                            "readings",
                            List.of(map(
                                    "id",
                                    UUID.randomUUID(),
                                    "value",
                                    random.nextInt(5),
                                    "unit",
                                    "MILLIMETRE",
                                    "readOn",
                                    TODAY,
                                    "sure",
                                    false)))));
            return "reading";
        }

        private String prove() {
            JsonNode proof = pick(road().path("proofs").valueStream().toList());
            sent(owner.post(
                    base + "/proofs",
                    map(
                            "id",
                            UUID.randomUUID(),
                            "proof",
                            proof.path("id").asString(),
                            "doneOn",
                            TODAY,
                            "value",
                            70,
                            "validUntil",
                            TestGarage.DAY.plusYears(1).toString())));
            return "prove";
        }

        private String over() {
            boolean withdraw = random.nextBoolean();
            one(findings())
                    .ifPresent(f -> sent(
                            withdraw
                                    ? owner.post(
                                            "/api/findings/" + f.path("id").asString() + "/withdrawal",
                                            map(
                                                    "reason",
                                                    "a slip",
                                                    "version",
                                                    f.path("version").asLong()))
                                    : owner.post(
                                            "/api/findings/" + f.path("id").asString() + "/recheck",
                                            map(
                                                    "good",
                                                    true,
                                                    "note",
                                                    "looked",
                                                    "version",
                                                    f.path("version").asLong()))));
            return withdraw ? "withdraw" : "recheck";
        }

        private String reopen() {
            one(findings())
                    .ifPresent(f -> sent(owner.post(
                            "/api/findings/" + f.path("id").asString() + "/reopening",
                            map("version", f.path("version").asLong()))));
            return "reopen";
        }

        /** With a reason it may be lowered, without it never. */
        private String lower() {
            boolean withReason = random.nextBoolean();
            one(findings()).ifPresent(f -> {
                Map<String, Object> fields = new HashMap<>(map(
                        "zone",
                        f.path("zone").asString(),
                        "kind",
                        f.path("kind").asString(),
                        "covered",
                        false,
                        "foundOn",
                        TODAY,
                        "safetyClass",
                        pick(List.of("A", "B", "C", "D"))));
                if (withReason) fields.put("loweredReason", "looked at twice");
                sent(owner.put(
                        "/api/findings/" + f.path("id").asString(),
                        map("fields", fields, "version", f.path("version").asLong())));
            });
            return withReason ? "lower" : "restate";
        }

        Map<String, String> dangers() {
            return findings().stream()
                    .filter(f -> Set.of("A", "B").contains(f.path("safetyClass").asString()))
                    .filter(f -> !Set.of("CLOSED", "WITHDRAWN")
                            .contains(f.path("state").asString()))
                    .collect(Collectors.toMap(
                            f -> f.path("id").asString(),
                            f -> f.path("safetyClass").asString()));
        }

        void holds(long seed) {
            JsonNode road = road();
            List<JsonNode> blockers = road.path("blockers").valueStream().toList();
            assertThat(blockers)
                    .as("car %d: every danger stands on the list", seed)
                    .extracting(b -> b.at("/remedy/id").asString())
                    .containsAll(dangers().keySet());
            Set<String> open = road.path("gates")
                    .valueStream()
                    .filter(g -> g.path("open").asBoolean())
                    .map(g -> g.path("gate").asString())
                    .collect(Collectors.toSet());
            assertThat(open).as("car %d: thirty steps prove no car", seed).doesNotContain("FIRST_MOVE", "ROAD");
            List<String> tonight = Stream.concat(
                            owner.get(base + "/today")
                                    .ok()
                                    .path("tonight")
                                    .path("jobs")
                                    .valueStream(),
                            owner.get(base + "/plan/tonight?minutes=120&people=1&quiet=false&wet=false")
                                    .body()
                                    .valueStream()
                                    .map(p -> p.path("subject")))
                    .map(j -> j.path("id").asString())
                    .toList();
            if (dangersWithoutWork())
                assertThat(planned()).as("car %d: no date for a drive", seed).doesNotContain(drives.get(0));
            for (UUID drive : drives) {
                JsonNode job = owner.get("/api/jobs/" + drive).ok();
                assertThat(tonight).as("car %d: not offered", seed).doesNotContain(drive.toString());
                assertThat(job.path("state").asString())
                        .as("car %d: never finished against the rules", seed)
                        .isNotIn("FINISHED", "VERIFIED");
            }
        }

        private boolean dangersWithoutWork() {
            Set<String> worked = jobs().stream()
                    .filter(j -> !Set.of("VERIFIED", "DROPPED")
                            .contains(j.path("state").asString()))
                    .flatMap(j -> j.path("findings").valueStream())
                    .map(JsonNode::asString)
                    .collect(Collectors.toSet());
            return findings().stream()
                    .filter(f -> f.path("safetyClass").asString().equals("A")
                            && !f.path("system").asString().equals("PAPERS"))
                    .filter(f -> !Set.of("CLOSED", "WITHDRAWN", "AWAITING_RECHECK")
                            .contains(f.path("state").asString()))
                    .anyMatch(f -> !worked.contains(f.path("id").asString()));
        }

        private List<UUID> planned() {
            return owner.get(base + "/plan")
                    .ok()
                    .path("activities")
                    .valueStream()
                    .filter(a -> a.at("/subject/kind").asString().equals("JOB"))
                    .map(a -> UUID.fromString(a.at("/subject/id").asString()))
                    .toList();
        }

        private JsonNode road() {
            return owner.get(base + "/road").ok();
        }

        private List<JsonNode> findings() {
            return owner.get(base + "/findings").ok().valueStream().toList();
        }

        private List<JsonNode> jobs() {
            return owner.get(base + "/jobs").ok().path("jobs").valueStream().toList();
        }

        private <T> T pick(List<T> of) {
            return of.get(random.nextInt(of.size()));
        }

        private java.util.Optional<JsonNode> one(List<JsonNode> of) {
            return of.isEmpty() ? java.util.Optional.empty() : java.util.Optional.of(pick(of));
        }

        /** Done or refused with a sentence; never broken. */
        private static void sent(Answer answer) {
            assertThat(answer.status()).as("%s", answer.body()).isLessThan(500);
        }
    }
}
