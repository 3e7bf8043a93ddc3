package ofisino.server.plan.scope;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import ofisino.core.plan.progress.Baseline;
import ofisino.core.plan.progress.Baseline.Due;
import ofisino.server.identity.Caller;
import ofisino.server.plan.Baselines;
import ofisino.server.plan.scope.ScopeMapper.BaselineRow;
import org.springframework.stereotype.Service;

@Service
record DatedBaselines(ScopeMapper mapper) implements Baselines {
    @Override
    public Optional<Baseline<UUID>> of(Caller caller, UUID projectId) {
        List<BaselineRow> dated = mapper.baseline(caller.garageId(), projectId).stream()
                .filter(r -> r.plannedFor() != null)
                .toList();
        return dated.stream()
                .findFirst()
                .map(first -> new Baseline<>(
                        first.setOn(),
                        dated.stream()
                                .map(r -> new Due<>(r.jobId(), r.likelyMinutes(), r.plannedFor()))
                                .toList()));
    }
}
