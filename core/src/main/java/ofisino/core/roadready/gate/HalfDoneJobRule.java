package ofisino.core.roadready.gate;

import java.util.List;
import ofisino.core.kernel.Aim;
import ofisino.core.kernel.Source;
import ofisino.core.plan.job.JobState;

/** A job needed for the road that is begun, loose or finished but not verified stands in the way. Common practice, no source. */
final class HalfDoneJobRule implements GateRule {
    @Override
    public String id() {
        return "job.half-done";
    }

    @Override
    public Source source() {
        return Source.COMMON_PRACTICE;
    }

    @Override
    public List<Blocker> check(Evidence evidence) {
        return evidence.jobs().stream()
                .filter(j -> Aim.ROAD_READY.needs(j.aim()) && (j.state().isInHand() || j.state() == JobState.FINISHED))
                .map(j -> new Blocker(id(), j.id(), j.title()))
                .toList();
    }
}
