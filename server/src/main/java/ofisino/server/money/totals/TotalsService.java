package ofisino.server.money.totals;

import java.time.Clock;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import ofisino.core.money.budget.Period;
import ofisino.core.money.budget.Reconcile;
import ofisino.core.money.ledger.Split;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Garages;
import ofisino.server.money.Entries;
import ofisino.server.money.Entries.Posted;
import ofisino.server.money.SystemGroups;
import ofisino.server.money.totals.TotalsController.GroupTotal;
import ofisino.server.money.totals.TotalsController.GroupedBy;
import ofisino.server.money.totals.TotalsController.MoneyTotalsResponse;
import ofisino.server.parts.Orders;
import ofisino.server.parts.Suppliers;
import ofisino.server.plan.Jobs;
import ofisino.server.plan.OrderOfWork;
import ofisino.server.vehicle.Projects;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** Adds up what was booked, by whatever somebody asks for. */
@Service
record TotalsService(
        Projects projects,
        Entries entries,
        Jobs jobs,
        OrderOfWork orderOfWork,
        Orders orders,
        Suppliers suppliers,
        Garages garages,
        Clock clock) {
    /** One share of an entry, under its group. */
    private record Share(LocalDate on, String key, String description, long minor) {}

    MoneyTotalsResponse of(
            Caller caller, UUID projectId, GroupedBy by, @Nullable LocalDate from, @Nullable LocalDate to) {
        List<Share> shares = shares(caller, projectId, by);
        LocalDate today = LocalDate.now(clock.withZone(garages.zone(caller)));
        LocalDate first =
                shares.stream().map(Share::on).min(LocalDate::compareTo).orElse(today);
        LocalDate last = shares.stream()
                .map(Share::on)
                .max(LocalDate::compareTo)
                .filter(today::isBefore)
                .orElse(today);
        Period period = Period.of(
                shares.stream()
                        .map(s -> new Period.Booked(s.on(), s.key(), s.minor()))
                        .toList(),
                from == null ? first : from,
                to == null ? last : to);
        Map<String, Jobs.Job> titles = by == GroupedBy.JOB
                ? jobs.of(caller, projectId).stream().collect(Collectors.toMap(j -> j.id().toString(), j -> j))
                : Map.of();
        return new MoneyTotalsResponse(
                by,
                period.from(),
                period.to(),
                first,
                period.opening(),
                period.groups().stream()
                        .filter(g -> g.minor() != 0)
                        .map(g -> total(g, by, Optional.ofNullable(titles.get(g.name()))))
                        .toList(),
                period.closing());
    }

    private static GroupTotal total(Period.Group group, GroupedBy by, Optional<Jobs.Job> job) {
        boolean named = by == GroupedBy.SELLER && !group.name().isEmpty() || by == GroupedBy.YEAR;
        return new GroupTotal(
                group.name(),
                job.map(Jobs.Job::title).orElse(named ? group.name() : null),
                job.map(Jobs.Job::id).orElse(null),
                group.minor());
    }

    Reconcile.Outcome check(Caller caller, UUID projectId, GroupedBy by, String key, long typedMinor) {
        return Reconcile.check(
                shares(caller, projectId, by).stream()
                        .filter(s -> s.key().equals(key))
                        .map(s -> new Reconcile.Item(s.description(), s.minor()))
                        .toList(),
                typedMinor);
    }

    private List<Share> shares(Caller caller, UUID projectId, GroupedBy by) {
        projects.require(caller, projectId);
        Grouping grouping = grouping(caller, projectId, by);
        return entries.posted(caller, projectId).stream()
                .flatMap(e -> e.splits().stream()
                        .map(s -> new Share(e.paidOn(), grouping.key(e, s), e.description(), s.baseMinor())))
                .toList();
    }

    private interface Grouping {
        String key(Posted entry, Split share);
    }

    private Grouping grouping(Caller caller, UUID projectId, GroupedBy by) {
        return switch (by) {
            case YEAR -> (e, s) -> String.valueOf(e.paidOn().getYear());
            case SELLER -> {
                Map<UUID, String> sellers = sellers(caller, projectId);
                yield (e, s) -> sellers.getOrDefault(e.orderId() == null ? e.supplierId() : e.orderId(), "");
            }
            case SYSTEM -> {
                var groups = new SystemGroups(jobs.of(caller, projectId));
                yield (e, s) -> groups.of(s);
            }
            case JOB -> byJob(Map.of());
            case STANDARD ->
                byJob(jobs.of(caller, projectId).stream()
                        .collect(Collectors.toMap(Jobs.Job::id, j -> j.aim().name())));
            case PHASE ->
                byJob(orderOfWork.phases(caller, projectId).entrySet().stream()
                        .collect(Collectors.toMap(
                                Map.Entry::getKey, e -> e.getValue().name())));
        };
    }

    /** By what is said of its job, or the job itself; what is for no job by what else it is for. */
    private static Grouping byJob(Map<UUID, String> keys) {
        return (e, s) -> s.job()
                .map(job -> keys.isEmpty() ? job.toString() : keys.getOrDefault(job, SystemGroups.OTHER))
                .orElse(s.destination().name());
    }

    /** By the seller's own id, and by that of each order with him. */
    private Map<UUID, String> sellers(Caller caller, UUID projectId) {
        Map<UUID, String> names = new HashMap<>(suppliers.all(caller).stream()
                .collect(Collectors.toMap(Suppliers.Supplier::id, Suppliers.Supplier::name)));
        names.putAll(orders.of(caller, projectId).stream()
                .collect(Collectors.toMap(Orders.Order::id, Orders.Order::supplier)));
        return names;
    }
}
