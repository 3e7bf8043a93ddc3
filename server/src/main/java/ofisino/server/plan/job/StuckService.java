package ofisino.server.plan.job;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import ofisino.core.kernel.Conflict;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.kernel.Side;
import ofisino.core.plan.job.Conditions;
import ofisino.core.plan.job.Operation;
import ofisino.core.plan.recipe.Recipes;
import ofisino.core.plan.recipe.Rung;
import ofisino.server.db.Stored;
import ofisino.server.identity.Caller;
import ofisino.server.plan.JobConditions;
import ofisino.server.plan.Jobs.Job;
import ofisino.server.plan.job.ChainSteps.Place;
import ofisino.server.plan.job.ChainSteps.Served;
import ofisino.server.plan.job.JobMapper.ChainRow;
import ofisino.server.plan.job.JobMapper.FindingLinkRow;
import ofisino.server.plan.job.JobMapper.LinkRow;
import ofisino.server.vehicle.Projects;
import org.springframework.stereotype.Service;

/** The ladder for what will not come loose: each rung becomes a job before the one that it holds up, and its soaking a wait of the plan. */
@Service
record StuckService(
        JobMapper mapper,
        ChainSteps steps,
        JobOrder order,
        JobConditions conditions,
        Recipes recipes,
        Projects projects) {
    /** Common practice, no source: shorter than that is no soak. */
    private static final int SOAK_MINUTES = 24 * 60;

    /** @param tried jobs of the rungs that were planned, in their order @param next empty at the top of the ladder */
    record Ladder(List<Job> tried, Optional<Rung> next) {}

    Ladder of(Caller caller, UUID jobId) {
        Job job = require(caller, jobId);
        Map<UUID, Job> byChain = mapper.of(caller.garageId(), job.projectId()).stream()
                .filter(j -> j.chainId() != null)
                .collect(Collectors.toMap(Job::chainId, j -> j, (a, b) -> a));
        List<Job> tried = new ArrayList<>();
        List<Rung> left = new ArrayList<>();
        for (Rung rung : recipes.ladder()) {
            Job planned = byChain.get(chain(job, rung));
            if (planned != null) tried.add(planned);
            else left.add(rung);
        }
        if (tried.isEmpty() && isSoaked(caller, job)) left.remove(0);
        return new Ladder(
                tried, left.stream().findFirst().map(r -> r.said(text -> ChainService.put(text, job.title()))));
    }

    void climb(Caller caller, UUID jobId, String rungId) {
        Job job = require(caller, jobId);
        projects.requireOpen(caller, job.projectId());
        Ladder ladder = of(caller, jobId);
        Rung rung = ladder.next()
                .filter(r -> r.id().equals(rungId))
                .orElseThrow(() ->
                        InvalidValue.at("rung", "stuck.rung", "That is not what comes next.", "Reload the page."));
        if (job.state().isOver())
            throw Conflict.of("stuck.over", "This job is over: nothing of it is stuck any more.", "Reload the page.");
        for (Job before : ladder.tried())
            if (!before.state().isOver())
                throw Conflict.of(
                        "stuck.try-first",
                        "Something milder is still to be tried: %s.",
                        "Try it twice, finish it, then take the next.",
                        before.title());
        UUID chainId = chain(job, rung);
        mapper.insertChain(
                caller.garageId(),
                new ChainRow(chainId, job.projectId(), rung.step().title(), rung.id()));
        List<UUID> findings = mapper.findingLinks(caller.garageId(), job.projectId()).stream()
                .filter(l -> l.jobId().equals(jobId))
                .map(FindingLinkRow::findingId)
                .toList();
        UUID made = steps.add(
                caller,
                rung.step(),
                new Served(job.projectId(), findings, job.aim(), Side.NONE),
                new Place(chainId, 0, job.zone(), job.system()));
        order.link(caller, require(caller, made), job);
    }

    /** Whether something that it follows soaks it already. */
    private boolean isSoaked(Caller caller, Job job) {
        Map<UUID, JobConditions.Where> where = conditions.byJob(caller, job.projectId());
        Set<UUID> before = mapper.links(caller.garageId(), job.projectId()).stream()
                .filter(l -> l.afterId().equals(job.id()))
                .map(LinkRow::beforeId)
                .collect(Collectors.toSet());
        return before.stream()
                .map(id -> require(caller, id))
                .anyMatch(j -> j.operation() == Operation.CLEAN
                        && Optional.ofNullable(where.get(j.id()))
                                        .map(JobConditions.Where::conditions)
                                        .map(Conditions::dryMinutes)
                                        .orElse(0)
                                >= SOAK_MINUTES);
    }

    private static UUID chain(Job job, Rung rung) {
        return ChainSteps.derived(job.id(), rung.id(), 0);
    }

    private Job require(Caller caller, UUID jobId) {
        return Stored.require(mapper.find(caller.garageId(), jobId), "job", jobId);
    }
}
