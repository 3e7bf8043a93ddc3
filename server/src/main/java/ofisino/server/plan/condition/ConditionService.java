package ofisino.server.plan.condition;

import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.plan.job.Conditions;
import ofisino.server.identity.Caller;
import ofisino.server.parts.Places;
import ofisino.server.plan.JobConditions;
import ofisino.server.plan.Jobs;
import ofisino.server.plan.condition.ConditionMapper.ConditionRow;
import ofisino.server.vehicle.Projects;
import org.springframework.stereotype.Service;

/** Where and how a job is worked. What is as usual is not kept. */
@Service
class ConditionService implements JobConditions {
    private final ConditionMapper mapper;
    private final Jobs jobs;
    private final Places places;
    private final Projects projects;

    ConditionService(ConditionMapper mapper, Jobs jobs, Places places, Projects projects) {
        this.mapper = mapper;
        this.jobs = jobs;
        this.places = places;
        this.projects = projects;
    }

    Where of(Caller caller, Jobs.Job job) {
        return mapper.find(caller.garageId(), job.id())
                .map(ConditionService::where)
                .orElse(new Where(Conditions.USUAL, null));
    }

    void put(Caller caller, UUID jobId, Where where) {
        projects.requireOpen(caller, jobs.require(caller, jobId).projectId());
        Conditions c = where.conditions();
        if (where.placeId() != null && places.toWorkIn(caller).stream().noneMatch(p -> p.id().equals(where.placeId())))
            throw InvalidValue.of(
                    "placeId",
                    "conditions.place",
                    "One cannot work in that place. Choose a bay, a bench or one elsewhere.");
        if (c.keepsPlace() && where.placeId() == null)
            throw InvalidValue.of("placeId", "conditions.keeps", "Say which place it keeps.");
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

    private static Where where(ConditionRow r) {
        return new Where(
                new Conditions(r.people(), r.inOneGo(), r.dryMinutes(), r.keepsPlace(), r.outdoors()), r.placeId());
    }

    @Override
    public Map<UUID, Where> of(Caller caller, UUID projectId) {
        return mapper.of(caller.garageId(), projectId).stream()
                .collect(Collectors.toMap(ConditionRow::jobId, ConditionService::where));
    }
}
