package ofisino.server.plan.made;

import java.util.List;
import java.util.UUID;
import ofisino.core.plan.job.MadePart;
import org.apache.ibatis.annotations.Mapper;

@Mapper
interface MadeMapper {
    List<MadeRow> of(UUID garageId, UUID projectId);

    /** @return 0 where something is said already */
    int insert(UUID garageId, MadeRow row);

    int update(UUID garageId, MadeRow row);

    /** Where the other job says nothing, this is its now. */
    void move(UUID garageId, UUID from, UUID to);

    record MadeRow(UUID jobId, String number, String material, String sizes, int pieces, long version) {
        static MadeRow of(UUID jobId, MadePart part, long version) {
            return new MadeRow(jobId, part.number(), part.material(), part.sizes(), part.pieces(), version);
        }

        MadePart toCore() {
            return new MadePart(number, material, sizes, pieces);
        }
    }
}
