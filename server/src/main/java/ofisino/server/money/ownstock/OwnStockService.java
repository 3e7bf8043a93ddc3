package ofisino.server.money.ownstock;

import java.util.List;
import java.util.UUID;
import ofisino.core.kernel.Currencies;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.kernel.NotFound;
import ofisino.core.kernel.Texts;
import ofisino.core.money.budget.WithAndWithout;
import ofisino.core.money.ledger.Destination;
import ofisino.core.money.ledger.Split;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Garages;
import ofisino.server.logbook.WorkedHours;
import ofisino.server.money.Entries;
import ofisino.server.money.ownstock.OwnStockController.WithAndWithoutResponse;
import ofisino.server.money.ownstock.OwnStockMapper.StockUse;
import ofisino.server.plan.Jobs;
import ofisino.server.vehicle.Projects;
import org.springframework.stereotype.Service;

/** What a car has cost with and without tools, own stock and own hours. */
@Service
record OwnStockService(
        OwnStockMapper mapper, Projects projects, Entries entries, WorkedHours hours, Jobs jobs, Garages garages) {
    WithAndWithoutResponse of(Caller caller, UUID projectId) {
        projects.require(caller, projectId);
        List<StockUse> used = mapper.of(caller.garageId(), projectId);
        List<Split> shares = entries.posted(caller, projectId).stream()
                .flatMap(e -> e.splits().stream())
                .toList();
        var sums = new WithAndWithout(
                sum(shares),
                sum(shares.stream()
                        .filter(s -> s.destination() == Destination.TOOLS)
                        .toList()),
                used.stream().mapToLong(StockUse::worthMinor).reduce(0, Math::addExact),
                hours.minutes(caller, projectId),
                garages.workshopHourMinor(caller).orElse(0L));
        return new WithAndWithoutResponse(
                garages.baseCurrency(caller).getCode(),
                sums.cashMinor(),
                sums.toolsMinor(),
                sums.withoutToolsMinor(),
                sums.stockMinor(),
                sums.wouldCostOthersMinor(),
                sums.minutes(),
                sums.hourMinor(),
                sums.labourMinor(),
                sums.withLabourMinor(),
                used);
    }

    private static long sum(List<Split> shares) {
        return shares.stream().mapToLong(Split::baseMinor).reduce(0, Math::addExact);
    }

    void add(Caller caller, UUID projectId, StockUse said) {
        projects.requireOpen(caller, projectId);
        if (said.worthMinor() <= 0)
            throw InvalidValue.at(
                    "worthMinor",
                    "stock.worth",
                    "What costs others nothing need not be written down.",
                    "Enter what it would cost to buy.");
        Currencies.minor("worthMinor", garages.baseCurrency(caller), said.worthMinor());
        if (said.jobId() != null
                && !jobs.require(caller, said.jobId()).projectId().equals(projectId))
            throw new NotFound("job", said.jobId());
        mapper.insert(
                caller.garageId(),
                projectId,
                new StockUse(
                        said.id(), Texts.line("title", said.title()), said.worthMinor(), said.jobId(), said.usedOn()));
    }

    void remove(Caller caller, UUID projectId, UUID id) {
        projects.requireOpen(caller, projectId);
        if (mapper.delete(caller.garageId(), projectId, id) == 0) throw new NotFound("thing from stock", id);
    }
}
