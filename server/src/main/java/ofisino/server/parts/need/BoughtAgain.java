package ofisino.server.parts.need;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import ofisino.core.kernel.Conflict;
import ofisino.core.parts.consumable.Consumables;
import ofisino.core.parts.order.Again;
import ofisino.server.identity.Caller;
import ofisino.server.parts.Needs.Need;
import ofisino.server.parts.Purchases;
import ofisino.server.parts.Purchases.Purchase;
import org.springframework.stereotype.Service;

/** What is bought again for the same vehicle, because the one before was of no use, or is used up. */
@Service
record BoughtAgain(NeedMapper mapper, Purchases purchases, Consumables consumables) {
    /** By part that is to be ordered, or on its way, and was bought before. */
    Map<Need, Again> of(Caller caller, UUID projectId) {
        List<Need> all = mapper.of(caller.garageId(), projectId);
        List<Purchase> bought = purchases.of(caller, projectId);
        Map<Need, Again> found = new LinkedHashMap<>();
        for (Need n : all) if (n.state().isLacking()) again(n, all, bought).ifPresent(again -> found.put(n, again));
        return found;
    }

    void mustNotBeAsked(Caller caller, List<Need> needs) {
        if (needs.isEmpty()) return;
        UUID project = needs.get(0).projectId();
        List<Need> all = mapper.of(caller.garageId(), project);
        List<Purchase> bought = purchases.of(caller, project);
        for (Need n : needs) mustNotBeAsked(n, all, bought);
    }

    private void mustNotBeAsked(Need need, List<Need> all, List<Purchase> bought) {
        again(need, all, bought).filter(again -> isAsked(need, again)).ifPresent(again -> {
            throw Conflict.of(
                    "need.bought-again",
                    "“%s” was bought %d times and was of no use %d times.",
                    "Choose a better one, and say at the part why this one will be right.",
                    need.title(),
                    again.times(),
                    again.failed());
        });
    }

    static boolean isAsked(Need need, Again again) {
        return need.waivers().againWaiver().isEmpty() && again.isAsked();
    }

    /** Of all purchases of such parts of the same side; what is used up anyway is bought again and again. */
    private Optional<Again> again(Need need, List<Need> all, List<Purchase> bought) {
        boolean isUsedUpAnyway =
                need.item() != null && consumables.find(need.item()).isPresent();
        if (isUsedUpAnyway) return Optional.empty();
        Set<UUID> such = all.stream()
                .filter(n -> n.part().isAs(need.part()))
                .map(Need::id)
                .collect(Collectors.toSet());
        List<Again.Purchase> its = bought.stream()
                .filter(p -> such.contains(p.needId()))
                .map(Purchase::again)
                .toList();
        return Again.of(its, need.state().isToOrder());
    }
}
