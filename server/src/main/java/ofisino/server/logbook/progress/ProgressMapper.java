package ofisino.server.logbook.progress;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import ofisino.core.plan.progress.Standstill.Cause;
import org.apache.ibatis.annotations.Mapper;

@Mapper
interface ProgressMapper {
    /** Empty while nobody has worked on it. */
    Optional<Worked> worked(UUID garageId, UUID projectId);

    List<LocalDate> days(UUID garageId, UUID projectId);

    List<StandstillRow> standstills(UUID garageId, UUID projectId);

    void putStandstill(UUID garageId, UUID projectId, StandstillRow row);

    record StandstillRow(LocalDate since, Cause cause) {}

    record Worked(LocalDate firstOn, LocalDate lastOn, long minutes) {}
}
