package ofisino.server.logbook.evening;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.apache.ibatis.annotations.Mapper;
import org.jspecify.annotations.Nullable;

@Mapper
interface EveningMapper {
    List<EveningRow> of(UUID garageId, UUID projectId);

    Optional<EveningRow> find(UUID garageId, UUID id);

    void insert(UUID garageId, EveningRow evening);

    int update(UUID garageId, EveningRow evening);

    /** @return 0 where the person left no such note */
    int tickNote(UUID garageId, UUID id, UUID accountId, boolean done);

    List<WorkRow> work(UUID garageId, UUID projectId);

    void insertWork(UUID garageId, UUID eveningId, UUID jobId, int minutes);

    void insertWayIn(UUID garageId, UUID eveningId, String wayIn, int minutes);

    void clearWaysIn(UUID garageId, UUID eveningId);

    void clearWork(UUID garageId, UUID eveningId);

    record EveningRow(
            UUID id,
            UUID projectId,
            UUID accountId,
            String person,
            LocalDate workedOn,
            String done,
            String learned,
            String noteToSelf,
            @Nullable Instant noteDoneAt,
            long version) {}

    /** On a job, or on a way in that was opened or closed; then {@code title} is empty here. */
    record WorkRow(
            UUID eveningId, @Nullable UUID jobId, @Nullable String wayIn, String code, String title, int minutes) {
        WorkRow called(String name) {
            return new WorkRow(eveningId, jobId, wayIn, code, name, minutes);
        }
    }
}
