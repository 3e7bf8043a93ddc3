package ofisino.server.tradebook;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Stream;

/** All sentences that a plan can be read against, and how often each applied. */
final class TradeBook {
    static final List<Sentence> SENTENCES = Stream.of(
                    HeatSentences.all(),
                    BrakeSentences.all(),
                    ChassisSentences.all(),
                    EngineSentences.all(),
                    CircuitSentences.all(),
                    AssemblySentences.all(),
                    FinishSentences.all(),
                    CoatSentences.all(),
                    SessionSentences.all())
            .flatMap(List::stream)
            .toList();

    private final Map<String, Integer> applied = new TreeMap<>();

    /** @return what breaks a sentence, each in words */
    List<String> read(Plan plan) {
        List<String> breaches = new ArrayList<>();
        for (Sentence s : SENTENCES) {
            List<Sentence.Case> cases = s.cases().apply(plan).toList();
            applied.merge(s.toString(), cases.size(), Integer::sum);
            cases.stream().filter(c -> !c.holds()).forEach(c -> breaches.add(s + ": " + c.of()));
        }
        return breaches;
    }

    /** Sentences that applied less often than that. */
    List<String> saidLessThan(int times) {
        return applied.entrySet().stream()
                .filter(e -> e.getValue() < times)
                .map(e -> e.getKey() + " (" + e.getValue() + ")")
                .toList();
    }

    @Override
    public String toString() {
        return applied.toString();
    }
}
