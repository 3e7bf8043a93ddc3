package ofisino.core.plan.permit;

import java.util.ArrayList;
import java.util.List;

/**
 * Whether a job may begin, end or count as verified: the one decision that every way in asks for. What is unknown never passes.
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
        List<Obstacle> found = new ArrayList<>(f.gates);
        found.addAll(f.rules);
        found.addAll(f.before);
        found.addAll(f.away);
        found.addAll(f.spared);
        found.addAll(f.parts);
        found.addAll(f.openings);
        for (Facts.Asked asked : f.interlocks) if (!asked.now()) found.add(unconfirmed(asked));
        return found;
    }

    private static List<Obstacle> finish(Facts f) {
        List<Obstacle> found = new ArrayList<>(f.gates);
        found.addAll(f.rules);
        found.addAll(f.before);
        found.addAll(f.away);
        found.addAll(f.parts);
        for (Facts.Asked asked : f.interlocks) if (!asked.ever()) found.add(unconfirmed(asked));
        return found;
    }

    private static List<Obstacle> verify(Facts f) {
        List<Obstacle> found = finish(f);
        if (f.torqueMissing)
            found.add(new Obstacle(
                    Obstacle.Kind.TORQUE,
                    "",
                    "It fastened something that must hold: record each torque with its source under Before the road."));
        if (f.classA && f.sameHandsSameSession)
            found.add(
                    new Obstacle(
                            Obstacle.Kind.SECOND_LOOK,
                            "",
                            "It repairs what must not be driven with: another person verifies it, or you on a later day, with the list in hand."));
        return found;
    }

    private static Obstacle unconfirmed(Facts.Asked asked) {
        return new Obstacle(
                Obstacle.Kind.INTERLOCK,
                asked.interlock().name(),
                "One condition for working safely is not confirmed.");
    }
}
