package ofisino.core.plan.permit;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * Whether a job may begin, end or count as verified: the one decision that every page, log and request asks for. What is unknown never passes.
 *
 * <p>Common practice, no source. Work logged afterwards is begun, and its hours are kept; what was not confirmed is asked before it ends.
 */
public final class Permit {
    private Permit() {}

    /** @return what stands in the way, what can hurt first; empty when it may */
    public static List<Obstacle> of(Move move, Facts facts) {
        return switch (move) {
            case BEGIN -> begin(facts);
            case FINISH -> finish(facts);
            case VERIFY -> verify(facts);
        };
    }

    private static List<Obstacle> begin(Facts f) {
        List<Obstacle> found = always(f);
        found.addAll(f.spared);
        found.addAll(f.stripDowns);
        found.addAll(unconfirmed(f, Facts.Asked::now));
        return found;
    }

    private static List<Obstacle> finish(Facts f) {
        List<Obstacle> found = always(f);
        found.addAll(unconfirmed(f, Facts.Asked::ever));
        return found;
    }

    /** What stands in the way of beginning and, where the work was done all the same, of ending. Of a job before it a rule says more than a link. */
    private static List<Obstacle> always(Facts f) {
        Set<String> ruled = f.rules.stream().map(Obstacle::id).collect(Collectors.toSet());
        return Stream.of(f.gates, f.rules, f.before, f.away, f.parts)
                .flatMap(List::stream)
                .filter(o -> o.kind() != Obstacle.ObstacleKind.JOB_BEFORE || !ruled.contains(o.id()))
                .collect(Collectors.toCollection(ArrayList::new));
    }

    private static List<Obstacle> verify(Facts f) {
        List<Obstacle> found = finish(f);
        if (f.torqueMissing)
            found.add(new Obstacle(
                    Obstacle.ObstacleKind.TORQUE,
                    "",
                    "It fastened something that must hold: record each torque with its source under Before the road."));
        if (f.sameHandsSameSession && (f.classA || f.touchesUnknown))
            found.add(new Obstacle(
                    Obstacle.ObstacleKind.SECOND_LOOK,
                    "",
                    (f.classA
                                    ? "It repairs what must not be driven with: "
                                    : "Nobody said which part of the vehicle it is on, so it counts as grave: ")
                            + "another person verifies it, or you on a later day, with the list in hand."));
        return found;
    }

    private static List<Obstacle> unconfirmed(Facts f, Predicate<Facts.Asked> confirmed) {
        return f.interlocks.stream()
                .filter(Predicate.not(confirmed))
                .map(asked -> new Obstacle(
                        Obstacle.ObstacleKind.INTERLOCK,
                        asked.interlock().name(),
                        "One condition for working safely is not confirmed."))
                .toList();
    }
}
