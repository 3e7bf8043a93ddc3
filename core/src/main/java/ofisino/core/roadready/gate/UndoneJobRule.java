package ofisino.core.roadready.gate;

import java.util.List;
import ofisino.core.kernel.Aim;
import ofisino.core.kernel.Source;
import ofisino.core.plan.job.JobState;

/** A job needed for the road that has not begun stands in the way. Common practice, no source. */
final class UndoneJobRule implements GateRule {
    @Override
    public String id() {
        return "job.not-begun";
    }

    @Override
    public Source source() {
        return Source.COMMON_PRACTICE;
    }

    @Override
    public List<Blocker> check(Evidence evidence) {
        return evidence.jobs().stream()
                .filter(j -> Aim.ROAD_READY.needs(j.aim())
                        && (j.state() == JobState.PROPOSED || j.state() == JobState.PLANNED))
                .map(j -> new Blocker(id(), j.id(), j.title()))
                .toList();
    }
}
