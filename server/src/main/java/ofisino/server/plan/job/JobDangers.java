package ofisino.server.plan.job;

import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import ofisino.core.kernel.Caution;
import ofisino.core.plan.access.AccessLibrary;
import ofisino.core.plan.recipe.Recipes;
import ofisino.core.vehicle.equipment.Equipment;
import ofisino.server.identity.Caller;
import ofisino.server.plan.GarageRecipes;
import ofisino.server.plan.Jobs.Job;
import ofisino.server.plan.job.JobMapper.ChainRow;
import ofisino.server.vehicle.Equipments;
import ofisino.server.vehicle.Projects;
import org.springframework.stereotype.Component;

/** The usual dangers of jobs. */
@Component
record JobDangers(
        JobMapper mapper,
        FindingProgress findingProgress,
        GarageRecipes recipes,
        AccessLibrary accesses,
        Projects projects,
        Equipments equipments) {
    Of of(Caller caller, UUID projectId) {
        return new Of(
                mapper.chains(caller.garageId(), projectId),
                findingProgress.hazardsByJob(caller, projectId),
                recipes.of(caller),
                accesses,
                equipments.of(caller, projects.require(caller, projectId)));
    }

    /** What they come from in one project. @param hazards by job, those of the things that it is done to */
    record Of(
            List<ChainRow> chains,
            Map<UUID, Set<Caution>> hazards,
            Recipes recipes,
            AccessLibrary accesses,
            Equipment vehicle) {
        /** Those of its recipe, of its operation, of the things that it is done to, and of what it takes off and puts back itself. */
        Set<Caution> job(Job job) {
            Set<Caution> found = EnumSet.noneOf(Caution.class);
            found.addAll(job.operation().cautions());
            found.addAll(hazards.getOrDefault(job.id(), Set.of()));
            chains.stream()
                    .filter(c -> c.id().equals(job.chainId()))
                    .forEach(c -> found.addAll(recipes.cautions(c.recipe())));
            if (job.isOwn() && job.zone() != null)
                found.addAll(accesses.cautionsByItsTitle(job.title(), job.zone(), job.operation(), vehicle));
            return found;
        }
    }
}
