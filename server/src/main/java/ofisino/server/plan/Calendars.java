package ofisino.server.plan;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import ofisino.core.plan.calendar.SetUp;
import ofisino.core.plan.calendar.TimeWindow;
import ofisino.server.identity.Caller;

/** The door to when people have time. */
public interface Calendars {
    /**
     * When people are in the garage, by account; people without any time are left out.
     *
     * @param first and @param last days in the garage's zone, both inclusive
     */
    Map<UUID, List<TimeWindow>> everybody(Caller caller, LocalDate first, LocalDate last);

    /** What is left of such times without what each person needs to set up and clear away. */
    Map<UUID, List<TimeWindow>> timeToWork(Caller caller, Map<UUID, List<TimeWindow>> sessions);

    /** What the asking person needs in each session. */
    SetUp setUp(Caller caller);

    /** The asking person comes so many sessions a week more, or fewer. */
    void comeMore(Caller caller, int sessions);

    /** Of everybody together, in a usual week. */
    int minutesPerWeek(Caller caller);
}
