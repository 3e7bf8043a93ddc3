package ofisino.server.money.budget;

import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Mapper;

@Mapper
interface BudgetMapper {
    List<GroupBudgetRow> of(UUID garageId, UUID projectId);

    void put(UUID garageId, UUID projectId, GroupBudgetRow row);

    int delete(UUID garageId, UUID projectId, String grp);

    /** @param grp a system of the vehicle, or what else money is spent on */
    record GroupBudgetRow(UUID id, String grp, long minor) {}
}
