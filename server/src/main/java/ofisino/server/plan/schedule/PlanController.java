package ofisino.server.plan.schedule;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import ofisino.core.kernel.Aim;
import ofisino.core.plan.calendar.TimeWindow;
import ofisino.core.plan.schedule.ActivityId;
import ofisino.core.plan.schedule.Limit;
import ofisino.core.plan.schedule.Plan;
import ofisino.core.plan.schedule.PlanOutcome;
import ofisino.server.identity.Caller;
import ofisino.server.plan.Plans;
import ofisino.server.plan.Plans.Planned;
import ofisino.server.plan.Plans.Subject;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/projects/{projectId}/plan")
class PlanController {
    private final Plans service;

    PlanController(Plans service) {
        this.service = service;
    }

    /** @param subject what forbids it, where that is a job or a part */
    record LimitResponse(
            Limit.Kind kind, Instant until, @Nullable Subject subject) {}

    record ActivityResponse(
            Subject subject,
            Instant start,
            Instant end,
            List<TimeWindow> stays,
            List<UUID> people,
            List<LimitResponse> reasons) {}

    record MilestoneResponse(Aim aim, Instant finish, Subject holder, List<Subject> chain) {}

    record UnplacedResponse(Subject subject, LimitResponse limit) {}

    /** @param circle jobs that wait for one another; empty where there is none */
    record PlanResponse(
            List<ActivityResponse> activities,
            List<MilestoneResponse> milestones,
            List<UnplacedResponse> unplaced,
            List<Subject> circle) {}

    @GetMapping
    PlanResponse plan(Caller caller, @PathVariable UUID projectId) {
        Planned planned = service.of(caller, projectId);
        List<UnplacedResponse> unplaced = planned.outcome() instanceof PlanOutcome.Infeasible i
                ? i.unplaced().stream()
                        .map(u -> new UnplacedResponse(planned.subject(u.id().value()), limit(planned, u.limit())))
                        .toList()
                : List.of();
        List<Subject> circle = planned.outcome() instanceof PlanOutcome.Circular c
                ? c.circle().stream().map(id -> planned.subject(id.value())).toList()
                : List.of();
        return new PlanResponse(
                planned.plan().activities().values().stream()
                        .map(s -> activity(planned, s))
                        .toList(),
                planned.milestones().stream()
                        .map(m -> new MilestoneResponse(
                                m.aim(),
                                m.reached().finish(),
                                subject(planned, m.reached().holder()),
                                m.reached().chain().stream()
                                        .map(id -> subject(planned, id))
                                        .toList()))
                        .toList(),
                unplaced,
                circle);
    }

    private static ActivityResponse activity(Planned planned, Plan.Scheduled s) {
        return new ActivityResponse(
                subject(planned, s.id()),
                s.start(),
                s.end(),
                s.stays(),
                s.people().stream().map(UUID::fromString).toList(),
                s.reasons().stream().map(l -> limit(planned, l)).toList());
    }

    private static LimitResponse limit(Planned planned, Limit limit) {
        return new LimitResponse(
                limit.kind(), limit.until(), limit.namesActivity() ? planned.subject(limit.id()) : null);
    }

    private static Subject subject(Planned planned, ActivityId id) {
        return planned.subject(id.value());
    }
}
