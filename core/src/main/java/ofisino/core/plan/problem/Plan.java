package ofisino.core.plan.problem;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import ofisino.core.plan.calendar.TimeWindow;

/** The dates of all activities, in the order in which they were placed. */
public record Plan(Map<ActivityId, Scheduled> activities) {
    /**
     * @param stretches   the uninterrupted stretches of work, in order; empty for an order
     * @param people  the same throughout
     * @param start   start of the first work
     * @param end     end of the last work and of the wait after it
     * @param reasons what forbids the slot before, among those in which its people are in the garage; never empty
     */
    public record Scheduled(
            ActivityId id,
            List<TimeWindow> stretches,
            List<String> people,
            Instant start,
            Instant end,
            List<Reason> reasons) {
        public Scheduled {
            stretches = List.copyOf(stretches);
            people = List.copyOf(people);
            reasons = List.copyOf(reasons);
        }
    }

    public Plan {
        activities = Collections.unmodifiableMap(new LinkedHashMap<>(activities));
    }

    /** Empty where it stands in no session. */
    public Optional<Scheduled> of(ActivityId id) {
        return Optional.ofNullable(activities.get(id));
    }

    /** @param before its start in the other plan */
    public record Moved(ActivityId id, Instant before, Instant after) {}

    /** What begins on another day than in another plan, in the order of this one. */
    public List<Moved> movedFrom(Plan other, ZoneId zone) {
        return activities.values().stream()
                .flatMap(s -> other
                        .of(s.id())
                        .filter(o -> !dayOf(o.start(), zone).equals(dayOf(s.start(), zone)))
                        .map(o -> new Moved(s.id(), o.start(), s.start()))
                        .stream())
                .toList();
    }

    private static LocalDate dayOf(Instant instant, ZoneId zone) {
        return instant.atZone(zone).toLocalDate();
    }
}
