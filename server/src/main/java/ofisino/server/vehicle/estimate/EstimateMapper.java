package ofisino.server.vehicle.estimate;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.UUID;
import ofisino.core.kernel.CostRange;
import ofisino.core.kernel.Effort;
import ofisino.core.vehicle.corrosion.Blistering;
import ofisino.core.vehicle.corrosion.Corrosion;
import ofisino.core.vehicle.corrosion.RustGrade;
import ofisino.core.vehicle.estimate.Payer;
import org.apache.ibatis.annotations.Mapper;
import org.jspecify.annotations.Nullable;

@Mapper
interface EstimateMapper {
    List<EstimateRow> of(UUID garageId, UUID projectId);

    Optional<EstimateRow> find(UUID garageId, UUID id);

    void insert(UUID garageId, EstimateRow row);

    int update(UUID garageId, EstimateRow row);

    /** What a person said of one finding; the id is the finding's. */
    record EstimateRow(
            UUID id,
            @Nullable Integer optimisticMinutes,
            @Nullable Integer likelyMinutes,
            @Nullable Integer pessimisticMinutes,
            @Nullable Long optimisticMinor,
            @Nullable Long likelyMinor,
            @Nullable Long pessimisticMinor,
            @Nullable RustGrade rustGrade,
            @Nullable Integer blisterQuantity,
            @Nullable Integer blisterSize,
            @Nullable Integer lengthMillimetres,
            @Nullable Integer widthMillimetres,
            boolean perforated,
            @Nullable Integer mountingMillimetres,
            @Nullable Payer payer,
            String payerNote,
            long version) {
        Optional<Effort> effort() {
            return optimisticMinutes == null
                    ? Optional.empty()
                    : Optional.of(new Effort(optimisticMinutes, likelyMinutes, pessimisticMinutes));
        }

        Optional<CostRange> cost() {
            return optimisticMinor == null
                    ? Optional.empty()
                    : Optional.of(new CostRange(optimisticMinor, likelyMinor, pessimisticMinor));
        }

        Optional<Corrosion> corrosion() {
            if (rustGrade == null) return Optional.empty();
            return Optional.of(new Corrosion(
                    rustGrade,
                    blisterQuantity == null
                            ? Optional.empty()
                            : Optional.of(new Blistering(blisterQuantity, blisterSize)),
                    lengthMillimetres,
                    widthMillimetres,
                    perforated,
                    mountingMillimetres == null ? OptionalInt.empty() : OptionalInt.of(mountingMillimetres)));
        }
    }
}
