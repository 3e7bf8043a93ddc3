package ofisino.core.plan.solve;

import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import ofisino.core.plan.calendar.TimeWindow;

/** When somebody else's door is open, in seconds: a workshop's, a supplier's. */
final class ExternalCalendar {
    /** Later than any plan reaches. */
    private static final int NEVER = 1_000_000_000;

    private final int[] from;
    private final int[] to;

    ExternalCalendar(TimeGrid time, List<TimeWindow> open) {
        List<TimeWindow> sorted =
                open.stream().sorted(Comparator.comparing(TimeWindow::from)).toList();
        from = sorted.stream().mapToInt(w -> time.secondsAt(w.from())).toArray();
        to = sorted.stream().mapToInt(w -> time.secondsAt(w.to())).toArray();
    }

    int openAt(int instant) {
        int w = lastBegunBy(instant);
        if (w >= 0 && instant < to[w]) return instant;
        return w + 1 < from.length ? from[w + 1] : NEVER;
    }

    int openBefore(int instant) {
        int w = lastBegunBy(instant - 1);
        return w < 0 ? -1 : Math.min(instant, to[w]) - 1;
    }

    /** Fetched by {@code end} at the latest while it is open, and given so long before while it was open. */
    int latestStart(int end, int wait) {
        int fetched = openBefore(end + 1);
        return fetched < 0 ? -1 : openBefore(fetched - wait + 1);
    }

    private int lastBegunBy(int instant) {
        int found = Arrays.binarySearch(from, instant);
        return found >= 0 ? found : -found - 2;
    }
}
