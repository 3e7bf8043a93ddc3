package ofisino.server.identity;

import java.util.UUID;

/** Lets an owner give somebody an account in the garage. */
public interface NewMember {
    void add(Caller owner, UUID accountId, String signInName, String displayName, String password, Role role);
}
