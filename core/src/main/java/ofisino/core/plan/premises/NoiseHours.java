package ofisino.core.plan.premises;

import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import ofisino.core.plan.calendar.TimeWindow;
import ofisino.core.plan.calendar.WeekWindow;

/**
 * When a place allows noise, on every day alike.
 *
 * @param fromMinute and @param toMinute after midnight, multiples of 15, the second after the first and at most 1440
 */
public record NoiseHours(int fromMinute, int toMinute) {
    public NoiseHours {
        onMonday(fromMinute, toMinute);
    }

    private static WeekWindow onMonday(int from, int to) {
        return new WeekWindow(java.time.DayOfWeek.MONDAY, from, to);
    }

    /** A window a day, both days included. */
    List<TimeWindow> between(LocalDate first, LocalDate last, ZoneId zone) {
        WeekWindow hours = onMonday(fromMinute, toMinute);
        return first.datesUntil(last.plusDays(1)).map(d -> hours.on(d, zone)).toList();
    }
}
