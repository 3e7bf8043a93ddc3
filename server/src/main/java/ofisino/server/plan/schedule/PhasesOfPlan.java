package ofisino.server.plan.schedule;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import ofisino.core.parts.sourcing.ToBuy;
import ofisino.core.plan.explain.PhaseSpan;
import ofisino.core.plan.orderofwork.Phase;
import ofisino.core.plan.problem.ActivityId;
import ofisino.core.plan.problem.Plan.Scheduled;
import ofisino.server.identity.Caller;
import ofisino.server.parts.Needs;
import ofisino.server.plan.GivenAwayJobs;
import ofisino.server.plan.Jobs;
import ofisino.server.plan.OrderOfWork;
import ofisino.server.plan.Plans.Planned;
import ofisino.server.plan.schedule.PlanController.PhaseResponse;
import org.springframework.stereotype.Component;

/** The whole project at a glance, by its phases. */
@Component
record PhasesOfPlan(Jobs jobs, GivenAwayJobs givenAway, OrderOfWork orderOfWork, Needs needs) {
    List<PhaseResponse> of(Caller caller, UUID projectId, Planned planned) {
        Map<UUID, Phase> phaseOf = orderOfWork.phases(caller, projectId);
        Set<UUID> byOthers = givenAway.ids(caller, projectId);
        List<PhaseSpan.Work> works = jobs.of(caller, projectId).stream()
                .filter(j -> phaseOf.containsKey(j.id()))
                .map(j -> new PhaseSpan.Work(
                        ActivityId.job(j.id()),
                        phaseOf.get(j.id()),
                        j.state().isOver(),
                        j.work(byOthers.contains(j.id())).leftMinutes(),
                        j.state().isDone() ? j.spentMinutes() : 0))
                .toList();
        Map<Phase, List<Needs.Need>> needed = needs.of(caller, projectId).stream()
                .filter(n -> n.jobId() != null && phaseOf.containsKey(n.jobId()))
                .collect(Collectors.groupingBy(n -> phaseOf.get(n.jobId())));
        return PhaseSpan.of(planned.problem(), planned.plan(), works).stream()
                .map(span -> response(planned, span, Needs.Need.toBuy(needed.getOrDefault(span.phase(), List.of()))))
                .toList();
    }

    private static PhaseResponse response(Planned planned, PhaseSpan span, ToBuy toBuy) {
        return new PhaseResponse(
                span.phase(),
                span.from().orElse(null),
                span.last().map(Scheduled::end).orElse(null),
                span.last().map(s -> planned.subject(s.id().value())).orElse(null),
                span.minutesLeft(),
                span.minutesDone(),
                span.jobsLeft(),
                span.undated(),
                toBuy.minor(),
                toBuy.unvalued());
    }
}
