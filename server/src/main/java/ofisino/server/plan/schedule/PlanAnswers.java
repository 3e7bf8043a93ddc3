package ofisino.server.plan.schedule;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import ofisino.core.kernel.Aim;
import ofisino.core.plan.calendar.TimeWindow;
import ofisino.core.plan.job.Operation;
import ofisino.core.plan.schedule.ActivityId;
import ofisino.core.plan.schedule.Balance;
import ofisino.core.plan.schedule.Limit;
import ofisino.core.plan.schedule.Plan;
import ofisino.core.plan.schedule.Plan.Scheduled;
import ofisino.core.plan.schedule.PlanOutcome;
import ofisino.core.plan.schedule.PlanProblem;
import ofisino.core.plan.schedule.Relaxing;
import ofisino.core.plan.schedule.Splits;
import ofisino.core.plan.tonight.Asked;
import ofisino.core.plan.tonight.Ready;
import ofisino.server.db.OneSnapshot;
import ofisino.server.identity.Caller;
import ofisino.server.plan.Jobs;
import ofisino.server.plan.Plans.Milestone;
import ofisino.server.plan.Plans.Planned;
import ofisino.server.plan.Plans.Subject;
import ofisino.server.plan.schedule.PlanController.ActivityResponse;
import ofisino.server.plan.schedule.PlanController.LimitResponse;
import ofisino.server.plan.schedule.PlanController.MilestoneMove;
import ofisino.server.plan.schedule.PlanController.MilestoneResponse;
import ofisino.server.plan.schedule.PlanController.MoveResponse;
import ofisino.server.plan.schedule.PlanController.Moved;
import ofisino.server.plan.schedule.PlanController.PlanResponse;
import ofisino.server.plan.schedule.PlanController.PossibleResponse;
import ofisino.server.plan.schedule.PlanController.SplitProposalResponse;
import ofisino.server.plan.schedule.PlanController.UnplacedResponse;
import org.springframework.stereotype.Service;

/** Puts a plan beside what it is compared with: the plan that is followed, the latest starts, the money, the same after a move. */
@Service
class PlanAnswers {
    private final PlanService service;
    private final Jobs jobs;

    PlanAnswers(PlanService service, Jobs jobs) {
        this.service = service;
        this.jobs = jobs;
    }

    @OneSnapshot
    PlanResponse plan(Caller caller, UUID projectId) {
        Planned planned = service.of(caller, projectId);
        Map<ActivityId, Instant> latest = planned.latestStarts();
        Map<String, LocalDate> pins = service.pins(caller, projectId);
        ZoneId zone = planned.problem().zone();
        Map<ActivityId, Instant> followed =
                planned.problem().kept().map(k -> planned.plan().movedFrom(k, zone)).orElse(List.of()).stream()
                        .collect(Collectors.toMap(Plan.Moved::id, Plan.Moved::before));
        return new PlanResponse(
                planned.plan().activities().values().stream()
                        .map(s -> activity(
                                planned, s, latest.get(s.id()), pins.get(s.id().value()), followed.get(s.id())))
                        .toList(),
                planned.milestones().stream()
                        .map(m -> milestone(planned, m, zone))
                        .toList(),
                unplaced(planned),
                planned.outcome() instanceof PlanOutcome.Circular c
                        ? c.circle().stream().map(id -> subject(planned, id)).toList()
                        : List.of(),
                windows(caller, planned),
                Balance.of(planned.problem(), planned.plan()),
                service.followedAt(caller, projectId).orElse(null));
    }

    private static ActivityResponse activity(
            Planned planned, Scheduled s, Instant latest, LocalDate notBefore, Instant followed) {
        return new ActivityResponse(
                s.id().value(),
                subject(planned, s.id()),
                s.start(),
                s.end(),
                s.stays(),
                s.people().stream().map(UUID::fromString).toList(),
                s.reasons().stream().map(l -> limit(planned, l)).toList(),
                latest,
                notBefore,
                followed,
                subject(planned, s.id()).kind().isMovable());
    }

    private static MilestoneResponse milestone(Planned planned, Milestone m, ZoneId zone) {
        return new MilestoneResponse(
                m.aim(),
                m.reached().finish(),
                subject(planned, m.reached().holder()),
                m.reached().chain().stream().map(id -> subject(planned, id)).toList(),
                planned.problem()
                        .target()
                        .map(t -> (int) ChronoUnit.DAYS.between(day(m.reached().finish(), zone), t))
                        .orElse(null));
    }

    private static List<UnplacedResponse> unplaced(Planned planned) {
        return planned.outcome() instanceof PlanOutcome.Infeasible i
                ? i.unplaced().stream()
                        .map(u -> new UnplacedResponse(subject(planned, u.id()), limit(planned, u.limit())))
                        .toList()
                : List.of();
    }

    private static List<TimeWindow> windows(Caller caller, Planned planned) {
        Instant last = planned.plan().activities().values().stream()
                .map(Scheduled::end)
                .max(Instant::compareTo)
                .orElse(planned.problem().now());
        return planned.problem().people().stream()
                .filter(p -> p.id().equals(caller.accountId().toString()))
                .flatMap(p -> p.windows().stream())
                .filter(w -> w.to().isAfter(planned.problem().now()) && w.from().isBefore(last))
                .toList();
    }

    @OneSnapshot
    MoveResponse move(Caller caller, UUID projectId, String activity, LocalDate notBefore) {
        Planned before = service.of(caller, projectId);
        return compared(before, service.moved(caller, projectId, before, activity, notBefore));
    }

    @OneSnapshot
    MoveResponse joined(Caller caller, UUID projectId, List<UUID> stays) {
        Planned before = service.of(caller, projectId);
        return compared(before, service.joined(before, stays));
    }

    @OneSnapshot
    MoveResponse split(Caller caller, UUID projectId, UUID stay, Set<UUID> leaving) {
        Planned before = service.of(caller, projectId);
        return compared(before, service.split(before, stay, leaving));
    }

    private static MoveResponse compared(Planned before, Planned after) {
        List<MilestoneMove> milestones = new ArrayList<>();
        for (Aim aim : Aim.values()) {
            Instant was = finish(before, aim);
            Instant will = finish(after, aim);
            if (was != null || will != null) milestones.add(new MilestoneMove(aim, was, will));
        }
        List<Moved> moved = after
                .plan()
                .movedFrom(before.plan(), before.problem().zone())
                .stream()
                .map(m -> new Moved(subject(after, m.id()), m.before(), m.after()))
                .toList();
        return new MoveResponse(after.outcome() instanceof PlanOutcome.Planned, milestones, moved);
    }

    private static Instant finish(Planned planned, Aim aim) {
        return planned.milestones().stream()
                .filter(m -> m.aim() == aim)
                .map(m -> m.reached().finish())
                .findFirst()
                .orElse(null);
    }

    @OneSnapshot
    List<Relaxing.Relaxation> mending(Caller caller, UUID projectId) {
        Planned planned = service.of(caller, projectId);
        return planned.outcome() instanceof PlanOutcome.Infeasible ? Relaxing.least(planned.problem()) : List.of();
    }

    /** Whatever waits for nothing but somebody's time; the rest of the plan says how much it presses. */
    @OneSnapshot
    List<PossibleResponse> tonight(Caller caller, UUID projectId, Asked asked) {
        Planned planned = service.of(caller, projectId);
        PlanProblem problem = planned.problem();
        Map<ActivityId, Instant> latest = planned.latestStarts();
        Set<ActivityId> ready = Ready.of(problem);
        Map<UUID, Operation> operations =
                jobs.of(caller, projectId).stream().collect(Collectors.toMap(Jobs.Job::id, Jobs.Job::operation));
        List<Asked.Work<ActivityId>> works = problem.activities().stream()
                .filter(a -> a.workSlots() > 0)
                .map(a -> new Asked.Work<>(
                        a.id(),
                        Optional.ofNullable(
                                operations.get(subject(planned, a.id()).id())),
                        a.workSlots() * (int) PlanProblem.SLOT.toMinutes(),
                        a.crew().size(),
                        a.timing().inOneGo(),
                        ready.contains(a.id()),
                        a.begun(),
                        Optional.ofNullable(latest.get(a.id()))))
                .toList();
        return asked.rank(works, problem.now()).stream()
                .map(p -> new PossibleResponse(subject(planned, p.id()), p.minutes(), p.why()))
                .toList();
    }

    /** Ways in that wait for a fixed time though only some of their jobs have to. */
    @OneSnapshot
    List<SplitProposalResponse> splits(Caller caller, UUID projectId) {
        Planned planned = service.of(caller, projectId);
        return Splits.of(planned.problem(), planned.plan()).stream()
                .map(p -> new SplitProposalResponse(
                        UUID.fromString(p.opening()),
                        p.leaving().stream().map(id -> subject(planned, id)).toList(),
                        subject(planned, p.because())))
                .toList();
    }

    private static LimitResponse limit(Planned planned, Limit limit) {
        return new LimitResponse(
                limit.kind(), limit.until(), limit.namesActivity() ? planned.subject(limit.id()) : null);
    }

    private static Subject subject(Planned planned, ActivityId id) {
        return planned.subject(id.value());
    }

    private static LocalDate day(Instant instant, ZoneId zone) {
        return instant.atZone(zone).toLocalDate();
    }
}
