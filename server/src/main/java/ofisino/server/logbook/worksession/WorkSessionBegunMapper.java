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

    List<TickRow> ticks(UUID garageId, UUID accountId);

    void insertTick(UUID garageId, UUID accountId, UUID id, TickRow row);

    void deleteTick(UUID garageId, UUID accountId, String onWhat);

    /** A step that is ticked off. */
    record TickRow(String onWhat, Instant tickedAt) {}

    /** @param onWhat what it is for, in order, as {@link WorkSessionBegunService.What} writes it */
    record BegunRow(UUID id, UUID projectId, Instant begunAt, List<String> onWhat) {}
}
