package ofisino.server.plan.calendar;

import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Mapper;

@Mapper
interface CalendarMapper {
    /** Of everybody in the garage. */
    List<WindowRow> all(UUID garageId);

    void clear(UUID garageId, UUID accountId);

    void insert(UUID garageId, UUID accountId, int weekday, int fromMinute, int toMinute);

    /** @param weekday 1 Monday to 7 Sunday (ISO 8601) */
    record WindowRow(UUID accountId, int weekday, int fromMinute, int toMinute) {}
}
