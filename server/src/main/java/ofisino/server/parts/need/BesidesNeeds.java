package ofisino.server.parts.need;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import ofisino.core.parts.consumable.Consumables;
import ofisino.core.vehicle.anatomy.Anatomy;
import ofisino.core.vehicle.anatomy.Component;
import ofisino.server.identity.Caller;
import ofisino.server.parts.Needs.Need;
import ofisino.server.vehicle.Anatomies;
import org.springframework.stereotype.Service;

/** What is told of a part that is to be ordered, from what is needed besides: it may be coming already, and something may be missing with it. */
@Service
record BesidesNeeds(NeedMapper mapper, Anatomies anatomies, Consumables consumables) {
    /** By part that is to be ordered though the same is on its way or lies here: from whom, where somebody is known. */
    Map<UUID, List<String>> coming(Caller caller, UUID projectId) {
        List<Need> all = mapper.of(caller.garageId(), projectId);
        Map<UUID, List<String>> found = new LinkedHashMap<>();
        for (Need n : all) {
            if (!n.state().isToOrder() || isUsedUp(n)) continue;
            List<Need> same = all.stream()
                    .filter(other -> other.state().isComing() && other.part().isAs(n.part()))
                    .toList();
            if (!same.isEmpty())
                found.put(
                        n.id(),
                        same.stream()
                                .map(Need::supplier)
                                .filter(Objects::nonNull)
                                .distinct()
                                .toList());
        }
        return found;
    }

    private boolean isUsedUp(Need n) {
        return n.item() != null && consumables.find(n.item()).isPresent();
    }

    /** By part that is to be ordered: what is new each time it is done and is on no list, by name. */
    Map<UUID, List<String>> companions(Caller caller, UUID projectId) {
        Anatomy anatomy = anatomies.of(caller, projectId);
        List<Need> all = mapper.of(caller.garageId(), projectId);
        Set<String> listed =
                all.stream().map(Need::item).filter(Objects::nonNull).collect(Collectors.toSet());
        Map<UUID, List<String>> found = new LinkedHashMap<>();
        for (Need n : all) {
            if (!n.state().isToOrder() || n.item() == null) continue;
            List<String> missing = anatomy.find(n.item()).stream()
                    .flatMap(c -> c.comesWith().stream())
                    .filter(id -> !listed.contains(id))
                    .map(anatomy::find)
                    .flatMap(Optional::stream)
                    .map(Component::name)
                    .toList();
            if (!missing.isEmpty()) found.put(n.id(), missing);
        }
        return found;
    }
}
