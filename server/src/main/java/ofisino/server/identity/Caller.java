package ofisino.server.identity;

import java.util.UUID;
import ofisino.core.kernel.Forbidden;

/** Who is asking, in which garage. Every service takes one; every query is limited to its garage. */
public record Caller(UUID accountId, UUID garageId, Role role) {
    public boolean seesMoney() {
        return role == Role.OWNER;
    }

    /** @throws Forbidden for a lesser role */
    public void must(Role needed) {
        if (role.includes(needed)) return;
        if (needed == Role.OWNER)
            throw Forbidden.of("role.owner", "Only an owner of the garage can do this.", "Ask the owner.");
        throw Forbidden.of(
                "role.viewer",
                "You may look round this garage but not change anything.",
                "Ask the owner to make you a helper.");
    }
}
