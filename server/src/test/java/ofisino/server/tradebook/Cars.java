package ofisino.server.tradebook;

import static ofisino.server.testing.TestGarage.map;

import java.time.LocalTime;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import ofisino.server.testing.TestGarage;
import tools.jackson.databind.JsonNode;

/** Vehicles with ordinary findings, each decided as proposed, with the work that comes of them and a first start and drive that nobody linked. */
final class Cars {
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

    /** What sentences speak of that chance seldom brings, of which each car has some. */
    private static final List<String> TELLING = List.of(
            "sill-right RUST_THROUGH",
            "rear-arch-left RUST_THROUGH",
            "wiring DEAD_ELECTRICAL",
            "starter WORN",
            "engine-block timing-belt WORN",
            "propshaft propshaft-joint WORN",
            "front-brakes brake-pads-front WORN",
            "front-brakes brake-disc-front WORN",
            "rear-brakes brake-shoes-rear WORN",
            "rear-spring-left rear-leaf-spring WORN",
            "front-suspension-left front-coil-spring BROKEN",
            "front-suspension-left ball-joint-lower WORN",
            "engine-block pistons WORN",
            "engine-block camshaft WORN",
            "engine-block head-gasket LEAK",
            "starter earth-strap WORN;starter SURFACE_RUST",
            "rear-axle pinion-seal LEAK",
            "gearbox gearbox-bearings WORN",
            "headlining headlining-cloth PERISHED",
            "front-suspension-left front-arm SURFACE_RUST",
            "windscreen windscreen-glass CRACK",
            "injection injector LEAK");

    private static final List<String> OF_A_MOTORCYCLE = List.of(
            "frame-front CRACK",
            "frame-cradle CRACK",
            "fork-left fork-seal LEAK",
            "chain final-chain WORN",
            "front-brakes WORN",
            "rear-brakes WORN",
            "fuel-tank CONTAMINATED",
            "carburettor LEAK",
            "engine-block SEIZED",
            "steering-head WORN",
            "front-wheel PERISHED",
            "front-brakes brake-shoes-front WORN",
            "rear-wheel spokes WORN",
            "exhaust-left RUST_THROUGH",
            "wiring DEAD_ELECTRICAL",
            "swinging-arm WORN",
            "crankcase LEAK",
            "rear-mudguard RUST_THROUGH");

    private static final List<String> OTHERS = List.of(
            "sill-right",
            "floor-right",
            "front-arch-left",
            "rear-arch-left",
            "jacking-front-right",
            "inner-wing-left",
            "gearbox",
            "rear-axle",
            "carburettor",
            "brake-master",
            "rear-lamps-left",
            "front-wing-right",
            "screen-pillar-left",
            "rear-wheel-right",
            "bulkhead",
            "load-floor");

    private static final List<String> KINDS =
            List.of("RUST_THROUGH", "SEIZED", "WORN", "LEAK", "PERISHED", "CRACK", "SURFACE_RUST");

    /** Motorcycles twice as often, for the sentences that are about them alone. */
    private static final List<String> BODIES =
            List.of("SALOON", "ESTATE", "HATCHBACK", "COUPE", "ROADSTER", "VAN", "PICKUP", "MOTORCYCLE", "MOTORCYCLE");

    private static final List<String> LAYOUTS = List.of(
            "FRONT_ENGINE_REAR_DRIVE", "FRONT_ENGINE_FRONT_DRIVE", "REAR_ENGINE", "MID_ENGINE", "FOUR_WHEEL_DRIVE");

    /** @param known what is said of its equipment; the rest has holes */
    record Car(String body, String layout, int year, List<String> found, List<Map<String, Object>> known, long seed) {
        boolean motorcycle() {
            return body.equals("MOTORCYCLE");
        }

        @Override
        public String toString() {
            return "%s, %s, %d, seed %d".formatted(body, layout, year, seed);
        }
    }

    /** When the place allows noise: its sessions begin before. */
    static final LocalTime NOISE_FROM = LocalTime.of(9, 45);

    static final LocalTime NOISE_TO = LocalTime.of(20, 0);

    /** Seeds beside each other draw alike: the golden ratio sets them apart. */
    private static final long SPREAD = 0x9E3779B97F4A7C15L;

    private Cars() {}

    /** An estate of 1969 with what such a car has. */
    static Car estate() {
        return new Car(
                "ESTATE", LAYOUTS.get(0), 1969, with("bonnet DENT", "door-bottom-left RUST_THROUGH"), List.of(), 0);
    }

    /** A saloon with a rotten wing: its battery has to be off for the tank and for the wing at once. */
    static Car saloon() {
        return new Car(
                "SALOON",
                LAYOUTS.get(0),
                1969,
                with("front-wing-left RUST_THROUGH", "brake-pipes SURFACE_RUST"),
                List.of(),
                0);
    }

    /** A small front-drive car: its engine stands across, on a subframe, and its pedals and both circuits are apart at once. */
    static Car hatchback() {
        return new Car(
                "HATCHBACK",
                LAYOUTS.get(1),
                1974,
                List.of(
                        "subframe RUST_THROUGH",
                        "chassis-leg-left RUST_THROUGH",
                        "inner-wing-left RUST_THROUGH",
                        "load-floor RUST_THROUGH",
                        "front-door-bottom-left RUST_THROUGH",
                        "drive-shaft-left PERISHED",
                        "timing-drive WORN",
                        "heater-hoses LEAK",
                        "wiring DEAD_ELECTRICAL",
                        "brake-master LEAK",
                        "rear-axle WORN",
                        "front-suspension-right WORN",
                        "belts WORN",
                        "alternator DEAD_ELECTRICAL",
                        "fuel-pump LEAK",
                        "pedals SEIZED",
                        "rear-lamps-left BROKEN",
                        "windscreen BROKEN",
                        "tailgate-glass RUST_THROUGH",
                        "engine-block LEAK",
                        "rear-brakes SEIZED"),
                List.of(),
                0);
    }

    /** Its engine hangs behind a gearbox that its drive shafts hang on. */
    static Car van() {
        return new Car("VAN", LAYOUTS.get(2), 1972, listed("""
                        sill-left RUST_THROUGH, rear-arch-left RUST_THROUGH, floor-left RUST_THROUGH,
                        front-arch-right RUST_THROUGH, windscreen PERISHED, front-brakes SEIZED, rear-brakes LEAK,
                        brake-master LEAK, brake-pipes SURFACE_RUST, front-suspension-left WORN, steering-gear WORN,
                        fuel-tank CONTAMINATED, fuel-pump LEAK, carburettor LEAK, engine-block LEAK, gearbox WORN,
                        drive-shaft-left PERISHED, clutch WORN, silencer RUST_THROUGH, wiring DEAD_ELECTRICAL,
                        starter WORN, front-wheel-left PERISHED, headlining PERISHED, battery-tray RUST_THROUGH,
                        front-lamps-left BROKEN, handbrake SEIZED, battery-tray battery DEAD_ELECTRICAL"""), List.of(), 0);
    }

    /** On a frame, with a box behind its gearbox that comes out before it. */
    static Car pickup() {
        return new Car("PICKUP", LAYOUTS.get(4), 1984, listed("""
                        frame-front RUST_THROUGH, chassis-leg-left RUST_THROUGH, sill-right RUST_THROUGH,
                        load-floor RUST_THROUGH, bulkhead RUST_THROUGH, front-wing-left RUST_THROUGH,
                        door-bottom-right RUST_THROUGH, bonnet DENT, front-brakes LEAK, rear-brakes SEIZED,
                        brake-pipes LEAK, rear-spring-left rear-leaf-spring WORN, front-axle LEAK, rear-axle LEAK,
                        propshaft propshaft-joint WORN, transfer-box LEAK, gearbox LEAK, engine-block SEIZED,
                        radiator LEAK, cooling-fan BROKEN, fuel-tank RUST_THROUGH, exhaust RUST_THROUGH,
                        steering-gear WORN, steering-column WORN, wiring DEAD_ELECTRICAL,
                        rear-lamps-left DEAD_ELECTRICAL, windscreen CRACK, belts WORN, rear-wheel-left PERISHED,
                        alternator DEAD_ELECTRICAL"""), List.of(), 0);
    }

    private static List<String> listed(String found) {
        return List.of(found.strip().split(",\\s+"));
    }

    /** Between them they have what each sentence speaks of; no more than one garage has room for in two years. */
    static List<Car> telling() {
        List<String> all = with(TELLING.toArray(String[]::new));
        all.add("exhaust RUST_THROUGH");
        return List.of(
                hatchback(),
                pickup(),
                new Car("ESTATE", LAYOUTS.get(0), 1969, all, List.of(), 0),
                new Car("HATCHBACK", LAYOUTS.get(1), 2008, all, List.of(), 0),
                new Car("MOTORCYCLE", "MOTORCYCLE", 1978, OF_A_MOTORCYCLE, List.of(), 0));
    }

    private static List<String> with(String... more) {
        List<String> all = new ArrayList<>(ORDINARY);
        all.addAll(List.of(more));
        return all;
    }

    /** Any body, layout and year; what is not on it is left out when it is entered. */
    static Car drawn(long seed) {
        var random = new Random(seed * SPREAD);
        String body = BODIES.get(random.nextInt(BODIES.size()));
        if (body.equals("MOTORCYCLE"))
            return new Car(body, body, 1955 + random.nextInt(60), drawn(OF_A_MOTORCYCLE, 4, random), List.of(), seed);
        List<String> found = drawn(ORDINARY, 3, random);
        found.addAll(drawn(TELLING, 1, random).subList(0, 9));
        List<String> others = drawn(OTHERS, 1, random);
        for (String zone : others.subList(0, 6)) found.add(zone + " " + KINDS.get(random.nextInt(KINDS.size())));
        return new Car(
                body, LAYOUTS.get(random.nextInt(LAYOUTS.size())), 1955 + random.nextInt(60), found, List.of(), seed);
    }

    /** In any order, each but one in so many. */
    private static List<String> drawn(List<String> from, int oneIn, Random random) {
        List<String> some = new ArrayList<>(from);
        if (oneIn > 1) some.removeIf(f -> random.nextInt(oneIn) == 0);
        Collections.shuffle(some, random);
        return some;
    }

    /** Enters the car, decides as proposed and makes the work. @return its project */
    static UUID enter(TestGarage garage, Car car) {
        garage.workSessions(20);
        var noise = map("fromMinute", NOISE_FROM.toSecondOfDay() / 60, "toMinute", NOISE_TO.toSecondOfDay() / 60);
        garage.owner()
                .put("/api/premises", map("heating", "NOT_SAID", "noise", noise))
                .ok();
        Map<String, Object> fields = TestGarage.projectFields("ACTIVE");
        fields.put("layout", car.layout());
        fields.put("builtYear", car.year());
        UUID project = garage.project(car.body(), fields, car.known());
        String base = "/api/projects/" + project;
        Map<String, JsonNode> things = garage.owner()
                .get(base + "/anatomy")
                .ok()
                .valueStream()
                .collect(Collectors.toMap(c -> c.path("id").asString(), c -> c));
        Set<String> zones = garage.owner()
                .get(base + "/drawing")
                .ok()
                .path("zones")
                .valueStream()
                .map(z -> z.path("id").asString())
                .collect(Collectors.toSet());
        car.found().stream()
                .flatMap(f -> Stream.of(f.split(";")))
                .distinct()
                .forEach(f -> find(garage, project, f.split(" "), zones, things));
        if (car.seed() != 0) nameThings(garage, project, car.seed(), zones, things);
        for (JsonNode d : garage.owner().get(base + "/decisions").ok())
            garage.decide(
                    UUID.fromString(d.path("findingId").asString()),
                    d.path("decision").asString());
        for (JsonNode f : garage.owner().get(base + "/findings").ok())
            if (!Set.of("DEFER", "ACCEPT").contains(f.path("decision").asString()))
                garage.chain(UUID.fromString(f.path("id").asString()));
        garage.job(project, "First start on the own can");
        garage.job(project, "First drive round the yard");
        return project;
    }

    private static void find(
            TestGarage garage, UUID project, String[] what, Set<String> zones, Map<String, JsonNode> things) {
        if (!zones.contains(what[0])) return;
        if (what.length == 2) {
            garage.owner()
                    .post(
                            "/api/projects/" + project + "/findings",
                            map(
                                    "id",
                                    UUID.randomUUID(),
                                    "fields",
                                    map(
                                            "zone",
                                            what[0],
                                            "kind",
                                            what[1],
                                            "covered",
                                            false,
                                            "foundOn",
                                            TestGarage.TODAY)));
            return;
        }
        JsonNode thing = things.get(what[1]);
        if (thing != null
                && thing.path("kinds").valueStream().anyMatch(k -> k.asString().equals(what[2])))
            garage.finding(project, what[0], what[1], what[2]);
    }

    /** Ten things by chance, each with what can be wrong with it. */
    private static void nameThings(
            TestGarage garage, UUID project, long seed, Set<String> zones, Map<String, JsonNode> all) {
        var random = new Random(seed * SPREAD);
        List<JsonNode> things = all.values().stream()
                .sorted((a, b) -> a.path("id").asString().compareTo(b.path("id").asString()))
                .collect(Collectors.toCollection(ArrayList::new));
        Collections.shuffle(things, random);
        int named = 0;
        for (JsonNode thing : things) {
            Set<String> places =
                    thing.path("places").valueStream().map(JsonNode::asString).collect(Collectors.toSet());
            Optional<String> zone = zones.stream()
                    .sorted()
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
}
