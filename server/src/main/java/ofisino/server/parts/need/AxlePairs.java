package ofisino.server.parts.need;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import ofisino.core.kernel.Conflict;
import ofisino.core.parts.sourcing.AxlePair;
import ofisino.core.vehicle.equipment.Equipment;
import ofisino.server.identity.Caller;
import ofisino.server.parts.Needs.Need;
import ofisino.server.vehicle.Anatomies;
import ofisino.server.vehicle.Equipments;
import ofisino.server.vehicle.Projects;
import org.springframework.stereotype.Service;

/** What is done on both wheels of an axle at once is bought for both, or somebody says why not. */
@Service
record AxlePairs(NeedMapper mapper, Projects projects, Anatomies anatomies, Equipments equipments) {
    /** By need that is to be ordered and is for one wheel alone, without a reason: its pair. */
    Map<UUID, AxlePair> alone(Caller caller, UUID projectId) {
        List<Need> all = mapper.of(caller.garageId(), projectId);
        Map<UUID, AxlePair> found = new LinkedHashMap<>();
        for (Need n : all)
            if (n.state().isToOrder())
                pair(caller, n).filter(pair -> isAlone(pair, n, all)).ifPresent(pair -> found.put(n.id(), pair));
        return found;
    }

    void mustNotBeAlone(Caller caller, List<Need> needs) {
        if (needs.isEmpty()) return;
        List<Need> all = mapper.of(caller.garageId(), needs.get(0).projectId());
        for (Need n : needs) mustNotBeAlone(caller, n, all);
    }

    private void mustNotBeAlone(Caller caller, Need need, List<Need> all) {
        pair(caller, need).filter(pair -> isAlone(pair, need, all)).ifPresent(pair -> {
            throw Conflict.of(
                    "need.one-wheel",
                    "“%s” is done on both wheels of an axle at once, which takes %d.",
                    "Change the part to so many, or say there why it is for one wheel alone.",
                    need.title(),
                    pair.pieces());
        });
    }

    /** With what is wanted of it elsewhere and not on the vehicle yet. */
    private static boolean isAlone(AxlePair pair, Need need, List<Need> all) {
        return need.waivers().pairWaiver().isEmpty()
                && pair.isAlone(all.stream()
                        .filter(n -> need.item().equals(n.item()) && !n.state().isFitted())
                        .mapToInt(Need::quantity)
                        .sum());
    }

    private Optional<AxlePair> pair(Caller caller, Need need) {
        if (need.item() == null) return Optional.empty();
        Equipment vehicle = vehicle(caller, need.projectId());
        return anatomies
                .of(caller, need.projectId())
                .find(need.item())
                .filter(c -> c.wheelsOf(vehicle) > 1)
                .map(c -> new AxlePair(c.piecesOn(vehicle)));
    }

    private Equipment vehicle(Caller caller, UUID projectId) {
        return equipments.of(caller, projects.require(caller, projectId));
    }
}
