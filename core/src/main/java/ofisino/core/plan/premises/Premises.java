package ofisino.core.plan.premises;

import java.time.Duration;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import ofisino.core.plan.calendar.OpenDays;
import ofisino.core.plan.calendar.TimeWindow;

/**
 * What a place allows: the garage itself, a bay, a bench at a friend's.
 *
 * @param nights how cold it gets where it is not heated
 * @param noise  empty where noise disturbs nobody, or nobody said so
 */
public record Premises(Heating heating, Nights nights, Optional<NoiseHours> noise) {
    private static final long MINUTES_OF_A_DAY = 1440;

    /** Nobody said anything of it. */
    public static Premises unsaid(Nights usual) {
        return new Premises(Heating.NOT_SAID, usual, Optional.empty());
    }

    /**
     * When something may be put on that asks for warmth until it has cured, nights too; empty where that is always.
     *
     * @param celsius what it asks for at least
     * @param cure    from its last work until it has cured
     */
    public Optional<List<TimeWindow>> warmFor(
            int celsius, Duration cure, LocalDate first, LocalDate last, ZoneId zone) {
        if (heating != Heating.COLD || nights.celsius().stream().allMatch(c -> c >= celsius)) return Optional.empty();
        long daysAfter = (cure.toMinutes() + MINUTES_OF_A_DAY - 1) / MINUTES_OF_A_DAY;
        return Optional.of(OpenDays.of(
                day -> day.datesUntil(day.plusDays(daysAfter + 1)).allMatch(d -> nights.on(d) >= celsius),
                first,
                last,
                zone));
    }

    /** When it may be loud; empty where that is always. Both days included. */
    public Optional<List<TimeWindow>> loud(LocalDate first, LocalDate last, ZoneId zone) {
        return noise.map(n -> n.between(first, last, zone));
    }
}
