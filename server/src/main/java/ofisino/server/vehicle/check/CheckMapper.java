package ofisino.server.vehicle.check;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import ofisino.core.vehicle.check.Answer;
import org.apache.ibatis.annotations.Mapper;

@Mapper
interface CheckMapper {
    /** The last answer to each check at each place. */
    List<AnswerRow> lastOf(UUID garageId, UUID projectId);

    void insert(UUID garageId, UUID projectId, UUID accountId, UUID id, Answer answer);

    /** @param lookedBy who gave the answer */
    record AnswerRow(String lookedBy, Instant answeredAt, Answer answer) {}
}
