package ofisino.server.logbook.worksession;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.apache.ibatis.annotations.Mapper;

@Mapper
interface WorkSessionBegunMapper {
    Optional<BegunRow> find(UUID garageId, UUID accountId);

    void insert(UUID garageId, UUID accountId, BegunRow row);

    void delete(UUID garageId, UUID accountId);

    void deleteOf(UUID garageId, UUID accountId, UUID projectId);

    /** @param onWhat what it is for, in order, as {@link WorkSessionBegunService.What} writes it */
    record BegunRow(UUID id, UUID projectId, Instant begunAt, List<String> onWhat) {}
}
