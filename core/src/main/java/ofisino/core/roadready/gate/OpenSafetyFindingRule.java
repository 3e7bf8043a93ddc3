package ofisino.core.roadready.gate;

import java.util.List;
import ofisino.core.kernel.Source;

/** No finding of class A or B may be open. Common practice, no source: the classes are Ofisino's own. */
final class OpenSafetyFindingRule implements GateRule {
    @Override
    public String id() {
        return "finding.safety-open";
    }

    @Override
    public Source source() {
        return Source.COMMON_PRACTICE;
    }

    @Override
    public List<Blocker> check(Evidence evidence) {
        return evidence.findings().stream()
                .filter(f -> f.safetyClass().standsInTheWay() && !f.state().isOver())
                .map(f -> new Blocker(id(), f.id(), f.title()))
                .toList();
    }
}
