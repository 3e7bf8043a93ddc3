package ofisino.server.tradebook;

import static ofisino.server.tradebook.Sentence.sentence;
import static ofisino.server.tradebook.Sentence.that;

import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import ofisino.core.plan.job.Detail;
import ofisino.core.plan.job.Operation;
import ofisino.server.tradebook.Plan.Opened;
import ofisino.server.tradebook.Sentence.Case;

/** What comes out as a whole, what has to be off it before, and what is closed after what. */
final class AssemblySentences {
    /** What hangs on a gearbox that comes out. */
    private static final Map<String, String> HANGS_ON_IT = Map.of(
            "gearbox-out", "transfer-box-out",
            "gearbox-out-rear", "rear-drive-shafts-out",
            "gearbox-out-front-drive", "drive-shafts-out");

    private static final String[] UNDER_CARPETS = {
        "floor", "sill", "bulkhead", "rear-bulkhead", "jacking-front", "jacking-rear", "belt-pillar"
    };

    private AssemblySentences() {}

    static List<Sentence> all() {
        return List.of(
                sentence(
                        104,
                        "No engine runs while its gearbox has no oil",
                        plan -> plan.open("gearbox-oil-drained")
                                .flatMap(o -> plan.work(j -> j.has(Detail.FIRST_START) || j.has(Detail.RUNS))
                                        .map(j -> CircuitSentences.outside(j, o)))),
                sentence(105, "A gearbox comes out after what hangs on it", AssemblySentences::hangsOnIt),
                sentence(
                        106,
                        "A tyre is fitted while its wheel is off",
                        plan -> plan.work(j -> j.isAt("front-wheel", "rear-wheel") && j.does(Operation.REPLACE))
                                .map(j -> that(
                                        j.title(),
                                        j.isAt("front-wheel")
                                                ? plan.isOpen(j, "wheel-front-off", "bike-front-wheel-out")
                                                : plan.isOpen(j, "wheel-rear-off", "bike-rear-wheel-out")))),
                sentence(
                        107,
                        "Carpets stay out until the hose test",
                        plan -> carpetsStayOutUntil(plan, Detail.WATER_TEST)),
                sentence(
                        116,
                        "Carpets stay out until the cavities have their wax",
                        plan -> carpetsStayOutUntil(plan, Detail.CAVITY_WAX)),
                sentence(
                        113,
                        "A valve clearance is set when all that moves is in",
                        plan -> plan.work(j -> j.isIn("ENGINE") && j.does(Operation.ADJUST))
                                .flatMap(set -> Stream.concat(
                                        plan.work(j -> j.isIn("ENGINE") && j.does(Operation.REPLACE))
                                                .map(j -> that(
                                                        j.title(), !set.start().isBefore(j.end()))),
                                        plan.open("head-off", "head-off-front-drive", "timing-cover-off")
                                                .map(o -> CircuitSentences.outside(set, o))))),
                sentence(
                        109,
                        "No carpet lies over what is hot",
                        plan -> plan.work(j -> !plan.motorcycle()
                                        && j.isAt(UNDER_CARPETS)
                                        && j.does(Operation.WELD, Operation.CUT))
                                .map(j -> that(j.title(), plan.isOpen(j, "carpets-out")))),
                sentence(
                        110,
                        "Seams are sealed before water is poured over them",
                        plan -> plan.work(j -> j.has(Detail.WATER_TEST))
                                .flatMap(test -> plan.work(j -> j.has(Detail.SEAM_SEAL))
                                        .map(j -> that(j.title(), !test.start().isBefore(j.end()))))),
                sentence(
                        111,
                        "Glass goes in when nothing sparks any more",
                        plan -> plan.work(j -> j.has(Detail.GLASS))
                                .flatMap(glass -> plan.work(j -> j.does(Operation.WELD, Operation.CUT))
                                        .map(j -> that(j.title(), !glass.start().isBefore(j.end()))))));
    }

    /** Where they come out twice, they are out for it once. */
    private static Stream<Case> carpetsStayOutUntil(Plan plan, Detail done) {
        return plan.open("carpets-out")
                .limit(1)
                .flatMap(any -> plan.work(j -> j.has(done))
                        .map(j -> that(
                                j.title(),
                                plan.open("carpets-out")
                                        .anyMatch(o -> !o.refitFrom().isBefore(j.end())))));
    }

    private static Stream<Case> hangsOnIt(Plan plan) {
        return HANGS_ON_IT.entrySet().stream()
                .flatMap(e -> plan.open(e.getKey())
                        .map(o -> that(o.refit(), plan.open(e.getValue()).anyMatch(off -> isRound(off, o)))))
                .filter(c -> plan.open("transfer-box-out", "rear-drive-shafts-out", "drive-shafts-out")
                        .findAny()
                        .isPresent());
    }

    private static boolean isRound(Opened outer, Opened inner) {
        return !outer.stripTo().isAfter(inner.stripFrom()) && !outer.refitFrom().isBefore(inner.refitTo());
    }
}
