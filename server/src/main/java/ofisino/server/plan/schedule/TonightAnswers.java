package ofisino.server.plan.schedule;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import ofisino.core.plan.calendar.TimeWindow;
import ofisino.core.plan.job.JobNature;
import ofisino.core.plan.premises.Demands;
import ofisino.core.plan.problem.Activity;
import ofisino.core.plan.problem.ActivityId;
import ofisino.core.plan.problem.PlanProblem;
import ofisino.core.plan.tonight.Asked;
import ofisino.core.plan.tonight.Ready;
import ofisino.server.identity.Caller;
import ofisino.server.plan.DriveOrder;
import ofisino.server.plan.Jobs;
import ofisino.server.plan.Plans.Planned;
import ofisino.server.plan.schedule.PlanController.PossibleResponse;
import org.springframework.stereotype.Service;

/** Whatever waits for nothing but somebody's time in an evening as it really is; the plan says how much it presses. */
@Service
record TonightAnswers(PlanService service, Jobs jobs, DriveOrder driveOrder, Demands demands) {
    List<PossibleResponse> of(Caller caller, UUID projectId, Asked asked) {
        Planned planned = service.of(caller, projectId);
        PlanProblem problem = planned.problem();
        Map<ActivityId, Instant> latest = planned.latestStarts();
        Set<UUID> notYet = driveOrder.notYet(caller, projectId);
        Set<ActivityId> ready = Ready.of(problem).stream()
                .filter(a -> !notYet.contains(planned.subject(a.value()).id()))
                .collect(Collectors.toSet());
        Map<UUID, JobNature> natures =
                jobs.of(caller, projectId).stream().collect(Collectors.toMap(Jobs.Job::id, Jobs.Job::nature));
        List<TimeWindow> visits = service.visits(caller);
        List<Asked.Work<ActivityId>> works = problem.activities().stream()
                .filter(a -> a.workSlots() > 0)
                .map(a -> new Asked.Work<>(
                        a.id(),
                        nature(natures, planned, a).filter(demands::isNoisy).isPresent(),
                        nature(natures, planned, a)
                                .flatMap(n -> demands.leastSession(n.operation(), visits))
                                .map(least -> (int) least.toMinutes())
                                .orElse(0),
                        a.workSlots() * (int) PlanProblem.SLOT.toMinutes(),
                        a.crew().size(),
                        a.demand().place(),
                        Surroundings.isOutdoors(a),
                        a.timing().inOneGo(),
                        Surroundings.isWatched(a),
                        Surroundings.isShutNow(a, problem),
                        ready.contains(a.id()),
                        a.begun(),
                        Optional.ofNullable(latest.get(a.id()))))
                .toList();
        return asked.rank(works, problem.now()).stream()
                .map(p -> new PossibleResponse(planned.subject(p.id().value()), p.minutes(), p.why()))
                .toList();
    }

    private static Optional<JobNature> nature(Map<UUID, JobNature> natures, Planned planned, Activity a) {
        return Optional.ofNullable(natures.get(planned.subject(a.id().value()).id()));
    }
}
