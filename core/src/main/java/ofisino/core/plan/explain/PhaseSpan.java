package ofisino.core.plan.explain;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import ofisino.core.plan.orderofwork.Phase;
import ofisino.core.plan.problem.ActivityId;
import ofisino.core.plan.problem.Plan;
import ofisino.core.plan.problem.Plan.Scheduled;
import ofisino.core.plan.problem.PlanProblem;

/**
 * A phase of the project at a glance, as a plan has it.
 *
 * @param from        when something of it is worked on first; empty where nothing of it has a date
 * @param last        what of it is complete last
 * @param minutesLeft of its jobs, and of opening and closing for them
 * @param minutesDone spent on those of its jobs that are done
 * @param jobsLeft    jobs that are not over
 * @param undated     how many of these have no date
 */
public record PhaseSpan(
        Phase phase,
        Optional<Instant> from,
        Optional<Scheduled> last,
        int minutesLeft,
        int minutesDone,
        int jobsLeft,
        int undated) {
    /** A job of a phase. @param minutesLeft of one that is not over @param minutesDone spent on one that is done */
    public record Work(ActivityId id, Phase phase, boolean over, int minutesLeft, int minutesDone) {}

    private record Part(List<Work> jobs, List<Scheduled> jobsDated, List<Scheduled> access) {
        Part() {
            this(new ArrayList<>(), new ArrayList<>(), new ArrayList<>());
        }
    }

    /** The phases that have a job, in their order. What is opened is opened in the first phase of its jobs, and closed in the last. */
    public static List<PhaseSpan> of(PlanProblem problem, Plan plan, Collection<Work> jobs) {
        Map<Phase, Part> parts = new EnumMap<>(Phase.class);
        Map<ActivityId, Phase> phaseOf = new HashMap<>();
        for (Work job : jobs) {
            Part part = parts.computeIfAbsent(job.phase(), phase -> new Part());
            part.jobs().add(job);
            phaseOf.put(job.id(), job.phase());
            if (!job.over()) plan.of(job.id()).ifPresent(part.jobsDated()::add);
        }
        for (PlanProblem.StripDown o : problem.stripDowns()) {
            List<Phase> its = o.jobs().stream()
                    .map(phaseOf::get)
                    .filter(Objects::nonNull)
                    .sorted()
                    .toList();
            if (its.isEmpty()) continue;
            o.strip().flatMap(plan::of).ifPresent(parts.get(its.get(0)).access()::add);
            plan.of(o.refit()).ifPresent(parts.get(its.get(its.size() - 1)).access()::add);
        }
        return parts.entrySet().stream()
                .map(e -> span(e.getKey(), e.getValue()))
                .toList();
    }

    private static PhaseSpan span(Phase phase, Part part) {
        List<Scheduled> dated = new ArrayList<>(part.jobsDated());
        dated.addAll(part.access());
        int left = (int) part.jobs().stream().filter(j -> !j.over()).count();
        return new PhaseSpan(
                phase,
                dated.stream().map(Scheduled::start).min(Comparator.naturalOrder()),
                dated.stream().max(Comparator.comparing(Scheduled::end)),
                part.jobs().stream().mapToInt(Work::minutesLeft).sum() + minutes(part.access()),
                part.jobs().stream().mapToInt(Work::minutesDone).sum(),
                left,
                left - part.jobsDated().size());
    }

    private static int minutes(List<Scheduled> all) {
        return (int) all.stream()
                .flatMap(s -> s.stretches().stream())
                .mapToLong(w -> Duration.between(w.from(), w.to()).toMinutes())
                .sum();
    }
}
