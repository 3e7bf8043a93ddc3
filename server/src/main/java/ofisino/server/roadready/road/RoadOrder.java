package ofisino.server.roadready.road;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import ofisino.core.plan.job.Precedence;
import ofisino.core.roadready.gate.DriveJobs;
import ofisino.core.roadready.gate.Gate;
import ofisino.core.roadready.gate.Gates;
import ofisino.core.vehicle.finding.Finding;
import ofisino.core.vehicle.finding.FindingState;
import ofisino.server.identity.Caller;
import ofisino.server.plan.DriveOrder;
import ofisino.server.plan.Jobs;
import ofisino.server.plan.OrderOfWork;
import ofisino.server.roadready.RoadGates;
import ofisino.server.vehicle.Findings;
import org.springframework.stereotype.Service;

/** Lets whatever drives wait for what keeps its gate shut. */
@Service
record RoadOrder(Jobs jobs, Findings findings, RoadGates gates) implements DriveOrder {
    @Override
    public List<OrderOfWork.Binding> before(Caller caller, UUID projectId) {
        List<Jobs.Job> open = jobs.of(caller, projectId).stream()
                .filter(j -> !j.state().isOver())
                .toList();
        if (open.stream().noneMatch(RoadOrder::drives)) return List.of();
        Map<UUID, Finding> byId =
                findings.of(caller, projectId).stream().collect(Collectors.toMap(Finding::id, Function.identity()));
        Map<UUID, List<UUID>> repairs = jobs.findingsByJob(caller, projectId);
        return DriveJobs.before(
                        open.stream()
                                .map(j -> new DriveJobs.Open<>(
                                        j.id(),
                                        j.operation(),
                                        j.details(),
                                        j.aim(),
                                        Optional.ofNullable(j.system()),
                                        repairs.getOrDefault(j.id(), List.of()).stream()
                                                .map(byId::get)
                                                .map(f -> new DriveJobs.Repairs(f.safetyClass(), f.system()))
                                                .toList()))
                                .toList(),
                        jobs.links(caller, projectId).stream()
                                .map(l -> new Precedence.Link<>(l.before(), l.after()))
                                .toList())
                .stream()
                .map(l -> new OrderOfWork.Binding(l.before(), l.after()))
                .toList();
    }

    private static boolean drives(Jobs.Job job) {
        return Gate.askedBy(job.operation(), job.details()).isPresent();
    }

    @Override
    public Set<UUID> notYet(Caller caller, UUID projectId) {
        List<Jobs.Job> driving = driving(caller, projectId);
        if (driving.isEmpty()) return Set.of();
        Gates now = gates.gates(caller, projectId);
        return idsOf(
                driving,
                j -> now.before(gateOf(j)).stream()
                        .anyMatch(b -> !b.remedy().id().equals(j.id().toString())));
    }

    @Override
    public Unsure unsure(Caller caller, UUID projectId) {
        Gates now = gates.gates(caller, projectId);
        Set<UUID> inWork = inWork(caller, projectId);
        List<Jobs.Job> driving = driving(caller, projectId);
        Set<UUID> undated = idsOf(driving, j -> now.staysShut(gateOf(j), inWork));
        return new Unsure(
                undated,
                idsOf(driving, j -> !undated.contains(j.id()) && now.isUnseen(gateOf(j))),
                now.askMore(findings.of(caller, projectId).stream()
                        .filter(f -> !inWork.contains(f.id()))
                        .toList()));
    }

    private List<Jobs.Job> driving(Caller caller, UUID projectId) {
        return jobs.of(caller, projectId).stream()
                .filter(j -> !j.state().isOver() && drives(j))
                .toList();
    }

    private static Set<UUID> idsOf(List<Jobs.Job> of, Predicate<Jobs.Job> that) {
        return of.stream().filter(that).map(Jobs.Job::id).collect(Collectors.toSet());
    }

    private static Gate gateOf(Jobs.Job job) {
        return Gate.askedBy(job.operation(), job.details()).orElseThrow();
    }

    /** Findings that an open job deals with, or that only wait for a second look. */
    private Set<UUID> inWork(Caller caller, UUID projectId) {
        Map<UUID, List<UUID>> byJob = jobs.findingsByJob(caller, projectId);
        return Stream.concat(
                        jobs.of(caller, projectId).stream()
                                .filter(j -> !j.state().isOver())
                                .flatMap(j -> byJob.getOrDefault(j.id(), List.of()).stream()),
                        findings.of(caller, projectId).stream()
                                .filter(f -> f.state() == FindingState.AWAITING_RECHECK)
                                .map(Finding::id))
                .collect(Collectors.toSet());
    }
}
