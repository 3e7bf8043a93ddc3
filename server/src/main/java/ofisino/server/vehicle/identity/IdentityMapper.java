package ofisino.server.vehicle.identity;

import java.util.List;
import java.util.UUID;
import ofisino.core.vehicle.identity.Feature;
import ofisino.core.vehicle.identity.VariantPart;
import org.apache.ibatis.annotations.Mapper;
import org.jspecify.annotations.Nullable;

@Mapper
interface IdentityMapper {
    List<FeatureRow> features(UUID garageId, UUID projectId);

    void insertFeature(UUID garageId, UUID projectId, FeatureRow feature);

    int updateFeature(UUID garageId, UUID projectId, FeatureRow feature);

    List<VariantPartRow> parts(UUID garageId, UUID projectId);

    void insertPart(UUID garageId, UUID projectId, VariantPartRow part);

    int deletePart(UUID garageId, UUID projectId, UUID id);

    /** @param expected by the papers or the maker's list @param foundAt where on the vehicle it stands */
    record FeatureRow(
            Feature feature,
            String expected,
            String found,
            String foundAt,
            @Nullable Boolean agrees,
            long version) {
        Feature.Standing standing() {
            return feature.compare(expected, found, agrees);
        }
    }

    record VariantPartRow(UUID id, String name, String difference) {
        VariantPart toCore() {
            return new VariantPart(name, difference);
        }
    }
}
