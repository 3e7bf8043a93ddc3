package ofisino.server.parts;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import ofisino.server.identity.Caller;

/** What the plan says of parts, for whoever chooses where to buy. */
public interface PartsInPlan {
    /** By need that a planned job waits for. */
    Map<UUID, InPlan> of(Caller caller, UUID projectId);

    /** By need that a planned job waits for: until when it has to be ordered, and what its job waits for. */
    Map<UUID, Waited> waited(Caller caller, UUID projectId);

    /** By need, the tools with which it is reached and taken off, beyond those on the bench. */
    Map<UUID, List<String>> toolsToReach(Caller caller, UUID projectId);

    /** When the vehicle is ready for the road if parts take so many days. Empty while not everything has a date. @param leadDays by need */
    Optional<LocalDate> roadReadyOn(Caller caller, UUID projectId, Map<UUID, Integer> leadDays);

    /** What an hour of one's own is worth; 0 where nobody said. */
    long hourMinor(Caller caller);

    /**
     * @param daysLeft     until it has to be at the door, so that no milestone gets later; below 0 where that day is past
     * @param againMinutes of its job and of the way in, if it has to be done once more
     */
    record InPlan(int daysLeft, int againMinutes) {}

    /**
     * @param orderBy     the last day to order it, so that no milestone gets later; may be past
     * @param holdsItsJob each day that it is not there makes its job a day later
     */
    record Waited(LocalDate orderBy, boolean holdsItsJob) {}
}
