package ofisino.server.plan.premises;

import java.util.List;
import java.util.UUID;
import ofisino.core.plan.premises.Heating;
import org.apache.ibatis.annotations.Mapper;
import org.jspecify.annotations.Nullable;

@Mapper
interface PremisesMapper {
    List<PremisesRow> all(UUID garageId);

    void put(UUID garageId, PremisesRow row);

    /** @param nights degrees by month; empty for what is usual */
    record PremisesRow(
            @Nullable UUID placeId,
            Heating heating,
            List<String> nights,
            @Nullable Integer noiseFrom,
            @Nullable Integer noiseTo,
            @Nullable Integer shelf) {}
}
