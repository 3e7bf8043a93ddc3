package ofisino.core.plan;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;
import ofisino.core.kernel.Aim;
import ofisino.core.plan.calendar.TimeWindow;
import ofisino.core.plan.problem.Activity;
import ofisino.core.plan.problem.ActivityId;

/** Activities of problems that are stated by hand. */
public final class Activities {
    private Activities() {}

    /** To open an access or to close it, with nothing out of the ordinary. */
    public static Activity ofAccess(String id, Activity.ActivityKind kind, Aim aim, int slots, Activity.Crew crew) {
        return new Activity(
                new ActivityId(id),
                kind,
                aim,
                slots,
                crew,
                Activity.Timing.FREE,
                Activity.Demand.NONE,
                List.of(),
                Set.of(),
                false);
    }

    /** Sessions from nine o'clock on, each so many days after the one before. @param first its midnight */
    public static List<TimeWindow> sessions(Instant first, int everyDays, int times, int hours) {
        return IntStream.range(0, times)
                .mapToObj(n -> first.plus(Duration.ofDays((long) everyDays * n)).plus(Duration.ofHours(9)))
                .map(from -> new TimeWindow(from, from.plus(Duration.ofHours(hours))))
                .toList();
    }
}
