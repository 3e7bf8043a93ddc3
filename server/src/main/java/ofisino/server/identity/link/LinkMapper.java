package ofisino.server.identity.link;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import ofisino.server.identity.Links;
import org.apache.ibatis.annotations.Mapper;

@Mapper
interface LinkMapper {
    void insert(UUID garageId, UUID id, UUID subjectId, byte[] tokenHash, UUID madeBy, Instant expiresAt);

    List<Links.Link> of(UUID garageId, UUID subjectId);

    int revoke(UUID garageId, UUID id);

    /** The open link with this token, in whatever garage. */
    Optional<LinkRow> byToken(byte[] tokenHash);

    record LinkRow(UUID id, UUID garageId, UUID subjectId, UUID madeBy) {}
}
