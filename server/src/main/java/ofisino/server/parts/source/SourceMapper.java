package ofisino.server.parts.source;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import ofisino.core.parts.sourcing.Supply;
import ofisino.server.parts.Sources.Holds;
import org.apache.ibatis.annotations.Mapper;
import org.jspecify.annotations.Nullable;

@Mapper
interface SourceMapper {
    List<SourceRow> of(UUID garageId, UUID projectId);

    Optional<SourceRow> find(UUID garageId, UUID id);

    List<HoldsRow> holds(UUID garageId, UUID projectId);

    void insert(UUID garageId, SourceRow source);

    int update(UUID garageId, SourceRow source);

    int delete(UUID garageId, UUID id);

    void insertHolds(UUID garageId, UUID sourceId, Holds holds);

    void deleteHolds(UUID garageId, UUID sourceId);

    record SourceRow(
            UUID id,
            UUID projectId,
            @Nullable UUID supplierId,
            @Nullable String article,
            long version,
            Supply said) {}

    record HoldsRow(UUID sourceId, Holds holds) {}
}
