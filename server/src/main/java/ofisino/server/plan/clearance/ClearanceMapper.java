package ofisino.server.plan.clearance;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.UUID;
import ofisino.core.plan.clearance.Envelope;
import ofisino.core.plan.clearance.Passage;
import org.apache.ibatis.annotations.Mapper;
import org.jspecify.annotations.Nullable;

@Mapper
interface ClearanceMapper {
    List<PassageRow> passages(UUID garageId);

    void insertPassage(UUID garageId, PassageRow passage);

    int updatePassage(UUID garageId, PassageRow passage);

    int deletePassage(UUID garageId, UUID id);

    Optional<SizeRow> size(UUID garageId, UUID projectId);

    void deleteSize(UUID garageId, UUID projectId);

    void insertSize(UUID garageId, UUID projectId, SizeRow size);

    List<SizeChangeRow> changes(UUID garageId, UUID projectId);

    void deleteChange(UUID garageId, UUID jobId);

    void insertChange(UUID garageId, SizeChangeRow change);

    /** @param lengthMm absent where length is no matter */
    record PassageRow(
            UUID id,
            String name,
            int heightMm,
            int widthMm,
            @Nullable Integer lengthMm,
            int marginMm) {
        Passage toCore() {
            return new Passage(
                    name,
                    heightMm,
                    widthMm,
                    lengthMm == null ? OptionalInt.empty() : OptionalInt.of(lengthMm),
                    marginMm);
        }
    }

    record SizeRow(int heightMm, int widthMm, int lengthMm) {
        Envelope toCore() {
            return new Envelope(heightMm, widthMm, lengthMm);
        }
    }

    /** What a job does to the size of the vehicle. */
    record SizeChangeRow(UUID jobId, int heightMm, int widthMm, int lengthMm) {
        Envelope.Change toCore() {
            return new Envelope.Change(jobId.toString(), heightMm, widthMm, lengthMm);
        }
    }
}
