package ofisino.server.logbook.progress;

import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;
import org.apache.ibatis.annotations.Mapper;

@Mapper
interface ProgressMapper {
    /** Empty while nobody has worked on it. */
    Optional<Worked> worked(UUID garageId, UUID projectId);

    record Worked(LocalDate firstOn, LocalDate lastOn, long minutes) {}
}
