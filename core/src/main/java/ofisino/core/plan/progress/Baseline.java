package ofisino.core.plan.progress;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;
import ofisino.core.plan.job.JobState;
import ofisino.core.plan.progress.PlannedValue.Point;

/**
 * The plan that a project is held against, as it was on the day on which somebody kept it.
 *
 * @param due jobs that had a date then
 */
public record Baseline<I>(LocalDate setOn, List<Due<I>> due) {
    /** @param minutes thought for it then @param on the day on which it was to be finished, not before the baseline's */
    public record Due<I>(I job, int minutes, LocalDate on) {}

    /**
     * Where one stands.
     *
     * @param planned minutes to be earned by now
     * @param earned  minutes that are
     * @param late    days ago that much was to be earned; below 0 where it is for later; 0 where all that was due is earned
     * @param overdue jobs that were to be finished by now, those due first before the others
     */
    public record Against<I>(double planned, double earned, double late, List<I> overdue) {}

    public Baseline {
        due = List.copyOf(due);
    }

    /**
     * What was dropped since counts nowhere, and work is earned when its job is done, at what was thought for it then.
     *
     * @param states of the jobs that there are now; one that is not named counts nowhere
     * @return empty on the day of the baseline itself, and where nothing of it is left
     */
    public Optional<Against<I>> on(LocalDate today, Map<I, JobState> states) {
        List<Due<I>> wanted = due.stream()
                .filter(d -> states.getOrDefault(d.job(), JobState.DROPPED) != JobState.DROPPED)
                .toList();
        if (wanted.isEmpty() || !today.isAfter(setOn)) return Optional.empty();
        Map<Boolean, List<Due<I>>> byDone = wanted.stream()
                .collect(Collectors.partitioningBy(d -> states.get(d.job()).isDone()));
        int earned = byDone.get(true).stream().mapToInt(Due::minutes).sum();
        PlannedValue planned = planned(wanted);
        return Optional.of(new Against<>(
                planned.dueBy(days(today)),
                earned,
                planned.late(days(today), earned),
                byDone.get(false).stream()
                        .filter(d -> !d.on().isAfter(today))
                        .sorted((a, b) -> a.on().compareTo(b.on()))
                        .map(Due::job)
                        .toList()));
    }

    private PlannedValue planned(List<Due<I>> wanted) {
        TreeMap<LocalDate, Integer> byDay =
                wanted.stream().collect(Collectors.toMap(Due::on, Due::minutes, Integer::sum, TreeMap::new));
        List<Point> points = new ArrayList<>();
        double sum = 0;
        for (var day : byDay.entrySet()) points.add(new Point(days(day.getKey()), sum += day.getValue()));
        return new PlannedValue(points);
    }

    private long days(LocalDate day) {
        return ChronoUnit.DAYS.between(setOn, day);
    }
}
