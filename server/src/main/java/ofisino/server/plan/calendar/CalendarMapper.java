package ofisino.server.plan.calendar;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Mapper;
import org.jspecify.annotations.Nullable;

@Mapper
interface CalendarMapper {
    /** Of everybody in the garage. */
    List<WindowRow> all(UUID garageId);

    /** Of everybody in the garage, from a day on. */
    List<ExceptionRow> exceptions(UUID garageId, LocalDate from);

    void insertException(UUID garageId, ExceptionRow exception);

    int deleteException(UUID garageId, UUID accountId, UUID id);

    /** Of those who said what they need. */
    List<SetUpRow> setUps(UUID garageId);

    void putSetUp(UUID garageId, UUID accountId, int minutes);

    void clear(UUID garageId, UUID accountId);

    void insert(UUID garageId, UUID accountId, int weekday, int fromMinute, int toMinute);

    /** Without minutes it is a day off. */
    record ExceptionRow(
            UUID id,
            UUID accountId,
            LocalDate day,
            @Nullable Integer fromMinute,
            @Nullable Integer toMinute,
            String note) {}

    record SetUpRow(UUID accountId, int minutes) {}

    /** @param weekday 1 Monday to 7 Sunday (ISO 8601) */
    record WindowRow(UUID accountId, int weekday, int fromMinute, int toMinute) {}
}
