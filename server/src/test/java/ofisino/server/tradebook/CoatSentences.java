package ofisino.server.tradebook;

import static ofisino.server.tradebook.Sentence.sentence;
import static ofisino.server.tradebook.Sentence.that;

import java.time.Duration;
import java.util.List;
import java.util.function.Predicate;
import java.util.stream.Stream;
import ofisino.core.plan.job.Detail;
import ofisino.core.plan.job.Operation;
import ofisino.server.tradebook.Plan.Work;
import ofisino.server.tradebook.Sentence.Case;

/** I to K: what is coated, set in glass, or away at a shop. */
final class CoatSentences {
    private static final Duration BARE_AFTER_BLASTING = Duration.ofHours(4);
    static final Duration AWAY = Duration.ofDays(5);

    private CoatSentences() {}

    static List<Sentence> all() {
        return List.of(
                sentence(
                        68,
                        "What was blasted is primed within four hours",
                        plan -> plan.work(j -> j.does(Operation.BLAST))
                                .flatMap(blast -> plan.with(blast)
                                        .filter(j -> j.does(Operation.PRIME))
                                        .map(prime -> that(
                                                blast.title(),
                                                !prime.start()
                                                        .isAfter(blast.end().plus(BARE_AFTER_BLASTING)))))),
                sentence(
                        71,
                        "A panel is hung and its gaps are read before its paint",
                        plan -> before(
                                plan,
                                j -> j.does(Operation.PAINT),
                                j -> j.does(Operation.DRY_FIT) || j.has(Detail.DRILL))),
                sentence(
                        72,
                        "Whoever sprays is warned of what he breathes",
                        plan -> plan.work(j -> j.does(Operation.PRIME, Operation.PAINT) || isCoated(j))
                                .map(j -> that(j.title(), j.cautions().contains("PAINT_FUMES")))),
                sentence(
                        74,
                        "Nobody drives before a screen is in, proved dry and has had its day",
                        plan -> plan.open("windscreen-out", "rear-glass-out")
                                .flatMap(screen -> BrakeSentences.moves(plan)
                                        .map(move -> that(
                                                screen.refit(),
                                                plan.work(j -> j.has(Detail.WATER_TEST))
                                                        .anyMatch(t -> !t.start()
                                                                        .isBefore(screen.refitTo())
                                                                && !t.free().isAfter(move.start())))))),
                sentence(
                        78,
                        "Nothing is made, welded or tried on after it is coated",
                        plan -> before(
                                plan,
                                CoatSentences::isCoated,
                                j -> j.does(Operation.FABRICATE, Operation.WELD, Operation.MACHINE, Operation.DRY_FIT)
                                        || j.has(Detail.MASK))),
                sentence(
                        79,
                        "What is away at a shop is not worked on",
                        plan -> plan.work(j -> j.waits().compareTo(AWAY) >= 0)
                                .flatMap(away -> plan.with(away)
                                        .filter(j -> j.position() > away.position())
                                        .map(j -> that(j.title(), !j.start().isBefore(away.free()))))));
    }

    /** Of the same piece of work, each of the one kind lies before each of the other. */
    private static Stream<Case> before(Plan plan, Predicate<Work> late, Predicate<Work> early) {
        return plan.work(late)
                .flatMap(l -> plan.with(l)
                        .filter(early)
                        .map(e -> that(e.title(), !e.end().isAfter(l.start()))));
    }

    private static boolean isCoated(Work job) {
        return job.does(Operation.COAT) && !job.has(Detail.SEAM_SEAL) && !job.has(Detail.CAVITY_WAX);
    }
}
