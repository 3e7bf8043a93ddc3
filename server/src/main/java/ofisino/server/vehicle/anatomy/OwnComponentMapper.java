package ofisino.server.vehicle.anatomy;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import ofisino.core.kernel.VehicleSystem;
import ofisino.core.vehicle.anatomy.OwnComponent;
import org.apache.ibatis.annotations.Mapper;
import org.jspecify.annotations.Nullable;

@Mapper
interface OwnComponentMapper {
    List<OwnComponentRow> of(UUID garageId, UUID projectId);

    Optional<OwnComponentRow> find(UUID garageId, UUID id);

    void insert(UUID garageId, OwnComponentRow row);

    int update(UUID garageId, OwnComponentRow row);

    void delete(UUID garageId, UUID id);

    int findingsOf(UUID garageId, UUID projectId, String component);

    /** @param place @param system @param nature only of a part that the files do not know */
    record OwnComponentFields(
            String component,
            @Nullable String name,
            boolean absent,
            @Nullable String notOriginal,
            @Nullable String place,
            @Nullable VehicleSystem system,
            @Nullable String nature) {
        /** @throws ofisino.core.kernel.InvalidValue when it makes no sense */
        OwnComponent toCore() {
            boolean whole = place != null && system != null && nature != null;
            return new OwnComponent(
                    component,
                    Optional.ofNullable(name),
                    absent,
                    notOriginal == null ? "" : notOriginal,
                    whole ? Optional.of(new OwnComponent.Added(place, system, nature)) : Optional.empty());
        }
    }

    record OwnComponentRow(
            UUID id,
            UUID projectId,
            long version,
            @JsonUnwrapped OwnComponentFields said) {
        OwnComponent toCore() {
            return said.toCore();
        }
    }
}
