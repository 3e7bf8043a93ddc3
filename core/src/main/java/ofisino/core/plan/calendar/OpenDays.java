package ofisino.core.plan.calendar;

import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.function.Predicate;
import ofisino.core.kernel.Weekdays;

/** Days as times: each from midnight to midnight in the garage's zone. */
public final class OpenDays {
    private OpenDays() {}

    /** Both days included. */
    public static List<TimeWindow> between(Weekdays weekdays, LocalDate first, LocalDate last, ZoneId zone) {
        return of(d -> weekdays.days().contains(d.getDayOfWeek()), first, last, zone);
    }

    /** Days of any kind, both ends included. */
    public static List<TimeWindow> of(Predicate<LocalDate> isOpen, LocalDate first, LocalDate last, ZoneId zone) {
        return List.copyOf(first.datesUntil(last.plusDays(1))
                .filter(isOpen)
                .map(d -> new TimeWindow(
                        d.atStartOfDay(zone).toInstant(),
                        d.plusDays(1).atStartOfDay(zone).toInstant()))
                .toList()); // one list for all who go by it: a copy of this one is itself
    }
}
