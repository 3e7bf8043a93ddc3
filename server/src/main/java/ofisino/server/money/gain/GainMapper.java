package ofisino.server.money.gain;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import ofisino.server.money.gain.GainController.GainFields;
import ofisino.server.money.gain.GainController.MoreRuns;
import org.apache.ibatis.annotations.Mapper;

@Mapper
interface GainMapper {
    List<GainFields> of(UUID garageId, UUID projectId);

    void insert(UUID garageId, UUID projectId, GainFields row);

    /** The same, locked until the end of the write. */
    Optional<GainFields> lock(UUID garageId, UUID projectId, UUID id);

    void addRuns(UUID garageId, UUID id, MoreRuns more);

    int delete(UUID garageId, UUID projectId, UUID id);
}
