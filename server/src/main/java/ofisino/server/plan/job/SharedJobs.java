package ofisino.server.plan.job;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import ofisino.core.plan.job.JobState;
import ofisino.core.plan.recipe.Recipe;
import ofisino.core.plan.recipe.Recipes;
import ofisino.core.plan.recipe.SharedWork;
import ofisino.server.identity.Caller;
import ofisino.server.plan.Jobs.Job;
import ofisino.server.plan.job.ChainSteps.Place;
import ofisino.server.plan.job.ChainSteps.Served;
import ofisino.server.plan.job.JobMapper.ChainRow;
import org.springframework.stereotype.Service;

/** The jobs of what is done once for all that it serves. */
@Service
record SharedJobs(JobMapper mapper, ChainSteps steps, JobOrder order, JobShaping shaping, Recipes shipped) {
    /** By shared work, the job of it that is planned, has not begun and is still what that work is. */
    Map<String, Job> planned(Caller caller, UUID projectId) {
        Map<UUID, String> recipeOf = mapper.chains(caller.garageId(), projectId).stream()
                .collect(Collectors.toMap(ChainRow::id, ChainRow::recipe));
        List<Job> jobs = mapper.of(caller.garageId(), projectId).stream()
                .filter(j -> j.state() == JobState.PLANNED && j.chainId() != null)
                .toList();
        return shipped.sharedWork().stream()
                .flatMap(w -> jobs.stream()
                        .filter(j -> w.id().equals(recipeOf.get(j.chainId())) && w.isDoneBy(j.nature()))
                        .limit(1)
                        .map(j -> Map.entry(w.id(), j)))
                .collect(Collectors.toMap(Map.Entry::getKey, Map.Entry::getValue));
    }

    /**
     * Around the jobs of a recipe, what it waits for and what it ends in: with a job that is planned, or a new one.
     *
     * @param made its jobs, in their order
     * @return all of them in their order
     */
    List<UUID> around(Caller caller, Served served, Recipe recipe, UUID chainId, List<UUID> made) {
        List<UUID> first = prepare(caller, served, recipe.first(), chainId);
        first.forEach(job -> link(caller, job, made.get(0)));
        List<UUID> all = new ArrayList<>(made);
        Map<String, Job> planned = planned(caller, served.projectId());
        Map<SharedWork, UUID> jobs = new HashMap<>();
        for (SharedWork work : recipe.then()) {
            UUID job = planned.containsKey(work.id())
                    ? join(caller, served, planned.get(work.id()))
                    : begin(caller, served, work, chainId);
            jobs.put(work, job);
            link(caller, recipe.directlyBefore(work).map(jobs::get).orElse(made.get(made.size() - 1)), job);
            all.add(job);
        }
        all.addAll(0, first);
        if (first.isEmpty()) takeOver(caller, served.projectId(), made);
        return all;
    }

    /** What was to be prepared and is done by these jobs anyway is not done twice: the fuel of a tank that comes off. */
    private void takeOver(Caller caller, UUID projectId, List<UUID> made) {
        Map<String, Job> planned = planned(caller, projectId);
        for (SharedWork work : shipped.preparation()) {
            Job prepared = planned.get(work.id());
            if (prepared == null) continue;
            made.stream()
                    .filter(job ->
                            work.isDoneBy(mapper.require(caller.garageId(), job).nature()))
                    .findFirst()
                    .ifPresent(job -> shaping.join(caller, job, prepared.id()));
        }
    }

    private void link(Caller caller, UUID before, UUID after) {
        order.link(caller, mapper.require(caller.garageId(), before), mapper.require(caller.garageId(), after));
    }

    /** What the work waits for is made once, unless something that is planned does it anyway. */
    private List<UUID> prepare(Caller caller, Served served, List<SharedWork> first, UUID chainId) {
        Map<String, Job> planned = planned(caller, served.projectId());
        List<UUID> made = new ArrayList<>();
        for (SharedWork work : first)
            if (planned.containsKey(work.id())) made.add(join(caller, served, planned.get(work.id())));
            else if (!isDoneAnyway(caller, served.projectId(), work)) made.add(begin(caller, served, work, chainId));
        return made;
    }

    boolean isDoneAnyway(Caller caller, UUID projectId, SharedWork work) {
        return work.isDoneAnyway(mapper.of(caller.garageId(), projectId).stream()
                .map(Job::toCore)
                .toList());
    }

    /** A job serves these findings, too, and is needed as soon as they are. */
    UUID join(Caller caller, Served served, Job work) {
        served.findings().forEach(f -> mapper.insertFindingLink(caller.garageId(), work.id(), f));
        if (work.aim().needs(served.aim())) mapper.neededFor(caller.garageId(), work.id(), served.aim());
        return work.id();
    }

    /** It gets a job of its own. @param chainId of the work that it serves, or of its own making */
    UUID begin(Caller caller, Served served, SharedWork work, UUID chainId) {
        UUID own = ChainSteps.derived(chainId, work.id(), 0);
        mapper.insertChain(
                caller.garageId(),
                new ChainRow(own, served.projectId(), work.step().title(), work.id()));
        return steps.add(caller, work.step(), served, new Place(own, 0, null, work.system()));
    }
}
