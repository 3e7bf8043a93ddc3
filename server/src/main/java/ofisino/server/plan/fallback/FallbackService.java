package ofisino.server.plan.fallback;

import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import ofisino.core.kernel.Currencies;
import ofisino.core.kernel.NotFound;
import ofisino.core.plan.fallback.Fallback;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Garages;
import ofisino.server.plan.Fallbacks;
import ofisino.server.plan.Jobs;
import ofisino.server.plan.fallback.FallbackMapper.FallbackRow;
import ofisino.server.vehicle.Projects;
import org.springframework.stereotype.Service;

/** What is done instead if a risky job fails. */
@Service
record FallbackService(FallbackMapper mapper, Jobs jobs, Projects projects, Garages garages) implements Fallbacks {
    Optional<Fallback> find(Caller caller, UUID jobId) {
        jobs.require(caller, jobId);
        return mapper.find(caller.garageId(), jobId).map(FallbackService::core);
    }

    void put(Caller caller, UUID jobId, Fallback f) {
        projects.requireOpen(caller, jobs.require(caller, jobId).projectId());
        Currencies.minor("costMinor", garages.baseCurrency(caller), f.costMinor());
        mapper.put(caller.garageId(), new FallbackRow(jobId, f.what(), f.leadDays(), f.costMinor()));
    }

    void remove(Caller caller, UUID jobId) {
        projects.requireOpen(caller, jobs.require(caller, jobId).projectId());
        if (mapper.delete(caller.garageId(), jobId) == 0) throw new NotFound("plan B", jobId);
    }

    private static Fallback core(FallbackRow r) {
        return new Fallback(r.what(), r.leadDays(), r.costMinor());
    }

    @Override
    public Map<UUID, Fallback> of(Caller caller, UUID projectId) {
        Set<UUID> open = jobs.of(caller, projectId).stream()
                .filter(j -> !j.state().isOver())
                .map(Jobs.Job::id)
                .collect(Collectors.toSet());
        return mapper.of(caller.garageId(), projectId).stream()
                .filter(r -> open.contains(r.jobId()))
                .collect(Collectors.toMap(FallbackRow::jobId, FallbackService::core));
    }
}
