package ofisino.server.parts;

import java.util.Map;
import java.util.UUID;
import ofisino.core.parts.sourcing.PartSearch;
import ofisino.server.identity.Caller;

/** The door to parts that cannot be had. */
public interface PartSearches {
    /** By part. */
    Map<UUID, PartSearch> lookedFor(Caller caller, UUID projectId);
}
