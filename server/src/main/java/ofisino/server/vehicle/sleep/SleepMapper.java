package ofisino.server.vehicle.sleep;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import ofisino.core.vehicle.sleep.Evidence;
import org.apache.ibatis.annotations.Mapper;
import org.jspecify.annotations.Nullable;

@Mapper
interface SleepMapper {
    List<EvidenceRow> of(UUID garageId, UUID projectId);

    void insert(UUID garageId, UUID projectId, EvidenceRow evidence);

    record EvidenceRow(
            UUID id, Evidence.Kind kind, @Nullable LocalDate usedOn, String note) {
        Evidence toCore() {
            return new Evidence(kind, Optional.ofNullable(usedOn));
        }
    }
}
