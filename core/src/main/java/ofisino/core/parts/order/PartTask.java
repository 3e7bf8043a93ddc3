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

    private static final Comparator<PartTask> PRESSING =
            Comparator.comparing((PartTask t) -> t.by().orElse(LocalDate.MAX)).thenComparing(PartTask::kind);

    @Override
    public int compareTo(PartTask other) {
        return PRESSING.compare(this, other);
    }
}
