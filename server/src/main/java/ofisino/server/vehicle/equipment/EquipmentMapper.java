package ofisino.server.vehicle.equipment;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import ofisino.core.vehicle.equipment.HowKnown;
import org.apache.ibatis.annotations.Mapper;
import org.jspecify.annotations.Nullable;

@Mapper
interface EquipmentMapper {
    /** The oldest first. */
    List<FactRow> of(UUID garageId, UUID projectId);

    void insert(UUID garageId, UUID projectId, UUID accountId, FactRow fact);

    /** @param since day of the conversion; absent where it was always so @param saidBy name of the person; absent in what is to be kept */
    record FactRow(
            UUID id,
            String item,
            String value,
            HowKnown how,
            @Nullable LocalDate since,
            @Nullable String saidBy,
            Instant saidAt) {}
}
