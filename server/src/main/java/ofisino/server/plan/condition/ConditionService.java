package ofisino.server.plan.condition;

import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.parts.consumable.Consumable;
import ofisino.core.parts.consumable.Consumables;
import ofisino.core.plan.job.Conditions;
import ofisino.server.identity.Caller;
import ofisino.server.parts.Needs;
import ofisino.server.parts.Places;
import ofisino.server.plan.JobAdded;
import ofisino.server.plan.JobConditions;
import ofisino.server.plan.Jobs;
import ofisino.server.plan.OrderOfWork;
import ofisino.server.plan.condition.ConditionController.ConditionsResponse;
import ofisino.server.plan.condition.ConditionController.Follows;
import ofisino.server.plan.condition.ConditionMapper.ConditionRow;
import ofisino.server.vehicle.Projects;
import org.jspecify.annotations.Nullable;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;

/** Where and how a job is worked. What is as usual is not kept. */
@Service
record ConditionService(
        ConditionMapper mapper,
        Jobs jobs,
        OrderOfWork orderOfWork,
        Places places,
        Projects projects,
        Needs needs,
        Consumables consumables)
        implements JobConditions {
    /** How a job is worked, and how soon after those that it follows. */
    ConditionsResponse of(Caller caller, UUID jobId) {
        Jobs.Job job = jobs.require(caller, jobId);
        Where where = byJob(caller, job.projectId()).getOrDefault(jobId, new Where(Conditions.USUAL, null));
        Map<UUID, OrderOfWork.Soon> soon = orderOfWork.soon(caller, job.projectId()).stream()
                .filter(s -> s.after().equals(jobId))
                .collect(Collectors.toMap(OrderOfWork.Soon::before, s -> s));
        Map<UUID, String> titles =
                jobs.of(caller, job.projectId()).stream().collect(Collectors.toMap(Jobs.Job::id, Jobs.Job::title));
        return new ConditionsResponse(
                where.conditions(),
                where.placeId(),
                lowestCelsius(caller, job.projectId()).get(jobId),
                jobs.links(caller, job.projectId()).stream()
                        .filter(l -> l.after().equals(jobId))
                        .map(l -> follows(l.before(), titles.get(l.before()), soon.get(l.before())))
                        .toList());
    }

    private static Follows follows(UUID before, String title, OrderOfWork.@Nullable Soon soon) {
        return soon == null
                ? new Follows(before, title, null, false)
                : new Follows(before, title, (int) soon.within().toMinutes(), soon.byRule());
    }

    void put(Caller caller, UUID jobId, Where where) {
        projects.requireOpen(caller, jobs.require(caller, jobId).projectId());
        Conditions c = where.conditions();
        if (where.placeId() != null && places.toWorkIn(caller).stream().noneMatch(p -> p.id().equals(where.placeId())))
            throw InvalidValue.at(
                    "placeId",
                    "conditions.place",
                    "One cannot work in that place.",
                    "Choose a bay, a bench or one elsewhere.");
        if (c.keepsPlace() && where.placeId() == null)
            throw InvalidValue.at("placeId", "conditions.keeps", "The place is missing.", "Say which one it keeps.");
        if (c.equals(Conditions.USUAL) && where.placeId() == null) mapper.delete(caller.garageId(), jobId);
        else
            mapper.put(
                    caller.garageId(),
                    new ConditionRow(
                            jobId,
                            c.people(),
                            c.inOneGo(),
                            c.dryMinutes(),
                            where.placeId(),
                            c.keepsPlace(),
                            c.outdoors()));
    }

    /** A recipe says how its jobs are worked; a job by hand is worked as usual. */
    @EventListener
    void added(JobAdded added) {
        if (!added.conditions().equals(Conditions.USUAL))
            put(added.caller(), added.jobId(), new Where(added.conditions(), null));
    }

    @Override
    public Map<UUID, Integer> lowestCelsius(Caller caller, UUID projectId) {
        Map<UUID, Integer> found = new HashMap<>();
        for (Needs.Need n : needs.of(caller, projectId))
            if (n.jobId() != null && n.item() != null)
                consumables
                        .find(n.item())
                        .map(Consumable::lowest)
                        .ifPresent(lowest -> lowest.ifPresent(c -> found.merge(n.jobId(), c, Math::max)));
        return found;
    }

    private static Where where(ConditionRow r) {
        return new Where(
                new Conditions(r.people(), r.inOneGo(), r.dryMinutes(), r.keepsPlace(), r.outdoors()), r.placeId());
    }

    @Override
    public Map<UUID, Where> byJob(Caller caller, UUID projectId) {
        return mapper.of(caller.garageId(), projectId).stream()
                .collect(Collectors.toMap(ConditionRow::jobId, ConditionService::where));
    }
}
