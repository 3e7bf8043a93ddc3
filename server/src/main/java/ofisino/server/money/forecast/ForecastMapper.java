package ofisino.server.money.forecast;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import ofisino.core.money.forecast.RunningCost;
import org.apache.ibatis.annotations.Mapper;
import org.jspecify.annotations.Nullable;

@Mapper
interface ForecastMapper {
    List<AllowanceRow> allowances(UUID garageId, UUID projectId);

    void putAllowance(UUID garageId, UUID projectId, AllowanceRow allowance);

    int deleteAllowance(UUID garageId, UUID projectId, String what);

    List<RunningRow> running(UUID garageId, UUID projectId);

    Optional<UUID> projectOf(UUID garageId, UUID id);

    void insertRunning(UUID garageId, UUID projectId, RunningRow cost);

    int deleteRunning(UUID garageId, UUID id);

    record AllowanceRow(UUID id, String what, long minor) {}

    record RunningRow(
            UUID id,
            String name,
            long perMonthMinor,
            LocalDate fromOn,
            @Nullable LocalDate untilOn) {
        RunningCost toCore() {
            return new RunningCost(name, perMonthMinor, fromOn, Optional.ofNullable(untilOn));
        }
    }
}
