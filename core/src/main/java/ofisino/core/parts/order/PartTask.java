package ofisino.core.parts.order;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.Optional;

/**
 * Something to do about a part.
 *
 * @param by the last day for it; of {@link TaskKind#CHASE} the day on which it was to come; empty where there is none
 */
public record PartTask(TaskKind kind, Optional<LocalDate> by) implements Comparable<PartTask> {
    /** What is to be done, the more pressing first on the same day. */
    public enum TaskKind {
        /** It is wrong or damaged, and goes back while its seller takes it. */
        SEND_BACK,
        /** It has come and nobody has looked at it. */
        CHECK_IN,
        /** It looks right, and only the vehicle shows whether it fits. */
        TRY_ON,
        /** It is late. */
        CHASE,
        /** It was to be known by now whether it is needed. */
        ANSWER,
        /** It cannot be had, and nobody has looked for a while. */
        LOOK,
        ORDER
    }

    /** Until when it is to be ordered, or today where that day is past. @param lastDay so that no milestone gets later */
    public static PartTask order(LocalDate lastDay, LocalDate today) {
        return new PartTask(TaskKind.ORDER, Optional.of(lastDay.isBefore(today) ? today : lastDay));
    }

    /** What was to be known by a day; empty while there is time. */
    public static Optional<PartTask> dueOn(TaskKind kind, LocalDate day, LocalDate today) {
        return day.isAfter(today) ? Optional.empty() : Optional.of(new PartTask(kind, Optional.of(day)));
    }

    private static final Comparator<PartTask> PRESSING =
            Comparator.comparing((PartTask t) -> t.by().orElse(LocalDate.MAX)).thenComparing(PartTask::kind);

    @Override
    public int compareTo(PartTask other) {
        return PRESSING.compare(this, other);
    }
}
