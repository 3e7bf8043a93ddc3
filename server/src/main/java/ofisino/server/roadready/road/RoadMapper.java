package ofisino.server.roadready.road;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import ofisino.core.kernel.VehicleSystem;
import ofisino.core.roadready.gate.Tightness;
import org.apache.ibatis.annotations.Mapper;
import org.jspecify.annotations.Nullable;

@Mapper
interface RoadMapper {
    /** In the order in which they were recorded. */
    List<ProofRow> proofs(UUID garageId, UUID projectId);

    Optional<ProofRow> findProof(UUID garageId, UUID id);

    void insertProof(UUID garageId, UUID projectId, UUID accountId, ProofRow proof);

    /** Of those that still stand. */
    int voidProof(UUID garageId, UUID id, String by);

    List<FastenerRow> fasteners(UUID garageId, UUID projectId);

    Optional<FastenerRow> findFastener(UUID garageId, UUID id);

    void insertFastener(UUID garageId, UUID projectId, UUID accountId, FastenerRow fastener);

    int updateFastener(UUID garageId, UUID accountId, FastenerRow fastener);

    /** What the job had tightened to a figure is finger-tight; the figure and its source stay known. */
    int loosen(UUID garageId, UUID jobId);

    int deleteFastener(UUID garageId, UUID id);

    /** What is said of a proof that was made. */
    record ProofFields(
            String proof,
            LocalDate doneOn,
            @Nullable Double value,
            @Nullable LocalDate validUntil,
            @Nullable String note) {
        public ProofFields {
            note = note == null ? "" : note;
        }
    }

    /** @param by who recorded it @param voidedBy the work that voided it, or that it was taken back; absent while it stands */
    record ProofRow(
            UUID id,
            UUID projectId,
            @Nullable String by,
            @Nullable String voidedBy,
            @JsonUnwrapped ProofFields said) {}

    /** What is said of a fastener on which lives hang. */
    record FastenerFields(
            @Nullable UUID jobId,
            String title,
            VehicleSystem system,
            Tightness tightness,
            @Nullable Double newtonMetres,
            @Nullable String source) {
        public FastenerFields {
            source = source == null ? "" : source;
        }
    }

    /** @param by who tightened it to its figure */
    record FastenerRow(
            UUID id,
            UUID projectId,
            @Nullable LocalDate tightenedOn,
            @Nullable String by,
            long version,
            @JsonUnwrapped FastenerFields said) {}
}
