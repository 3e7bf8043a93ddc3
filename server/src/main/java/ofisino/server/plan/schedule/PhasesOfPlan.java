package ofisino.server.plan.schedule;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import ofisino.core.plan.explain.PhaseSpan;
import ofisino.core.plan.orderofwork.Phase;
import ofisino.core.plan.problem.ActivityId;
import ofisino.core.plan.problem.Plan.Scheduled;
import ofisino.server.identity.Caller;
import ofisino.server.plan.Jobs;
import ofisino.server.plan.OrderOfWork;
import ofisino.server.plan.Plans.Planned;
import ofisino.server.plan.schedule.PlanController.PhaseResponse;
import org.springframework.stereotype.Component;

/** The whole project at a glance, by its phases. */
@Component
record PhasesOfPlan(Jobs jobs, OrderOfWork orderOfWork) {
    List<PhaseResponse> of(Caller caller, UUID projectId, Planned planned) {
        Map<UUID, Phase> phaseOf = orderOfWork.phases(caller, projectId);
        List<PhaseSpan.Work> works = jobs.of(caller, projectId).stream()
                .filter(j -> phaseOf.containsKey(j.id()))
                .map(j -> new PhaseSpan.Work(
                        ActivityId.job(j.id()),
                        phaseOf.get(j.id()),
                        j.state().isOver(),
                        j.leftMinutes(),
                        j.state().isDone() ? j.spentMinutes() : 0))
                .toList();
        return PhaseSpan.of(planned.problem(), planned.plan(), works).stream()
                .map(span -> response(planned, span))
                .toList();
    }

    private static PhaseResponse response(Planned planned, PhaseSpan span) {
        return new PhaseResponse(
                span.phase(),
                span.from().orElse(null),
                span.last().map(Scheduled::end).orElse(null),
                span.last().map(s -> planned.subject(s.id().value())).orElse(null),
                span.minutesLeft(),
                span.minutesDone(),
                span.jobsLeft(),
                span.undated());
    }
}
