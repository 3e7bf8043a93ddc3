package ofisino.server.money.otherway;

import java.util.List;
import java.util.UUID;
import ofisino.core.kernel.Aim;
import ofisino.core.parts.sourcing.SupplyKind;
import org.apache.ibatis.annotations.Mapper;
import org.jspecify.annotations.Nullable;

@Mapper
interface OtherWayMapper {
    /** In the order in which they were thought of. */
    List<WayRow> of(UUID garageId, UUID projectId);

    List<GivenAwayRow> givenAway(UUID garageId, UUID projectId);

    void insert(UUID garageId, UUID projectId, WayRow way);

    void insertGivenAway(UUID garageId, GivenAwayRow job);

    int delete(UUID garageId, UUID projectId, UUID id);

    record WayRow(
            UUID id,
            String name,
            @Nullable Aim standard,
            int sessionsMore,
            @Nullable SupplyKind boughtAs) {}

    /** @param costMinor in the base currency */
    record GivenAwayRow(UUID wayId, UUID jobId, int days, long costMinor) {}
}
