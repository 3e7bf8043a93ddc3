package ofisino.server.money.budget;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import ofisino.core.kernel.Aim;
import ofisino.core.money.budget.Month;
import ofisino.core.money.forecast.Months;
import ofisino.core.money.forecast.Months.DuePayment;
import ofisino.core.money.forecast.Months.OneMonth;
import ofisino.core.money.forecast.RunningCost;
import ofisino.core.plan.problem.ActivityId;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Garages;
import ofisino.server.money.Forecasts;
import ofisino.server.money.budget.MoneyController.AgreedPrice;
import ofisino.server.money.budget.MoneyController.ToOrder;
import ofisino.server.money.budget.MonthsController.DueMinor;
import ofisino.server.money.budget.MonthsController.MonthMinor;
import ofisino.server.money.budget.MonthsController.MonthsResponse;
import ofisino.server.parts.Needs;
import ofisino.server.parts.Needs.Need;
import ofisino.server.plan.Jobs;
import ofisino.server.plan.Plans;
import ofisino.server.plan.Plans.Planned;
import ofisino.server.vehicle.Projects;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** Month by month against what comes in: orders on their days, parts when the plan buys them, and what runs. */
@Service
record MonthsService(
        PositionService positions,
        Projects projects,
        Forecasts forecasts,
        Plans plans,
        Needs needs,
        Jobs jobs,
        Garages garages,
        Clock clock) {
    MonthsResponse of(Caller caller, UUID projectId) {
        String currency = garages.baseCurrency(caller).getCode();
        Month now = positions.standing(caller, projectId).month();
        if (now.allowance() == 0) return new MonthsResponse(currency, List.of(), null, List.of(), 0, 0);
        LocalDate today = LocalDate.now(clock.withZone(garages.zone(caller)));
        List<DuePayment> due = new ArrayList<>();
        List<RunningCost> running = new ArrayList<>();
        long undated = 0;
        int unpriced = 0;
        for (UUID car : fromThePurseOf(caller, projectId)) {
            due.addAll(positions.ordersDue(caller, car));
            Planned planned = plans.of(caller, car);
            Map<UUID, Aim> aims = jobs.of(caller, car).stream().collect(Collectors.toMap(Jobs.Job::id, Jobs.Job::aim));
            undated += addToBuy(caller, car, planned, aims, due);
            undated += addAgreed(caller, car, planned, aims, due);
            unpriced += Need.toBuy(needs.of(caller, car)).unvalued();
            running.addAll(forecasts.running(caller, car));
        }
        Months months = Months.of(today, now.allowance() - now.spent(), now.allowance(), due, running);
        return new MonthsResponse(
                currency,
                months.months().stream().map(MonthMinor::of).toList(),
                months.firstShort().map(OneMonth::month).map(m -> m.atDay(1)).orElse(null),
                months.putOff().stream().map(DueMinor::of).toList(),
                undated,
                unpriced);
    }

    /** All cars in hand where they share one; else this one. */
    private List<UUID> fromThePurseOf(Caller caller, UUID projectId) {
        return garages.commonMonthlyMinor(caller).isPresent()
                ? projects.inHand(caller).stream().map(Projects.Project::id).toList()
                : List.of(projectId);
    }

    /** On the day on which the plan orders it. @return what it has no day for */
    private long addToBuy(Caller caller, UUID projectId, Planned planned, Map<UUID, Aim> aims, List<DuePayment> due) {
        Map<UUID, Need> needed = needs.of(caller, projectId).stream().collect(Collectors.toMap(Need::id, n -> n));
        long undated = 0;
        for (ToOrder part : positions.toOrder(caller, projectId)) {
            Optional<LocalDate> day = planned.plan()
                    .of(ActivityId.need(part.needId()))
                    .map(s -> s.start().atZone(garages.zone(caller)).toLocalDate());
            if (day.isEmpty()) undated += part.baseMinor();
            else if (part.baseMinor() > 0)
                due.add(new DuePayment(
                        part.title(),
                        day.get(),
                        part.baseMinor(),
                        canWait(needed.get(part.needId()).jobId(), aims)));
        }
        return undated;
    }

    /** On the day on which the plan has it back. @return what it has no day for */
    private long addAgreed(Caller caller, UUID projectId, Planned planned, Map<UUID, Aim> aims, List<DuePayment> due) {
        long undated = 0;
        for (AgreedPrice job : positions.agreed(caller, projectId)) {
            Optional<LocalDate> day = planned.plan()
                    .of(ActivityId.job(job.jobId()))
                    .map(s -> s.end().atZone(garages.zone(caller)).toLocalDate());
            if (day.isEmpty()) undated += job.baseMinor();
            else if (job.baseMinor() > 0)
                due.add(new DuePayment(job.title(), day.get(), job.baseMinor(), canWait(job.jobId(), aims)));
        }
        return undated;
    }

    private static boolean canWait(@Nullable UUID jobId, Map<UUID, Aim> aims) {
        return Optional.ofNullable(jobId)
                .map(aims::get)
                .map(aim -> !Aim.ROAD_READY.needs(aim))
                .orElse(false);
    }
}
