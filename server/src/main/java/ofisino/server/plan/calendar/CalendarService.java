package ofisino.server.plan.calendar;

import java.time.DayOfWeek;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import ofisino.core.plan.calendar.WeekCalendar;
import ofisino.core.plan.calendar.WeekWindow;
import ofisino.server.identity.Caller;
import ofisino.server.plan.Calendars;
import ofisino.server.plan.calendar.CalendarMapper.WindowRow;
import org.springframework.stereotype.Service;

/** When people have time in the garage. */
@Service
class CalendarService implements Calendars {
    private final CalendarMapper mapper;

    CalendarService(CalendarMapper mapper) {
        this.mapper = mapper;
    }

    WeekCalendar mine(Caller caller) {
        return everybody(caller).getOrDefault(caller.accountId(), new WeekCalendar(List.of()));
    }

    WeekCalendar change(Caller caller, List<WeekWindow> windows) {
        var calendar = new WeekCalendar(windows);
        mapper.clear(caller.garageId(), caller.accountId());
        for (WeekWindow w : calendar.windows())
            mapper.insert(caller.garageId(), caller.accountId(), w.day().getValue(), w.fromMinute(), w.toMinute());
        return calendar;
    }

    @Override
    public Map<UUID, WeekCalendar> everybody(Caller caller) {
        Map<UUID, List<WindowRow>> rows = mapper.all(caller.garageId()).stream()
                .collect(Collectors.groupingBy(WindowRow::accountId, LinkedHashMap::new, Collectors.toList()));
        Map<UUID, WeekCalendar> calendars = new LinkedHashMap<>();
        rows.forEach((account, list) -> calendars.put(
                account,
                new WeekCalendar(list.stream()
                        .map(w -> new WeekWindow(DayOfWeek.of(w.weekday()), w.fromMinute(), w.toMinute()))
                        .toList())));
        return calendars;
    }
}
