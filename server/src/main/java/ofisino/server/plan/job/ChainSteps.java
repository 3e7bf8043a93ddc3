package ofisino.server.plan.job;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.UUID;
import ofisino.core.kernel.Aim;
import ofisino.core.kernel.Effort;
import ofisino.core.kernel.Side;
import ofisino.core.kernel.VehicleSystem;
import ofisino.core.plan.job.JobState;
import ofisino.core.plan.recipe.Recipe;
import ofisino.core.plan.scope.Growth;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Garages;
import ofisino.server.parts.Needs;
import ofisino.server.plan.JobAdded;
import ofisino.server.plan.Jobs.Job;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;

/** Makes a job of a step of a recipe, with what it needs. */
@Service
record ChainSteps(
        JobMapper mapper, Needs needs, Garages garages, FindingProgress progress, ApplicationEventPublisher events) {
    /** What the work is for. @param side for which parts are bought that fit only one */
    record Served(UUID projectId, List<UUID> findings, Aim aim, Side side) {}

    /** Where in the work a job stands, and where on the vehicle. */
    record Place(
            UUID chainId,
            int position,
            @Nullable String zone,
            @Nullable VehicleSystem system) {}

    /** @return the job, whose id follows from its chain and its place in it: made twice it is the same */
    UUID add(Caller caller, Recipe.Step step, Served what, Place at) {
        progress.mayBeWorkedOn(caller, what.findings(), step.operation());
        UUID jobId = derived(at.chainId(), "job", at.position());
        Effort effort = step.effort();
        mapper.insert(
                caller.garageId(),
                new Job(
                        jobId,
                        what.projectId(),
                        at.chainId(),
                        at.position(),
                        garages.nextLabel(caller).value(),
                        step.title(),
                        step.operation(),
                        at.zone(),
                        at.system(),
                        step.onlyFor().filter(a -> what.aim().compareTo(a) < 0).orElse(what.aim()),
                        effort.optimisticMinutes(),
                        effort.likelyMinutes(),
                        effort.pessimisticMinutes(),
                        step.details(),
                        1,
                        Growth.Cause.FOUND,
                        "",
                        JobState.PLANNED,
                        "",
                        0,
                        null,
                        null,
                        null,
                        0));
        what.findings().forEach(f -> mapper.insertFindingLink(caller.garageId(), jobId, f));
        events.publishEvent(new JobAdded(caller, jobId, step.access(), step.conditions(), step.toHand()));
        for (int n = 0; n < step.needs().size(); n++)
            needs.add(caller, what.projectId(), need(step.needs().get(n), n, jobId, what.side()));
        return jobId;
    }

    private static Needs.NewNeed need(Recipe.NeedTemplate need, int number, UUID jobId, Side side) {
        return new Needs.NewNeed(
                derived(jobId, "need", number),
                jobId,
                need.item().orElse(null),
                need.title(),
                need.handed() ? side : Side.NONE,
                need.quantity(),
                need.unit(),
                need.leadDays());
    }

    static UUID derived(UUID from, String what, int number) {
        return UUID.nameUUIDFromBytes((from + what + number).getBytes(StandardCharsets.UTF_8));
    }
}
