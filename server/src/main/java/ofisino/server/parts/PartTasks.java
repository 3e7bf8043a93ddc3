package ofisino.server.parts;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import ofisino.core.kernel.Side;
import ofisino.core.parts.order.PartTask.TaskKind;
import ofisino.server.identity.Caller;
import org.jspecify.annotations.Nullable;

/** The door to what is to be done about parts. */
public interface PartTasks {
    PartsNow of(Caller caller, UUID projectId);

    /**
     * @param tasks  the most pressing first
     * @param onHold parts for which something is still to be known; they are ordered then
     */
    record PartsNow(List<Task> tasks, int onHold) {
        public PartsNow {
            tasks = List.copyOf(tasks);
        }

        /** What is to be ordered. */
        public List<Task> orders() {
            return tasks.stream().filter(t -> t.kind() == TaskKind.ORDER).toList();
        }
    }

    /**
     * @param lineId      of the order on which it came, for what came
     * @param by          the last day for it; of what is late the day on which it was to come; absent where there is none
     * @param supplier    from whom it came or is to come
     * @param estimateMinor of what is to be ordered
     * @param holdsItsJob each day that it is not there makes its job a day later
     */
    record Task(
            TaskKind kind,
            UUID needId,
            @Nullable UUID lineId,
            String title,
            Side side,
            @Nullable LocalDate by,
            @Nullable String supplier,
            long estimateMinor,
            boolean holdsItsJob) {}
}
