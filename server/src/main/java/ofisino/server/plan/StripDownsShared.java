package ofisino.server.plan;

import java.util.Set;
import java.util.UUID;
import ofisino.server.identity.Caller;

/** A person wants those jobs to share one strip-down of an access. */
public record StripDownsShared(Caller caller, UUID projectId, String access, Set<UUID> jobs) {}
