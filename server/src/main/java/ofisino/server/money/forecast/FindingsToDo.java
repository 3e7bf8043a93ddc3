package ofisino.server.money.forecast;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import ofisino.core.kernel.Aim;
import ofisino.core.kernel.CostRange;
import ofisino.core.money.forecast.StillToDo;
import ofisino.core.parts.sourcing.ToBuy;
import ofisino.core.vehicle.finding.Finding;
import ofisino.server.identity.Caller;
import ofisino.server.money.Forecasts.Otherwise;
import ofisino.server.parts.Needs.Need;
import ofisino.server.plan.Jobs;
import ofisino.server.vehicle.FindingEstimates;
import ofisino.server.vehicle.FindingEstimates.FindingEstimate;
import ofisino.server.vehicle.Projects.Project;
import org.springframework.stereotype.Component;

/** What the findings of a project still ask for, and how much of it has no price. */
@Component
record FindingsToDo(FindingEstimates estimates, Jobs jobs) {
    /** What only jobs deal with that are left out is not dealt with, and what nobody made work of only where the standard asks for it. */
    List<StillToDo> of(Caller caller, Project project, List<Finding> findings, List<Need> needed, Otherwise way) {
        Map<UUID, Optional<CostRange>> costs = estimates.of(caller, project.id()).stream()
                .collect(Collectors.toMap(FindingEstimate::findingId, FindingsToDo::own));
        Map<UUID, List<Need>> byFinding = byFinding(caller, project.id(), needed);
        Set<UUID> withWork = jobs.findingsWithJobs(caller, project.id());
        Set<UUID> undone = onlyOf(way.leftOut(), caller, project.id());
        Aim asked = way.standard().filter(project.aim()::needs).orElse(project.aim());
        return findings.stream()
                .filter(f -> f.isAskedFor(withWork.contains(f.id()) ? project.aim() : asked))
                .map(Finding::id)
                .filter(id -> !undone.contains(id))
                .map(id -> toDo(
                        id,
                        costs.getOrDefault(id, Optional.empty()),
                        withWork.contains(id),
                        byFinding.getOrDefault(id, List.of())))
                .toList();
    }

    /** Findings all of whose jobs are left out. */
    private Set<UUID> onlyOf(Set<UUID> leftOut, Caller caller, UUID projectId) {
        if (leftOut.isEmpty()) return Set.of();
        Map<Boolean, Set<UUID>> byLeft = jobs.findingsByJob(caller, projectId).entrySet().stream()
                .collect(Collectors.partitioningBy(
                        e -> leftOut.contains(e.getKey()),
                        Collectors.flatMapping(e -> e.getValue().stream(), Collectors.toSet())));
        Set<UUID> only = new HashSet<>(byLeft.get(true));
        only.removeAll(byLeft.get(false));
        return only;
    }

    private static StillToDo toDo(UUID id, Optional<CostRange> cost, boolean hasJobs, List<Need> needed) {
        if (!hasJobs) return StillToDo.withoutJobs(id.toString(), cost);
        ToBuy toBuy = Need.toBuy(needed);
        return StillToDo.withJobs(id.toString(), cost, toBuy.things(), toBuy.unvalued());
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
