package ofisino.server.plan.orderofwork;

import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Mapper;

@Mapper
interface OrderOfWorkMapper {
    List<WaiverRow> waivers(UUID garageId, UUID projectId);

    void insertWaiver(UUID garageId, WaiverRow waiver);

    int deleteWaiver(UUID garageId, WaiverRow waiver);

    /** @param beforeId the same as {@code afterId} where nothing is there to be done first */
    record WaiverRow(String rule, UUID beforeId, UUID afterId, String reason) {}
}
