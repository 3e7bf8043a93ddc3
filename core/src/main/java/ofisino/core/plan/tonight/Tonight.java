package ofisino.core.plan.tonight;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import ofisino.core.plan.calendar.TimeWindow;
import ofisino.core.plan.problem.ActivityId;
import ofisino.core.plan.problem.Plan;

/**
 * The next stay in the garage: which of the planned jobs can really be done in it.
 *
 * @param day     the day of the stay in the garage's zone; today only if something is left of it
 * @param minutes what is left of the day's windows
 * @param jobs    in working order, each with the minutes planned for it on this day
 */
public record Tonight(LocalDate day, int minutes, List<Planned> jobs) {
    /** @param minutes of it tonight */
    public record Planned(ActivityId id, int minutes) {}

    public Tonight {
        jobs = List.copyOf(jobs);
    }

    /**
     * @param windows the person's windows from now on, in order
     * @param isWork  the activities that are jobs
     * @return empty where the person has no window ahead
     */
    public static Optional<Tonight> next(
            Plan plan, Set<ActivityId> isWork, List<TimeWindow> windows, Instant now, ZoneId zone) {
        Optional<LocalDate> day = windows.stream()
                .filter(w -> w.to().isAfter(now))
                .findFirst()
                .map(w -> dayOf(laterOf(w.from(), now), zone));
        return day.map(d -> {
            int minutes = windows.stream()
                    .filter(w -> w.to().isAfter(now) && dayOf(w.from(), zone).equals(d))
                    .mapToInt(w -> minutes(laterOf(w.from(), now), w.to()))
                    .sum();
            return new Tonight(d, minutes, jobsOn(plan, isWork, d, zone));
        });
    }

    private static List<Planned> jobsOn(Plan plan, Set<ActivityId> isWork, LocalDate day, ZoneId zone) {
        record At(Instant from, Planned planned) {}
        List<At> found = new ArrayList<>();
        for (Plan.Scheduled activity : plan.activities().values()) {
            if (!isWork.contains(activity.id())) continue;
            List<TimeWindow> stretches = activity.stretches().stream()
                    .filter(s -> dayOf(s.from(), zone).equals(day))
                    .toList();
            if (!stretches.isEmpty())
                found.add(new At(
                        stretches.get(0).from(),
                        new Planned(
                                activity.id(),
                                stretches.stream()
                                        .mapToInt(s -> minutes(s.from(), s.to()))
                                        .sum())));
        }
        return found.stream()
                .sorted(Comparator.comparing(At::from))
                .map(At::planned)
                .toList();
    }

    private static LocalDate dayOf(Instant instant, ZoneId zone) {
        return instant.atZone(zone).toLocalDate();
    }

    private static Instant laterOf(Instant one, Instant other) {
        return one.isAfter(other) ? one : other;
    }

    private static int minutes(Instant from, Instant to) {
        return (int) Duration.between(from, to).toMinutes();
    }
}
