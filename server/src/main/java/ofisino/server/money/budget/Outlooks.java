package ofisino.server.money.budget;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import ofisino.core.kernel.CostRange;
import ofisino.core.money.budget.Outlook;
import ofisino.core.money.budget.Position;
import ofisino.core.vehicle.finding.Finding;
import ofisino.server.identity.Caller;
import ofisino.server.parts.Needs;
import ofisino.server.plan.Jobs;
import ofisino.server.vehicle.FindingEstimates;
import ofisino.server.vehicle.FindingEstimates.FindingEstimate;
import ofisino.server.vehicle.Findings;
import ofisino.server.vehicle.Projects.Project;
import org.springframework.stereotype.Component;

/** What a project will have cost, with what has no price yet guessed by the findings that ask for it. */
@Component
record Outlooks(Findings findings, FindingEstimates estimates, Jobs jobs, Needs needs) {
    Outlook of(Caller caller, Project project, Position position) {
        Map<UUID, Optional<CostRange>> costs = estimates.of(caller, project.id()).stream()
                .collect(Collectors.toMap(FindingEstimate::findingId, Outlooks::own));
        List<Needs.Need> toOrder = needs.of(caller, project.id()).stream()
                .filter(n -> n.state().isToOrder())
                .toList();
        Map<UUID, int[]> bought = byFinding(caller, project.id(), toOrder);
        Set<UUID> withWork = jobs.findingsWithJobs(caller, project.id());
        Map<Boolean, List<Outlook.ToDo>> open = findings.of(caller, project.id()).stream()
                .filter(f -> f.isAskedFor(project.aim()))
                .collect(Collectors.partitioningBy(
                        f -> withWork.contains(f.id()),
                        Collectors.mapping(f -> toDo(f, costs, bought), Collectors.toList())));
        return Outlook.of(position.willHaveCost(), open.get(true), open.get(false), (int)
                toOrder.stream().filter(n -> n.estimateMinor() == 0).count());
    }

    /** What somebody else owes costs nothing. */
    private static Optional<CostRange> own(FindingEstimate estimate) {
        return estimate.payer().isPresent() ? Optional.of(CostRange.NOTHING) : estimate.cost();
    }

    private static Outlook.ToDo toDo(Finding finding, Map<UUID, Optional<CostRange>> costs, Map<UUID, int[]> bought) {
        int[] needs = bought.getOrDefault(finding.id(), new int[2]);
        return new Outlook.ToDo(costs.getOrDefault(finding.id(), Optional.empty()), needs[0], needs[1]);
    }

    /** By finding, how many things are to be bought for it, and how many of these have no price. */
    private Map<UUID, int[]> byFinding(Caller caller, UUID projectId, List<Needs.Need> toOrder) {
        Map<UUID, List<UUID>> findingsOf = jobs.findingsByJob(caller, projectId);
        Map<UUID, int[]> found = new HashMap<>();
        for (Needs.Need n : toOrder)
            if (n.jobId() != null)
                for (UUID finding : findingsOf.getOrDefault(n.jobId(), List.of())) {
                    int[] counts = found.computeIfAbsent(finding, f -> new int[2]);
                    counts[0]++;
                    if (n.estimateMinor() == 0) counts[1]++;
                }
        return found;
    }
}
