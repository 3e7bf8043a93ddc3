package ofisino.server.parts.task;

import java.time.Clock;
import java.time.LocalDate;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import ofisino.core.parts.order.PartTask;
import ofisino.core.parts.order.PartTask.TaskKind;
import ofisino.core.parts.sourcing.NeedState;
import ofisino.core.parts.sourcing.PartSearch;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Garages;
import ofisino.server.parts.Deliveries;
import ofisino.server.parts.Deliveries.Delivery;
import ofisino.server.parts.Needs;
import ofisino.server.parts.Needs.Need;
import ofisino.server.parts.PartSearches;
import ofisino.server.parts.PartTasks;
import ofisino.server.parts.PartsInPlan;
import ofisino.server.parts.PartsInPlan.Waited;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** What is to be done about parts, from what is needed, what was ordered, and the plan. */
@Service
record TaskService(
        Needs needs, Deliveries deliveries, PartSearches searches, PartsInPlan inPlan, Garages garages, Clock clock)
        implements PartTasks {
    @Override
    public PartsNow of(Caller caller, UUID projectId) {
        LocalDate today = LocalDate.now(clock.withZone(garages.zone(caller)));
        Map<UUID, Need> all =
                needs.of(caller, projectId).stream().collect(Collectors.toMap(Need::id, Function.identity()));
        Map<UUID, Waited> waited = inPlan.waited(caller, projectId);
        Map<UUID, PartSearch> lookedFor = searches.lookedFor(caller, projectId);
        Set<UUID> onHold = onHold(caller, projectId, all.values());
        List<Need> orderable = all.values().stream()
                .filter(n -> n.state().isOrderable() && !onHold.contains(n.id()))
                .filter(n -> isHad(lookedFor.get(n.id())))
                .toList();
        Map<String, LocalDate> soonest = soonest(orderable, waited);
        List<Stated> found = Stream.of(
                        deliveries.of(caller, projectId).stream().flatMap(d -> delivery(d, all, today).stream()),
                        all.values().stream().flatMap(n -> answer(n, today).stream()),
                        lookedFor.entrySet().stream()
                                .flatMap(e -> look(all.get(e.getKey()), e.getValue(), today).stream()),
                        orderable.stream().flatMap(n -> order(n, soonest.get(n.sameAs()), today).stream()))
                .flatMap(s -> s)
                .sorted(Comparator.comparing(Stated::task)
                        .thenComparing(s -> s.need().title()))
                .toList();
        return new PartsNow(found.stream().map(s -> s.told(waited)).toList(), onHold.size());
    }

    private record Stated(PartTask task, Need need, Optional<Delivery> delivery) {
        Task told(Map<UUID, Waited> waited) {
            return new Task(
                    task.kind(),
                    need.id(),
                    delivery.map(Delivery::lineId).orElse(null),
                    need.title(),
                    need.side(),
                    task.by().orElse(null),
                    delivery.map(Delivery::supplier).orElse(null),
                    task.kind() == TaskKind.ORDER ? need.estimateMinor() : 0,
                    Optional.ofNullable(waited.get(need.id()))
                            .map(Waited::holdsItsJob)
                            .orElse(false));
        }
    }

    private static Optional<Stated> delivery(Delivery d, Map<UUID, Need> all, LocalDate today) {
        return d.bought().task(today).map(task -> new Stated(task, all.get(d.needId()), Optional.of(d)));
    }

    /** What cannot be had is looked for, or something else is done about it. */
    private static boolean isHad(@Nullable PartSearch search) {
        return search == null || search.wayOut().isOrdered();
    }

    private static Optional<Stated> answer(Need n, LocalDate today) {
        if (n.state() != NeedState.HELD || n.answerBy() == null) return Optional.empty();
        return PartTask.dueOn(TaskKind.ANSWER, n.answerBy(), today).map(task -> new Stated(task, n, Optional.empty()));
    }

    private static Optional<Stated> look(Need n, PartSearch search, LocalDate today) {
        if (!n.state().isToOrder()) return Optional.empty();
        return search.lookAgainOn()
                .flatMap(day -> PartTask.dueOn(TaskKind.LOOK, day, today))
                .map(task -> new Stated(task, n, Optional.empty()));
    }

    private static Optional<Stated> order(Need n, @Nullable LocalDate by, LocalDate today) {
        if (by == null) return Optional.empty();
        return Optional.of(new Stated(PartTask.order(by, today), n, Optional.empty()));
    }

    /** What several jobs want of one thing is bought at once, for the first of them. */
    private static Map<String, LocalDate> soonest(Collection<Need> all, Map<UUID, Waited> waited) {
        return all.stream()
                .filter(n -> waited.containsKey(n.id()))
                .collect(Collectors.toMap(
                        Need::sameAs,
                        n -> waited.get(n.id()).orderBy(),
                        (one, other) -> one.isBefore(other) ? one : other));
    }

    /** For which something is still to be known: they are ordered then. */
    private Set<UUID> onHold(Caller caller, UUID projectId, Collection<Need> all) {
        Set<UUID> unopened = needs.unopened(caller, projectId).keySet();
        return all.stream()
                .filter(n -> n.jobId() != null && n.state().isToOrder())
                .filter(n -> n.state() == NeedState.HELD || unopened.contains(n.id()))
                .map(Need::id)
                .collect(Collectors.toSet());
    }
}
