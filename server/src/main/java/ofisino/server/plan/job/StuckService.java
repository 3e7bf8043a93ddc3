package ofisino.server.plan.job;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import ofisino.core.kernel.Side;
import ofisino.core.plan.recipe.Ladder;
import ofisino.core.plan.recipe.Recipe;
import ofisino.core.plan.recipe.Recipes;
import ofisino.core.plan.recipe.Rung;
import ofisino.core.vehicle.body.Zone;
import ofisino.server.identity.Caller;
import ofisino.server.plan.JobConditions;
import ofisino.server.plan.Jobs.Job;
import ofisino.server.plan.job.ChainSteps.Place;
import ofisino.server.plan.job.ChainSteps.Served;
import ofisino.server.plan.job.JobMapper.ChainRow;
import ofisino.server.plan.job.JobMapper.FindingLinkRow;
import ofisino.server.plan.job.JobMapper.LinkRow;
import ofisino.server.vehicle.Equipments;
import ofisino.server.vehicle.Projects;
import org.springframework.stereotype.Service;

/** What will not come loose: each rung becomes a job before the one that it holds up, and its soaking a wait of the plan. */
@Service
record StuckService(
        JobMapper mapper,
        ChainSteps steps,
        SharedJobs shared,
        JobOrder order,
        JobConditions conditions,
        Recipes recipes,
        Equipments equipments,
        Projects projects) {
    /** @param tried jobs of the rungs that were planned, in their order @param next empty at the top of the ladder */
    record Stuck(List<Job> tried, Optional<Rung> next) {}

    Stuck of(Caller caller, UUID jobId) {
        Job job = mapper.require(caller.garageId(), jobId);
        Map<Rung, Job> tried = tried(caller, job);
        Optional<Rung> next = recipes.ladder().next(toCore(tried), isSoaked(caller, job));
        return new Stuck(List.copyOf(tried.values()), next.map(r -> r.said(text -> put(text, job))));
    }

    void climb(Caller caller, UUID jobId, String rungId) {
        Job job = mapper.require(caller.garageId(), jobId);
        projects.requireOpen(caller, job.projectId());
        Rung rung = recipes.ladder().climb(rungId, job.toCore(), toCore(tried(caller, job)), isSoaked(caller, job));
        Recipe recipe = recipes.around(
                        rung,
                        Zone.placeOf(Optional.ofNullable(job.zone()).orElse(Zone.WHOLE)),
                        equipments.of(caller, projects.require(caller, job.projectId())))
                .said(text -> put(text, job));
        UUID chainId = chain(job, rung);
        mapper.insertChain(caller.garageId(), new ChainRow(chainId, job.projectId(), recipe.title(), rung.id()));
        List<UUID> findings = mapper.findingLinks(caller.garageId(), job.projectId()).stream()
                .filter(l -> l.jobId().equals(jobId))
                .map(FindingLinkRow::findingId)
                .toList();
        var served = new Served(job.projectId(), findings, job.aim(), Side.NONE);
        UUID made = steps.add(caller, recipe.steps().get(0), served, new Place(chainId, 0, job.zone(), job.system()));
        order.link(caller, mapper.require(caller.garageId(), made), job);
        shared.around(caller, served, recipe, chainId, List.of(made));
    }

    private Map<Rung, Job> tried(Caller caller, Job job) {
        Map<UUID, Job> byChain = mapper.of(caller.garageId(), job.projectId()).stream()
                .filter(j -> j.chainId() != null)
                .collect(Collectors.toMap(Job::chainId, j -> j, (a, b) -> a));
        Map<Rung, Job> tried = new LinkedHashMap<>();
        for (Rung rung : recipes.ladder().rungs())
            Optional.ofNullable(byChain.get(chain(job, rung))).ifPresent(planned -> tried.put(rung, planned));
        return tried;
    }

    private static List<Ladder.Tried> toCore(Map<Rung, Job> tried) {
        return tried.entrySet().stream()
                .map(e -> new Ladder.Tried(e.getKey(), e.getValue().toCore()))
                .toList();
    }

    /** Of the job that is stuck only what it is on, where its title says that at its end. */
    private static String put(String text, Job stuck) {
        String title = stuck.title();
        return ChainService.put(
                text, title.substring(title.lastIndexOf(": ") + 1).strip());
    }

    /** Whether something that it follows soaks it already. */
    private boolean isSoaked(Caller caller, Job job) {
        Map<UUID, JobConditions.Where> where = conditions.byJob(caller, job.projectId());
        return mapper.links(caller.garageId(), job.projectId()).stream()
                .filter(l -> l.afterId().equals(job.id()))
                .map(LinkRow::beforeId)
                .filter(where::containsKey)
                .anyMatch(before -> Ladder.soaks(
                        mapper.require(caller.garageId(), before).operation(),
                        where.get(before).conditions()));
    }

    private static UUID chain(Job job, Rung rung) {
        return ChainSteps.derived(job.id(), rung.id(), 0);
    }
}
