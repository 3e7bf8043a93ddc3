package ofisino.server.logbook.worksession;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.apache.ibatis.annotations.Mapper;
import org.jspecify.annotations.Nullable;

@Mapper
interface WorkSessionMapper {
    List<WorkSessionRow> of(UUID garageId, UUID projectId);

    /** Of all vehicles of the garage. */
    List<DayRow> days(UUID garageId, LocalDate first);

    Optional<WorkSessionRow> find(UUID garageId, UUID id);

    void insert(UUID garageId, WorkSessionRow workSession);

    int update(UUID garageId, WorkSessionRow workSession);

    /** @return 0 where the person left no such note */
    int tickNote(UUID garageId, UUID id, UUID accountId, boolean done);

    List<WorkRow> work(UUID garageId, UUID projectId);

    void insertWork(UUID garageId, UUID workSessionId, UUID jobId, int minutes);

    void insertAccess(UUID garageId, UUID workSessionId, String access, int minutes);

    void clearAccess(UUID garageId, UUID workSessionId);

    void clearWork(UUID garageId, UUID workSessionId);

    record WorkSessionRow(
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

    record DayRow(UUID accountId, LocalDate workedOn) {}

    /** On a job, or on an access that was opened or closed; then {@code title} is empty here. */
    record WorkRow(
            UUID workSessionId,
            @Nullable UUID jobId,
            @Nullable String access,
            String code,
            String title,
            int minutes) {
        WorkRow called(String name) {
            return new WorkRow(workSessionId, jobId, access, code, name, minutes);
        }
    }
}
