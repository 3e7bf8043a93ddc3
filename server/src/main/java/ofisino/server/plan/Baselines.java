package ofisino.server.plan;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import ofisino.server.identity.Caller;

/** The door to the plan that a project is held against, as it was on the day on which somebody kept it. */
public interface Baselines {
    /** Empty where none was kept, or one without dates. */
    Optional<Baseline> of(Caller caller, UUID projectId);

    /** @param due the jobs that had a date */
    record Baseline(LocalDate setOn, List<Due> due) {
        public Baseline {
            due = List.copyOf(due);
        }
    }

    /** @param minutes that were thought for it @param on the day on which it was to be finished */
    record Due(UUID jobId, int minutes, LocalDate on) {}
}
