package ofisino.server.plan.schedule;

import java.time.Clock;
import java.time.Duration;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import ofisino.core.kernel.Aim;
import ofisino.core.parts.sourcing.OrderDates;
import ofisino.core.plan.problem.Activity;
import ofisino.core.plan.problem.ActivityId;
import ofisino.core.plan.problem.PlanProblem;
import ofisino.core.plan.problem.PlanProblem.StripDown;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Garages;
import ofisino.server.parts.Needs;
import ofisino.server.parts.Needs.Need;
import ofisino.server.parts.PartsInPlan;
import ofisino.server.plan.Plans.Planned;
import ofisino.server.plan.SentOutWork;
import org.springframework.stereotype.Service;

/** Answers what the choice of a seller asks of the plan: until when a part must come, what it would cost to do its job again, when the road is reached. */
@Service
record PlannedParts(PlanService plans, Needs needs, SentOutWork sentOut, Garages garages, Clock clock)
        implements PartsInPlan {
    @Override
    public Map<UUID, InPlan> of(Caller caller, UUID projectId) {
        Planned planned = plans.of(caller, projectId);
        ZoneId zone = garages.zone(caller);
        LocalDate today = LocalDate.now(clock.withZone(zone));
        Map<UUID, InPlan> found = new HashMap<>();
        for (Need need : needs.of(caller, projectId))
            if (need.jobId() != null)
                orderBy(planned, need, zone)
                        .ifPresent(by -> found.put(
                                need.id(),
                                new InPlan(
                                        (int) ChronoUnit.DAYS.between(today, by) + need.leadDays(),
                                        againMinutes(planned.problem(), ActivityId.job(need.jobId())))));
        return found;
    }

    /** The last day to order it, so that no milestone gets later; while not all has a date, so that its job begins as planned. */
    private static Optional<LocalDate> orderBy(Planned planned, Need need, ZoneId zone) {
        ActivityId order = ActivityId.need(need.id());
        return Optional.ofNullable(planned.latestStarts().get(order))
                .map(at -> at.atZone(zone).toLocalDate())
                .or(() -> planned.plan()
                        .of(ActivityId.job(need.jobId()))
                        .map(job -> OrderDates.withUsualCheck(need.leadDays())
                                .lastDayToOrder(job.start().atZone(zone).toLocalDate())));
    }

    private static int againMinutes(PlanProblem problem, ActivityId job) {
        Map<ActivityId, Activity> byId =
                problem.activities().stream().collect(Collectors.toMap(Activity::id, Function.identity()));
        List<StripDown> ways = problem.stripDowns().stream()
                .filter(o -> o.jobs().contains(job))
                .toList();
        long slots = Optional.ofNullable(byId.get(job)).map(Activity::workSlots).orElse(0);
        for (StripDown way : ways) {
            slots += byId.get(way.refit()).workSlots();
            slots += way.strip().map(s -> byId.get(s).workSlots()).orElse(0);
        }
        return (int) PlanProblem.SLOT.multipliedBy(slots).toMinutes();
    }

    @Override
    public Optional<LocalDate> roadReadyOn(Caller caller, UUID projectId, Map<UUID, Integer> leadDays) {
        Planned now = plans.of(caller, projectId);
        Map<ActivityId, Duration> waits = leadDays.entrySet().stream()
                .collect(Collectors.toMap(
                        e -> ActivityId.need(e.getKey()),
                        e -> Duration.ofDays(
                                OrderDates.withUsualCheck(e.getValue()).totalDays())));
        PlanProblem other = now.problem()
                .withActivities(now.problem().activities().stream()
                        .map(a -> waits.containsKey(a.id()) ? a.with(a.timing().waiting(waits.get(a.id()))) : a)
                        .toList());
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
