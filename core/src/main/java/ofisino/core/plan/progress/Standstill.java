package ofisino.core.plan.progress;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Collection;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeSet;

/**
 * A stretch of days without an evening, long enough to ask why.
 *
 * @param since the day of the last evening before it
 * @param until the day of the next evening, or today
 */
public record Standstill(LocalDate since, LocalDate until) {
    /** What stopped the work. */
    public enum Cause {
        PART_MISSING,
        SOMEBODY_ELSE,
        MONEY,
        ILLNESS,
        WEATHER,
        NO_ROOM,
        OTHER_PROJECT,
        HOUSE_AND_FAMILY,
        NO_WISH,
        OTHER
    }

    /** Whole days on which nothing was done. */
    public long days() {
        return ChronoUnit.DAYS.between(since, until);
    }

    /** Those of {@link Pace#DORMANT_DAYS} and more, the last one up to today. */
    public static List<Standstill> of(Collection<LocalDate> workSessions, LocalDate today) {
        TreeSet<LocalDate> days = new TreeSet<>(workSessions);
        if (days.isEmpty()) return List.of();
        days.add(today);
        List<Standstill> found = new ArrayList<>();
        LocalDate last = days.first();
        for (LocalDate day : days) {
            if (Pace.dormantDays(last, day).isPresent()) found.add(new Standstill(last, day));
            last = day;
        }
        return found;
    }

    /** @param cause empty while nobody said it */
    public record Explained(Standstill standstill, Optional<Cause> cause) {}

    /** Days lost by cause; those not explained are left out. */
    public static Map<Cause, Long> daysByCause(Collection<Explained> all) {
        Map<Cause, Long> sums = new EnumMap<>(Cause.class);
        for (Explained e : all)
            e.cause().ifPresent(c -> sums.merge(c, e.standstill().days(), Long::sum));
        return sums;
    }
}
