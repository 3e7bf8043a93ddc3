package ofisino.server.identity.garage;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import ofisino.server.identity.Role;
import org.apache.ibatis.annotations.Mapper;
import org.jspecify.annotations.Nullable;

@Mapper
interface GarageMapper {
    void insert(GarageRow garage);

    Optional<GarageRow> find(UUID garageId);

    int update(GarageRow garage);

    long takeLabel(UUID garageId);

    List<MemberRow> members(UUID garageId);

    /** Also of who left. */
    Optional<String> nameOf(UUID garageId, UUID accountId);

    /** What its owner says of a garage, and may say anew. */
    record GarageSettings(
            String name,
            String zone,
            String locale,
            @Nullable Long workshopHourMinor,
            @Nullable Long commonMonthlyMinor) {}

    record GarageRow(
            UUID id,
            String baseCurrency,
            long version,
            @JsonUnwrapped GarageSettings settings) {}

    record MemberRow(UUID accountId, String displayName, Role role) {}
}
