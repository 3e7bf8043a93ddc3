package ofisino.server.identity;

import java.util.UUID;
import ofisino.core.kernel.Forbidden;

/** Who is asking, in which garage. Every service takes one; every query is limited to its garage. */
public record Caller(UUID accountId, UUID garageId, Role role) {
    /** @throws Forbidden for anyone but an owner */
    public void mustOwn() {
        if (role != Role.OWNER)
            throw new Forbidden("role.owner", "Only an owner of the garage can do this. Ask the owner.");
    }

    /** @throws Forbidden for those who may only look */
    public void mustWork() {
        if (role == Role.VIEWER)
            throw new Forbidden(
                    "role.viewer",
                    "You may look round this garage but not change anything. Ask the owner to make you a helper.");
    }
}
