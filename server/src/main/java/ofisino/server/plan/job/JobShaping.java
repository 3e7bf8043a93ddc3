package ofisino.server.plan.job;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.plan.job.Precedence;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Garages;
import ofisino.server.parts.Needs;
import ofisino.server.plan.JobAdded;
import ofisino.server.plan.JobJoined;
import ofisino.server.plan.Jobs.Job;
import ofisino.server.plan.job.JobMapper.FindingLinkRow;
import ofisino.server.plan.job.JobMapper.LinkRow;
import ofisino.server.vehicle.Projects;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;

/** Makes one job of several, and several of one. */
@Service
record JobShaping(
        JobMapper mapper,
        JobService jobs,
        JobOrder order,
        Needs needs,
        Projects projects,
        Garages garages,
        ApplicationEventPublisher events) {
    /** The second job is dropped; what it follows, what follows it, its findings and its parts go over to the first. */
    void join(Caller caller, UUID into, UUID other) {
        Job kept = jobs.find(caller, into);
        Job dropped = jobs.find(caller, other);
        projects.requireOpen(caller, kept.projectId());
        if (into.equals(other) || !kept.projectId().equals(dropped.projectId()))
            throw InvalidValue.at(
                    "other", "job.join", "These two cannot be joined.", "Choose another job of the same project.");
        ofisino.core.plan.job.Job joined = kept.toCore().join(dropped.toCore());
        List<LinkRow> all = mapper.links(caller.garageId(), kept.projectId());
        List<Precedence.Link<UUID>> links = new ArrayList<>();
        for (LinkRow l : all) {
            UUID before = l.beforeId().equals(other) ? into : l.beforeId();
            UUID after = l.afterId().equals(other) ? into : l.afterId();
            if (!before.equals(after)) links.add(new Precedence.Link<>(before, after));
        }
        Precedence.circleIn(links.stream().distinct().toList()).ifPresent(circle -> {
            throw order.circle(caller, kept.projectId(), circle);
        });
        for (LinkRow l : all)
            if (l.beforeId().equals(other) || l.afterId().equals(other))
                mapper.deleteLink(caller.garageId(), l.beforeId(), l.afterId());
        for (Precedence.Link<UUID> l : links.stream().distinct().toList())
            if (all.stream().noneMatch(known -> known.joins(l.before(), l.after())))
                mapper.insertLink(caller.garageId(), l.before(), l.after());
        List<FindingLinkRow> findings = mapper.findingLinks(caller.garageId(), kept.projectId());
        for (FindingLinkRow f : findings)
            if (f.jobId().equals(other) && !findings.contains(new FindingLinkRow(into, f.findingId())))
                mapper.insertFindingLink(caller.garageId(), into, f.findingId());
        if (!joined.equals(kept.toCore()))
            mapper.update(caller.garageId(), kept.with(joined, kept.code(), kept.version()));
        needs.reassign(caller, other, into);
        mapper.update(
                caller.garageId(), dropped.with(dropped.toCore().joinedAway(), dropped.code(), dropped.version()));
        events.publishEvent(new JobJoined(caller, into, other));
    }

    /** A share of the hours becomes a job of its own, after the first. */
    Job split(Caller caller, UUID id, UUID fresh, String title, int sharePercent, long version) {
        Job stored = jobs.find(caller, id);
        projects.requireOpen(caller, stored.projectId());
        ofisino.core.plan.job.Job.Halves halves = stored.toCore().split(fresh, title, sharePercent);
        mapper.insert(
                caller.garageId(),
                stored.with(halves.part(), garages.nextLabel(caller).value(), 0));
        jobs.mustBeFresh(
                mapper.update(caller.garageId(), stored.with(halves.rest(), stored.code(), version)), caller, id);
        for (FindingLinkRow f : mapper.findingLinks(caller.garageId(), stored.projectId()))
            if (f.jobId().equals(id)) mapper.insertFindingLink(caller.garageId(), fresh, f.findingId());
        for (LinkRow l : mapper.links(caller.garageId(), stored.projectId()))
            if (l.beforeId().equals(id)) mapper.insertLink(caller.garageId(), fresh, l.afterId());
        mapper.insertLink(caller.garageId(), id, fresh);
        events.publishEvent(new JobAdded(caller, fresh));
        return jobs.find(caller, fresh);
    }
}
