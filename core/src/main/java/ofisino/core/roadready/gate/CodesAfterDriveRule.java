package ofisino.core.roadready.gate;

import java.util.List;
import ofisino.core.kernel.Source;

/** No code counts as cured before a drive: some return only then. Common practice, no source. */
final class CodesAfterDriveRule implements GateRule {
    @Override
    public String id() {
        return "codes.not-driven";
    }

    @Override
    public Source source() {
        return Source.COMMON_PRACTICE;
    }

    @Override
    public List<Blocker> check(Evidence evidence) {
        return evidence.codes().stream()
                .filter(c -> c.left().isEmpty() && !c.afterDrive())
                .map(c -> new Blocker(id(), c.reading(), ""))
                .toList();
    }
}
