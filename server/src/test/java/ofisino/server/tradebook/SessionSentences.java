package ofisino.server.tradebook;

import static ofisino.server.tradebook.Sentence.sentence;
import static ofisino.server.tradebook.Sentence.that;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.List;
import ofisino.core.plan.job.Detail;
import ofisino.core.plan.job.Operation;
import ofisino.server.tradebook.Plan.Work;

/** L: a stay in the garage. */
final class SessionSentences {
    private static final Duration SET_UP_AND_CLEAR_AWAY = Duration.ofMinutes(20);

    private static final ZoneId VIENNA = ZoneId.of("Europe/Vienna");

    private SessionSentences() {}

    static List<Sentence> all() {
        return List.of(
                sentence(
                        85,
                        "A session has time to set up and to clear away",
                        plan -> plan.sessions().stream()
                                .map(s -> that(
                                        "session of " + s.stay().from(),
                                        s.left().compareTo(SET_UP_AND_CLEAR_AWAY) >= 0
                                                && s.worked().stream()
                                                        .allMatch(w -> w.from()
                                                                        .isAfter(s.stay()
                                                                                .from())
                                                                && w.to().isBefore(s.stay()
                                                                        .to()))))),
                sentence(
                        89,
                        "Grinding, hammering, the compressor and a running engine keep the hours of the place",
                        plan -> plan.jobs().stream()
                                .filter(j -> isHeard(j) && !j.isByOthers())
                                .map(j -> that(
                                        j.title(),
                                        j.stretches().stream()
                                                .allMatch(s ->
                                                        isAllowed(s.from()) && isAllowed(s.to().minusSeconds(1)))))));
    }

    /** Read from the operation alone: what is cut, blasted, ground, welded or sprayed, and what makes the engine run. */
    private static boolean isHeard(Work job) {
        return job.does(Operation.CUT, Operation.BLAST, Operation.FABRICATE, Operation.WELD, Operation.PAINT)
                || job.has(Detail.FIRST_START)
                || job.has(Detail.RUNS);
    }

    private static boolean isAllowed(Instant at) {
        LocalTime clock = at.atZone(VIENNA).toLocalTime();
        return !clock.isBefore(Cars.NOISE_FROM) && clock.isBefore(Cars.NOISE_TO);
    }
}
