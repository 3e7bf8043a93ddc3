package ofisino.server.plan.access;

import java.util.EnumMap;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import ofisino.core.kernel.Conflict;
import ofisino.core.plan.access.Circuit;
import ofisino.core.plan.access.Openings;
import ofisino.core.plan.access.WaysIn;
import ofisino.server.plan.Jobs;
import ofisino.server.plan.access.AccessMapper.OpeningRow;

/**
 * The ways in of a project as they stand.
 *
 * @param ways     of this vehicle, a person's own included
 * @param direct   by job, what it needs itself
 * @param openings which jobs share what, of jobs that are not dropped
 * @param opened   stays that somebody opened, with the day on which they were closed
 */
record Standing(
        WaysIn ways,
        Map<UUID, Set<String>> direct,
        Openings<UUID> openings,
        Map<UUID, OpeningRow> opened,
        Map<UUID, Jobs.Job> jobs) {
    boolean isClosed(String stay) {
        OpeningRow row = opened.get(UUID.fromString(stay));
        return row != null && row.closedOn() != null;
    }

    boolean isOpen(String stay) {
        return opened.containsKey(UUID.fromString(stay)) && !isClosed(stay);
    }

    /** @throws Conflict when it was merged or split away meanwhile */
    Openings.Opening<UUID> require(UUID stay) {
        return openings.all().stream()
                .filter(o -> o.id().equals(stay.toString()))
                .findFirst()
                .orElseThrow(() ->
                        new Conflict("opening.unknown", "This opening is not there any more. Load the page again."));
    }

    void mustNotBeClosed(String stay) {
        if (isClosed(stay))
            throw new Conflict("opening.closed", "This one is closed already. What is closed stays as it was.");
    }

    /** How often each circuit was let out. */
    Map<Circuit, Integer> drains() {
        Map<Circuit, Integer> drains = new EnumMap<>(Circuit.class);
        for (OpeningRow row : opened.values())
            if (ways.has(row.wayIn()))
                ways.require(row.wayIn()).drained().ifPresent(d -> drains.merge(d.circuit(), 1, Integer::sum));
        return drains;
    }
}
