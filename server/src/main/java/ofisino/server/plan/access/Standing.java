package ofisino.server.plan.access;

import java.util.EnumMap;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import ofisino.core.kernel.Conflict;
import ofisino.core.plan.access.AccessGraph;
import ofisino.core.plan.access.Circuit;
import ofisino.core.plan.access.StripDowns;
import ofisino.server.plan.Jobs;
import ofisino.server.plan.access.AccessMapper.StripDownRow;

/**
 * The accesses of a project as they stand.
 *
 * @param accesses     of this vehicle, a person's own included
 * @param direct   by job, what it needs itself
 * @param stripDowns which jobs share what, of jobs that are not dropped
 * @param rounds   what was opened and closed so far
 */
record Standing(
        AccessGraph accesses,
        Map<UUID, Set<String>> direct,
        StripDowns<UUID> stripDowns,
        Rounds rounds,
        Map<UUID, Jobs.Job> jobs) {
    boolean isClosed(String stripDown) {
        return rounds.isClosed(UUID.fromString(stripDown));
    }

    boolean isOpen(String stripDown) {
        return rounds.isOpen(UUID.fromString(stripDown));
    }

    Map<UUID, StripDownRow> opened() {
        return rounds.opened();
    }

    /** Whether a person gave its jobs a strip-down of their own: the plan shares it with nothing else. */
    boolean isApart(StripDowns.StripDown<UUID> o) {
        UUID id = UUID.fromString(o.id());
        return o.jobs().stream()
                .noneMatch(job ->
                        rounds.isUsual(id, jobs.get(job).piece(), o.access().id()));
    }

    /** @throws Conflict when it was merged or split away meanwhile */
    StripDowns.StripDown<UUID> require(UUID stripDown) {
        return stripDowns.all().stream()
                .filter(o -> o.id().equals(stripDown.toString()))
                .findFirst()
                .orElseThrow(() -> Conflict.of(
                        "strip-down.unknown", "This strip-down is not there any more.", "Load the page again."));
    }

    void mustNotBeClosed(String stripDown) {
        if (isClosed(stripDown))
            throw Conflict.of("strip-down.closed", "This one is closed already.", "What is closed stays as it was.");
    }

    /** The same with other strip-downs. */
    Standing sharing(StripDowns<UUID> others) {
        return new Standing(accesses, direct, others, rounds, jobs);
    }

    /** How often each circuit was let out. */
    Map<Circuit, Integer> drains() {
        Map<Circuit, Integer> drains = new EnumMap<>(Circuit.class);
        for (StripDownRow row : opened().values())
            if (accesses.has(row.access()))
                accesses.require(row.access()).drained().ifPresent(d -> drains.merge(d.circuit(), 1, Integer::sum));
        return drains;
    }
}
