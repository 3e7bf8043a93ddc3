package ofisino.server.money.budget;

import java.time.Clock;
import java.time.LocalDate;
import java.time.YearMonth;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import ofisino.core.kernel.Aim;
import ofisino.core.money.budget.Month;
import ofisino.core.money.budget.Months;
import ofisino.core.money.budget.Months.DuePayment;
import ofisino.core.money.budget.Months.OneMonth;
import ofisino.core.plan.problem.ActivityId;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Garages;
import ofisino.server.money.Forecasts;
import ofisino.server.money.budget.MonthsController.DueMinor;
import ofisino.server.money.budget.MonthsController.MonthMinor;
import ofisino.server.money.budget.MonthsController.MonthsResponse;
import ofisino.server.parts.Needs;
import ofisino.server.parts.Needs.Need;
import ofisino.server.plan.Jobs;
import ofisino.server.plan.Plans;
import ofisino.server.plan.Plans.Planned;
import ofisino.server.vehicle.Projects;
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
        long undated = 0;
        int unpriced = 0;
        for (UUID car : fromThePurseOf(caller, projectId)) {
            due.addAll(positions.ordersDue(caller, car));
            List<DuePayment> planned = toBuy(caller, car);
            due.addAll(planned);
            unpriced += Need.toBuy(needs.of(caller, car)).unvalued();
            undated += unbought(caller, car).stream()
                            .mapToLong(Need::estimateMinor)
                            .sum()
                    - planned.stream().mapToLong(DuePayment::minor).sum();
        }
        for (UUID car : fromThePurseOf(caller, projectId)) due.addAll(running(caller, car, today, due));
        Months months = Months.of(today, now.allowance() - now.spent(), now.allowance(), due);
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

    private List<Need> unbought(Caller caller, UUID projectId) {
        return needs.of(caller, projectId).stream()
                .filter(n -> n.state().isToOrder() && n.estimateMinor() > 0)
                .toList();
    }

    /** On the day on which the plan orders it. */
    private List<DuePayment> toBuy(Caller caller, UUID projectId) {
        Planned planned = plans.of(caller, projectId);
        Map<UUID, Aim> aims =
                jobs.of(caller, projectId).stream().collect(Collectors.toMap(Jobs.Job::id, Jobs.Job::aim));
        return unbought(caller, projectId).stream()
                .flatMap(n -> planned.plan().of(ActivityId.need(n.id())).stream()
                        .map(s -> new DuePayment(
                                n.title(),
                                s.start().atZone(garages.zone(caller)).toLocalDate(),
                                n.estimateMinor(),
                                canWait(n, aims))))
                .toList();
    }

    private static boolean canWait(Need need, Map<UUID, Aim> aims) {
        return Optional.ofNullable(need.jobId())
                .map(aims::get)
                .map(aim -> !Aim.ROAD_READY.needs(aim))
                .orElse(false);
    }

    /** Each month until the last in which something is due. */
    private List<DuePayment> running(Caller caller, UUID projectId, LocalDate today, List<DuePayment> due) {
        long monthly = forecasts.runningPerMonthMinor(caller, projectId);
        if (monthly == 0) return List.of();
        YearMonth last = due.stream()
                .map(d -> YearMonth.from(d.on()))
                .max(YearMonth::compareTo)
                .orElse(YearMonth.from(today));
        List<DuePayment> each = new ArrayList<>();
        for (YearMonth m = YearMonth.from(today).plusMonths(1); !m.isAfter(last); m = m.plusMonths(1))
            each.add(new DuePayment("", m.atDay(1), monthly, false));
        return each;
    }
}
