package ofisino.server.identity.account;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import ofisino.server.identity.Role;
import org.apache.ibatis.annotations.Mapper;

@Mapper
interface AccountMapper {
    boolean isEmpty();

    Optional<AccountRow> bySignInName(String name);

    Optional<AccountRow> byId(UUID id);

    List<MembershipRow> memberships(UUID accountId);

    void insert(AccountRow account);

    void join(UUID garageId, UUID accountId, Role role);

    record AccountRow(UUID id, String signInName, String displayName, String passwordHash) {}

    record MembershipRow(UUID garageId, Role role) {}
}
