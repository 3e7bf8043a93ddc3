package ofisino.server.plan.risk;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import ofisino.core.kernel.Aim;
import ofisino.core.kernel.Effort;
import ofisino.core.plan.access.AccessLibrary;
import ofisino.core.plan.problem.ActivityId;
import ofisino.core.plan.problem.PlanOutcome;
import ofisino.core.plan.risk.Dates;
import ofisino.core.plan.risk.Simulation;
import ofisino.core.plan.risk.Spreads;
import ofisino.core.plan.risk.Spreads.Known;
import ofisino.core.plan.risk.Uncertain;
import ofisino.core.vehicle.estimate.Estimates;
import ofisino.server.identity.Caller;
import ofisino.server.plan.Jobs;
import ofisino.server.plan.Plans;
import ofisino.server.plan.Plans.Planned;
import ofisino.server.plan.RoadDates;
import ofisino.server.plan.risk.RiskController.RiskDates;
import ofisino.server.plan.risk.RiskController.RiskDriver;
import ofisino.server.plan.risk.RiskController.RiskOpening;
import ofisino.server.plan.risk.RiskController.RiskResponse;
import ofisino.server.plan.risk.RiskController.RiskState;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** How sure the dates of a plan are. */
@Service
record RiskService(
        Plans plans, Jobs jobs, Spreads spreads, Estimates usual, AccessLibrary accesses, SimulatedPlans simulated)
        implements RoadDates {
    @Override
    public Optional<Instant> eightInTen(Caller caller, UUID projectId, Planned planned, Aim milestone) {
        if (!isPlanned(planned)) return Optional.empty();
        return simulated
                .lately(projectId, planned.problem(), planned.plan(), () -> unknown(caller, projectId, planned))
                .flatMap(Run::dates)
                .flatMap(d -> d.inTen(milestone, 8));
    }

    @Override
    public Optional<Runs> runs(Caller caller, UUID projectId, Planned planned) {
        return run(caller, projectId, planned).map(r -> new Runs(r.done(), r.isStopped(), r.dates()));
    }

    /** What is being worked out now is not worked out any further. */
    void stop(Caller caller, UUID projectId) {
        run(caller, projectId, plans.of(caller, projectId)).ifPresent(Run::stop);
    }

    RiskResponse of(Caller caller, UUID projectId) {
        Planned planned = plans.of(caller, projectId);
        Optional<Run> run = run(caller, projectId, planned);
        Optional<Dates> dates = run.flatMap(Run::dates);
        Optional<Aim> aim = aim(planned);
        return new RiskResponse(
                state(run),
                run.map(Run::done).orElse(0),
                Simulation.RUNS,
                aim.orElse(null),
                aim.filter(planned::isNotBefore).isPresent(),
                dates.map(d -> told(d, planned)).orElse(List.of()),
                dates.flatMap(d -> aim.map(a -> drivers(d, a, planned))).orElse(List.of()),
                dates.flatMap(d -> aim.map(a -> openings(d, a, planned))).orElse(List.of()));
    }

    private static RiskState state(Optional<Run> run) {
        if (run.isEmpty()) return RiskState.NO_PLAN;
        if (run.get().dates().isPresent()) return RiskState.DONE;
        return run.get().isStopped() ? RiskState.STOPPED : RiskState.RUNNING;
    }

    /** The road, and where nothing is left to do for it the last milestone there is. */
    private static Optional<Aim> aim(Planned planned) {
        List<Aim> left = planned.milestones().stream().map(Plans.Milestone::aim).toList();
        if (left.contains(Aim.ROAD_READY)) return Optional.of(Aim.ROAD_READY);
        return left.isEmpty() ? Optional.empty() : Optional.of(left.get(left.size() - 1));
    }

    private Optional<Run> run(Caller caller, UUID projectId, Planned planned) {
        if (!(planned.outcome() instanceof PlanOutcome.Planned)
                || planned.milestones().isEmpty()) return Optional.empty();
        return Optional.of(
                simulated.of(projectId, planned.problem(), planned.plan(), () -> unknown(caller, projectId, planned)));
    }

    private static boolean isPlanned(Planned planned) {
        return planned.outcome() instanceof PlanOutcome.Planned
                && !planned.milestones().isEmpty();
    }

    private Uncertain unknown(Caller caller, UUID projectId, Planned planned) {
        Map<ActivityId, Known> known = new HashMap<>();
        for (Jobs.Job j : jobs.of(caller, projectId))
            known.put(
                    ActivityId.job(j.id()),
                    new Known(
                            new Effort(j.optimisticMinutes(), j.likelyMinutes(), j.pessimisticMinutes()),
                            Optional.ofNullable(j.system())));
        Plans.OwnWay own = plans.ownWay(caller, projectId);
        return spreads.of(planned.problem(), known, usual, accesses.fills().keySet(), own.factor(), own.turnUp());
    }

    private static List<RiskDates> told(Dates dates, Planned planned) {
        ZoneId zone = planned.problem().zone();
        return planned.milestones().stream()
                .map(m -> new RiskDates(
                        m.aim(),
                        day(m.reached().finish(), zone),
                        inTen(dates, m.aim(), 1, zone),
                        inTen(dates, m.aim(), 5, zone),
                        inTen(dates, m.aim(), 8, zone),
                        inTen(dates, m.aim(), 9, zone)))
                .toList();
    }

    private static @Nullable LocalDate inTen(Dates dates, Aim aim, int tenths, ZoneId zone) {
        return dates.inTen(aim, tenths).map(at -> day(at, zone)).orElse(null);
    }

    private static LocalDate day(Instant at, ZoneId zone) {
        return at.atZone(zone).toLocalDate();
    }

    private static List<RiskDriver> drivers(Dates dates, Aim aim, Planned planned) {
        return dates.drivers(aim).stream()
                .map(d -> new RiskDriver(planned.subject(d.activity().value()), d.correlation()))
                .toList();
    }

    private static List<RiskOpening> openings(Dates dates, Aim aim, Planned planned) {
        return dates.openings(aim).stream()
                .map(t -> new RiskOpening(
                        planned.subject(t.opening().value()),
                        t.narrower().toDays(),
                        t.work().toMinutes()))
                .toList();
    }
}
