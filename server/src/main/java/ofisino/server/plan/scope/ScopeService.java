package ofisino.server.plan.scope;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import ofisino.core.kernel.Aim;
import ofisino.core.kernel.Conflict;
import ofisino.core.kernel.Texts;
import ofisino.core.plan.job.JobState;
import ofisino.core.plan.problem.ActivityId;
import ofisino.core.plan.problem.Plan;
import ofisino.core.plan.scope.AimChange;
import ofisino.core.plan.scope.AimChange.Aims;
import ofisino.core.plan.scope.Batches;
import ofisino.core.plan.scope.Growth;
import ofisino.core.plan.scope.Repeats;
import ofisino.core.plan.scope.Repeats.Repeat;
import ofisino.core.vehicle.finding.Finding;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Garages;
import ofisino.server.parts.Needs;
import ofisino.server.plan.Calendars;
import ofisino.server.plan.GivenAwayJobs;
import ofisino.server.plan.JobAdded;
import ofisino.server.plan.Jobs;
import ofisino.server.plan.Plans;
import ofisino.server.plan.scope.ScopeMapper.BaselineRow;
import ofisino.server.plan.scope.ScopeMapper.RepeatCauseRow;
import ofisino.server.plan.scope.ScopeMapper.ZoneAimRow;
import ofisino.server.vehicle.BodyChange;
import ofisino.server.vehicle.FindingEstimates;
import ofisino.server.vehicle.Findings;
import ofisino.server.vehicle.Projects;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;

/** How far the work goes: what was meant at first, what was added and why, what another aim would change. */
@Service
record ScopeService(
        ScopeMapper mapper,
        Projects projects,
        GivenAwayJobs givenAway,
        Plans plans,
        Jobs jobs,
        Needs needs,
        Findings findings,
        FindingEstimates estimates,
        Calendars calendars,
        Garages garages,
        Clock clock) {
    /** @param baselineOn when the scope was drawn; empty while it never was */
    record Grown(
            Optional<LocalDate> baselineOn,
            @JsonUnwrapped Growth growth,
            int doneOfBaseline,
            int doneOfPresent,
            int growthPercent) {
        static Grown of(Growth g, Optional<LocalDate> on) {
            return new Grown(on, g, g.doneOfBaseline(), g.doneOfPresent(), g.growthPercent());
        }
    }

    /** @param cause of a repair that was made again; empty while nobody named it */
    record Again(@JsonUnwrapped Repeat<UUID> repeat, Optional<String> cause) {}

    /** @param aboveAim open jobs that the aim does not ask for */
    record Scope(
            Grown growth,
            List<Batches.Batch<UUID>> batches,
            List<Again> repeats,
            List<UUID> halfClosed,
            List<ZoneAimRow> zoneAims,
            List<UUID> aboveAim) {}

    Scope of(Caller caller, UUID projectId) {
        Projects.Project project = projects.require(caller, projectId);
        List<Jobs.Job> all = jobs.of(caller, projectId);
        Map<UUID, BaselineRow> baseline = mapper.baseline(caller.garageId(), projectId).stream()
                .collect(Collectors.toMap(BaselineRow::jobId, Function.identity()));
        List<ZoneAimRow> zoneAims = mapper.zoneAims(caller.garageId(), projectId);
        Aims aims = aims(project.aim(), zoneAims);
        Growth growth = Growth.of(all.stream()
                .map(j -> new Growth.Item(
                        baseline.containsKey(j.id()),
                        Optional.ofNullable(baseline.get(j.id()))
                                .map(BaselineRow::likelyMinutes)
                                .orElse(0),
                        j.likelyMinutes(),
                        j.state() == JobState.DROPPED,
                        j.state() == JobState.FINISHED || j.state() == JobState.VERIFIED,
                        j.cause()))
                .toList());
        return new Scope(
                Grown.of(
                        growth,
                        baseline.values().stream().map(BaselineRow::setOn).findFirst()),
                Batches.of(all.stream()
                        .filter(j -> j.state() == JobState.PLANNED || j.state() == JobState.PROPOSED)
                        .map(j -> new Batches.Step<>(j.id(), j.operation(), j.pieces()))
                        .toList()),
                repeats(caller, projectId, all),
                all.stream()
                        .filter(j -> j.state().isHalfClosed())
                        .map(Jobs.Job::id)
                        .toList(),
                zoneAims,
                all.stream()
                        .filter(j -> !j.state().isOver() && !aims.asksFor(Optional.ofNullable(j.zone()), j.aim()))
                        .map(Jobs.Job::id)
                        .toList());
    }

    private List<Again> repeats(Caller caller, UUID projectId, List<Jobs.Job> all) {
        List<RepeatCauseRow> causes = mapper.repeatCauses(caller.garageId(), projectId);
        Map<UUID, String> things = thingsByJob(caller, projectId);
        return Repeats.of(all.stream()
                        .filter(j -> j.state() != JobState.DROPPED)
                        .map(j -> new Repeats.Done<>(
                                j.id(),
                                j.piece(),
                                Optional.ofNullable(j.zone()),
                                Optional.ofNullable(things.get(j.id())),
                                j.operation(),
                                j.spentMinutes()))
                        .toList())
                .stream()
                .map(r -> new Again(
                        r,
                        causes.stream()
                                .filter(c -> c.zone().equals(r.zone()) && c.operation() == r.operation())
                                .map(RepeatCauseRow::cause)
                                .findFirst()))
                .toList();
    }

    /** What a job is done to, where a finding of it names it. */
    private Map<UUID, String> thingsByJob(Caller caller, UUID projectId) {
        Map<UUID, String> named = new HashMap<>();
        for (Finding f : findings.of(caller, projectId))
            f.seen().component().ifPresent(thing -> named.put(f.id(), thing));
        Map<UUID, String> byJob = new HashMap<>();
        jobs.findingsByJob(caller, projectId)
                .forEach((job, of) -> of.stream()
                        .filter(named::containsKey)
                        .findFirst()
                        .ifPresent(f -> byJob.put(job, named.get(f))));
        return byJob;
    }

    /** A third repair of the same kind at the same place asks for the cause first. */
    @EventListener
    void jobAdded(JobAdded added) {
        Jobs.Job job = jobs.require(added.caller(), added.jobId());
        repeats(added.caller(), job.projectId(), jobs.of(added.caller(), job.projectId())).stream()
                .filter(a -> a.repeat().jobs().contains(job.id())
                        && a.repeat().asksForTheCause()
                        && a.cause().isEmpty())
                .findFirst()
                .ifPresent(a -> {
                    throw Conflict.of(
                            "repeat.cause",
                            "This is repair number %d of the same kind here.",
                            "Name the cause of the earlier ones on the scope page first; then add it.",
                            a.repeat().repairs());
                });
    }

    @EventListener
    void placesStay(BodyChange change) {
        for (ZoneAimRow a : mapper.zoneAims(change.caller().garageId(), change.projectId()))
            change.keep("how far this place goes: " + a.reason(), a.zone());
    }

    void nameCause(Caller caller, UUID projectId, RepeatCauseRow row) {
        projects.bodyOf(projects.requireOpen(caller, projectId)).require(row.zone());
        RepeatCauseRow checked = new RepeatCauseRow(row.zone(), row.operation(), Texts.line("cause", row.cause()));
        mapper.deleteRepeatCause(caller.garageId(), projectId, checked);
        mapper.insertRepeatCause(caller.garageId(), projectId, checked);
    }

    /** What is planned now is the baseline from here on, with its dates; what is done already was due today. */
    void setBaseline(Caller caller, UUID projectId) {
        projects.requireOpen(caller, projectId);
        mapper.clearBaseline(caller.garageId(), projectId);
        LocalDate today = LocalDate.now(clock.withZone(garages.zone(caller)));
        Plan plan = plans.of(caller, projectId).plan();
        for (Jobs.Job j : jobs.of(caller, projectId))
            if (j.state() != JobState.DROPPED)
                mapper.insertBaseline(
                        caller.garageId(),
                        projectId,
                        new BaselineRow(
                                j.id(),
                                j.likelyMinutes(),
                                today,
                                j.state().isDone()
                                        ? today
                                        : plan.of(ActivityId.job(j.id()))
                                                .map(s -> LocalDate.ofInstant(s.end(), garages.zone(caller)))
                                                .orElse(null)));
    }

    private static Aims aims(Aim project, List<ZoneAimRow> rows) {
        return new Aims(project, rows.stream().collect(Collectors.toMap(ZoneAimRow::zone, ZoneAimRow::aim)));
    }

    /** @param weekMinutes that the people of the garage have in a week */
    record Preview(AimChange<UUID> change, long weekMinutes) {}

    /** What another aim, of the project or of one zone, would bring in and leave out. */
    Preview preview(Caller caller, UUID projectId, Aim aim, String zone) {
        Projects.Project project = projects.require(caller, projectId);
        Aims now = aims(project.aim(), mapper.zoneAims(caller.garageId(), projectId));
        Map<String, Aim> byZone = new HashMap<>(now.byZone());
        if (zone != null) byZone.put(zone, aim);
        Aims then = new Aims(zone == null ? aim : project.aim(), byZone);
        return new Preview(AimChange.of(items(caller, projectId), now, then), calendars.minutesPerWeek(caller));
    }

    private List<AimChange.Item<UUID>> items(Caller caller, UUID projectId) {
        Map<UUID, Long> costs = needs.of(caller, projectId).stream()
                .filter(n -> n.jobId() != null && n.state().isToOrder())
                .collect(Collectors.groupingBy(Needs.Need::jobId, Collectors.summingLong(Needs.Need::estimateMinor)));
        Set<UUID> byOthers = givenAway.ids(caller, projectId);
        List<AimChange.Item<UUID>> items = new ArrayList<>();
        for (Jobs.Job j : jobs.of(caller, projectId))
            if (!j.state().isOver())
                items.add(new AimChange.Item<>(
                        j.id(),
                        Optional.ofNullable(j.zone()),
                        j.aim(),
                        j.work(byOthers.contains(j.id())).leftMinutes(),
                        costs.getOrDefault(j.id(), 0L)));
        var withJobs = jobs.findingsWithJobs(caller, projectId);
        Map<UUID, FindingEstimates.FindingEstimate> guessed = estimates.of(caller, projectId).stream()
                .collect(Collectors.toMap(FindingEstimates.FindingEstimate::findingId, Function.identity()));
        for (Finding f : findings.of(caller, projectId))
            if (!f.state().isOver() && !withJobs.contains(f.id()) && guessed.containsKey(f.id()))
                items.add(new AimChange.Item<>(
                        f.id(),
                        Optional.of(f.zone()),
                        f.aim().value(),
                        guessed.get(f.id()).effort().likelyMinutes(),
                        guessed.get(f.id()).cost().map(c -> c.likelyMinor()).orElse(0L)));
        return items;
    }

    /** @param row with the project's own aim takes the exception away */
    void setZoneAim(Caller caller, UUID projectId, ZoneAimRow row) {
        Projects.Project project = projects.requireOpen(caller, projectId);
        projects.bodyOf(project).require(row.zone());
        mapper.deleteZoneAim(caller.garageId(), projectId, row.zone());
        if (row.aim() != project.aim())
            mapper.insertZoneAim(
                    caller.garageId(),
                    projectId,
                    new ZoneAimRow(row.zone(), row.aim(), Texts.line("reason", row.reason())));
    }
}
