package ofisino.server.plan.schedule;

import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import ofisino.core.kernel.Aim;
import ofisino.core.plan.orderofwork.WayRound;
import ofisino.core.plan.problem.ActivityId;
import ofisino.core.plan.problem.PlanOutcome;
import ofisino.core.plan.sentout.DaysAway;
import ofisino.core.plan.whatif.Sooner;
import ofisino.server.identity.Caller;
import ofisino.server.plan.Plans.Planned;
import ofisino.server.plan.schedule.PlanController.MilestoneMove;
import ofisino.server.plan.schedule.PlanController.MoveResponse;
import ofisino.server.plan.schedule.PlanController.Moved;
import ofisino.server.plan.schedule.PlanController.SoonerResponse;
import org.springframework.stereotype.Service;

/** The plan as it would be beside the plan as it is. Changes nothing. */
@Service
record PlanComparisons(PlanService service) {
    MoveResponse move(Caller caller, UUID projectId, String activity, LocalDate notBefore) {
        Planned before = service.of(caller, projectId);
        return compared(before, service.moved(caller, projectId, before, activity, notBefore));
    }

    MoveResponse joined(Caller caller, UUID projectId, List<UUID> stripDowns) {
        Planned before = service.of(caller, projectId);
        return compared(before, service.joined(before, stripDowns));
    }

    MoveResponse split(Caller caller, UUID projectId, UUID stripDown, Set<UUID> leaving) {
        Planned before = service.of(caller, projectId);
        return compared(before, service.split(before, stripDown, leaving));
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
                .map(m -> new Moved(after.subject(m.id().value()), m.before(), m.after()))
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

    /** More hours and borrowed room, each planned. */
    List<SoonerResponse> sooner(Caller caller, UUID projectId) {
        Planned before = service.of(caller, projectId);
        return Sooner.of(before.problem(), before.plan()).stream()
                .map(p -> new SoonerResponse(
                        p.kind(),
                        before.subjects().get(p.id()),
                        compared(before, service.instead(before, p.problem()))))
                .toList();
    }

    /** Somebody else does it, for so many days and so much money. */
    MoveResponse sentOut(Caller caller, UUID projectId, UUID jobId, int days, long costMinor) {
        var away = new DaysAway(days);
        Planned before = service.of(caller, projectId);
        return compared(
                before,
                service.instead(before, Sooner.sentOut(before.problem(), ActivityId.job(jobId), away, costMinor)));
    }

    /** The other way round. */
    MoveResponse under(Caller caller, UUID projectId, WayRound policy) {
        return compared(service.of(caller, projectId), service.under(caller, projectId, policy));
    }

    /** The hours that the person really takes, or those that were thought. */
    MoveResponse pace(Caller caller, UUID projectId, boolean own) {
        return compared(service.of(caller, projectId), service.atPace(caller, projectId, own));
    }
}
