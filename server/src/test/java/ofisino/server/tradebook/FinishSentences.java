package ofisino.server.tradebook;

import static ofisino.server.tradebook.Sentence.sentence;
import static ofisino.server.tradebook.Sentence.that;

import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import ofisino.core.plan.job.Detail;
import ofisino.core.plan.job.Operation;
import ofisino.server.tradebook.Sentence.Case;

/** G to J: drive line, electrics, restraint, order of coats, water, access. */
final class FinishSentences {
    private static final Set<String> CARRIES =
            Set.of("BRAKES", "STEERING_AND_SUSPENSION", "WHEELS_AND_TYRES", "RESTRAINT", "FUEL", "STRUCTURE");

    private FinishSentences() {}

    static List<Sentence> all() {
        return List.of(
                sentence(
                        93,
                        "What stops, steers, carries, holds or burns is done before it moves",
                        plan -> BrakeSentences.moves(plan)
                                .flatMap(move -> plan.work(j -> !j.has(Detail.ROAD_TEST)
                                                && CARRIES.contains(j.system())
                                                && j.does(
                                                        Operation.REPLACE,
                                                        Operation.ASSEMBLE,
                                                        Operation.WELD,
                                                        Operation.BLEED,
                                                        Operation.TEST))
                                        .map(j -> that(j.title(), !j.end().isAfter(move.start()))))),
                sentence(
                        16,
                        "Nothing rolls on what is off, runs on what is drained, is powered while it is isolated",
                        FinishSentences::states),
                sentence(
                        55,
                        "A shaft is marked before it is loosened",
                        plan -> plan.work(
                                        j -> j.isAbout("propshaft-joint") && j.does(Operation.REPLACE, Operation.STRIP))
                                .map(j -> that(j.title(), j.has(Detail.MARK_POSITION)))),
                sentence(
                        56,
                        "Gearbox and axle have their oil before it moves",
                        plan -> BrakeSentences.moves(plan)
                                .flatMap(move -> plan.open("gearbox-oil-drained", "axle-oil-drained")
                                        .map(o -> that(
                                                o.refit(),
                                                !o.refitTo().isAfter(move.start())
                                                        || !move.end().isAfter(o.stripFrom()))))),
                sentence(
                        58,
                        "Chain and both sprockets in one",
                        plan -> plan.work(j -> plan.motorcycle()
                                        && j.isAbout("final-chain", "sprockets")
                                        && j.does(Operation.REPLACE))
                                .map(j -> that(
                                        j.title(),
                                        Stream.of("final-chain", "sprockets")
                                                .allMatch(i -> plan.boughtFor(j)
                                                        .anyMatch(b -> b.item()
                                                                .filter(i::equals)
                                                                .isPresent()))))),
                sentence(
                        59,
                        "Starter, generator and loom are worked on while the battery is off",
                        plan -> plan.work(j ->
                                        j.isAbout("starter-motor", "dynamo", "alternator") && j.does(Operation.REPLACE)
                                                || j.does(Operation.WIRE) && j.isAt("wiring"))
                                .map(j ->
                                        that(j.title(), plan.isOpen(j, "battery-isolated", "bike-battery-isolated")))),
                sentence(
                        60,
                        "What may fire is made safe first",
                        plan -> plan.open("airbag-safe").findAny().isEmpty()
                                ? Stream.empty()
                                : plan.work(j -> j.isIn("RESTRAINT") && j.does(Operation.REPLACE))
                                        .map(j -> that(j.title(), plan.isOpen(j, "airbag-safe")))),
                sentence(
                        61,
                        "Restraint is looked at or renewed",
                        plan -> plan.work(j -> j.isIn("RESTRAINT"))
                                .map(j -> that(j.title(), j.does(Operation.INSPECT, Operation.REPLACE)))),
                sentence(
                        62,
                        "Belts go on after the metal that holds them is welded",
                        plan -> plan.work(j -> j.isIn("RESTRAINT") && j.does(Operation.REPLACE))
                                .flatMap(belt -> HeatSentences.hot(plan)
                                        .filter(h -> h.isAt("floor", "sill", "belt-pillar", "rear-arch"))
                                        .map(h -> that(h.title(), !h.end().isAfter(belt.start()))))),
                sentence(
                        64,
                        "A circuit that was mended is powered up and tested",
                        plan -> plan.work(j -> j.does(Operation.WIRE))
                                .map(j -> that(
                                        j.title(),
                                        plan.with(j)
                                                .anyMatch(t -> t.has(Detail.NEEDS_POWER)
                                                        && !t.start().isBefore(j.end()))))),
                sentence(
                        65,
                        "Earths are bolted on after the last paint of their place",
                        plan -> plan.work(j -> j.isAbout("earth-strap") && j.does(Operation.REPLACE))
                                .flatMap(earth -> plan.work(p -> p.does(Operation.PAINT)
                                                && p.zone().equals(earth.zone()))
                                        .map(p -> that(earth.title(), !p.end().isAfter(earth.start()))))),
                sentence(
                        67,
                        "A coat follows when the one before it has dried",
                        plan -> plan.work(j -> j.does(Operation.PAINT))
                                .flatMap(paint -> plan.with(paint)
                                        .filter(p -> p.does(Operation.PRIME))
                                        .map(p -> that(
                                                paint.title(),
                                                !p.waits().isZero()
                                                        && !paint.start().isBefore(p.free()))))),
                sentence(
                        69,
                        "Sealer off, metal, primer, paint; wax after the last heat anywhere",
                        FinishSentences::coats),
                sentence(
                        73,
                        "The headlining is in before the screens that are out for it",
                        plan -> plan.open("headlining-down")
                                .flatMap(h -> Stream.of("windscreen-out", "rear-glass-out")
                                        .map(screen -> that(
                                                screen + " for " + h.refit(),
                                                plan.open(screen)
                                                        .anyMatch(o ->
                                                                !o.stripTo().isAfter(h.stripFrom())
                                                                        && !o.refitFrom()
                                                                                .isBefore(h.refitTo())))))),
                sentence(
                        75,
                        "Water is poured after the glass and before the carpets",
                        plan -> plan.work(j -> j.has(Detail.WATER_TEST))
                                .flatMap(test -> Stream.concat(
                                        plan.work(j -> j.has(Detail.GLASS))
                                                .map(j -> that(
                                                        j.title(), !test.start().isBefore(j.end()))),
                                        plan.open("carpets-out")
                                                .map(o -> that(
                                                        o.refit(),
                                                        !test.end().isAfter(o.refitFrom())
                                                                || !test.start().isBefore(o.refitTo())))))),
                sentence(
                        77,
                        "What came out for a job goes back after it",
                        plan -> plan.opened().stream()
                                .flatMap(o -> plan.work(j -> o.jobs().contains(j.id()))
                                        .map(j -> that(j.title() + " in " + o.access(), o.holdsFor(j))))));
    }

    private static Stream<Case> states(Plan plan) {
        return Stream.of(
                        EngineSentences.excludedStates(
                                plan, "ROLLING", j -> j.does(Operation.ALIGN) || j.has(Detail.RIDE_HEIGHT)),
                        EngineSentences.excludedStates(
                                plan,
                                "BRAKED",
                                j -> j.does(Operation.BLEED) && j.isIn("BRAKES") || j.has(Detail.BRAKE_TEST)),
                        EngineSentences.excludedStates(
                                plan, "RUNNING", j -> j.has(Detail.FIRST_START) || j.has(Detail.RUNS)),
                        EngineSentences.excludedStates(plan, "POWERED", j -> j.has(Detail.NEEDS_POWER)),
                        EngineSentences.excludedStates(plan, "FUEL_IN", j -> j.has(Detail.FUEL_LEAK_TEST)),
                        EngineSentences.excludedStates(plan, "COOLANT_IN", j -> j.has(Detail.PRESSURE_TEST)))
                .flatMap(s -> s);
    }

    private static Stream<Case> coats(Plan plan) {
        Stream<Case> wax = plan.work(j -> j.has(Detail.CAVITY_WAX))
                .flatMap(w -> HeatSentences.hot(plan)
                        .map(h -> that(h.title() + " before the wax", !h.end().isAfter(w.start()))));
        Stream<Case> inOrder = plan.work(j -> j.does(Operation.WELD) && j.has(Detail.WELD_OUT))
                .flatMap(out -> Stream.of(
                        that(
                                out.title(),
                                plan.with(out)
                                        .filter(j -> j.has(Detail.SEALER_OFF))
                                        .allMatch(j -> !j.end().isAfter(out.start()))),
                        that(
                                out.title(),
                                plan.with(out)
                                        .filter(j -> j.does(Operation.PRIME, Operation.PAINT))
                                        .allMatch(j -> !j.start().isBefore(out.end())))));
        return Stream.concat(wax, inOrder);
    }
}
