package ofisino.core.plan.calendar;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;

/**
 * After the last spark somebody is there for an hour, within the same visit: so hot work ends an hour before the visit does. Source: fire
 * watches of 30 to 60 minutes are usual in industrial hot-work permits (from memory, unverified); the longer is taken.
 */
public final class FireWatch {
    /** How long somebody stays after hot work: an hour, as rules for hot work commonly ask. */
    public static final Duration WATCH = Duration.ofMinutes(60);

    private FireWatch() {}

    /** When it may spark: the visits of all people, those that overlap or touch taken as one, less the watch at the end of each. */
    public static List<TimeWindow> hotHours(Collection<TimeWindow> visits) {
        List<TimeWindow> hot = new ArrayList<>();
        Instant from = null;
        Instant to = Instant.MIN;
        for (TimeWindow v :
                visits.stream().sorted(Comparator.comparing(TimeWindow::from)).toList()) {
            if (from == null || v.from().isAfter(to)) {
                add(hot, from, to);
                from = v.from();
                to = v.to();
            } else if (v.to().isAfter(to)) to = v.to();
        }
        add(hot, from, to);
        return hot;
    }

    private static void add(List<TimeWindow> hot, Instant from, Instant to) {
        if (from != null && to.minus(WATCH).isAfter(from)) hot.add(new TimeWindow(from, to.minus(WATCH)));
    }
}
