package ofisino.server.history.writes;

import java.util.Optional;
import java.util.UUID;
import ofisino.server.identity.Role;
import org.apache.ibatis.annotations.Mapper;
import org.jspecify.annotations.Nullable;

@Mapper
interface WriteMapper {
    /** Lets the writes of one garage pass one after the other, until the end of the transaction. */
    void queue(UUID garageId);

    Optional<ReceiptRow> find(UUID garageId, UUID writeId);

    void insert(UUID garageId, UUID writeId, UUID accountId, String request, byte[] bodyHash, Role needsRole);

    void answer(UUID garageId, UUID writeId, int status, @Nullable String contentType, byte[] answer);

    /** In all garages. */
    int forgetOlderThan(int days);

    /** Tells the history triggers who writes under which id. */
    void sign(UUID writeId, UUID accountId);

    record ReceiptRow(
            UUID accountId,
            String request,
            byte[] bodyHash,
            int status,
            @Nullable String contentType,
            byte[] answer) {}
}
