package ofisino.server.identity;

import java.time.Instant;
import java.util.List;
import java.util.UUID;

/** The door to links for people without an account: each shows one thing, runs out, and can be withdrawn. */
public interface Links {
    /** @return the address to hand on; it is shown once and cannot be read again */
    String make(Caller caller, UUID id, UUID subjectId, int days);

    List<Link> of(Caller caller, UUID subjectId);

    void revoke(Caller caller, UUID id);

    /**
     * @param token what stands behind the hash sign of the address
     * @throws ofisino.core.kernel.Forbidden when there is no such link, or no longer
     */
    Visit require(String token);

    record Link(UUID id, Instant expiresAt, boolean open) {}

    /** Somebody who came by a link. Reads as a viewer of the garage; what may be shown is up to the page. */
    record Visit(UUID linkId, UUID subjectId, Caller caller) {}
}
