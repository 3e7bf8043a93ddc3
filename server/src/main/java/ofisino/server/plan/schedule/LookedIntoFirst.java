package ofisino.server.plan.schedule;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import ofisino.core.plan.job.Precedence;
import ofisino.server.identity.Caller;
import ofisino.server.parts.Needs;
import ofisino.server.parts.Needs.Need;
import ofisino.server.plan.Jobs;
import org.springframework.stereotype.Component;

/** Parts of an assembly that is still to be looked into are ordered when that is done: it may need others, or none. */
@Component
record LookedIntoFirst(Jobs jobs, Needs needs) {
    /**
     * By part, the jobs that look into its assembly. None that waits for the part's own job: that would be a circle.
     *
     * @param order what waits for what by now
     */
    Map<UUID, List<UUID>> of(Caller caller, UUID projectId, List<Need> all, List<Jobs.Link> order) {
        Map<UUID, UUID> unopened = needs.unopened(caller, projectId);
        if (unopened.isEmpty()) return Map.of();
        Map<UUID, List<UUID>> findings = jobs.findingsByJob(caller, projectId);
        var precedence = new Precedence<>(order.stream()
                .map(l -> new Precedence.Link<>(l.before(), l.after()))
                .toList());
        Map<UUID, List<UUID>> found = new HashMap<>();
        for (Need need : all)
            if (need.jobId() != null && unopened.containsKey(need.id()))
                findings.forEach((job, its) -> {
                    if (!its.contains(unopened.get(need.id())) || waitsFor(precedence, job, need.jobId())) return;
                    precedence.add(new Precedence.Link<>(job, need.jobId()));
                    found.computeIfAbsent(need.id(), n -> new ArrayList<>()).add(job);
                });
        return found;
    }

    private static boolean waitsFor(Precedence<UUID> precedence, UUID job, UUID other) {
        return job.equals(other) || precedence.circleClosedBy(job, other).isPresent();
    }
}
