package ofisino.server.tradebook;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import ofisino.core.plan.job.Detail;
import ofisino.core.plan.job.Operation;
import ofisino.server.testing.TestApplication;
import ofisino.server.testing.TestGarage;
import ofisino.server.tradebook.Plan.Opened;
import ofisino.server.tradebook.Plan.Work;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** A sentence that no plan can break says nothing: for each of them one breach is planted in a sound plan, and it is caught. */
@Tag("prove")
@ExtendWith(TestApplication.class)
class PlantedBreachTest {
    private static final Map<Integer, UnaryOperator<Plan>> PLANTED = new HashMap<>();

    static {
        heatAndBrakes();
        chassis();
        engine();
        circuits();
        assemblies();
        finish();
    }

    @Test
    void eachSentenceCatchesItsBreach(TestGarage garage) {
        assertThat(TradeBook.SENTENCES)
                .extracting(Sentence::number)
                .doesNotHaveDuplicates()
                .containsExactlyInAnyOrderElementsOf(PLANTED.keySet());
        List<Plan> plans = Cars.telling().stream()
                .map(car -> PlanReader.read(garage, Cars.enter(garage, car), car.motorcycle()))
                .toList();
        assertThat(TradeBook.SENTENCES.stream().flatMap(s -> tell(s, plans).stream()))
                .isEmpty();
    }

    /** What is wrong with a sentence; empty where it applies, holds, and catches its breach. */
    private static Optional<String> tell(Sentence s, List<Plan> plans) {
        List<Plan> its = plans.stream()
                .filter(p -> s.cases().apply(p).findAny().isPresent())
                .toList();
        if (its.isEmpty()) return Optional.of("applies nowhere: " + s);
        Optional<String> broken = its.stream()
                .flatMap(p -> s.cases().apply(p))
                .filter(c -> !c.holds())
                .map(c -> "does not hold: " + s + ": " + c.of())
                .findFirst();
        if (broken.isPresent()) return broken;
        return its.stream()
                        .map(p -> PLANTED.get(s.number()).apply(p))
                        .flatMap(s.cases())
                        .allMatch(Sentence.Case::holds)
                ? Optional.of("catches nothing: " + s)
                : Optional.empty();
    }

    private static void heatAndBrakes() {
        plant(1, never("tank-off", "bike-tank-off"));
        plant(2, all(j -> j.isAt("fuel-tank"), j -> j.doing(Operation.WELD, Set.of())));
        plant(3, never("front-seats-out"));
        plant(4, all(j -> j.has(Detail.SHIELD), PlantedBreachTest::plain));
        plant(5, never("battery-isolated", "bike-battery-isolated"));
        plant(6, all(j -> j.has(Detail.MEASURE), PlantedBreachTest::plain));
        plant(7, p -> p.without(j -> j.says("Brace")));
        plant(
                8,
                p -> p.changing(
                        j -> j.zone().equals("sill-right") && j.does(Operation.CUT, Operation.WELD),
                        j -> j.at(p.work(c -> c.zone().equals("sill-left") && c.does(Operation.CUT))
                                .findFirst()
                                .orElseThrow()
                                .start())));
        plant(9, p -> p.without(j -> j.does(Operation.DRY_FIT)));
        plant(11, all(Work::isHot, j -> j.at(j.start().plus(Duration.ofHours(6)))));
        plant(12, all(j -> j.isIn("STRUCTURE"), j -> j.doing(Operation.WELD, Set.of())));
        plant(13, p -> first(p, j -> j.does(Operation.BLEED)));
        plant(
                14,
                p -> p.opening(
                        o -> o.is("brake-circuit-open"),
                        o -> o.servingAlso(p.jobs().stream().map(Work::id).collect(Collectors.toSet()))));
        plant(15, p -> p.without(j -> j.has(Detail.BRAKE_TEST)));
        plant(17, Plan::buyingOneOfEach);
        plant(18, p -> first(p, j -> j.isAt("brake-pipes")));
        plant(19, all(j -> j.has(Detail.CAVITY_WAX), j -> j.doing(Operation.COAT, Set.of(Detail.CAVITY_WAX))));
    }

    private static void chassis() {
        plant(23, p -> first(p, j -> j.does(Operation.ALIGN)));
        plant(24, p -> first(p, j -> j.has(Detail.RIDE_HEIGHT)));
        plant(25, Plan::buyingOneOfEach);
        plant(26, all(j -> true, Work::without));
        plant(28, all(j -> true, Work::without));
        plant(
                29,
                p -> p.buying(b -> p.made().values().stream()
                        .noneMatch(c -> b.item().filter(c.comesWith()::contains).isPresent())));
        plant(94, p -> first(p, j -> j.isAt("exhaust") && j.does(Operation.REPLACE)));
        plant(32, p -> first(p, j -> j.has(Detail.BRAKE_TEST)));
    }

    private static void engine() {
        plant(33, p -> p.opening(o -> true, o -> o.called("Put it back and fill it")));
        plant(34, p -> first(p, j -> j.has(Detail.FUEL_LEAK_TEST)));
        plant(35, p -> last(p, j -> j.isIn("FUEL") && j.does(Operation.REPLACE)));
        plant(36, p -> first(p, j -> j.isAt("fuel-tank")));
        plant(38, p -> late(p, "fuel-pressure-released"));
        plant(40, p -> first(p, j -> j.has(Detail.FIRST_START)));
        plant(41, all(j -> j.says("Penetrating oil"), Work::without));
        plant(42, all(j -> j.has(Detail.MEASURE), PlantedBreachTest::plain));
        plant(43, p -> p.without(j -> j.has(Detail.FLUSH)));
        plant(44, p -> first(p, j -> j.has(Detail.FIRST_START)));
        plant(45, p -> last(p, j -> j.has(Detail.PRESSURE_TEST)));
        plant(46, p -> last(p, j -> j.isAbout("camshaft")));
        plant(47, p -> p.without(j -> j.has(Detail.TURN_BY_HAND)));
        plant(49, p -> late(p, "engine-oil-drained"));
        plant(50, p -> first(p, j -> j.has(Detail.PRESSURE_TEST)));
        plant(
                51,
                p -> p.changing(
                        j -> j.has(Detail.FIRST_START),
                        j -> j.at(p.open("coolant-drained")
                                .findFirst()
                                .orElseThrow()
                                .stripFrom()
                                .minus(Duration.between(j.start(), j.end())))));
    }

    private static void circuits() {
        plant(
                95,
                p -> first(p, j -> j.isIn("TRANSMISSION") && j.does(Operation.BLEED))
                        .opening(o -> o.is("clutch-circuit-open"), o -> o.from(p.begin())));
        plant(
                96,
                p -> p.changing(
                        j -> j.isIn("BRAKES") && j.does(Operation.ADJUST),
                        j -> j.at(stripped(p, "brake-circuit-open"))));
        plant(97, p -> late(p, "coolant-drained"));
        plant(
                98,
                p -> p.changing(
                        j -> j.isIn("FUEL") && j.does(Operation.INSPECT), j -> j.at(stripped(p, "fuel-drained"))));
        plant(
                99,
                p -> p.changing(
                        j -> j.has(Detail.CAVITY_WAX),
                        j -> j.at(p.work(t -> t.has(Detail.WATER_TEST))
                                .findFirst()
                                .orElseThrow()
                                .end())));
        plant(101, p -> last(p, j -> j.has(Detail.AS_FOUND)).opening(o -> true, o -> o.closedAt(end(p))));
        plant(
                102,
                p -> first(p, j -> j.isAt("chain") && j.does(Operation.ADJUST))
                        .opening(o -> o.is("bike-chain-off"), o -> o.from(p.begin())));
        plant(103, all(j -> j.isAt("rear-mudguard"), j -> j.doing(Operation.WELD, Set.of())));
        plant(100, p -> p.opening(o -> o.is("tank-off"), o -> o.closedAt(o.stripTo())));
    }

    private static void assemblies() {
        plant(
                104,
                p -> p.opening(
                        o -> o.is("gearbox-oil-drained"), o -> o.from(p.begin()).closedAt(end(p))));
        plant(
                105,
                p -> p.opening(
                        o -> o.is("transfer-box-out", "rear-drive-shafts-out", "drive-shafts-out"),
                        o -> o.from(end(p))));
        plant(106, p -> last(p, j -> j.isAt("front-wheel", "rear-wheel")));
        for (int sentence : List.of(107, 116))
            plant(sentence, p -> p.opening(o -> o.is("carpets-out"), o -> o.closedAt(o.stripTo())));
        plant(113, p -> first(p, j -> j.isIn("ENGINE") && j.does(Operation.ADJUST)));
        plant(115, p -> p.lacking("radiator").without(j -> j.isIn("COOLING")));
        plant(114, p -> first(p, j -> j.isAt("brake-pipes") && j.does(Operation.ASSEMBLE)));
        plant(109, never("carpets-out"));
        plant(110, p -> first(p, j -> j.has(Detail.WATER_TEST)));
        plant(111, p -> first(p, j -> j.has(Detail.GLASS)));
    }

    private static Instant stripped(Plan plan, String access) {
        return plan.open(access).findFirst().map(Opened::stripTo).orElse(plan.begin());
    }

    private static void finish() {
        plant(16, p -> p.opening(o -> true, o -> o.closedAt(end(p))));
        plant(55, all(j -> j.has(Detail.MARK_POSITION), PlantedBreachTest::plain));
        plant(
                56,
                p -> p.opening(
                        o -> o.is("gearbox-oil-drained", "axle-oil-drained"),
                        o -> o.from(p.begin()).closedAt(end(p))));
        plant(58, p -> p.buying(b -> b.item().filter("sprockets"::equals).isEmpty()));
        plant(59, never("battery-isolated", "bike-battery-isolated"));
        plant(60, p -> late(p, "airbag-safe"));
        plant(61, all(j -> j.isIn("RESTRAINT"), j -> j.doing(Operation.WELD, Set.of())));
        plant(62, p -> first(p, j -> j.isIn("RESTRAINT")));
        plant(64, p -> p.without(j -> j.has(Detail.NEEDS_POWER)));
        plant(65, p -> first(p, j -> j.has(Detail.EARTHS)));
        plant(67, all(j -> j.does(Operation.PRIME), Work::without));
        plant(69, p -> first(p, j -> j.has(Detail.CAVITY_WAX)));
        plant(73, p -> p.opening(o -> o.is("windscreen-out", "rear-glass-out"), o -> o.closedAt(o.stripTo())));
        plant(75, p -> first(p, j -> j.has(Detail.WATER_TEST)));
        plant(77, p -> p.opening(o -> true, o -> o.closedAt(o.stripTo())));
        coats();
        plant(85, Plan::packed);
        plant(89, all(j -> true, j -> j.at(j.start().plus(Duration.ofHours(12)))));
        plant(93, p -> last(p, j -> j.isIn("BRAKES") && j.does(Operation.BLEED)));
    }

    private static void coats() {
        plant(68, p -> last(p, j -> j.does(Operation.PRIME)));
        plant(71, p -> first(p, j -> j.does(Operation.PAINT)));
        plant(72, all(j -> true, Work::without));
        plant(74, p -> first(p, j -> BrakeSentences.moves(p).anyMatch(m -> m.id().equals(j.id()))));
        plant(78, p -> first(p, j -> j.does(Operation.COAT)));
        plant(79, p -> first(p, j -> j.waits().compareTo(CoatSentences.AWAY) < 0));
    }

    private static void plant(int sentence, UnaryOperator<Plan> breach) {
        PLANTED.put(sentence, breach);
    }

    private static UnaryOperator<Plan> all(Predicate<Work> which, UnaryOperator<Work> how) {
        return plan -> plan.changing(which, how);
    }

    private static UnaryOperator<Plan> never(String... accesses) {
        return plan -> plan.neverOpening(o -> o.is(accesses));
    }

    private static Plan first(Plan plan, Predicate<Work> which) {
        return plan.changing(which, j -> j.at(plan.begin()));
    }

    private static Plan last(Plan plan, Predicate<Work> which) {
        return plan.changing(which, j -> j.at(end(plan)));
    }

    private static Plan late(Plan plan, String access) {
        return plan.opening(o -> o.is(access), (Opened o) -> o.from(end(plan)));
    }

    private static Instant end(Plan plan) {
        return plan.jobs().stream().map(Work::end).max(Instant::compareTo).orElseThrow();
    }

    private static Work plain(Work work) {
        return work.doing(work.operation(), Set.of());
    }
}
