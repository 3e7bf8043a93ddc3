package ofisino.server.plan.job;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import ofisino.core.kernel.Conflict;
import ofisino.core.plan.job.JobState;
import ofisino.core.plan.permit.Facts;
import ofisino.core.plan.permit.Move;
import ofisino.core.plan.permit.Obstacle;
import ofisino.core.plan.permit.Permit;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Garages;
import ofisino.server.parts.Needs;
import ofisino.server.plan.Jobs.Job;
import ofisino.server.plan.LeaveAsked;
import ofisino.server.plan.job.JobMapper.LinkRow;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Component;

/** Gathers what stands in the way of a job, from itself and from whoever listens, and lets the core decide. */
@Component
record JobLeave(
        JobMapper mapper,
        Needs needs,
        FindingProgress findingProgress,
        Garages garages,
        ApplicationEventPublisher events,
        Clock clock) {
    /** @throws Conflict with all that stands in the way of that state */
    void mustHave(Caller caller, Job job, JobState wanted) {
        List<Obstacle> obstacles = Move.of(job.state(), wanted)
                .map(move -> obstacles(caller, job, move))
                .orElse(List.of());
        if (obstacles.isEmpty()) return;
        String more = obstacles.size() == 1 ? "" : " %d more stand in the way.".formatted(obstacles.size() - 1);
        throw Conflict.about(
                Map.of("obstacles", obstacles),
                "job.not-yet",
                "“%s” may not go on yet.",
                "%s%s",
                job.title(),
                obstacles.get(0).saying(),
                more);
    }

    List<Obstacle> obstacles(Caller caller, Job job, Move move) {
        Facts facts = new Facts();
        Map<UUID, Job> byId = mapper.of(caller.garageId(), job.projectId()).stream()
                .collect(Collectors.toMap(Job::id, Function.identity()));
        for (LinkRow l : mapper.links(caller.garageId(), job.projectId()))
            if (l.afterId().equals(job.id()) && !byId.get(l.beforeId()).state().isOver())
                facts.jobBefore(l.beforeId().toString(), byId.get(l.beforeId()).title());
        needs.of(caller, job.projectId()).stream()
                .filter(n ->
                        job.id().equals(n.jobId()) && n.essential() && n.state().isLacking())
                .forEach(n -> facts.partLacking(n.id().toString(), n.title()));
        facts.repairs(findingProgress.classesOf(caller, job), job.nature());
        if (byId.get(job.id())
                .toCore()
                .isBySameHands(caller.accountId(), LocalDate.now(clock.withZone(garages.zone(caller)))))
            facts.isBySameHands();
        events.publishEvent(new LeaveAsked(caller, job, move, facts));
        return Permit.of(move, facts);
    }
}
