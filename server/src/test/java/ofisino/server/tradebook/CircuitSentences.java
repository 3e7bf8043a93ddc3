package ofisino.server.tradebook;

import static ofisino.server.tradebook.Sentence.sentence;
import static ofisino.server.tradebook.Sentence.that;

import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import ofisino.core.plan.job.Detail;
import ofisino.core.plan.job.Operation;
import ofisino.server.tradebook.Sentence.Case;

/** What runs in circuits, and what water does: dry, closed, full, each at its time. */
final class CircuitSentences {
    /** Coolant runs out where one of them comes off. */
    private static final Set<String> WET = Set.of(
            "water-pump", "thermostat", "radiator", "radiator-hose", "heater-hose", "heater-valve", "heater-matrix");

    private CircuitSentences() {}

    static List<Sentence> all() {
        return List.of(
                sentence(
                        95,
                        "A clutch is bled and its pedal set when its circuit is closed and the pedals are in",
                        plan -> whole(plan, "TRANSMISSION", "clutch-circuit-open", "pedal-box-out")),
                sentence(
                        96,
                        "A brake pedal is set when the circuit is closed and the pedals are in",
                        plan -> whole(plan, "BRAKES", "brake-circuit-open", "pedal-box-out")),
                sentence(
                        97,
                        "What lets coolant out comes off a drained engine",
                        plan -> plan.work(j -> j.does(Operation.REPLACE)
                                        && plan.boughtFor(j)
                                                .anyMatch(b -> b.item()
                                                        .filter(WET::contains)
                                                        .isPresent()))
                                .map(j -> that(j.title(), plan.isOpen(j, "coolant-drained", "bike-coolant-drained")))),
                sentence(
                        98,
                        "What a fuel pump delivers is measured while there is fuel",
                        plan -> plan.open("fuel-drained", "tank-off", "bike-fuel-drained", "bike-tank-off")
                                .flatMap(o -> plan.work(j ->
                                                j.isIn("FUEL") && j.does(Operation.INSPECT) && j.has(Detail.MEASURE))
                                        .map(j -> outside(j, o)))),
                sentence(
                        99,
                        "No wax into what was hosed until it is dry",
                        plan -> plan.work(j -> j.has(Detail.WATER_TEST))
                                .flatMap(test -> plan.work(j -> j.has(Detail.CAVITY_WAX))
                                        .map(wax -> that(
                                                wax.title(),
                                                !wax.start().isBefore(test.free())
                                                        || !wax.end().isAfter(test.start()))))),
                sentence(
                        100,
                        "The tank goes back under a floor that is painted",
                        plan -> plan.work(j -> j.isAt("load-floor")
                                        && j.does(Operation.PRIME, Operation.COAT, Operation.PAINT)
                                        && plan.with(j).anyMatch(h -> h.does(Operation.WELD)))
                                .map(j -> that(j.title(), plan.motorcycle() || plan.isOpen(j, "tank-off")))),
                sentence(
                        101,
                        "Where an engine leaks is looked for before anything of it is apart",
                        CircuitSentences::lookedForWhole),
                sentence(
                        102,
                        "A chain is set when it is on and the wheel carries",
                        plan -> plan.open("bike-chain-off", "bike-on-stand")
                                .flatMap(o -> plan.work(j -> j.isAt("chain") && j.does(Operation.ADJUST))
                                        .map(j -> outside(j, o)))),
                sentence(
                        103,
                        "A motorcycle's sheet metal is mended on the bench, and nothing of it is waxed",
                        plan -> plan.work(j -> plan.motorcycle()
                                        && (j.isAt("rear-mudguard", "front-mudguard") || j.has(Detail.CAVITY_WAX)))
                                .map(j -> that(j.title(), !j.isHot() && !j.has(Detail.CAVITY_WAX)))));
    }

    /** Found when it lies in pieces already, it is taken apart once more. */
    private static Stream<Case> lookedForWhole(Plan plan) {
        return plan.opened().stream()
                .filter(o -> o.excludes().contains("RUNNING"))
                .flatMap(o -> plan.work(j -> j.isIn("ENGINE") && j.has(Detail.AS_FOUND))
                        .map(j -> that(
                                j.title() + " before " + o.access(), !j.end().isAfter(o.stripFrom()))));
    }

    private static Stream<Case> whole(Plan plan, String system, String... accesses) {
        return plan.open(accesses)
                .flatMap(o -> plan.work(j -> j.isIn(system) && j.does(Operation.BLEED, Operation.ADJUST))
                        .map(j -> outside(j, o)));
    }

    static Case outside(Plan.Work job, Plan.Opened opened) {
        return that(
                job.title() + " while " + opened.access() + " is open",
                !job.start().isBefore(opened.refitTo()) || !job.end().isAfter(opened.stripFrom()));
    }
}
