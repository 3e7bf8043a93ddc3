package ofisino.server.plan.job;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import ofisino.core.kernel.Conflict;
import ofisino.core.kernel.Effort;
import ofisino.core.kernel.NotFound;
import ofisino.core.plan.job.JobState;
import ofisino.core.plan.recipe.Recipe;
import ofisino.core.plan.recipe.Recipes;
import ofisino.core.plan.scope.Growth;
import ofisino.core.vehicle.body.Zone;
import ofisino.core.vehicle.equipment.Equipment;
import ofisino.core.vehicle.finding.Finding;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Garages;
import ofisino.server.parts.Needs;
import ofisino.server.plan.JobAdded;
import ofisino.server.plan.Jobs.Job;
import ofisino.server.plan.job.JobMapper.ChainRow;
import ofisino.server.vehicle.Equipments;
import ofisino.server.vehicle.Findings;
import ofisino.server.vehicle.Projects;
import ofisino.server.web.Speech;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;

/** Turns a decided finding into a chain of jobs with what they need. */
@Service
record ChainService(
        JobMapper mapper,
        Findings findings,
        Projects projects,
        Needs needs,
        Garages garages,
        FindingProgress progress,
        Recipes recipes,
        Equipments equipments,
        ApplicationEventPublisher events) {
    /** @param title of the chain that would be made; empty where no recipe fits, and somebody has to say what is to be done */
    record OfferedChain(UUID findingId, Optional<String> title, int jobs, int likelyMinutes) {}

    record ChainToMake(UUID findingId, UUID chainId) {}

    /** What would be made of the findings that are decided and have no jobs yet. */
    List<OfferedChain> offers(Caller caller, UUID projectId) {
        Projects.Project project = projects.require(caller, projectId);
        Set<UUID> withJobs = progress.findingsWithJobs(caller, projectId);
        Equipment equipment = equipments.of(caller, project);
        return findings.of(caller, projectId).stream()
                .filter(f -> f.asksForWork() && !withJobs.contains(f.id()))
                .map(f -> offer(f.id(), recipeFor(f, project, equipment)))
                .toList();
    }

    private static OfferedChain offer(UUID findingId, Optional<Recipe> recipe) {
        return new OfferedChain(
                findingId,
                recipe.map(Recipe::title),
                recipe.map(r -> r.steps().size()).orElse(0),
                recipe.map(r -> r.steps().stream()
                                .mapToInt(s -> s.effort().likelyMinutes())
                                .sum())
                        .orElse(0));
    }

    void makeChains(Caller caller, UUID projectId, List<ChainToMake> chains) {
        for (ChainToMake one : chains) {
            if (!findings.require(caller, one.findingId()).projectId().equals(projectId))
                throw new NotFound("finding", one.findingId());
            makeChain(caller, one.findingId(), one.chainId());
        }
    }

    /** The recipe with the zone's name in it; empty where no work is decided on, or none is known for it. */
    Optional<Recipe> recipeFor(Caller caller, UUID findingId) {
        return recipeFor(caller, findings.require(caller, findingId));
    }

    private Optional<Recipe> recipeFor(Caller caller, Finding finding) {
        Projects.Project project = projects.require(caller, finding.projectId());
        return recipeFor(finding, project, equipments.of(caller, project));
    }

    private Optional<Recipe> recipeFor(Finding finding, Projects.Project project, Equipment equipment) {
        if (!finding.asksForWork()) return Optional.empty();
        String zone = projects.bodyOf(project)
                .placeOf(finding.zone(), finding.system())
                .label();
        return finding.decided()
                .flatMap(d -> recipes.propose(finding.kind(), finding.system(), d.decision(), equipment))
                .map(r -> named(r, zone));
    }

    private static Recipe named(Recipe recipe, String zone) {
        return new Recipe(
                recipe.id(),
                put(recipe.title(), zone),
                recipe.steps().stream()
                        .map(s -> new Recipe.Step(
                                put(s.title(), zone),
                                s.operation(),
                                s.effort(),
                                s.details(),
                                s.needs().stream()
                                        .map(n -> new Recipe.NeedTemplate(
                                                put(n.title(), zone), n.quantity(), n.leadDays()))
                                        .toList()))
                        .toList(),
                recipe.cautions());
    }

    /** In the language of whoever makes it: it is theirs to change. At the start of a title the zone keeps its capital, inside it does not. */
    private static String put(String text, String zone) {
        String inside = zone.substring(0, 1).toLowerCase(Locale.ROOT) + zone.substring(1);
        return Speech.language().say(text.replace("{zone}", text.startsWith("{zone}") ? zone : inside));
    }

    List<Job> makeChain(Caller caller, UUID findingId, UUID chainId) {
        Finding finding = findings.require(caller, findingId);
        projects.requireOpen(caller, finding.projectId());
        if (progress.findingsWithJobs(caller, finding.projectId()).contains(findingId))
            throw Conflict.of(
                    "finding.has-jobs",
                    "This finding has its jobs already.",
                    "Add another one by hand if something is missing.");
        Recipe recipe = recipeFor(caller, finding)
                .orElseThrow(() -> Conflict.of(
                        "finding.no-recipe",
                        "Nothing is decided for this finding that makes a job.",
                        "Decide first: repair, replace, investigate or a temporary repair."));
        mapper.insertChain(caller.garageId(), new ChainRow(chainId, finding.projectId(), recipe.title(), recipe.id()));
        UUID before = null;
        for (int i = 0; i < recipe.steps().size(); i++)
            before = addStep(caller, finding, recipe.steps().get(i), chainId, i, before);
        return mapper.of(caller.garageId(), finding.projectId()).stream()
                .filter(j -> chainId.equals(j.chainId()))
                .toList();
    }

    private UUID addStep(Caller caller, Finding finding, Recipe.Step step, UUID chainId, int position, UUID before) {
        UUID jobId = derived(chainId, "job", position);
        Effort effort = step.effort();
        mapper.insert(
                caller.garageId(),
                new Job(
                        jobId,
                        finding.projectId(),
                        chainId,
                        position,
                        garages.nextLabel(caller).value(),
                        step.title(),
                        step.operation(),
                        finding.zone().equals(Zone.WHOLE) ? null : finding.zone(),
                        finding.system(),
                        finding.aim().value(),
                        effort.optimisticMinutes(),
                        effort.likelyMinutes(),
                        effort.pessimisticMinutes(),
                        step.details(),
                        1,
                        Growth.Cause.FOUND,
                        "",
                        JobState.PLANNED,
                        "",
                        0,
                        null,
                        null,
                        null,
                        0));
        mapper.insertFindingLink(caller.garageId(), jobId, finding.id());
        if (before != null) mapper.insertLink(caller.garageId(), before, jobId);
        events.publishEvent(new JobAdded(caller, jobId));
        for (int n = 0; n < step.needs().size(); n++) {
            Recipe.NeedTemplate need = step.needs().get(n);
            needs.add(
                    caller,
                    finding.projectId(),
                    derived(jobId, "need", n),
                    jobId,
                    need.title(),
                    need.quantity(),
                    need.leadDays());
        }
        return jobId;
    }

    private static UUID derived(UUID from, String what, int number) {
        return UUID.nameUUIDFromBytes((from + what + number).getBytes(StandardCharsets.UTF_8));
    }

    List<ChainRow> chains(Caller caller, UUID projectId) {
        return mapper.chains(caller.garageId(), projectId);
    }

    void recheck(Caller caller, UUID findingId, boolean good, String note, long version) {
        Finding finding = findings.require(caller, findingId);
        if (good) progress.mustBeVerified(caller, finding);
        findings.recheck(caller, findingId, good, note, version);
    }
}
