package ofisino.server.plan.calendar;

import java.time.DayOfWeek;
import java.util.List;
import ofisino.core.plan.calendar.WeekCalendar;
import ofisino.core.plan.calendar.WeekWindow;
import ofisino.server.identity.Caller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/calendar")
class CalendarController {
    private final CalendarService service;

    CalendarController(CalendarService service) {
        this.service = service;
    }

    record WindowFields(DayOfWeek day, int fromMinute, int toMinute) {}

    record CalendarBody(List<WindowFields> windows) {}

    @GetMapping
    CalendarBody mine(Caller caller) {
        return response(service.mine(caller));
    }

    @PutMapping
    CalendarBody change(Caller caller, @RequestBody CalendarBody body) {
        return response(service.change(
                caller,
                body.windows().stream()
                        .map(w -> new WeekWindow(w.day(), w.fromMinute(), w.toMinute()))
                        .toList()));
    }

    private static CalendarBody response(WeekCalendar calendar) {
        return new CalendarBody(calendar.windows().stream()
                .map(w -> new WindowFields(w.day(), w.fromMinute(), w.toMinute()))
                .toList());
    }
}
