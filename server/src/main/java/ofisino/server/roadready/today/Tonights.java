package ofisino.server.roadready.today;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import java.util.stream.Collectors;
import ofisino.core.kernel.Caution;
import ofisino.core.parts.sourcing.NeedState;
import ofisino.core.plan.access.AccessLibrary;
import ofisino.core.plan.job.HiredTool;
import ofisino.core.plan.problem.Activity;
import ofisino.core.plan.problem.ActivityId;
import ofisino.core.plan.problem.PlanProblem;
import ofisino.core.plan.tonight.Tonight;
import ofisino.server.identity.Caller;
import ofisino.server.parts.Needs.Need;
import ofisino.server.parts.Places;
import ofisino.server.parts.Places.WorkPlace;
import ofisino.server.plan.Calendars;
import ofisino.server.plan.DriveOrder;
import ofisino.server.plan.HiredTools;
import ofisino.server.plan.Jobs;
import ofisino.server.plan.Jobs.Job;
import ofisino.server.plan.Plans;
import ofisino.server.plan.Plans.Planned;
import ofisino.server.plan.ToHands;
import ofisino.server.roadready.today.TodayController.Fetch;
import ofisino.server.roadready.today.TodayController.TonightJob;
import ofisino.server.roadready.today.TodayController.TonightResponse;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** The next session: its steps in order, who and where, what to fetch and to pack. */
@Component
record Tonights(
        DriveOrder driveOrder,
        Calendars calendars,
        ToHands toHands,
        AccessLibrary accesses,
        HiredTools hiredTools,
        Places places,
        Jobs jobs) {
    /** What drives is not offered while its gate is shut, whatever the plan hoped for. */
    @Nullable
    TonightResponse of(Caller caller, UUID projectId, Planned planned, List<Job> all, List<Need> needs) {
        if (planned.tonight().isEmpty()) return null;
        Tonight tonight = planned.tonight().get();
        Set<UUID> notYet = driveOrder.notYet(caller, projectId);
        var around = new Around(
                planned,
                all.stream().collect(Collectors.toMap(Job::id, Job::code)),
                planned.problem().stripDowns().stream()
                        .collect(Collectors.toMap(PlanProblem.StripDown::id, PlanProblem.StripDown::access)),
                tools(caller, projectId),
                accesses.tools(),
                hiredTools.of(caller),
                places.toWorkIn(caller).stream().collect(Collectors.toMap(WorkPlace::id, p -> p)),
                needs);
        List<TonightJob> steps = tonight.jobs().stream()
                .filter(p -> !notYet.contains(planned.subject(p.id().value()).id()))
                .map(p -> around.step(p.id(), p.minutes()))
                .toList();
        return new TonightResponse(
                tonight.day(),
                tonight.minutes(),
                calendars.setUp(caller).minutes(),
                cautions(caller, projectId, steps),
                steps);
    }

    private Set<Caution> cautions(Caller caller, UUID projectId, List<TonightJob> steps) {
        Set<Caution> found = new TreeSet<>(jobs.cautions(
                caller, projectId, steps.stream().map(TonightJob::id).collect(Collectors.toSet())));
        for (TonightJob step : steps) if (step.access() != null) found.addAll(accesses.cautions(step.access()));
        return found;
    }

    private Map<UUID, List<String>> tools(Caller caller, UUID projectId) {
        Map<UUID, List<String>> found = new HashMap<>();
        toHands.byJob(caller, projectId).forEach((job, toHand) -> found.put(job, toHand.tools()));
        return found;
    }

    /** What is known of the steps, each by its id. */
    private record Around(
            Planned planned,
            Map<UUID, String> codes,
            Map<String, String> accesses,
            Map<UUID, List<String>> toolsOfJobs,
            Map<String, List<String>> toolsOfAccesses,
            List<HiredTool> hired,
            Map<UUID, WorkPlace> places,
            List<Need> needs) {
        TonightJob step(ActivityId id, int minutes) {
            Plans.Subject what = planned.subject(id.value());
            Activity activity = planned.problem().activities().stream()
                    .filter(a -> a.id().equals(id))
                    .findFirst()
                    .orElseThrow();
            Optional<WorkPlace> place = activity.demand()
                    .place()
                    .map(key -> places.get(planned.subject(key).id()));
            String access = accesses.get(what.id().toString());
            List<String> tools = access == null
                    ? toolsOfJobs.getOrDefault(what.id(), List.of())
                    : toolsOfAccesses.getOrDefault(access, List.of());
            return new TonightJob(
                    what.kind(),
                    what.id(),
                    access,
                    codes.getOrDefault(what.id(), ""),
                    what.title(),
                    minutes,
                    activity.crew().size(),
                    place.map(WorkPlace::name).orElse(null),
                    place.filter(WorkPlace::elsewhere).isPresent(),
                    tools,
                    tools.stream()
                            .filter(t -> hired.stream().anyMatch(h -> h.is(t)))
                            .toList(),
                    fetch(what.id()));
        }

        /** @param of the job that takes it, or the part itself that is tried on */
        private List<Fetch> fetch(UUID of) {
            return needs.stream()
                    .filter(n -> (of.equals(n.jobId()) || of.equals(n.id())) && n.state() == NeedState.ACCEPTED)
                    .map(n -> new Fetch(n.id(), n.title(), n.placeCode(), n.placeName()))
                    .toList();
        }
    }
}
