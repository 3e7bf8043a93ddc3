package ofisino.core.roadready.gate;

import java.util.stream.Stream;
import ofisino.core.roadready.gate.Blocker.Remedy;
import ofisino.core.roadready.gate.Evidence.Found;
import ofisino.core.vehicle.finding.FindingState;

/** Defects and doubts of class A and B. */
final class FindingRules {
    private FindingRules() {}

    static Stream<Blocker> open(Evidence evidence) {
        return graveAndNotOver(evidence).filter(f -> !f.putOff()).map(f -> blocker(Rule.FINDING_OPEN, f));
    }

    /** Put off is not repaired. */
    static Stream<Blocker> putOff(Evidence evidence) {
        return graveAndNotOver(evidence).filter(Found::putOff).map(f -> blocker(Rule.FINDING_PUT_OFF, f));
    }

    /** A temporary repair does not count as a repair, whatever its state. */
    static Stream<Blocker> onlyForNow(Evidence evidence) {
        return evidence.findings().stream()
                .filter(f -> f.temporary() && f.safetyClass().standsInTheWay() && f.state() == FindingState.CLOSED)
                .map(f -> blocker(Rule.FINDING_ONLY_FOR_NOW, f));
    }

    private static Stream<Found> graveAndNotOver(Evidence evidence) {
        return evidence.findings().stream()
                .filter(f -> f.safetyClass().standsInTheWay() && !f.state().isOver());
    }

    private static Blocker blocker(Rule rule, Found f) {
        return new Blocker(
                rule,
                Gate.shutBy(f.safetyClass(), f.system()),
                f.safetyClass(),
                f.system(),
                new Remedy(Remedy.Kind.FINDING, f.id().toString()),
                f.title(),
                1);
    }
}
