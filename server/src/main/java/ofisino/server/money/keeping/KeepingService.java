package ofisino.server.money.keeping;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import ofisino.core.kernel.Conflict;
import ofisino.core.kernel.Currencies;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.money.forecast.RunningCost;
import ofisino.core.money.forecast.Span;
import ofisino.core.money.keeping.Outlook;
import ofisino.core.money.keeping.Result;
import ofisino.core.money.keeping.Tally;
import ofisino.core.plan.problem.PlanProblem;
import ofisino.server.db.Stored;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Garages;
import ofisino.server.logbook.WorkedHours;
import ofisino.server.money.BoughtFor;
import ofisino.server.money.Entries;
import ofisino.server.money.Forecasts;
import ofisino.server.money.Ledger;
import ofisino.server.money.keeping.KeepingController.KeepingResponse;
import ofisino.server.money.keeping.KeepingController.ResultMinor;
import ofisino.server.money.keeping.KeepingController.SaleRequest;
import ofisino.server.money.keeping.KeepingController.SpanMinor;
import ofisino.server.money.keeping.KeepingController.TallyMinor;
import ofisino.server.money.keeping.KeepingController.WaysOn;
import ofisino.server.money.keeping.KeepingMapper.KeepingRow;
import ofisino.server.plan.Plans;
import ofisino.server.vehicle.Projects;
import org.springframework.stereotype.Service;

/** Whether to keep a vehicle, from the ledger, the forecast and what it would fetch. */
@Service
record KeepingService(
        KeepingMapper mapper,
        Projects projects,
        Ledger ledger,
        Entries entries,
        Forecasts forecasts,
        BoughtFor boughtFor,
        WorkedHours workedHours,
        Plans plans,
        Garages garages,
        Clock clock) {
    KeepingResponse of(Caller caller, UUID projectId) {
        Projects.Project project = projects.require(caller, projectId);
        KeepingRow said = said(caller, projectId);
        Ledger.Standing money = ledger.standing(caller, projectId);
        long spent = money.position().spent();
        boolean gone = project.state().isGone();
        ToCome toCome = gone ? ToCome.NOTHING : toCome(caller, projectId, spent);
        long worked = workedHours.minutes(caller, projectId);
        Optional<Span> market = boughtFor.finishedValue(caller, projectId);
        Optional<BoughtFor.Why> why = boughtFor.why(caller, projectId);
        Optional<Outlook> outlook = gone
                ? Optional.empty()
                : said.now()
                        .flatMap(now -> said.finished()
                                .or(() -> market)
                                .map(finished -> new Outlook(
                                        now,
                                        finished,
                                        said.selling(),
                                        spent,
                                        toCome.cost(),
                                        toCome.unestimated() == 0,
                                        worked,
                                        toCome.minutes())));
        long net = spent - outlook.map(o -> o.sellNow().likelyMinor()).orElse(0L);
        return new KeepingResponse(
                money.currency(),
                said,
                market.map(SpanMinor::of).orElse(null),
                why.map(BoughtFor.Why::purpose).orElse(null),
                why.map(BoughtFor.Why::reason).orElse(""),
                spent,
                SpanMinor.of(toCome.cost()),
                toCome.unestimated(),
                toCome.minutes(),
                runningPerMonth(caller, projectId),
                outlook.map(o -> waysOn(o, said)).orElse(null),
                gone,
                !gone && project.state() != Projects.State.LOOKING,
                entries.drafts(caller, projectId).count(),
                money.position().orderedNotPaid(),
                ResultMinor.of(new Result(-spent, worked), said.hourMinor()),
                tally(caller, project, said, net));
    }

    /** @param minutes of work, with opening and closing, of everybody */
    private record ToCome(Span cost, int unestimated, long minutes) {
        static final ToCome NOTHING = new ToCome(Span.of(0), 0, 0);
    }

    private ToCome toCome(Caller caller, UUID projectId, long spentMinor) {
        Forecasts.FinalCost all = forecasts.of(caller, projectId);
        return new ToCome(
                all.total().after(spentMinor),
                all.unestimated(),
                plans.of(caller, projectId).problem().activities().stream()
                        .mapToLong(a -> a.workSlots() * a.crew().size() * PlanProblem.SLOT.toMinutes())
                        .sum());
    }

    private long runningPerMonth(Caller caller, UUID projectId) {
        LocalDate today = today(caller);
        return forecasts.running(caller, projectId).stream()
                .filter(r -> r.isOn(today))
                .mapToLong(RunningCost::perMonthMinor)
                .sum();
    }

    private KeepingRow said(Caller caller, UUID projectId) {
        return mapper.find(caller.garageId(), projectId).orElse(KeepingRow.NOTHING_SAID);
    }

    private static WaysOn waysOn(Outlook o, KeepingRow said) {
        return new WaysOn(
                o.verdict(),
                SpanMinor.of(o.worthNow()),
                SpanMinor.of(o.worthFinished()),
                SpanMinor.of(o.sellNow()),
                SpanMinor.of(o.finishAndSell()),
                SpanMinor.of(o.gain()),
                o.worthFinishingFrom(),
                o.breakEven(),
                ResultMinor.of(o.ifSoldNow(), said.hourMinor()),
                ResultMinor.of(o.ifFinished(), said.hourMinor()));
    }

    /** From the first money until today, or until the last where it is gone. */
    private TallyMinor tally(Caller caller, Projects.Project project, KeepingRow said, long netMinor) {
        List<LocalDate> days = entries.posted(caller, project.id()).stream()
                .map(Entries.Posted::paidOn)
                .sorted()
                .toList();
        LocalDate first = days.isEmpty() || project.begunOn().isBefore(days.get(0)) ? project.begunOn() : days.get(0);
        LocalDate last = project.state().isGone() && !days.isEmpty() ? days.get(days.size() - 1) : today(caller);
        var tally = new Tally(netMinor, first.isAfter(last) ? last : first, last, said.km());
        return new TallyMinor(
                tally.from(),
                tally.to(),
                tally.netMinor(),
                tally.perMonth(),
                tally.perKm().isPresent() ? tally.perKm().getAsLong() : null);
    }

    void sold(Caller caller, UUID projectId, SaleRequest sale) {
        LocalDate today = today(caller);
        if (sale.soldOn().isAfter(today))
            throw InvalidValue.at(
                    "soldOn", "sale.future", "That day is still to come.", "Enter it once it is paid and gone.");
        if (sale.priceMinor() <= 0)
            throw InvalidValue.at(
                    "priceMinor",
                    "sale.nothing",
                    "It was sold for nothing.",
                    "Enter what was paid; what is given away is scrapped or ended under the car’s details.");
        Projects.Project project = projects.require(caller, projectId);
        if (project.state() == Projects.State.LOOKING)
            throw Conflict.of("sale.not-yours", "It is not yours yet.", "Say first that you bought it.");
        if (entries.drafts(caller, projectId).count() > 0)
            throw Conflict.of(
                    "sale.drafts",
                    "Receipts are not booked yet: once it is sold they would count nowhere.",
                    "Book them or throw them away first.");
        projects.reopen(caller, projectId);
        String vehicle = projects.requireOpen(caller, projectId).vehicleName();
        entries.bookSale(caller, projectId, sale.entryId(), sale.priceMinor(), sale.soldOn(), vehicle);
        projects.sold(caller, projectId);
    }

    private LocalDate today(Caller caller) {
        return LocalDate.now(clock.withZone(garages.zone(caller)));
    }

    void say(Caller caller, UUID projectId, KeepingRow row) {
        projects.require(caller, projectId);
        row.now();
        row.finished();
        row.selling();
        new Tally(0, LocalDate.EPOCH, LocalDate.EPOCH, row.km());
        row.amounts().forEach(minor -> Currencies.minor("amount", garages.baseCurrency(caller), minor));
        if (mapper.find(caller.garageId(), projectId).isEmpty() && row.version() == 0)
            mapper.insert(caller.garageId(), projectId, row);
        else Stored.notStale(mapper.update(caller.garageId(), projectId, row), "value", () -> said(caller, projectId));
    }
}
