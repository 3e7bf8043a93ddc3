package ofisino.server.plan.job;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import ofisino.core.kernel.Conflict;
import ofisino.core.kernel.CostRange;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.plan.job.JobState;
import ofisino.core.plan.recipe.Recipes;
import ofisino.core.plan.recipe.SharedWork;
import ofisino.server.identity.Caller;
import ofisino.server.plan.Jobs.Job;
import ofisino.server.plan.job.JobMapper.ChainRow;
import ofisino.server.plan.job.JobMapper.FindingLinkRow;
import ofisino.server.plan.job.JobMapper.LinkRow;
import ofisino.server.vehicle.Findings;
import ofisino.server.vehicle.Projects;
import org.springframework.stereotype.Service;

/** What is done once for all, done once more for a finding whose part is late. */
@Service
record ApartService(
        JobMapper mapper,
        ChainService chains,
        SharedJobs shared,
        JobOrder order,
        Recipes recipes,
        Findings findings,
        Projects projects) {
    /** What doing it once more takes. @param cost empty for those who see no amounts, and while the workshop hour is not known */
    record Apart(int likelyMinutes, Optional<CostRange> cost) {}

    /** Empty where it is not done for several, has begun, or is what others wait for: fuel is drained once. */
    Optional<Apart> of(Caller caller, UUID jobId) {
        Job job = mapper.require(caller.garageId(), jobId);
        if (served(caller, job).size() < 2) return Optional.empty();
        return work(caller, job)
                .map(w -> new Apart(
                        w.step().effort().likelyMinutes(),
                        chains.workshopHour(caller)
                                .map(h -> RecipeWork.material(List.of(w.step())).costs(h))));
    }

    /** The finding's work no longer waits for the others, nor they for it. */
    void split(Caller caller, UUID jobId, UUID findingId, UUID chainId) {
        Job job = mapper.require(caller.garageId(), jobId);
        projects.requireOpen(caller, job.projectId());
        List<UUID> served = served(caller, job);
        if (!served.contains(findingId) || served.size() < 2)
            throw InvalidValue.at(
                    "findingId",
                    "apart.finding",
                    "It is not done for this finding and others.",
                    "Choose one of those that it serves.");
        SharedWork work = work(caller, job)
                .orElseThrow(() -> Conflict.of(
                        "apart.begun",
                        "It has begun, or is not done for several at once.",
                        "What is late gets its own work when it is planned."));
        mapper.deleteFindingLink(caller.garageId(), jobId, findingId);
        UUID own = shared.begin(caller, ChainService.served(findings.require(caller, findingId)), work, chainId);
        Set<UUID> its = jobsOf(caller, job, findingId);
        Set<UUID> others = served.stream()
                .filter(f -> !f.equals(findingId))
                .flatMap(f -> jobsOf(caller, job, f).stream())
                .collect(Collectors.toSet());
        for (LinkRow l : mapper.links(caller.garageId(), job.projectId())) {
            if (l.afterId().equals(jobId) && its.contains(l.beforeId())) {
                if (!others.contains(l.beforeId())) mapper.deleteLink(caller.garageId(), l.beforeId(), jobId);
                order.link(
                        caller,
                        mapper.require(caller.garageId(), l.beforeId()),
                        mapper.require(caller.garageId(), own));
            }
            if (l.beforeId().equals(jobId) && its.contains(l.afterId()))
                order.link(
                        caller, mapper.require(caller.garageId(), own), mapper.require(caller.garageId(), l.afterId()));
        }
    }

    private Set<UUID> jobsOf(Caller caller, Job job, UUID findingId) {
        return mapper.findingLinks(caller.garageId(), job.projectId()).stream()
                .filter(l -> l.findingId().equals(findingId))
                .map(FindingLinkRow::jobId)
                .collect(Collectors.toSet());
    }

    private List<UUID> served(Caller caller, Job job) {
        return mapper.findingLinks(caller.garageId(), job.projectId()).stream()
                .filter(l -> l.jobId().equals(job.id()))
                .map(FindingLinkRow::findingId)
                .toList();
    }

    private Optional<SharedWork> work(Caller caller, Job job) {
        if (job.state() != JobState.PLANNED) return Optional.empty();
        Optional<String> recipe = mapper.chains(caller.garageId(), job.projectId()).stream()
                .filter(c -> c.id().equals(job.chainId()))
                .map(ChainRow::recipe)
                .findFirst();
        return recipes.sharedWork().stream()
                .filter(w -> !recipes.preparation().contains(w))
                .filter(w -> recipe.filter(w.id()::equals).isPresent() && w.isDoneBy(job.nature()))
                .map(w -> w.said(text -> ChainService.put(text, "")))
                .findFirst();
    }
}
