package ofisino.server.tradebook;

import static ofisino.server.tradebook.Sentence.sentence;
import static ofisino.server.tradebook.Sentence.that;

import java.time.Duration;
import java.util.List;

/** L: a stay in the garage. */
final class SessionSentences {
    private static final Duration SET_UP_AND_CLEAR_AWAY = Duration.ofMinutes(20);

    private SessionSentences() {}

    static List<Sentence> all() {
        return List.of(sentence(
                85,
                "A session has time to set up and to clear away",
                plan -> plan.sessions().stream()
                        .map(s -> that(
                                "session of " + s.stay().from(),
                                s.left().compareTo(SET_UP_AND_CLEAR_AWAY) >= 0
                                        && s.worked().stream()
                                                .allMatch(w -> w.from()
                                                                .isAfter(
                                                                        s.stay().from())
                                                        && w.to().isBefore(
                                                                        s.stay().to()))))));
    }
}
