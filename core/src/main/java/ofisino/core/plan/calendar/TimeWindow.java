package ofisino.core.plan.calendar;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** One stay in the garage: an evening, a Saturday morning. {@code to} is exclusive and may equal {@code from} only when the clock skips it. */
public record TimeWindow(Instant from, Instant to) {
    public TimeWindow {
        if (to.isBefore(from))
            throw new IllegalArgumentException("A window ends before it begins: %s to %s".formatted(from, to));
    }

    // by hand: a problem has thousands of them, and what records generate is slow until the second compiler has seen it
    @Override
    public boolean equals(Object other) {
        return this == other || other instanceof TimeWindow w && from.equals(w.from) && to.equals(w.to);
    }

    @Override
    public int hashCode() {
        return 31 * from.hashCode() + to.hashCode();
    }

    /** What is left of windows when other things take some of the time. Both in any order; the answer is in order. */
    public static List<TimeWindow> without(List<TimeWindow> windows, List<TimeWindow> taken) {
        List<TimeWindow> sorted =
                taken.stream().sorted(Comparator.comparing(TimeWindow::from)).toList();
        List<TimeWindow> left = new ArrayList<>();
        for (TimeWindow w :
                windows.stream().sorted(Comparator.comparing(TimeWindow::from)).toList()) {
            Instant at = w.from();
            for (TimeWindow t : sorted) {
                if (!t.to().isAfter(at)) continue;
                if (!t.from().isBefore(w.to())) break;
                if (t.from().isAfter(at)) left.add(new TimeWindow(at, t.from()));
                at = t.to();
            }
            if (at.isBefore(w.to())) left.add(new TimeWindow(at, w.to()));
        }
        return left;
    }
}
