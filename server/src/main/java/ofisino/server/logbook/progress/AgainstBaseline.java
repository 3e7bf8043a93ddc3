package ofisino.server.logbook.progress;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.UUID;
import java.util.stream.Collectors;
import ofisino.core.plan.progress.PlannedValue;
import ofisino.core.plan.progress.PlannedValue.Point;
import ofisino.core.plan.progress.PlannedValue.Standing;
import ofisino.server.logbook.progress.ProgressController.AgainstPlan;
import ofisino.server.plan.Baselines.Baseline;
import ofisino.server.plan.Baselines.Due;
import ofisino.server.plan.Jobs;

/** Where a project stands against the plan that was kept. What was dropped since counts nowhere; on the day itself there is nothing to say. */
record AgainstBaseline(Baseline baseline, List<Jobs.Job> all) {
    Optional<AgainstPlan> on(LocalDate today) {
        Map<UUID, Jobs.Job> jobs = all.stream().collect(Collectors.toMap(Jobs.Job::id, j -> j));
        List<Due> due =
                baseline.due().stream().filter(d -> jobs.containsKey(d.jobId())).toList();
        if (due.isEmpty() || !today.isAfter(baseline.setOn())) return Optional.empty();
        Set<UUID> done = due.stream()
                .map(Due::jobId)
                .filter(id -> jobs.get(id).state().isDone())
                .collect(Collectors.toSet());
        Standing s = planned(due)
                .standing(
                        days(today),
                        due.stream()
                                .filter(d -> done.contains(d.jobId()))
                                .mapToInt(Due::minutes)
                                .sum());
        return Optional.of(new AgainstPlan(
                baseline.setOn(),
                Math.round(s.planned()),
                Math.round(s.earned()),
                (long) s.late(),
                due.stream()
                        .filter(d -> !d.on().isAfter(today) && !done.contains(d.jobId()))
                        .map(d -> jobs.get(d.jobId()).title())
                        .toList()));
    }

    private PlannedValue planned(List<Due> due) {
        TreeMap<LocalDate, Integer> byDay =
                due.stream().collect(Collectors.toMap(Due::on, Due::minutes, Integer::sum, TreeMap::new));
        List<Point> points = new ArrayList<>();
        double sum = 0;
        for (var day : byDay.entrySet()) points.add(new Point(days(day.getKey()), sum += day.getValue()));
        return new PlannedValue(points);
    }

    private long days(LocalDate day) {
        return ChronoUnit.DAYS.between(baseline.setOn(), day);
    }
}
