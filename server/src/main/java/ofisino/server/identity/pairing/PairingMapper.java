package ofisino.server.identity.pairing;

import java.util.Optional;
import java.util.UUID;
import org.apache.ibatis.annotations.Mapper;

@Mapper
interface PairingMapper {
    void insert(byte[] tokenHash, UUID garageId, UUID accountId, int minutes);

    /** Uses the token up and answers whose it was; empty when it is unknown, used or too old. */
    Optional<UUID> redeem(byte[] tokenHash);
}
