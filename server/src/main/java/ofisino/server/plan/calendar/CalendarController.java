package ofisino.server.plan.calendar;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import ofisino.core.plan.calendar.SetUp;
import ofisino.core.plan.calendar.WeekCalendar;
import ofisino.core.plan.calendar.WeekWindow;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Roles;
import ofisino.server.plan.calendar.CalendarMapper.ExceptionRow;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@Roles
@RequestMapping("/api/calendar")
record CalendarController(CalendarService service) {
    record WindowFields(DayOfWeek day, int fromMinute, int toMinute) {}

    /** @param setUpMinutes to set up and clear away in each session; left as it is when it is absent */
    record CalendarBody(
            List<WindowFields> windows, @Nullable Integer setUpMinutes) {}

    @GetMapping
    CalendarBody mine(Caller caller) {
        return response(caller, service.mine(caller));
    }

    @PutMapping
    CalendarBody change(Caller caller, @RequestBody CalendarBody body) {
        return response(
                caller,
                service.change(
                        caller,
                        body.windows().stream()
                                .map(w -> new WeekWindow(w.day(), w.fromMinute(), w.toMinute()))
                                .toList(),
                        Optional.ofNullable(body.setUpMinutes()).map(SetUp::new)));
    }

    /** @param until the last of several days that are alike; absent for one */
    record DayRequest(
            UUID id,
            LocalDate day,
            @Nullable LocalDate until,
            @Nullable Integer fromMinute,
            @Nullable Integer toMinute,
            @Nullable String note) {}

    /** Days off, and days with other times, from today on. */
    @GetMapping("/days")
    List<ExceptionRow> days(Caller caller) {
        return service.exceptions(caller);
    }

    @PostMapping("/days")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void except(Caller caller, @RequestBody DayRequest b) {
        LocalDate until = b.until() == null ? b.day() : b.until();
        service.except(caller, b.id(), b.day(), until, b.fromMinute(), b.toMinute(), b.note());
    }

    @DeleteMapping("/days/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void removeDay(Caller caller, @PathVariable UUID id) {
        service.removeException(caller, id);
    }

    private CalendarBody response(Caller caller, WeekCalendar calendar) {
        return new CalendarBody(
                calendar.windows().stream()
                        .map(w -> new WindowFields(w.day(), w.fromMinute(), w.toMinute()))
                        .toList(),
                service.setUp(caller).minutes());
    }
}
