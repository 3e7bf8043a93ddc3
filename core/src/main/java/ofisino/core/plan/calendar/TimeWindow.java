package ofisino.core.plan.calendar;

import java.time.Instant;

/** One stay in the garage: an evening, a Saturday morning. {@code to} is exclusive and may equal {@code from} only when the clock skips it. */
public record TimeWindow(Instant from, Instant to) {
    public TimeWindow {
        if (to.isBefore(from))
            throw new IllegalArgumentException("A window ends before it begins: %s to %s".formatted(from, to));
    }
}
