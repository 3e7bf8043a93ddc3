package ofisino.server.plan;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import ofisino.core.plan.access.CarState;
import ofisino.server.identity.Caller;

/** The door to accesses: what is open, what has to be opened, and for which jobs. */
public interface CarAccess {
    /** Stays that are not closed again. */
    List<Unclosed> stripDowns(Caller caller, UUID projectId);

    /** What is open, and circuits that were closed with their old filling and are to be opened again. */
    List<Opened> opened(Caller caller, UUID projectId);

    /** @param excludes states that the vehicle is not in meanwhile */
    record Opened(UUID id, String name, Set<CarState> excludes, boolean forNow) {
        public Opened {
            excludes = Set.copyOf(excludes);
        }
    }

    /** Names of places in the structure that may not bear it, while nobody named the sound points that it stands on; empty where nothing is weak. */
    List<String> unsupported(Caller caller, UUID projectId);

    /** When an engine, gearbox or axle last came out: whatever stood safely before stands otherwise since. */
    Optional<Instant> weightMovedAt(Caller caller, UUID projectId);

    /** A job is done while accesses are open for others. @param others by access, one job for which it is opened */
    void joinStripDowns(Caller caller, UUID jobId, Map<String, UUID> others);

    /** @throws ofisino.core.kernel.InvalidValue when the vehicle has no such access */
    String nameOf(Caller caller, UUID projectId, String access);

    /**
     * @param stripName the work of opening it
     * @param refitName the work of closing it
     * @param people   at once
     * @param open     somebody opened it already
     * @param inside   strip-downs of what it needs
     * @param excludes states that the vehicle is not in meanwhile
     * @param apart    a person wants it by itself
     * @param raised   the vehicle stands on stands meanwhile
     */
    record Unclosed(
            UUID id,
            String access,
            String name,
            String stripName,
            String refitName,
            int stripMinutes,
            int refitMinutes,
            int people,
            boolean open,
            Set<UUID> jobs,
            Set<UUID> inside,
            Set<CarState> excludes,
            boolean raised,
            boolean apart) {
        public Unclosed {
            excludes = Set.copyOf(excludes);
            jobs = Set.copyOf(jobs);
            inside = Set.copyOf(inside);
        }
    }
}
