package ofisino.server.plan.schedule;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import java.util.stream.Stream;
import ofisino.core.plan.orderofwork.Phase;
import ofisino.core.plan.problem.ActivityId;
import ofisino.core.plan.problem.Plan.Scheduled;
import ofisino.core.plan.problem.PlanProblem;
import ofisino.server.identity.Caller;
import ofisino.server.plan.Jobs;
import ofisino.server.plan.OrderOfWork;
import ofisino.server.plan.Plans.Planned;
import ofisino.server.plan.Plans.Subject;
import ofisino.server.plan.schedule.PlanController.PhaseResponse;
import org.springframework.stereotype.Component;

/** The whole project at a glance: when each phase goes on by the plan, how much of it is done and left, and what of it has no date. */
@Component
record PhasesOfPlan(Jobs jobs, OrderOfWork orderOfWork) {
    private record Part(Collection<Jobs.Job> jobs, Collection<Scheduled> dated) {}

    List<PhaseResponse> of(Caller caller, UUID projectId, Planned planned) {
        Map<UUID, Phase> phaseOf = orderOfWork.phases(caller, projectId);
        Map<Phase, Part> parts = new EnumMap<>(Phase.class);
        for (Jobs.Job job : jobs.of(caller, projectId))
            if (phaseOf.containsKey(job.id())) {
                Part part = parts.computeIfAbsent(
                        phaseOf.get(job.id()), phase -> new Part(new ArrayList<>(), new ArrayList<>()));
                part.jobs().add(job);
                if (!job.state().isOver())
                    planned.plan().of(ActivityId.job(job.id())).ifPresent(part.dated()::add);
            }
        for (PlanProblem.StripDown o : planned.problem().stripDowns()) addAccess(planned, o, phaseOf, parts);
        return parts.entrySet().stream()
                .map(e -> response(planned, e.getKey(), e.getValue()))
                .toList();
    }

    /** It is opened in the first phase of its jobs, and closed in the last. */
    private static void addAccess(
            Planned planned, PlanProblem.StripDown stripDown, Map<UUID, Phase> phaseOf, Map<Phase, Part> parts) {
        List<Phase> its = stripDown.jobs().stream()
                .map(id -> planned.subject(id.value()).id())
                .map(phaseOf::get)
                .filter(Objects::nonNull)
                .sorted()
                .toList();
        if (its.isEmpty()) return;
        stripDown
                .strip()
                .flatMap(planned.plan()::of)
                .ifPresent(parts.get(its.get(0)).dated()::add);
        planned.plan()
                .of(stripDown.refit())
                .ifPresent(parts.get(its.get(its.size() - 1)).dated()::add);
    }

    private static PhaseResponse response(Planned planned, Phase phase, Part part) {
        List<Jobs.Job> left =
                part.jobs().stream().filter(j -> !j.state().isOver()).toList();
        Scheduled last =
                part.dated().stream().max(Comparator.comparing(Scheduled::end)).orElse(null);
        return new PhaseResponse(
                phase,
                part.dated().stream()
                        .map(Scheduled::start)
                        .min(Instant::compareTo)
                        .orElse(null),
                last == null ? null : last.end(),
                last == null ? null : planned.subject(last.id().value()),
                minutesLeft(planned, part, left),
                part.jobs().stream()
                        .filter(j -> j.state().isDone())
                        .mapToInt(Jobs.Job::spentMinutes)
                        .sum(),
                left.size(),
                (int) left.stream()
                        .filter(j -> planned.plan().of(ActivityId.job(j.id())).isEmpty())
                        .count());
    }

    private static int minutesLeft(Planned planned, Part part, List<Jobs.Job> left) {
        Stream<Integer> jobs = left.stream().map(j -> Math.max(0, j.likelyMinutes() - j.spentMinutes()));
        Stream<Integer> access = part.dated().stream()
                .filter(s -> planned.subject(s.id().value()).kind() != Subject.Kind.JOB)
                .flatMap(s -> s.stretches().stream())
                .map(w -> (int) Duration.between(w.from(), w.to()).toMinutes());
        return Stream.concat(jobs, access).mapToInt(Integer::intValue).sum();
    }
}
