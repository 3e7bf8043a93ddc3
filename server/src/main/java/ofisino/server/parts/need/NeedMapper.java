package ofisino.server.parts.need;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import ofisino.server.parts.Needs.Need;
import org.apache.ibatis.annotations.Mapper;

@Mapper
interface NeedMapper {
    List<Need> of(UUID garageId, UUID projectId);

    List<Need> ofJob(UUID garageId, UUID jobId);

    Optional<Need> find(UUID garageId, UUID id);

    /** The conversion that nobody has decided and that keeps it on hold. */
    Optional<String> undecided(UUID garageId, UUID needId);

    void insert(UUID garageId, Need need);

    int update(UUID garageId, Need need);

    /** What was needed at first, after its pieces changed. @param rootId of the need that the others were split from */
    void keepWanted(UUID garageId, UUID rootId);

    void splitOff(UUID garageId, UUID fromId, UUID newId, int pieces, long estimateMinor);

    int takeOff(UUID garageId, UUID fromId, int pieces, long estimateMinor, long version);

    void reassign(UUID garageId, UUID fromJobId, UUID toJobId);
}
