package ofisino.server.plan;

import java.util.Map;
import java.util.UUID;
import ofisino.core.plan.calendar.WeekCalendar;
import ofisino.server.identity.Caller;

/** The door to when people have time. */
public interface Calendars {
    /** By account; people without any time are left out. */
    Map<UUID, WeekCalendar> everybody(Caller caller);
}
