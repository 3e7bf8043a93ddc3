package ofisino.core.plan.calendar;

import java.time.DayOfWeek;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.zone.ZoneOffsetTransition;
import ofisino.core.kernel.InvalidValue;

/**
 * A regular time in the garage: a weekday with from and to, in minutes after midnight of the garage's own time zone.
 *
 * @param fromMinute 0 up to 1425, a multiple of 15
 * @param toMinute   after {@code fromMinute}, at most 1440 (midnight), a multiple of 15
 */
public record WeekWindow(DayOfWeek day, int fromMinute, int toMinute) {
    public WeekWindow {
        if (fromMinute % 15 != 0 || toMinute % 15 != 0)
            throw InvalidValue.at(
                    "windows",
                    "window.quarter",
                    "Times in the garage go by quarters of an hour, not %d to %d min.",
                    "Choose a quarter.",
                    fromMinute,
                    toMinute);
        if (fromMinute < 0 || toMinute > 1440 || fromMinute >= toMinute)
            throw InvalidValue.at(
                    "windows",
                    "window.order",
                    "This time ends before it begins.",
                    "Enter an end later on the same day.");
    }

    /**
     * The window on one day; where clocks change it begins and ends by the clock on the wall. A time that the clock skips is the instant at
     * which it does: a window that lies in the skipped hour is empty.
     */
    public TimeWindow on(LocalDate date, ZoneId zone) {
        return new TimeWindow(at(date, fromMinute, zone), at(date, toMinute, zone));
    }

    private static Instant at(LocalDate date, int minute, ZoneId zone) {
        LocalDateTime wall = date.plusDays(minute / 1440).atTime(minute / 60 % 24, minute % 60);
        ZoneOffsetTransition change = zone.getRules().getTransition(wall);
        return change != null && change.isGap()
                ? change.getInstant()
                : wall.atZone(zone).toInstant();
    }
}
