package ofisino.server.money.budget;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import ofisino.core.kernel.CostRange;
import ofisino.core.money.budget.Outlook;
import ofisino.core.money.budget.Outlook.ToDo;
import ofisino.core.money.budget.Position;
import ofisino.core.parts.sourcing.ToBuy;
import ofisino.core.vehicle.finding.Finding;
import ofisino.server.identity.Caller;
import ofisino.server.parts.Needs;
import ofisino.server.parts.Needs.Need;
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
        List<Need> needed = needs.of(caller, project.id());
        Map<UUID, List<Need>> byFinding = byFinding(caller, project.id(), needed);
        Set<UUID> withWork = jobs.findingsWithJobs(caller, project.id());
        return Outlook.of(
                position.willHaveCost(),
                findings.of(caller, project.id()).stream()
                        .filter(f -> f.isAskedFor(project.aim()))
                        .map(Finding::id)
                        .map(id -> withWork.contains(id)
                                ? withWork(
                                        costs.getOrDefault(id, Optional.empty()), byFinding.getOrDefault(id, List.of()))
                                : ToDo.withoutWork(costs.getOrDefault(id, Optional.empty())))
                        .toList(),
                Need.toBuy(needed).unvalued());
    }

    private static ToDo withWork(Optional<CostRange> cost, List<Need> needed) {
        ToBuy toBuy = Need.toBuy(needed);
        return ToDo.withWork(cost, toBuy.things(), toBuy.unvalued());
    }

    /** What somebody else owes costs nothing. */
    private static Optional<CostRange> own(FindingEstimate estimate) {
        return estimate.payer().isPresent() ? Optional.of(CostRange.NOTHING) : estimate.cost();
    }

    private Map<UUID, List<Need>> byFinding(Caller caller, UUID projectId, List<Need> needed) {
        Map<UUID, List<UUID>> findingsOf = jobs.findingsByJob(caller, projectId);
        Map<UUID, List<Need>> found = new HashMap<>();
        for (Need n : needed)
            if (n.jobId() != null)
                for (UUID finding : findingsOf.getOrDefault(n.jobId(), List.of()))
                    found.computeIfAbsent(finding, f -> new ArrayList<>()).add(n);
        return found;
    }
}
