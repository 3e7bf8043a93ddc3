package ofisino.server.tradebook;

import static ofisino.server.tradebook.Sentence.sentence;
import static ofisino.server.tradebook.Sentence.that;

import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import ofisino.core.plan.job.Detail;
import ofisino.core.plan.job.Operation;
import ofisino.server.tradebook.Plan.Opened;
import ofisino.server.tradebook.Plan.Work;
import ofisino.server.tradebook.Sentence.Case;

/** D to F: fuel, engine, cooling. */
final class EngineSentences {
    private static final Duration SOAK = Duration.ofDays(3);
    private static final Duration COOLED = Duration.ofHours(2);
    private static final String[] ENGINES_OUT = {
        "engine-out", "engine-out-front-drive", "engine-out-rear", "engine-out-mid", "bike-engine-out"
    };

    private static final List<String> OFF_BEFORE_LIFTING = List.of(
            "engine-oil-drained",
            "bike-oil-drained",
            "battery-isolated",
            "bike-battery-isolated",
            "exhaust-front-off",
            "bike-exhaust-off");
    /** Where all of it is off, a part of it is. */
    private static final Map<String, String> WHOLE = Map.of("exhaust-front-off", "exhaust-off");

    private EngineSentences() {}

    static List<Sentence> all() {
        return List.of(
                sentence(
                        33,
                        "What is drained says that it comes back empty",
                        plan -> plan.open(
                                        "fuel-drained",
                                        "tank-off",
                                        "bike-fuel-drained",
                                        "bike-tank-off",
                                        "fuel-pressure-released")
                                .map(o -> that(
                                        o.refit(),
                                        o.refit().contains("empty") || o.refit().contains("without pressure")))),
                sentence(34, "Fuel is out from the first to the last heat", EngineSentences::fuelOutDuringHeat),
                sentence(
                        35,
                        "The tank is done and leaks are looked for before the first start",
                        plan -> starts(plan)
                                .flatMap(start -> plan.work(j -> j.isIn("FUEL")
                                                && j.does(Operation.REPLACE, Operation.CLEAN, Operation.ASSEMBLE))
                                        .map(j -> that(j.title(), !j.end().isAfter(start.start()))))),
                sentence(
                        36,
                        "The tank goes on for good when nothing is hot any more",
                        plan -> plan.work(j -> j.isAt("fuel-tank")
                                        && j.does(Operation.REPLACE)
                                        && (j.things().isEmpty()
                                                || j.isAbout("fuel-tank-shell", "tank-inside", "tank-straps")))
                                .flatMap(tank -> HeatSentences.hot(plan)
                                        .map(h -> that(
                                                h.title() + " before " + tank.title(),
                                                !h.end().isAfter(tank.start()))))),
                sentence(
                        38,
                        "Pressure is let out before a joint of an injection is opened",
                        plan -> Stream.of(plan)
                                .filter(p -> p.open("fuel-pressure-released")
                                        .findAny()
                                        .isPresent())
                                .flatMap(p -> p.work(j -> j.isAbout("injector", "fuel-rail", "injector-seals")
                                        && j.does(Operation.STRIP, Operation.REPLACE)))
                                .map(j -> that(j.title(), plan.isOpen(j, "fuel-pressure-released")))),
                sentence(
                        40,
                        "A stuck engine is soaked, turned by hand and measured before any start",
                        plan -> soaks(plan)
                                .flatMap(soak -> Stream.concat(
                                        Stream.of(that(soak.title(), isTurnedAfter(plan, soak))),
                                        starts(plan)
                                                .map(s -> that(
                                                        s.title(),
                                                        plan.with(soak)
                                                                .allMatch(j ->
                                                                        !j.end().isAfter(s.start()))))))),
                sentence(
                        41,
                        "The soak lasts days, in which other work goes on",
                        plan -> soaks(plan)
                                .map(soak -> that(
                                        soak.title(),
                                        soak.waits().compareTo(SOAK) >= 0
                                                && plan.with(soak)
                                                        .filter(j -> j.position() > soak.position()
                                                                && !j.stretches()
                                                                        .isEmpty()
                                                                && !j.place().isEmpty())
                                                        .allMatch(
                                                                j -> !j.start().isBefore(soak.free()))))),
                sentence(
                        42,
                        "Measured before machined, machined before it goes together",
                        plan -> plan.work(j -> j.isIn("ENGINE") && j.does(Operation.MACHINE))
                                .map(m -> that(
                                        m.title(),
                                        plan.with(m)
                                                        .anyMatch(j -> j.has(Detail.MEASURE)
                                                                && !j.end().isAfter(m.start()))
                                                && plan.with(m)
                                                        .filter(j -> j.does(Operation.ASSEMBLE))
                                                        .allMatch(
                                                                j -> !j.start().isBefore(m.free()))))),
                sentence(
                        43,
                        "What was bored is flushed before it goes together",
                        plan -> plan.work(j -> j.isIn("ENGINE") && j.does(Operation.MACHINE, Operation.BLAST))
                                .map(m -> that(
                                        m.title(),
                                        plan.with(m)
                                                .anyMatch(j -> j.has(Detail.FLUSH)
                                                        && !j.start().isBefore(m.end()))))),
                sentence(
                        44,
                        "The first start comes after the last work on engine, fuel, cooling and what feeds them",
                        plan -> starts(plan)
                                .flatMap(start -> plan.work(j -> j.isIn("ENGINE", "FUEL", "COOLING")
                                                && j.does(
                                                        Operation.STRIP,
                                                        Operation.MACHINE,
                                                        Operation.REPLACE,
                                                        Operation.ASSEMBLE)
                                                && !j.id().equals(start.id()))
                                        .map(j -> that(j.title(), !j.end().isAfter(start.start()))))),
                sentence(
                        45,
                        "The cooling is tested under pressure before the engine runs",
                        plan -> plan.work(j -> j.has(Detail.PRESSURE_TEST))
                                .flatMap(test -> runs(plan)
                                        .map(run ->
                                                that(run.title(), !test.end().isAfter(run.start()))))),
                sentence(
                        46,
                        "A camshaft has its first minutes when all that runs with it is proved",
                        plan -> plan.work(j -> j.isAbout("camshaft") && j.does(Operation.REPLACE))
                                .flatMap(cam -> starts(plan)
                                        .flatMap(start -> plan.work(j -> j.id().equals(cam.id())
                                                        || j.has(Detail.PRESSURE_TEST)
                                                        || j.has(Detail.FUEL_LEAK_TEST))
                                                .map(j ->
                                                        that(j.title(), !j.end().isAfter(start.start())))))),
                sentence(
                        47,
                        "A belt comes with its tensioner, and is turned by hand",
                        plan -> plan.work(j -> j.isAbout("timing-belt") && j.does(Operation.REPLACE))
                                .map(j -> that(
                                        j.title(),
                                        plan.boughtFor(j)
                                                        .anyMatch(b -> b.item()
                                                                .filter("belt-tensioner"::equals)
                                                                .isPresent())
                                                && plan.with(j)
                                                        .anyMatch(t -> t.has(Detail.TURN_BY_HAND)
                                                                && !t.start().isBefore(j.end()))))),
                sentence(
                        49,
                        "No engine is lifted before its oil, wires and pipes are off",
                        plan -> plan.open(ENGINES_OUT)
                                .flatMap(out -> OFF_BEFORE_LIFTING.stream()
                                        .filter(access ->
                                                plan.open(access).findAny().isPresent())
                                        .map(access -> that(
                                                access,
                                                plan.open(access, WHOLE.getOrDefault(access, access))
                                                        .anyMatch(o ->
                                                                !o.stripTo().isAfter(out.stripFrom())
                                                                        && !o.refitFrom()
                                                                                .isBefore(out.refitTo())))))),
                sentence(
                        50,
                        "The coolant is filled and tested once, after the last closing",
                        EngineSentences::filledOnce),
                sentence(
                        115,
                        "Nobody drains coolant from what air cools",
                        plan -> plan.open("coolant-drained", "bike-coolant-drained")
                                .map(o -> that(
                                        o.access(),
                                        plan.made().containsKey("radiator")
                                                || plan.work(j -> j.isIn("COOLING"))
                                                        .findAny()
                                                        .isPresent()))),
                sentence(
                        51,
                        "The coolant is never opened hot",
                        plan -> plan.open("coolant-drained", "bike-coolant-drained")
                                .flatMap(o -> runs(plan)
                                        .map(r -> that(
                                                r.title(),
                                                !r.start().isBefore(o.stripTo())
                                                        || !r.end().plus(COOLED).isAfter(o.stripFrom()))))));
    }

    private static Stream<Case> fuelOutDuringHeat(Plan plan) {
        return HeatSentences.hot(plan)
                .flatMap(h -> Stream.concat(
                        plan.work(j -> j.has(Detail.FUEL_LEAK_TEST))
                                .map(fill -> that(
                                        h.title() + " before the fuel is in",
                                        !fill.start().isBefore(h.end()))),
                        Stream.of(that(h.title() + " after the fuel is out", isFuelOut(plan, h)))));
    }

    /** Somebody drained it, for its own sake or to get at something. */
    private static boolean isFuelOut(Plan plan, Work at) {
        return plan.work(j -> j.isIn("FUEL") && j.does(Operation.STRIP) && j.says("rain"))
                        .anyMatch(j -> !j.end().isAfter(at.start()))
                || plan.open("fuel-drained", "bike-fuel-drained")
                        .anyMatch(o -> !o.stripTo().isAfter(at.start()));
    }

    private static Stream<Case> filledOnce(Plan plan) {
        List<Work> tests = plan.work(j -> j.has(Detail.PRESSURE_TEST)).toList();
        return plan.open("coolant-drained", "bike-coolant-drained")
                .map(o -> that(
                        o.refit(), tests.size() == 1 && !tests.get(0).start().isBefore(o.refitTo())));
    }

    private static Stream<Work> soaks(Plan plan) {
        return plan.work(j -> j.says("Penetrating oil into each bore"));
    }

    private static boolean isTurnedAfter(Plan plan, Work soak) {
        return plan.with(soak)
                .filter(j -> j.has(Detail.TURN_BY_HAND) && !j.start().isBefore(soak.free()))
                .anyMatch(turned -> plan.with(soak)
                        .anyMatch(m -> m.has(Detail.MEASURE) && !m.start().isBefore(turned.end())));
    }

    static Stream<Work> starts(Plan plan) {
        return plan.work(
                j -> j.has(Detail.FIRST_START) || Detail.impliedBy(j.title()).contains(Detail.FIRST_START));
    }

    private static Stream<Work> runs(Plan plan) {
        return Stream.concat(starts(plan), plan.work(j -> j.has(Detail.RUNS)));
    }

    /** Nothing runs, rolls or is powered while what it needs for that is open, but what is done in that very strip-down. */
    static Stream<Case> excludedStates(Plan plan, String state, java.util.function.Predicate<Work> needs) {
        return plan.opened().stream()
                .filter(o -> o.excludes().contains(state))
                .flatMap(o -> plan.work(needs)
                        .filter(j -> !isOfThatWay(plan, o, j))
                        .map(j -> that(
                                j.title() + " while " + o.access() + " is open",
                                !j.start().isBefore(o.refitTo()) || !j.end().isAfter(o.stripFrom()))));
    }

    private static boolean isOfThatWay(Plan plan, Opened o, Work j) {
        return plan.open(o.access()).anyMatch(other -> other.jobs().contains(j.id()));
    }
}
