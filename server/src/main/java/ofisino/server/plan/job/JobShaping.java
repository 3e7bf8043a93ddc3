package ofisino.server.plan.job;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import ofisino.core.kernel.Conflict;
import ofisino.core.kernel.Effort;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.kernel.Texts;
import ofisino.core.plan.job.JobNature;
import ofisino.core.plan.job.JobState;
import ofisino.core.plan.job.Precedence;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Garages;
import ofisino.server.parts.Needs;
import ofisino.server.plan.JobAdded;
import ofisino.server.plan.JobJoined;
import ofisino.server.plan.job.JobMapper.FindingLinkRow;
import ofisino.server.plan.job.JobMapper.JobRow;
import ofisino.server.plan.job.JobMapper.LinkRow;
import ofisino.server.vehicle.Projects;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;

/** Makes one job of several, and several of one. */
@Service
class JobShaping {
    private final JobMapper mapper;
    private final JobService jobs;
    private final JobOrder order;
    private final Needs needs;
    private final Projects projects;
    private final Garages garages;
    private final ApplicationEventPublisher events;

    JobShaping(
            JobMapper mapper,
            JobService jobs,
            JobOrder order,
            Needs needs,
            Projects projects,
            Garages garages,
            ApplicationEventPublisher events) {
        this.mapper = mapper;
        this.jobs = jobs;
        this.order = order;
        this.needs = needs;
        this.projects = projects;
        this.garages = garages;
        this.events = events;
    }

    /** The second job is dropped; what it follows, what follows it, its findings and its parts go over to the first. */
    void join(Caller caller, UUID into, UUID other) {
        JobRow kept = jobs.find(caller, into);
        JobRow dropped = jobs.find(caller, other);
        projects.requireOpen(caller, kept.projectId());
        if (into.equals(other) || !kept.projectId().equals(dropped.projectId()))
            throw InvalidValue.of("other", "job.join", "Choose another job of the same project to join with.");
        if (!notBegun(kept) || !notBegun(dropped))
            throw new Conflict("job.begun", "Only jobs that have not begun can be joined.");
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
        JobNature both = kept.nature().joinedWith(dropped.nature());
        if (!both.equals(kept.nature())) mapper.update(caller.garageId(), kept.withNature(both));
        needs.reassign(caller, other, into);
        mapper.update(caller.garageId(), dropped.in(JobState.DROPPED, dropped.version()));
        events.publishEvent(new JobJoined(caller, into, other));
    }

    private static boolean notBegun(JobRow job) {
        return job.state() == JobState.PLANNED || job.state() == JobState.PROPOSED;
    }

    /** A share of the hours becomes a job of its own, after the first. */
    JobRow split(Caller caller, UUID id, UUID fresh, String title, int sharePercent, long version) {
        JobRow stored = jobs.find(caller, id);
        projects.requireOpen(caller, stored.projectId());
        if (sharePercent < 1 || sharePercent > 99)
            throw InvalidValue.of(
                    "sharePercent",
                    "job.share",
                    "Between 1 and 99 percent of the hours can go, not %d.".formatted(sharePercent));
        if (stored.state().isOver())
            throw new Conflict("job.over", "This job is over; nothing of it is left to split.");
        Effort whole = new Effort(stored.optimisticMinutes(), stored.likelyMinutes(), stored.pessimisticMinutes());
        mapper.insert(
                caller.garageId(),
                shaped(
                        stored,
                        fresh,
                        garages.nextLabel(caller).value(),
                        Texts.line("title", title),
                        share(whole, sharePercent),
                        JobState.PLANNED,
                        0));
        jobs.mustBeFresh(
                mapper.update(
                        caller.garageId(),
                        shaped(
                                stored,
                                id,
                                stored.code(),
                                stored.title(),
                                share(whole, 100 - sharePercent),
                                stored.state(),
                                version)),
                caller,
                id);
        for (FindingLinkRow f : mapper.findingLinks(caller.garageId(), stored.projectId()))
            if (f.jobId().equals(id)) mapper.insertFindingLink(caller.garageId(), fresh, f.findingId());
        for (LinkRow l : mapper.links(caller.garageId(), stored.projectId()))
            if (l.beforeId().equals(id)) mapper.insertLink(caller.garageId(), fresh, l.afterId());
        mapper.insertLink(caller.garageId(), id, fresh);
        events.publishEvent(new JobAdded(caller, fresh));
        return jobs.find(caller, fresh);
    }

    private static Effort share(Effort whole, int percent) {
        return new Effort(
                whole.optimisticMinutes() * percent / 100,
                whole.likelyMinutes() * percent / 100,
                whole.pessimisticMinutes() * percent / 100);
    }

    private static JobRow shaped(
            JobRow of, UUID id, String code, String title, Effort effort, JobState state, long version) {
        return new JobRow(
                id,
                of.projectId(),
                of.chainId(),
                of.position(),
                code,
                title,
                of.operation(),
                of.zone(),
                of.system(),
                of.aim(),
                effort.optimisticMinutes(),
                effort.likelyMinutes(),
                effort.pessimisticMinutes(),
                of.details(),
                of.pieces(),
                of.cause(),
                of.halfOpen(),
                state,
                of.note(),
                0,
                null,
                null,
                null,
                version);
    }
}
