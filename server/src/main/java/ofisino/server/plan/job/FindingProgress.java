package ofisino.server.plan.job;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import ofisino.core.kernel.Aim;
import ofisino.core.kernel.Caution;
import ofisino.core.kernel.Conflict;
import ofisino.core.plan.job.Closing;
import ofisino.core.plan.job.Operation;
import ofisino.core.plan.recipe.Recipe;
import ofisino.core.plan.recipe.Recipes;
import ofisino.core.plan.recipe.ToDo;
import ofisino.core.vehicle.anatomy.Anatomy;
import ofisino.core.vehicle.anatomy.Component;
import ofisino.core.vehicle.equipment.Equipment;
import ofisino.core.vehicle.finding.Finding;
import ofisino.core.vehicle.finding.FindingKind;
import ofisino.core.vehicle.finding.FindingState;
import ofisino.core.vehicle.finding.SafetyClass;
import ofisino.server.identity.Caller;
import ofisino.server.parts.NeedWanted;
import ofisino.server.plan.Jobs;
import ofisino.server.plan.Jobs.Job;
import ofisino.server.plan.job.JobMapper.FindingLinkRow;
import ofisino.server.vehicle.Anatomies;
import ofisino.server.vehicle.Equipments;
import ofisino.server.vehicle.Findings;
import ofisino.server.vehicle.Projects;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;

/** Carries the progress of jobs over to the findings that they deal with. */
@Service
record FindingProgress(
        JobMapper mapper,
        Findings findings,
        Projects projects,
        Anatomies anatomies,
        Equipments equipments,
        Recipes shipped) {
    void jobMoved(Caller caller, Job job) {
        for (FindingLinkRow link : mapper.findingLinks(caller.garageId(), job.projectId())) {
            if (!link.jobId().equals(job.id())) continue;
            FindingState state = findings.require(caller, link.findingId()).state();
            List<Job> jobs = jobsOf(caller, link.findingId(), job.projectId());
            findings.moveTo(
                    caller,
                    link.findingId(),
                    Closing.following(state, jobs.stream().map(Job::state).toList()));
        }
    }

    /**
     * By job, the dangers of the things that its findings name, and what the recipe that ships warns of, whoever's recipe stands for it. What is
     * done once for many is no nearer to them than its own cautions say: it lies at no place.
     */
    Map<UUID, Set<Caution>> hazardsByJob(Caller caller, UUID projectId) {
        Projects.Project project = projects.require(caller, projectId);
        Anatomy anatomy = anatomies.of(caller, projectId);
        Equipment equipment = equipments.of(caller, project);
        Map<UUID, Set<Caution>> byFinding = findings.of(caller, projectId).stream()
                .collect(Collectors.toMap(Finding::id, f -> dangers(f, anatomy, equipment, project.aim())));
        Set<UUID> atAPlace = mapper.of(caller.garageId(), projectId).stream()
                .filter(j -> j.zone() != null)
                .map(Job::id)
                .collect(Collectors.toSet());
        return mapper.findingLinks(caller.garageId(), projectId).stream()
                .filter(l -> atAPlace.contains(l.jobId()))
                .collect(Collectors.groupingBy(
                        FindingLinkRow::jobId,
                        Collectors.flatMapping(
                                l -> byFinding.getOrDefault(l.findingId(), Set.of()).stream(), Collectors.toSet())));
    }

    private Set<Caution> dangers(Finding f, Anatomy anatomy, Equipment equipment, Aim standard) {
        Optional<Component> thing = f.seen().component().flatMap(anatomy::find);
        Optional<Recipe> itsRecipe =
                f.decided().flatMap(d -> shipped.propose(ToDo.of(f, thing, d.decision(), standard), equipment));
        return Stream.concat(
                        thing.stream().map(Component::hazards),
                        itsRecipe.stream().map(Recipe::cautions))
                .flatMap(List::stream)
                .collect(Collectors.toSet());
    }

    /** Nothing is bought for what the vehicle only does: its test says first which part it is. */
    @EventListener
    void needWanted(NeedWanted wanted) {
        Caller caller = wanted.caller();
        Job job = mapper.require(caller.garageId(), wanted.jobId());
        List<FindingLinkRow> its = mapper.findingLinks(caller.garageId(), job.projectId()).stream()
                .filter(l -> l.jobId().equals(job.id()))
                .toList();
        if (!its.isEmpty()
                && its.stream()
                        .allMatch(l -> findings.require(caller, l.findingId()).kind() == FindingKind.SYMPTOM))
            throw Conflict.of(
                    "need.symptom",
                    "Nobody knows yet which part it is.",
                    "Do the test first, and record what it finds as a finding of its own.");
    }

    /** @throws Conflict when one of the findings is only to be looked into */
    void mayBeWorkedOn(Caller caller, List<UUID> findingIds, Operation operation) {
        if (!findingIds.stream().map(id -> findings.require(caller, id)).allMatch(f -> operation.isOpenTo(f.kind())))
            throw Conflict.of(
                    "job.symptom",
                    "Nobody knows yet what is behind this: it is only tested and inspected.",
                    "Record what the test finds as a finding of its own, and plan the work for that.");
    }

    /** @throws Conflict while a safety finding is not mended by verified work */
    void mustBeVerified(Caller caller, Finding finding) {
        Closing.missing(
                        finding.safetyClass(),
                        finding.decided().map(Finding.Decided::decision).orElse(null),
                        jobsOf(caller, finding.id(), finding.projectId()).stream()
                                .map(j -> new Closing.Work(j.title(), j.code(), j.operation(), j.state()))
                                .toList())
                .ifPresent(missing -> {
                    throw missing;
                });
    }

    /** What the findings mean that a job deals with. */
    List<SafetyClass> classesOf(Caller caller, Jobs.Job job) {
        return mapper.findingLinks(caller.garageId(), job.projectId()).stream()
                .filter(l -> l.jobId().equals(job.id()))
                .map(l -> findings.require(caller, l.findingId()).safetyClass())
                .toList();
    }

    /** A job that was dropped deals with nothing. */
    Set<UUID> findingsWithJobs(Caller caller, UUID projectId) {
        return Set.copyOf(mapper.findingsWithJobs(caller.garageId(), projectId));
    }

    private List<Job> jobsOf(Caller caller, UUID findingId, UUID projectId) {
        List<UUID> ids = mapper.findingLinks(caller.garageId(), projectId).stream()
                .filter(l -> l.findingId().equals(findingId))
                .map(FindingLinkRow::jobId)
                .toList();
        return mapper.of(caller.garageId(), projectId).stream()
                .filter(j -> ids.contains(j.id()))
                .toList();
    }
}
