package ofisino.server.plan.job;

import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import ofisino.core.plan.recipe.Recipes;
import ofisino.server.identity.Caller;
import ofisino.server.plan.SelfOpening;
import ofisino.server.plan.job.JobMapper.ChainRow;
import org.springframework.stereotype.Component;

/** By the recipes that the chains came from. */
@Component
record SelfOpeningChains(JobMapper mapper, Recipes shipped) implements SelfOpening {
    @Override
    public Map<UUID, Set<String>> byPiece(Caller caller, UUID projectId) {
        return mapper.chains(caller.garageId(), projectId).stream()
                .filter(c -> !shipped.opensItself(c.recipe()).isEmpty())
                .collect(Collectors.toMap(ChainRow::id, c -> shipped.opensItself(c.recipe())));
    }
}
