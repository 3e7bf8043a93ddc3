package ofisino.server.plan.job;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import ofisino.core.kernel.Conflict;
import ofisino.core.kernel.Effort;
import ofisino.core.kernel.NotFound;
import ofisino.core.kernel.VehicleSystem;
import ofisino.core.plan.job.JobState;
import ofisino.core.plan.recipe.Recipe;
import ofisino.core.plan.recipe.Recipes;
import ofisino.core.plan.recipe.SharedWork;
import ofisino.core.plan.recipe.ToDo;
import ofisino.core.plan.scope.Growth;
import ofisino.core.vehicle.body.Zone;
import ofisino.core.vehicle.equipment.Equipment;
import ofisino.core.vehicle.finding.Finding;
import ofisino.server.db.Stored;
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
import org.jspecify.annotations.Nullable;
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
        JobOrder order,
        Recipes recipes,
        Equipments equipments,
        ApplicationEventPublisher events) {
    /**
     * @param title of the chain that would be made; empty where no recipe fits, and somebody has to say what is to be done
     * @param then  what it ends in together with others
     */
    record OfferedChain(
            UUID findingId, Optional<String> title, int jobs, int likelyMinutes, List<OfferedShared> then) {}

    /** @param planned whether it is planned already and has not begun: the chain joins it */
    record OfferedShared(String id, String title, int likelyMinutes, boolean planned) {}

    record ChainToMake(UUID findingId, UUID chainId) {}

    /** What would be made of the findings that are decided and have no jobs yet. */
    List<OfferedChain> offers(Caller caller, UUID projectId) {
        Projects.Project project = projects.require(caller, projectId);
        Set<UUID> withJobs = progress.findingsWithJobs(caller, projectId);
        Equipment equipment = equipments.of(caller, project);
        Set<String> planned = planned(caller, projectId).keySet();
        return findings.of(caller, projectId).stream()
                .filter(f -> f.asksForWork() && !withJobs.contains(f.id()))
                .map(f -> offer(f.id(), recipeFor(f, project, equipment), planned))
                .toList();
    }

    private static OfferedChain offer(UUID findingId, Optional<Recipe> recipe, Set<String> planned) {
        return new OfferedChain(
                findingId,
                recipe.map(Recipe::title),
                recipe.map(r -> r.steps().size()).orElse(0),
                recipe.map(r -> r.steps().stream()
                                .mapToInt(s -> s.effort().likelyMinutes())
                                .sum())
                        .orElse(0),
                recipe.map(r -> shared(r, planned)).orElse(List.of()));
    }

    private static List<OfferedShared> shared(Recipe recipe, Set<String> planned) {
        return recipe.then().stream()
                .map(w -> new OfferedShared(
                        w.id(), w.step().title(), w.step().effort().likelyMinutes(), planned.contains(w.id())))
                .toList();
    }

    /** What a recipe ends in. */
    List<OfferedShared> shared(Caller caller, UUID findingId, Recipe recipe) {
        return shared(
                recipe,
                planned(caller, findings.require(caller, findingId).projectId()).keySet());
    }

    /** By shared work, the job of it that is planned, has not begun and is still what that work is. */
    private Map<String, Job> planned(Caller caller, UUID projectId) {
        Map<UUID, String> recipeOf = mapper.chains(caller.garageId(), projectId).stream()
                .collect(Collectors.toMap(ChainRow::id, ChainRow::recipe));
        List<Job> jobs = mapper.of(caller.garageId(), projectId).stream()
                .filter(j -> j.state() == JobState.PLANNED && j.chainId() != null)
                .toList();
        return recipes.sharedWork().stream()
                .flatMap(w -> jobs.stream()
                        .filter(j -> w.id().equals(recipeOf.get(j.chainId())) && w.isDoneBy(j.nature()))
                        .limit(1)
                        .map(j -> Map.entry(w.id(), j)))
                .collect(Collectors.toMap(Map.Entry::getKey, Map.Entry::getValue));
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
                .flatMap(d -> recipes.propose(
                        new ToDo(finding.kind(), finding.system(), Zone.placeOf(finding.zone()), d.decision()),
                        equipment))
                .map(r -> r.said(text -> put(text, zone)));
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
        List<UUID> made = new ArrayList<>();
        String zone = finding.zone().equals(Zone.WHOLE) ? null : finding.zone();
        for (Recipe.Step step : recipe.steps()) {
            UUID job = addStep(caller, finding, step, new Place(chainId, made.size(), zone, finding.system()));
            if (!made.isEmpty()) mapper.insertLink(caller.garageId(), last(made), job);
            made.add(job);
        }
        Map<String, Job> planned = planned(caller, finding.projectId());
        for (SharedWork work : recipe.then()) {
            UUID job = planned.containsKey(work.id())
                    ? join(caller, finding, planned.get(work.id()))
                    : begin(caller, finding, work, chainId);
            order.link(caller, find(caller, last(made)), find(caller, job));
            made.add(job);
        }
        return made.stream().map(id -> find(caller, id)).toList();
    }

    private static UUID last(List<UUID> made) {
        return made.get(made.size() - 1);
    }

    private Job find(Caller caller, UUID id) {
        return Stored.require(mapper.find(caller.garageId(), id), "job", id);
    }

    /** The work serves this finding too, and is needed as soon as that. */
    private UUID join(Caller caller, Finding finding, Job work) {
        mapper.insertFindingLink(caller.garageId(), work.id(), finding.id());
        if (work.aim().needs(finding.aim().value()))
            mapper.neededFor(caller.garageId(), work.id(), finding.aim().value());
        return work.id();
    }

    private UUID begin(Caller caller, Finding finding, SharedWork work, UUID chainId) {
        UUID own = derived(chainId, work.id(), 0);
        mapper.insertChain(
                caller.garageId(),
                new ChainRow(own, finding.projectId(), work.step().title(), work.id()));
        return addStep(caller, finding, work.step(), new Place(own, 0, null, work.system()));
    }

    /** Where in the work a job stands, and where on the vehicle. */
    private record Place(
            UUID chainId, int position, @Nullable String zone, VehicleSystem system) {}

    private UUID addStep(Caller caller, Finding finding, Recipe.Step step, Place at) {
        UUID jobId = derived(at.chainId(), "job", at.position());
        Effort effort = step.effort();
        mapper.insert(
                caller.garageId(),
                new Job(
                        jobId,
                        finding.projectId(),
                        at.chainId(),
                        at.position(),
                        garages.nextLabel(caller).value(),
                        step.title(),
                        step.operation(),
                        at.zone(),
                        at.system(),
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
        events.publishEvent(new JobAdded(caller, jobId, step.access()));
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

    /** Whether it is done once for all that it serves. */
    boolean isShared(ChainRow chain) {
        return recipes.sharedWork().stream().anyMatch(w -> w.id().equals(chain.recipe()));
    }

    /** By their titles; what is done once for all last, in its order. */
    List<ChainRow> chains(Caller caller, UUID projectId) {
        List<String> shared = recipes.sharedWork().stream().map(SharedWork::id).toList();
        return mapper.chains(caller.garageId(), projectId).stream()
                .sorted(Comparator.comparing(c -> shared.indexOf(c.recipe())))
                .toList();
    }

    void recheck(Caller caller, UUID findingId, boolean good, String note, long version) {
        Finding finding = findings.require(caller, findingId);
        if (good) progress.mustBeVerified(caller, finding);
        findings.recheck(caller, findingId, good, note, version);
    }
}
