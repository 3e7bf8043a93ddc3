package ofisino.server.logbook.evening;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.apache.ibatis.annotations.Mapper;

@Mapper
interface EveningMapper {
    List<EveningRow> of(UUID garageId, UUID projectId);

    Optional<EveningRow> find(UUID garageId, UUID id);

    void insert(UUID garageId, EveningRow evening);

    int update(UUID garageId, EveningRow evening);

    List<WorkRow> work(UUID garageId, UUID projectId);

    void insertWork(UUID garageId, UUID eveningId, UUID jobId, int minutes);

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
            long version) {}

    record WorkRow(UUID eveningId, UUID jobId, String code, String title, int minutes) {}
}
