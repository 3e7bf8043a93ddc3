package ofisino.server.parts.need;

import java.time.LocalDate;
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

    void insert(UUID garageId, Need need);

    int update(UUID garageId, Need need);

    /** Marks it on the order with which it came last. */
    void sentBack(UUID garageId, UUID needId, LocalDate on);

    void reassign(UUID garageId, UUID fromJobId, UUID toJobId);
}
