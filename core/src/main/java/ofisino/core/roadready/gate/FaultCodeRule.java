package ofisino.core.roadready.gate;

import java.util.List;
import ofisino.core.kernel.Source;

/** A fault code that is still read stands in the way. Common practice, no source. */
final class FaultCodeRule implements GateRule {
    @Override
    public String id() {
        return "codes.left";
    }

    @Override
    public Source source() {
        return Source.COMMON_PRACTICE;
    }

    @Override
    public List<Blocker> check(Evidence evidence) {
        return evidence.codes().stream()
                .filter(c -> !c.left().isEmpty())
                .map(c -> new Blocker(id(), c.reading(), String.join(", ", c.left())))
                .toList();
    }
}
