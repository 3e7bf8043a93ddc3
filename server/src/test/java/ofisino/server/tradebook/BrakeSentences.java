package ofisino.server.tradebook;

import static ofisino.server.tradebook.Sentence.sentence;
import static ofisino.server.tradebook.Sentence.that;

import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import ofisino.core.plan.job.Detail;
import ofisino.core.plan.job.Operation;
import ofisino.server.tradebook.Plan.Work;
import ofisino.server.tradebook.Sentence.Case;

/** B: brakes. */
final class BrakeSentences {
    private static final String OPEN = "brake-circuit-open";
    private static final String[] DRY = {
        "brake-pads-front",
        "brake-pads-rear",
        "brake-shoes-front",
        "brake-shoes-rear",
        "brake-disc-front",
        "brake-disc-rear",
        "brake-drum-front",
        "brake-drum-rear",
        "handbrake-cable",
        "brake-adjuster-front",
        "brake-adjuster-rear"
    };
    /** Linings, which oil and wax spoil. */
    private static final Set<String> LININGS =
            Set.of("brake-pads-front", "brake-pads-rear", "brake-shoes-front", "brake-shoes-rear");

    private static final Set<String> OF_AN_AXLE = Set.of(
            "wheel-cylinder-front",
            "wheel-cylinder-rear",
            "caliper-front",
            "caliper-rear",
            "brake-disc-front",
            "brake-disc-rear");

    private BrakeSentences() {}

    static List<Sentence> all() {
        return List.of(
                sentence(13, "The circuit is bled once, after its last closing", BrakeSentences::bledOnceAfterAll),
                sentence(
                        14,
                        "What is dry leaves the circuit closed",
                        plan -> plan.work(j -> j.isAbout(DRY))
                                .filter(j -> j.findings().size() == 1)
                                .map(j -> that(
                                        j.title(),
                                        plan.open(OPEN).noneMatch(o -> o.jobs().contains(j.id()))))),
                sentence(
                        15,
                        "The brakes are tested after the last work on them and before it moves",
                        plan -> moves(plan)
                                .flatMap(move -> brakeWork(plan)
                                        .map(j -> that(
                                                j.title() + " before " + move.title(),
                                                plan.work(t -> t.has(Detail.BRAKE_TEST))
                                                        .anyMatch(t -> !t.start()
                                                                        .isBefore(j.end())
                                                                && !t.end().isAfter(move.start())))))),
                sentence(
                        17,
                        "Friction parts, cylinders and discs come in pairs",
                        plan -> plan.bought().stream()
                                .filter(b ->
                                        b.item().filter(OF_AN_AXLE::contains).isPresent())
                                .map(b -> that(b.title(), plan.motorcycle() || b.quantity() % 2 == 0))),
                sentence(
                        18,
                        "New pipes go on after the last heat on the structure",
                        plan -> plan.work(j -> j.isAt("brake-pipes") && j.does(Operation.ASSEMBLE))
                                .map(pipes -> that(
                                        pipes.title(),
                                        HeatSentences.hot(plan)
                                                .filter(h -> h.isIn("STRUCTURE"))
                                                .allMatch(h -> !h.end().isAfter(pipes.start()))))),
                sentence(
                        114,
                        "New pipes are clipped to metal that is painted",
                        plan -> plan.work(j -> j.isAt("brake-pipes") && j.does(Operation.ASSEMBLE))
                                .flatMap(pipes -> plan.work(j -> j.isIn("STRUCTURE") && j.does(Operation.PAINT))
                                        .map(paint -> that(
                                                pipes.title() + " after " + paint.title(),
                                                !paint.end().isAfter(pipes.start()))))),
                sentence(
                        19,
                        "No wax after linings, unless they are masked",
                        plan -> plan.work(j -> isLining(plan, j))
                                .flatMap(lining -> plan.work(w -> w.has(Detail.CAVITY_WAX))
                                        .map(w -> that(
                                                lining.title(),
                                                w.has(Detail.MASK) || !w.end().isAfter(lining.start()))))));
    }

    private static boolean isLining(Plan plan, Work job) {
        return job.does(Operation.REPLACE)
                && plan.boughtFor(job)
                        .anyMatch(b -> b.item().filter(LININGS::contains).isPresent());
    }

    private static Stream<Case> bledOnceAfterAll(Plan plan) {
        List<Work> bleedings =
                plan.work(j -> j.does(Operation.BLEED) && j.isIn("BRAKES")).toList();
        return plan.open(OPEN)
                .map(o -> that(
                        "opened for " + o.jobs().size() + " jobs",
                        bleedings.size() == 1 && !bleedings.get(0).start().isBefore(o.refitTo())));
    }

    /** What moves it under its own power. */
    static Stream<Work> moves(Plan plan) {
        return plan.work(j -> j.has(Detail.ROAD_TEST)
                || j.has(Detail.DRIVE)
                || Detail.impliedBy(j.title()).contains(Detail.DRIVE));
    }

    private static Stream<Work> brakeWork(Plan plan) {
        return plan.work(j ->
                j.isIn("BRAKES") && j.does(Operation.REPLACE, Operation.ASSEMBLE, Operation.BLEED, Operation.ADJUST));
    }
}
