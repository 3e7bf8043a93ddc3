package ofisino.core.roadready.gate;

import java.util.List;
import ofisino.core.kernel.Source;
import ofisino.core.vehicle.inspection.FindingState;

/** A temporary repair of class A or B does not count as a repair, whatever its state. Common practice, no source. */
final class TemporarySafetyRepairRule implements GateRule {
    @Override
    public String id() {
        return "finding.temporary-safety";
    }

    @Override
    public Source source() {
        return Source.COMMON_PRACTICE;
    }

    @Override
    public List<Blocker> check(Evidence evidence) {
        return evidence.findings().stream()
                .filter(f -> f.temporary() && f.safetyClass().standsInTheWay() && f.state() == FindingState.CLOSED)
                .map(f -> new Blocker(id(), f.id(), f.title()))
                .toList();
    }
}
