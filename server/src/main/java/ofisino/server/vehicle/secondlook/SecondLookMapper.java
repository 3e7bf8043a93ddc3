package ofisino.server.vehicle.secondlook;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Mapper;
import org.jspecify.annotations.Nullable;

@Mapper
interface SecondLookMapper {
    /** Of all findings of a project, the latest first. */
    List<LookRow> of(UUID garageId, UUID projectId);

    void insert(UUID garageId, LookRow look);

    enum Compared {
        SAME,
        WORSE,
        BETTER,
        GONE
    }

    /** @param firstPhoto taken at this look; absent when none was */
    record LookRow(
            UUID id,
            UUID findingId,
            LocalDate lookedOn,
            Compared compared,
            String note,
            @Nullable UUID firstPhoto) {}
}
