package ofisino.server.logbook.label;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Mapper;

@Mapper
interface LabelMapper {
    List<LabelRow> of(UUID garageId, UUID projectId);

    void insert(UUID garageId, UUID projectId, LabelRow label);

    /** What the label is stuck on. */
    enum LabelKind {
        PLUG,
        BAG,
        PIECE
    }

    record LabelRow(UUID id, LabelKind kind, String code, String words, Instant madeAt) {}
}
