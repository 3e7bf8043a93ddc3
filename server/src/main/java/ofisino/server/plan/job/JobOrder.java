package ofisino.server.plan.job;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import ofisino.core.kernel.Conflict;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.plan.job.Precedence;
import ofisino.server.identity.Caller;
import ofisino.server.plan.Jobs.Job;
import ofisino.server.plan.job.JobMapper.LinkRow;
import org.springframework.stereotype.Component;

/** Which job follows which; no circle gets in, whoever draws the link. */
@Component
record JobOrder(JobMapper mapper) {
    /** From now on it follows these and no others. */
    void follow(Caller caller, Job job, List<Job> wanted) {
        Set<UUID> keep = wanted.stream().map(Job::id).collect(Collectors.toSet());
        for (LinkRow l : mapper.links(caller.garageId(), job.projectId()))
            if (l.afterId().equals(job.id()) && !keep.contains(l.beforeId()))
                mapper.deleteLink(caller.garageId(), l.beforeId(), job.id());
        for (Job before : wanted) link(caller, before, job);
    }

    /** Also what stands already may be said again. */
    void link(Caller caller, Job before, Job after) {
        if (!before.projectId().equals(after.projectId()))
            throw InvalidValue.at(
                    "after",
                    "job.other-project",
                    "A job can only follow jobs of its own project.",
                    "Choose one of those.");
        List<LinkRow> all = mapper.links(caller.garageId(), after.projectId());
        if (all.stream().anyMatch(l -> l.joins(before.id(), after.id()))) return;
        new Precedence<>(all.stream()
                        .map(l -> new Precedence.Link<>(l.beforeId(), l.afterId()))
                        .toList())
                .circleClosedBy(before.id(), after.id())
                .ifPresent(circle -> {
                    throw circle(caller, after.projectId(), circle);
                });
        mapper.insertLink(caller.garageId(), before.id(), after.id());
    }

    Conflict circle(Caller caller, UUID projectId, List<UUID> circle) {
        Map<UUID, String> titles = new HashMap<>();
        for (Job job : mapper.of(caller.garageId(), projectId)) titles.put(job.id(), job.title());
        String named = circle.stream().map(titles::get).map("“%s”"::formatted).collect(Collectors.joining(" → "));
        return Conflict.about(
                Map.of("field", "after", "circle", circle),
                "job.circle",
                "These jobs would wait for one another for ever: %s → “%s”.",
                "Remove one of the links.",
                named,
                titles.get(circle.get(0)));
    }
}
