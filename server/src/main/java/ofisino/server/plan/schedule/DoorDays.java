package ofisino.server.plan.schedule;

import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import ofisino.core.kernel.Weekdays;
import ofisino.core.plan.calendar.OpenDays;
import ofisino.core.plan.calendar.TimeWindow;

/** On which days doors are open: the same list for all that ask on one day, so that what waits for a door is quickly compared. */
final class DoorDays {
    private final Map<Door, List<TimeWindow>> known = new ConcurrentHashMap<>();

    private record Door(Weekdays days, LocalDate first, LocalDate last, ZoneId zone) {}

    List<TimeWindow> of(Weekdays days, LocalDate first, LocalDate last, ZoneId zone) {
        known.keySet().removeIf(d -> d.first().isBefore(first.minusDays(1)));
        return known.computeIfAbsent(
                new Door(days, first, last, zone), d -> OpenDays.between(d.days(), d.first(), d.last(), d.zone()));
    }
}
