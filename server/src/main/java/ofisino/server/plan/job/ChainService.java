package ofisino.server.plan.job;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import ofisino.core.kernel.Conflict;
import ofisino.core.kernel.CostRange;
import ofisino.core.kernel.NotFound;
import ofisino.core.kernel.Side;
import ofisino.core.kernel.Texts;
import ofisino.core.kernel.VehicleSystem;
import ofisino.core.plan.job.JobNature;
import ofisino.core.plan.job.JobState;
import ofisino.core.plan.recipe.AxleWork;
import ofisino.core.plan.recipe.Recipe;
import ofisino.core.plan.recipe.Recipes;
import ofisino.core.plan.recipe.SharedWork;
import ofisino.core.plan.recipe.ToDo;
import ofisino.core.vehicle.anatomy.Anatomy;
import ofisino.core.vehicle.anatomy.Component;
import ofisino.core.vehicle.body.Zone;
import ofisino.core.vehicle.equipment.Equipment;
import ofisino.core.vehicle.finding.Finding;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Garages;
import ofisino.server.plan.GarageRecipes;
import ofisino.server.plan.Jobs.Job;
import ofisino.server.plan.job.ChainSteps.Place;
import ofisino.server.plan.job.ChainSteps.Served;
import ofisino.server.plan.job.JobMapper.ChainRow;
import ofisino.server.plan.job.JobMapper.FindingLinkRow;
import ofisino.server.vehicle.Anatomies;
import ofisino.server.vehicle.Equipments;
import ofisino.server.vehicle.Findings;
import ofisino.server.vehicle.Projects;
import ofisino.server.web.Speech;
import org.springframework.stereotype.Service;

/** Turns a decided finding into a chain of jobs with what they need. */
@Service
record ChainService(
        JobMapper mapper,
        Findings findings,
        Projects projects,
        Garages garages,
        ChainSteps steps,
        FindingProgress progress,
        JobService jobs,
        SharedJobs sharedJobs,
        JobOrder order,
        Recipes shipped,
        GarageRecipes recipes,
        Anatomies anatomies,
        Equipments equipments) {
    /**
     * @param title of the chain that would be made; empty where no recipe fits, and somebody has to say what is to be done
     * @param cost  of its parts; empty while the garage's workshop hour is not known, and for those who see no amounts
     * @param withSameAxle it is done with other work on the same axle, its other side or discs that bring new pads, that is planned or offered: it
     *     adds no jobs
     * @param then  what it ends in together with others
     */
    record OfferedChain(
            UUID findingId,
            Optional<String> title,
            int jobs,
            int likelyMinutes,
            Optional<CostRange> cost,
            boolean withSameAxle,
            List<OfferedShared> then) {}

    /** @param planned whether it is planned already and has not begun: the chain joins it */
    record OfferedShared(String id, String title, int likelyMinutes, Optional<CostRange> cost, boolean planned) {}

    record ChainToMake(UUID findingId, UUID chainId) {}

    /** What would be made of the findings that are decided and have no jobs yet. */
    List<OfferedChain> offers(Caller caller, UUID projectId) {
        Projects.Project project = projects.require(caller, projectId);
        Set<UUID> withJobs = progress.findingsWithJobs(caller, projectId);
        Equipment equipment = equipments.of(caller, project);
        Anatomy anatomy = anatomies.of(caller, projectId);
        Recipes its = recipes.of(caller);
        Set<String> planned = sharedJobs.planned(caller, projectId).keySet();
        Optional<Long> hour = workshopHour(caller);
        List<OfferedChain> offers = new ArrayList<>();
        List<Finding> open = findings.of(caller, projectId).stream()
                .filter(f -> f.asksForWork() && !withJobs.contains(f.id()))
                .toList();
        Map<UUID, Optional<Recipe>> recipeOf = open.stream()
                .collect(Collectors.toMap(Finding::id, f -> recipeFor(f, project, equipment, anatomy, its)));
        Set<String> anyway = shipped.preparation().stream()
                .filter(w -> sharedJobs.isDoneAnyway(caller, projectId, w)
                        || open.stream()
                                .anyMatch(f -> recipeOf.get(f.id())
                                        .filter(r -> does(r, systemOf(f, anatomy), w))
                                        .isPresent()))
                .map(SharedWork::id)
                .collect(Collectors.toSet());
        Map<UUID, AxleWork> onAxles = new LinkedHashMap<>();
        for (Finding f : open)
            recipeOf.get(f.id())
                    .flatMap(r -> AxleWork.of(r, f.zone(), anatomy))
                    .ifPresent(work -> onAxles.put(f.id(), work));
        Set<UUID> joining = AxleWork.joining(onAxles, axles(caller, projectId).keySet());
        for (Finding f : open)
            offers.add(offer(f.id(), recipeOf.get(f.id()), joining.contains(f.id()), planned, anyway, hour));
        return offers;
    }

    Optional<Long> workshopHour(Caller caller) {
        return caller.seesMoney() ? garages.workshopHourMinor(caller) : Optional.empty();
    }

    private static OfferedChain offer(
            UUID findingId,
            Optional<Recipe> recipe,
            boolean withSameAxle,
            Set<String> planned,
            Set<String> anyway,
            Optional<Long> hour) {
        List<Recipe.Step> steps =
                recipe.filter(r -> !withSameAxle).map(Recipe::steps).orElse(List.of());
        return new OfferedChain(
                findingId,
                recipe.map(Recipe::title),
                steps.size(),
                steps.stream().mapToInt(s -> s.effort().likelyMinutes()).sum(),
                hour.map(h -> RecipeWork.material(steps).costs(h)),
                withSameAxle,
                recipe.map(r -> shared(r, planned, hour)).orElse(List.of()).stream()
                        .filter(w -> !anyway.contains(w.id()))
                        .toList());
    }

    /** The work of whole axles that is planned and of which nothing has begun: the jobs of each in their order. */
    private Map<AxleWork, List<Job>> axles(Caller caller, UUID projectId) {
        Map<UUID, List<Job>> byChain = mapper.of(caller.garageId(), projectId).stream()
                .filter(j -> j.chainId() != null)
                .sorted(Comparator.comparingInt(Job::position))
                .collect(Collectors.groupingBy(Job::chainId));
        Map<UUID, List<UUID>> findingsOf = mapper.findingLinks(caller.garageId(), projectId).stream()
                .collect(Collectors.groupingBy(
                        FindingLinkRow::jobId, Collectors.mapping(FindingLinkRow::findingId, Collectors.toList())));
        Map<AxleWork, List<Job>> axles = new HashMap<>();
        Anatomy anatomy = anatomies.of(caller, projectId);
        for (ChainRow chain : mapper.chains(caller.garageId(), projectId)) {
            List<Job> jobs = byChain.getOrDefault(chain.id(), List.of());
            if (jobs.isEmpty() || !jobs.stream().allMatch(j -> j.state() == JobState.PLANNED)) continue;
            findingsOf.getOrDefault(jobs.get(0).id(), List.of()).stream()
                    .map(id -> findings.require(caller, id))
                    .forEach(f -> recipeFor(caller, f)
                            .filter(r -> r.id().equals(chain.recipe()))
                            .flatMap(r -> AxleWork.of(r, f.zone(), anatomy))
                            .ifPresent(work -> axles.putIfAbsent(work, jobs)));
        }
        return axles;
    }

    private static List<OfferedShared> shared(Recipe recipe, Set<String> planned, Optional<Long> hour) {
        return Stream.concat(recipe.first().stream(), recipe.then().stream())
                .map(w -> new OfferedShared(
                        w.id(),
                        w.step().title(),
                        w.step().effort().likelyMinutes(),
                        hour.map(h -> RecipeWork.material(List.of(w.step())).costs(h)),
                        planned.contains(w.id())))
                .toList();
    }

    /** What a recipe ends in. */
    List<OfferedShared> shared(Caller caller, UUID findingId, Recipe recipe) {
        return shared(
                recipe,
                sharedJobs
                        .planned(caller, findings.require(caller, findingId).projectId())
                        .keySet(),
                workshopHour(caller));
    }

    void makeChains(Caller caller, UUID projectId, List<ChainToMake> chains) {
        List<ChainToMake> inOrder = chains.stream()
                .sorted(Comparator.comparing((ChainToMake one) -> !prepares(caller, one.findingId()))
                        .thenComparing(one -> -partsOnAxle(caller, one.findingId())))
                .toList();
        for (ChainToMake one : inOrder) {
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
        return recipeFor(
                finding,
                project,
                equipments.of(caller, project),
                anatomies.of(caller, project.id()),
                recipes.of(caller));
    }

    private Optional<Recipe> recipeFor(
            Finding finding, Projects.Project project, Equipment equipment, Anatomy anatomy, Recipes its) {
        if (!finding.asksForWork()) return Optional.empty();
        Zone zone = projects.bodyOf(project).placeOf(finding.zone(), finding.system());
        Optional<Component> thing = thing(finding, anatomy);
        return finding.decided()
                .flatMap(d -> its.propose(ToDo.of(finding, thing, d.decision(), project.aim()), equipment))
                .map(r -> r.of(anatomy))
                .map(r -> r.said(text -> put(text, called(zone, thing, r.wholeAxle()))));
    }

    private static Optional<Component> thing(Finding finding, Anatomy anatomy) {
        return finding.seen().component().flatMap(anatomy::find);
    }

    /** What the work is on: the thing, where somebody named it, and its side, where the work is on one of them only. */
    private static String called(Zone zone, Optional<Component> thing, boolean wholeAxle) {
        String name =
                thing.map(c -> c.isAtBothEnds() ? zone.end(c.name()) : c.name()).orElse(zone.name());
        return wholeAxle || zone.side() == Side.NONE ? name : zone.sided(name);
    }

    /** In the language of whoever makes it: it is theirs to change. At the start of a title the zone keeps its capital, inside it does not. */
    static String put(String text, String zone) {
        if (zone.isEmpty()) return Speech.language().say(text);
        String inside = zone.substring(0, 1).toLowerCase(Locale.ROOT) + zone.substring(1);
        return Texts.fitting(Speech.language().say(text.replace("{zone}", text.startsWith("{zone}") ? zone : inside)));
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
        Map<AxleWork, List<Job>> axles = axles(caller, finding.projectId());
        Optional<AxleWork> work = AxleWork.of(recipe, finding.zone(), anatomies.of(caller, finding.projectId()));
        List<UUID> made = new ArrayList<>();
        work.flatMap(w -> w.doneWith(axles.keySet()))
                .map(axles::get)
                .orElse(List.of())
                .forEach(job -> made.add(sharedJobs.join(caller, served(finding), job)));
        if (made.isEmpty()) {
            made.addAll(begin(caller, finding, recipe, chainId));
            axles.forEach((other, its) -> {
                if (work.filter(w -> w.does(other)).isPresent()) takeOver(caller, its, made);
            });
        }
        return sharedJobs.around(caller, served(finding), recipe, chainId, made).stream()
                .map(id -> mapper.require(caller.garageId(), id))
                .toList();
    }

    /** What other work on the axle was for is done by this one now, and what that was to buy is not bought twice. */
    private void takeOver(Caller caller, List<Job> others, List<UUID> made) {
        Set<UUID> before = others.stream().map(Job::id).collect(Collectors.toSet());
        Set<UUID> served = mapper.findingLinks(caller.garageId(), others.get(0).projectId()).stream()
                .filter(l -> before.contains(l.jobId()))
                .map(FindingLinkRow::findingId)
                .collect(Collectors.toSet());
        for (UUID job : made)
            for (UUID finding : served)
                sharedJobs.join(
                        caller, served(findings.require(caller, finding)), mapper.require(caller.garageId(), job));
        before.forEach(job -> jobs.drop(caller, job));
    }

    /** What does more comes first, so that the rest joins it. */
    private int partsOnAxle(Caller caller, UUID findingId) {
        Finding finding = findings.require(caller, findingId);
        return recipeFor(caller, finding)
                .flatMap(r -> AxleWork.of(r, finding.zone(), anatomies.of(caller, finding.projectId())))
                .map(work -> work.parts().size())
                .orElse(0);
    }

    private boolean prepares(Caller caller, UUID findingId) {
        Finding finding = findings.require(caller, findingId);
        Anatomy anatomy = anatomies.of(caller, finding.projectId());
        return recipeFor(caller, finding)
                .filter(r -> shipped.preparation().stream().anyMatch(w -> does(r, systemOf(finding, anatomy), w)))
                .isPresent();
    }

    private static boolean does(Recipe recipe, VehicleSystem system, SharedWork work) {
        return recipe.steps().stream()
                .anyMatch(s -> work.isDoneBy(new JobNature(s.operation(), Optional.of(system), s.details())));
    }

    private static VehicleSystem systemOf(Finding finding, Anatomy anatomy) {
        return thing(finding, anatomy).map(Component::system).orElse(finding.system());
    }

    private List<UUID> begin(Caller caller, Finding finding, Recipe recipe, UUID chainId) {
        mapper.insertChain(caller.garageId(), new ChainRow(chainId, finding.projectId(), recipe.title(), recipe.id()));
        List<UUID> made = new ArrayList<>();
        String zone = finding.zone().equals(Zone.WHOLE) ? null : finding.zone();
        VehicleSystem system = systemOf(finding, anatomies.of(caller, finding.projectId()));
        for (Recipe.Step step : recipe.steps()) {
            UUID job = steps.add(caller, step, served(finding), new Place(chainId, made.size(), zone, system));
            if (!made.isEmpty()) mapper.insertLink(caller.garageId(), last(made), job);
            made.add(job);
        }
        return made;
    }

    private static UUID last(List<UUID> made) {
        return made.get(made.size() - 1);
    }

    static Served served(Finding finding) {
        return new Served(
                finding.projectId(), List.of(finding.id()), finding.aim().value(), Zone.sideOf(finding.zone()));
    }

    /** Whether it is done once for all that it serves. */
    boolean isShared(ChainRow chain) {
        return shipped.sharedWork().stream().anyMatch(w -> w.id().equals(chain.recipe()));
    }

    /** By their titles; what is done once for all last, in its order. */
    List<ChainRow> chains(Caller caller, UUID projectId) {
        List<String> shared = shipped.sharedWork().stream().map(SharedWork::id).toList();
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
