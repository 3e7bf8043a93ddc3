package ofisino.server.tradebook;

import static ofisino.server.testing.TestGarage.map;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.LongStream;
import java.util.stream.Stream;
import ofisino.core.plan.job.Detail;
import ofisino.core.plan.job.Operation;
import ofisino.server.testing.TestApplication;
import ofisino.server.testing.TestGarage;
import ofisino.server.tradebook.Cars.Car;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** The plans of whole vehicles, read as a restorer reads them. A sample each day, 200 and how often each sentence applied in {@code ./ofisino prove}. */
@ExtendWith(TestApplication.class)
class TradeBookTest {
    private static final long CARS = Long.getLong("ofisino.cars", 2);
    /** So often each sentence has to apply over all cars of {@code prove}, else it proves nothing. */
    private static final int OFTEN = 20;
    /** Hours of taking apart and putting together beside the fewest that there could be. */
    private static final double MOST_ACCESS = 1.15;

    private static final TradeBook BOOK = new TradeBook();
    private static final AccessBound ACCESS = new AccessBound();

    /** All of a sample, or the one whose seed is given, that it can be looked at again; as often as is said, since ids decide what is equal. */
    static Stream<Car> cars() {
        Long one = Long.getLong("ofisino.car");
        if (one != null) return Stream.generate(() -> Cars.drawn(one)).limit(Long.getLong("ofisino.times", 1));
        long seed = Long.getLong("ofisino.seed", TestGarage.DAY.toEpochDay()) * 10_000;
        return Stream.concat(
                // the last one's carburettor once passed for an empty tank, and a pillar was cut before the fuel was
                // out
                Stream.of(
                        Cars.estate(),
                        Cars.saloon(),
                        Cars.hatchback(),
                        Cars.van(),
                        Cars.pickup(),
                        Cars.drawn(257_690_022)),
                LongStream.range(0, CARS).mapToObj(n -> Cars.drawn(seed + n)));
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("cars")
    void isPlannedAsTheTradeDoes(Car car, TestGarage garage) {
        UUID project = Cars.enter(garage, car);
        Plan plan = PlanReader.read(garage, project, car.motorcycle());
        assertThat(BOOK.read(plan)).as(car.toString()).isEmpty();
        ACCESS.add(plan);
    }

    /** Stripped whole, everything that is so for a car put right in places is so. */
    @Test
    void isPlannedAsTheTradeDoesThoughTheWholeBodyIsAtBareMetal(TestGarage garage) {
        garage.owner().put("/api/garage", TestGarage.withHour(8_000, 0)).ok();
        UUID project = Cars.enter(garage, Cars.saloon());
        keepWay(garage, project, map("bareMetal", map()));
        Plan plan = PlanReader.read(garage, project, false);
        assertThat(plan.work(j -> j.says("whole body") || j.says("bare metal shows")))
                .hasSize(3);
        Plan.Work paint =
                plan.work(j -> j.says("paint the whole body")).findFirst().orElseThrow();
        assertThat(plan.work(j -> j.isIn("GLASS_AND_SEALS", "TRIM", "RESTRAINT")
                        && j.does(Operation.REPLACE, Operation.ASSEMBLE)))
                .as("what hangs on the body goes on when it is painted")
                .isNotEmpty()
                .allSatisfy(j -> assertThat(j.start()).isAfterOrEqualTo(paint.end()));
        assertThat(plan.open("windscreen-out"))
                .isNotEmpty()
                .allSatisfy(o -> assertThat(o.refitFrom()).isAfterOrEqualTo(paint.end()));
        assertThat(new TradeBook().read(plan)).isEmpty();
    }

    /** An engine that is out gets its gasket, its timing and its clutch while it stands on the floor. */
    @Test
    void whatIsDoneToAnEngineThatIsOutIsDoneOnItsStand(TestGarage garage) {
        var coupe = new Car(
                "COUPE",
                "MID_ENGINE",
                1988,
                List.of("gearbox WORN", "engine-block LEAK", "timing-drive WORN", "sill-left RUST_THROUGH"),
                List.of(),
                0);
        Plan plan = PlanReader.read(garage, Cars.enter(garage, coupe), false);
        assertThat(plan.open("engine-out-mid")).hasSize(1);
        Plan.Opened out = plan.open("engine-out-mid").findFirst().orElseThrow();
        assertThat(plan.work(j -> j.isIn("ENGINE") && j.does(Operation.REPLACE)))
                .hasSizeGreaterThan(1)
                .allSatisfy(j -> assertThat(out.holdsFor(j)).as(j.title()).isTrue());
        assertThat(plan.opened())
                .filteredOn(o -> o.access().startsWith("timing-"))
                .isNotEmpty()
                .allSatisfy(o -> {
                    assertThat(o.stripFrom()).isAfterOrEqualTo(out.stripTo());
                    assertThat(o.refitTo()).isBeforeOrEqualTo(out.refitFrom());
                });
    }

    /** A clutch shows when the gearbox is off it, or the engine is out to the rear: then the gearbox stays in. */
    @Test
    void aClutchIsLookedAtWhenNothingCoversIt(TestGarage garage) {
        assertThat(shows(garage, "SALOON", "FRONT_ENGINE_REAR_DRIVE", "gearbox-out")
                        .open("engine-out"))
                .isEmpty();
        assertThat(shows(garage, "VAN", "REAR_ENGINE", "engine-out-rear").open("gearbox-out-rear", "coolant-drained"))
                .isEmpty();
    }

    /** Where a front-driven car's shafts are drawn the gearbox runs dry: it is filled when they are in again. */
    @Test
    void aGearboxIsFilledWhenItsShaftsAreIn(TestGarage garage) {
        var car = new Car(
                "HATCHBACK",
                "FRONT_ENGINE_FRONT_DRIVE",
                1979,
                List.of("drive-shaft-right PERISHED", "gearbox clutch-plate WORN"),
                List.of(),
                0);
        Plan plan = PlanReader.read(garage, Cars.enter(garage, car), false);
        assertThat(plan.open("drive-shafts-out"))
                .isNotEmpty()
                .allSatisfy(shafts -> assertThat(plan.open("gearbox-oil-drained"))
                        .anyMatch(oil -> !oil.stripTo().isAfter(shafts.stripFrom())
                                && !oil.refitFrom().isBefore(shafts.refitTo())));
    }

    /** Rust eats the metal that holds a glass: that is cut out and welded, while the glass is out, and hosed when it is in again. */
    @Test
    void rustRoundAGlassIsWeldedWhileTheGlassIsOut(TestGarage garage) {
        Map<String, String> accesses = Map.of(
                "windscreen", "windscreen-out",
                "rear-window", "rear-glass-out",
                "door-glass-left", "door-glass-out",
                "side-glass-left", "side-glass-out");
        List<String> found =
                accesses.keySet().stream().map(zone -> zone + " RUST_THROUGH").toList();
        var car = new Car("COUPE", "FRONT_ENGINE_REAR_DRIVE", 1972, found, List.of(), 0);
        Plan plan = PlanReader.read(garage, Cars.enter(garage, car), false);
        accesses.forEach((zone, access) -> assertThat(
                        plan.work(j -> j.zone().equals(zone) && j.does(Operation.CUT, Operation.WELD, Operation.PAINT)))
                .as(zone)
                .hasSizeGreaterThan(3)
                .allSatisfy(
                        j -> assertThat(plan.isOpen(j, access)).as(j.title()).isTrue()));
        assertThat(plan.work(j -> j.has(Detail.WATER_TEST))).hasSize(1);
        assertThat(BOOK.read(plan)).isEmpty();
    }

    /** The plan for a worn clutch plate, which this access shows. */
    private static Plan shows(TestGarage garage, String body, String layout, String access) {
        var car = new Car(body, layout, 1972, List.of("gearbox clutch-plate WORN"), List.of(), 0);
        Plan plan = PlanReader.read(garage, Cars.enter(garage, car), false);
        assertThat(plan.work(j -> j.isAt("gearbox") && j.does(Operation.INSPECT, Operation.REPLACE)))
                .as(layout)
                .hasSize(2)
                .allSatisfy(
                        j -> assertThat(plan.isOpen(j, access)).as(j.title()).isTrue());
        return plan;
    }

    /** Who welds changes nothing of what has to be so before and after it: the tank is out, the opening braced, the datum read again. */
    @Test
    void isPlannedAsTheTradeDoesThoughSomebodyElseWelds(TestGarage garage) {
        UUID project = Cars.enter(garage, Cars.saloon());
        keepWay(garage, project, map("allOf", List.of(map("operation", "WELD", "days", 21, "costMinor", 120_000))));
        assertThat(garage.owner()
                        .get("/api/projects/" + project + "/given-away")
                        .ok())
                .as("the saloon is welded in more than one place")
                .hasSizeGreaterThan(2);
        assertThat(new TradeBook().read(PlanReader.read(garage, project, false)))
                .isEmpty();
    }

    private static void keepWay(TestGarage garage, UUID project, Map<String, Object> fields) {
        UUID way = UUID.randomUUID();
        String ways = "/api/projects/" + project + "/other-ways";
        Map<String, Object> said = map("id", way, "name", "Another way", "sessionsMore", 0, "givenAway", List.of());
        said.putAll(fields);
        garage.owner().post(ways, said).ok();
        garage.owner().post(ways + "/" + way + "/kept", map()).ok();
    }

    @AfterAll
    static void eachSentenceAppliedOftenEnough() {
        System.out.println("How often each sentence applied: " + BOOK);
        System.out.println(ACCESS);
        assertThat(ACCESS.ratio()).isLessThanOrEqualTo(MOST_ACCESS);
        if (CARS >= 200) assertThat(BOOK.saidLessThan(OFTEN)).isEmpty();
    }
}
