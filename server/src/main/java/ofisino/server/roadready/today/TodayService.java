package ofisino.server.roadready.today;

import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import ofisino.core.kernel.Aim;
import ofisino.core.plan.problem.ActivityId;
import ofisino.core.plan.problem.PlanOutcome;
import ofisino.core.roadready.gate.Gate;
import ofisino.core.roadready.gate.Gates;
import ofisino.core.vehicle.finding.Finding;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Garages;
import ofisino.server.logbook.WorkSessions;
import ofisino.server.money.Ledger;
import ofisino.server.parts.Needs;
import ofisino.server.parts.Needs.Need;
import ofisino.server.parts.PartTasks;
import ofisino.server.parts.PartTasks.PartsNow;
import ofisino.server.plan.Jobs;
import ofisino.server.plan.Jobs.Job;
import ofisino.server.plan.OutstandingItems;
import ofisino.server.plan.Plans;
import ofisino.server.plan.Plans.Planned;
import ofisino.server.plan.RoadDates;
import ofisino.server.roadready.RoadGates;
import ofisino.server.roadready.today.TodayController.MoneyBack;
import ofisino.server.roadready.today.TodayController.Road;
import ofisino.server.roadready.today.TodayController.TodayResponse;
import ofisino.server.vehicle.Findings;
import ofisino.server.vehicle.Projects;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** Everything the front page says, worked out; the page only puts it into words. */
@Service
record TodayService(
        Projects projects,
        Findings findings,
        Jobs jobs,
        Needs needs,
        PartTasks partTasks,
        Plans plans,
        WorkSessions workSessions,
        Ledger ledger,
        Garages garages,
        RoadDates roadDates,
        RoadGates roadGates,
        OutstandingItems outstandingItems,
        Tonights tonights,
        Clock clock) {
    TodayResponse today(Caller caller, UUID projectId) {
        Projects.Project project = projects.require(caller, projectId);
        ZoneId zone = garages.zone(caller);
        LocalDate today = clock.instant().atZone(zone).toLocalDate();
        Planned planned = plans.of(caller, projectId);
        List<Job> jobList = jobs.of(caller, projectId);
        List<Need> needList = needs.of(caller, projectId);
        PartsNow parts = partTasks.of(caller, projectId);
        List<Finding> withoutWork = withoutWork(caller, projectId);
        Gates gates = roadGates.gates(caller, projectId);
        Gate shut = firstShut(gates);
        Ledger.Standing money = ledger.standing(caller, projectId);
        return new TodayResponse(
                today,
                planned.outcome() instanceof PlanOutcome.Planned,
                road(caller, project, planned, zone),
                planned.isWithoutDate(Aim.ROAD_READY),
                plans.garageTime(caller).own(),
                tonights.of(caller, projectId, planned, jobList, needList),
                workSessions.openNotes(caller, projectId),
                parts.tasks(),
                parts.onHold(),
                money.currency(),
                money.month().allowance() == 0 ? null : (Long) money.month().left(),
                money.position().left(),
                caller.seesMoney() ? money.due().stream().map(MoneyBack::of).toList() : List.of(),
                gates.before(Gate.ROAD),
                shut,
                shut == null ? 0 : gates.before(shut).size(),
                withoutWork.stream().map(Finding::id).toList(),
                (int) withoutWork.stream()
                        .filter(f -> f.safetyClass().standsInTheWay())
                        .count(),
                (int) jobList.stream().filter(j -> !j.state().isOver()).count(),
                outstandingItems.due(caller, projectId));
    }

    private static @Nullable Gate firstShut(Gates gates) {
        return Arrays.stream(Gate.values())
                .filter(g -> g.compareTo(Gate.ROAD) <= 0 && !gates.isOpen(g))
                .findFirst()
                .orElse(null);
    }

    /** Open findings that the road asks for and no job deals with: the date leaves them out. */
    private List<Finding> withoutWork(Caller caller, UUID projectId) {
        Set<UUID> withJobs = jobs.findingsWithJobs(caller, projectId);
        return findings.of(caller, projectId).stream()
                .filter(f -> f.isAskedFor(Aim.ROAD_READY) && !withJobs.contains(f.id()))
                .toList();
    }

    private Road road(Caller caller, Projects.Project project, Planned planned, ZoneId zone) {
        return planned.milestones().stream()
                .filter(m -> m.aim() == Aim.ROAD_READY)
                .findFirst()
                .map(m -> {
                    LocalDate on = m.reached().finish().atZone(zone).toLocalDate();
                    Plans.Subject holder = planned.subject(m.reached().holder().value());
                    LocalDate holds = planned.plan()
                            .of(m.reached().holder())
                            .map(s -> s.end().atZone(zone).toLocalDate())
                            .orElse(on);
                    return new Road(
                            on,
                            planned.atOwnPace(Aim.ROAD_READY)
                                    .map(at -> at.atZone(zone).toLocalDate())
                                    .orElse(null),
                            roadDates
                                    .eightInTen(caller, project.id(), planned, Aim.ROAD_READY)
                                    .map(at -> at.atZone(zone).toLocalDate())
                                    .orElse(null),
                            planned.isBeyondAtOwnPace(Aim.ROAD_READY),
                            holder,
                            holds,
                            m.reached().chain().stream()
                                    .map(ActivityId::value)
                                    .map(planned::subject)
                                    .toList(),
                            project.targetOn(),
                            planned.isNotBefore(Aim.ROAD_READY));
                })
                .orElse(null);
    }
}
