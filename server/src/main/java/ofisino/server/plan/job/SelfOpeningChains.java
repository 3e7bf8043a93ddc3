package ofisino.server.plan.job;

import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import ofisino.core.plan.access.AccessLibrary;
import ofisino.core.plan.recipe.Recipes;
import ofisino.core.vehicle.equipment.Equipment;
import ofisino.server.identity.Caller;
import ofisino.server.plan.Jobs.Job;
import ofisino.server.plan.SelfOpening;
import ofisino.server.plan.job.JobMapper.ChainRow;
import ofisino.server.vehicle.Equipments;
import ofisino.server.vehicle.Projects;
import org.springframework.stereotype.Component;

/** By the recipes that the chains came from: of what a recipe may open what is in the way at its place. The front pipe stays on for a silencer. */
@Component
record SelfOpeningChains(
        JobMapper mapper, Recipes shipped, AccessLibrary accesses, Projects projects, Equipments equipments)
        implements SelfOpening {
    @Override
    public Map<UUID, Set<String>> byPiece(Caller caller, UUID projectId) {
        List<ChainRow> chains = mapper.chains(caller.garageId(), projectId).stream()
                .filter(c -> !shipped.opensItself(c.recipe()).isEmpty())
                .toList();
        if (chains.isEmpty()) return Map.of();
        Equipment vehicle = equipments.of(caller, projects.require(caller, projectId));
        List<Job> jobs = mapper.of(caller.garageId(), projectId);
        Map<UUID, Set<String>> found = new HashMap<>();
        for (ChainRow chain : chains)
            jobs.stream()
                    .filter(j -> chain.id().equals(j.chainId()) && j.zone() != null)
                    .max(Comparator.comparingInt(Job::position))
                    .ifPresent(last -> {
                        Set<String> its = new HashSet<>(accesses.usual(vehicle, last.zone(), last.operation()));
                        its.retainAll(shipped.opensItself(chain.recipe()));
                        if (!its.isEmpty()) found.put(chain.id(), its);
                    });
        return found;
    }
}
