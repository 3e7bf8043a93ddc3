package ofisino.server.plan;

import java.util.Map;
import java.util.Set;
import java.util.UUID;
import ofisino.server.identity.Caller;

/** The door to work that opens and closes accesses itself: an exhaust that is renewed is off anyway. */
public interface SelfOpening {
    /** By piece of work the accesses that it opens with its first job and closes with its last. */
    Map<UUID, Set<String>> byPiece(Caller caller, UUID projectId);
}
