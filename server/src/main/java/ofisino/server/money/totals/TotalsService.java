package ofisino.server.money.totals;

import java.time.Clock;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import ofisino.core.money.budget.Period;
import ofisino.core.money.budget.Reconcile;
import ofisino.core.money.budget.SpendingGroups;
import ofisino.core.money.ledger.Split;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Garages;
import ofisino.server.money.Entries;
import ofisino.server.money.Entries.Posted;
import ofisino.server.money.Ledger;
import ofisino.server.money.totals.TotalsController.GroupTotal;
import ofisino.server.money.totals.TotalsController.GroupedBy;
import ofisino.server.money.totals.TotalsController.MoneyTotalsResponse;
import ofisino.server.money.totals.TotalsController.Which;
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
        Ledger ledger,
        Jobs jobs,
        OrderOfWork orderOfWork,
        Orders orders,
        Suppliers suppliers,
        Garages garages,
        Clock clock) {
    /** One share of an entry, under its group. */
    private record Share(UUID entryId, LocalDate on, String key, String description, long minor) {}

    MoneyTotalsResponse of(Caller caller, UUID projectId, Which which) {
        GroupedBy by = which.by();
        List<Share> shares = shares(caller, projectId, by);
        Period period = Period.of(
                shares.stream()
                        .map(s -> new Period.Booked(s.on(), s.key(), s.minor()))
                        .toList(),
                from(shares, which, caller),
                to(shares, which, caller));
        Map<String, Jobs.Job> titles = by == GroupedBy.JOB
                ? jobs.of(caller, projectId).stream().collect(Collectors.toMap(j -> j.id().toString(), j -> j))
                : Map.of();
        long whole = shares.stream().mapToLong(Share::minor).reduce(0, Math::addExact);
        return new MoneyTotalsResponse(
                by,
                period.from(),
                period.to(),
                period.opening(),
                period.groups().stream()
                        .filter(g -> g.minor() != 0)
                        .map(g -> total(g, by, Optional.ofNullable(titles.get(g.name()))))
                        .toList(),
                period.closing(),
                whole - ledger.standing(caller, projectId).position().spent());
    }

    private LocalDate from(List<Share> shares, Which which, Caller caller) {
        return which.from() != null
                ? which.from()
                : shares.stream().map(Share::on).min(LocalDate::compareTo).orElse(today(caller));
    }

    private LocalDate to(List<Share> shares, Which which, Caller caller) {
        return which.to() != null
                ? which.to()
                : shares.stream()
                        .map(Share::on)
                        .max(LocalDate::compareTo)
                        .filter(today(caller)::isBefore)
                        .orElse(today(caller));
    }

    private LocalDate today(Caller caller) {
        return LocalDate.now(clock.withZone(garages.zone(caller)));
    }

    private static GroupTotal total(Period.Group group, GroupedBy by, Optional<Jobs.Job> job) {
        boolean named = by == GroupedBy.SELLER && !group.name().isEmpty() || by == GroupedBy.YEAR;
        return new GroupTotal(
                group.name(),
                job.map(Jobs.Job::title).orElse(named ? group.name() : null),
                job.map(Jobs.Job::id).orElse(null),
                group.minor());
    }

    Reconcile.Outcome check(Caller caller, UUID projectId, Which which, @Nullable String key, long typedMinor) {
        List<Share> shares = shares(caller, projectId, which.by());
        LocalDate from = from(shares, which, caller);
        LocalDate to = to(shares, which, caller);
        List<Share> asked = shares.stream()
                .filter(s -> key == null || s.key().equals(key))
                .filter(s -> !s.on().isBefore(from) && !s.on().isAfter(to))
                .toList();
        return Reconcile.check(key == null ? byEntry(asked) : items(asked), typedMinor);
    }

    private static List<Reconcile.Item> items(List<Share> shares) {
        return shares.stream()
                .map(s -> new Reconcile.Item(s.description(), s.minor()))
                .toList();
    }

    /** Of the whole nobody names a share: an entry was left out, or stands twice. */
    private static List<Reconcile.Item> byEntry(List<Share> shares) {
        return shares.stream()
                .collect(Collectors.groupingBy(Share::entryId, LinkedHashMap::new, Collectors.toList()))
                .values()
                .stream()
                .map(its -> new Reconcile.Item(
                        its.get(0).description(),
                        its.stream().mapToLong(Share::minor).sum()))
                .toList();
    }

    private List<Share> shares(Caller caller, UUID projectId, GroupedBy by) {
        projects.require(caller, projectId);
        Grouping grouping = grouping(caller, projectId, by);
        return entries.posted(caller, projectId).stream()
                .flatMap(e -> e.splits().stream()
                        .map(s -> new Share(e.id(), e.paidOn(), grouping.key(e, s), e.description(), s.baseMinor())))
                .toList();
    }

    private interface Grouping {
        String key(Posted entry, Split share);
    }

    private Grouping grouping(Caller caller, UUID projectId, GroupedBy by) {
        return switch (by) {
            case KIND -> (e, s) -> e.kind().name();
            case YEAR -> (e, s) -> String.valueOf(e.paidOn().getYear());
            case SELLER -> {
                Map<UUID, String> sellers = sellers(caller, projectId);
                yield (e, s) -> sellers.getOrDefault(e.orderId() == null ? e.supplierId() : e.orderId(), "");
            }
            case SYSTEM -> {
                var groups = new SpendingGroups(Jobs.systemsOf(jobs.of(caller, projectId)));
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
                .map(job -> keys.isEmpty() ? job.toString() : keys.getOrDefault(job, SpendingGroups.OTHER))
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
