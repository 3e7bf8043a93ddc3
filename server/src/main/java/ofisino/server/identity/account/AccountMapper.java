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

    /** Lets somebody in, also one who left. */
    void join(UUID garageId, UUID accountId, Role role);

    List<MemberRow> members(UUID garageId);

    void setRole(UUID garageId, UUID accountId, Role role);

    /** The records stay; times in the garage, phones that were to be paired and links go. */
    void leave(UUID garageId, UUID accountId);

    void update(AccountRow account);

    void setPassword(UUID id, String passwordHash);

    Optional<UUID> deviceOwner(byte[] tokenHash);

    void insertDevice(byte[] tokenHash, UUID accountId);

    void forgetDevices(UUID accountId);

    record MemberRow(UUID accountId, String displayName, Role role) {}

    record AccountRow(UUID id, String signInName, String displayName, String passwordHash) {}

    record MembershipRow(UUID garageId, Role role) {}
}
