package ofisino.server.plan;

import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import ofisino.core.plan.job.JobNature;
import ofisino.core.plan.orderofwork.Phase;
import ofisino.server.identity.Caller;

/** The door to what the trade and a person say of the order of work. */
public interface OrderOfWork {
    /** Of the links between jobs, those where the one should begin soon after the other. */
    List<Soon> soon(Caller caller, UUID projectId);

    /** Orders that must hold by a rule of the trade, whether somebody took them into the plan or not; none that closes a circle. */
    default List<Binding> binding(Caller caller, UUID projectId) {
        return binding(caller, projectId, List.of());
    }

    /** The same if there were these jobs too. */
    List<Binding> binding(Caller caller, UUID projectId, List<ThoughtOf> more);

    /** A job that nobody planned yet, at no single place. */
    record ThoughtOf(UUID id, JobNature nature) {}

    /** By job, the phase of the restoration that it belongs to; of all jobs that are not dropped. */
    Map<UUID, Phase> phases(Caller caller, UUID projectId);

    record Binding(UUID before, UUID after) {}

    /** @param byRule a rule of the trade says so, not a person */
    record Soon(UUID before, UUID after, Duration within, boolean byRule) {}
}
