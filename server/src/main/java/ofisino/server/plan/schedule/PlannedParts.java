package ofisino.server.plan.schedule;

import java.time.Clock;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import ofisino.core.kernel.Aim;
import ofisino.core.plan.access.AccessLibrary;
import ofisino.core.plan.explain.DoneAgain;
import ofisino.core.plan.job.ToHand;
import ofisino.core.plan.problem.ActivityId;
import ofisino.core.plan.problem.PlanProblem;
import ofisino.core.plan.problem.PlanProblem.StripDown;
import ofisino.core.plan.problem.Reason;
import ofisino.core.plan.whatif.BoughtAs;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Garages;
import ofisino.server.parts.Needs;
import ofisino.server.parts.Needs.Need;
import ofisino.server.parts.PartsInPlan;
import ofisino.server.plan.Plans.Planned;
import ofisino.server.plan.SentOutWork;
import ofisino.server.plan.ToHands;
import org.springframework.stereotype.Service;

/** Answers what the choice of a seller asks of the plan: until when a part must come, what it would cost to do its job again, when the road is reached. */
@Service
record PlannedParts(
        PlanService plans,
        Needs needs,
        SentOutWork sentOut,
        ToHands toHands,
        AccessLibrary accesses,
        Garages garages,
        Clock clock)
        implements PartsInPlan {
    @Override
    public Map<UUID, InPlan> of(Caller caller, UUID projectId) {
        Planned planned = plans.of(caller, projectId);
        LocalDate today = LocalDate.now(clock.withZone(garages.zone(caller)));
        var again = new DoneAgain(planned.problem());
        Map<UUID, InPlan> found = new HashMap<>();
        for (Need need : needs.of(caller, projectId))
            planned.orderBy(need)
                    .ifPresent(by -> found.put(
                            need.id(), new InPlan((int) ChronoUnit.DAYS.between(today, by) + need.leadDays(), (int)
                                    again.work(ActivityId.job(need.jobId())).toMinutes())));
        return found;
    }

    @Override
    public Map<UUID, Waited> waited(Caller caller, UUID projectId) {
        Planned planned = plans.of(caller, projectId);
        Map<UUID, Waited> found = new HashMap<>();
        for (Need need : needs.of(caller, projectId))
            planned.orderBy(need).ifPresent(by -> found.put(need.id(), new Waited(by, holdsItsJob(planned, need))));
        return found;
    }

    private static boolean holdsItsJob(Planned planned, Need need) {
        String arrival = ActivityId.need(need.id()).value();
        return planned.plan().of(ActivityId.job(need.jobId())).orElseThrow().reasons().stream()
                .anyMatch(l -> l.kind() == Reason.ReasonKind.ARRIVAL && l.id().equals(arrival));
    }

    @Override
    public Map<UUID, List<String>> toolsToReach(Caller caller, UUID projectId) {
        Map<UUID, ToHand> toHand = toHands.byJob(caller, projectId);
        List<StripDown> stripDowns = plans.of(caller, projectId).problem().stripDowns();
        Map<UUID, List<String>> found = new HashMap<>();
        for (Need need : needs.of(caller, projectId))
            if (need.jobId() != null)
                found.put(
                        need.id(),
                        Stream.concat(
                                        stripDowns.stream()
                                                .filter(o -> o.jobs().contains(ActivityId.job(need.jobId())))
                                                .flatMap(o ->
                                                        accesses.tools().getOrDefault(o.access(), List.of()).stream()),
                                        toHand.getOrDefault(need.jobId(), ToHand.NOTHING).tools().stream())
                                .distinct()
                                .toList());
        return found;
    }

    @Override
    public Optional<LocalDate> roadReadyOn(Caller caller, UUID projectId, Map<UUID, Integer> leadDays) {
        Planned now = plans.of(caller, projectId);
        PlanProblem other = BoughtAs.arriving(
                now.problem(),
                leadDays.entrySet().stream()
                        .collect(Collectors.toMap(e -> ActivityId.need(e.getKey()), Map.Entry::getValue)));
        return plans.instead(now, other).milestones().stream()
                .filter(m -> m.aim() == Aim.ROAD_READY)
                .findFirst()
                .map(m -> m.reached().finish().atZone(garages.zone(caller)).toLocalDate());
    }

    @Override
    public long hourMinor(Caller caller) {
        return sentOut.hourMinor(caller);
    }
}
