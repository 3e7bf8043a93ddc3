package ofisino.server.parts.need;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import ofisino.core.kernel.Conflict;
import ofisino.core.vehicle.anatomy.Anatomy;
import ofisino.core.vehicle.body.Zone;
import ofisino.core.vehicle.finding.Decision;
import ofisino.core.vehicle.finding.Finding;
import ofisino.server.identity.Caller;
import ofisino.server.parts.Needs.Need;
import ofisino.server.vehicle.Anatomies;
import ofisino.server.vehicle.Findings;
import org.springframework.stereotype.Service;

/** What is still to be looked into may need other parts, or none: they are ordered when it is known, or somebody says why before. */
@Service
record UnopenedAssemblies(NeedMapper mapper, Findings findings, Anatomies anatomies) {
    /** By need that is to be ordered: the finding that is to be looked into where it belongs. */
    Map<UUID, UUID> of(Caller caller, UUID projectId) {
        List<Finding> open = toLookInto(caller, projectId);
        Map<UUID, UUID> found = new LinkedHashMap<>();
        if (open.isEmpty()) return found;
        Anatomy anatomy = anatomies.of(caller, projectId);
        for (Need n : mapper.of(caller.garageId(), projectId))
            if (n.state().isToOrder()) about(n, open, anatomy).ifPresent(f -> found.put(n.id(), f.id()));
        return found;
    }

    void mustNotBe(Caller caller, Need need) {
        about(need, toLookInto(caller, need.projectId()), anatomies.of(caller, need.projectId()))
                .ifPresent(f -> {
                    throw Conflict.of(
                            "need.unopened",
                            "What “%s” belongs to is still to be looked into.",
                            "Look into it first and decide, or say at the part why it is ordered before.",
                            need.title());
                });
    }

    private List<Finding> toLookInto(Caller caller, UUID projectId) {
        return findings.of(caller, projectId).stream()
                .filter(f -> !f.state().isOver() && f.isDecided(Decision.INVESTIGATE))
                .toList();
    }

    /** At one place and of one system. */
    private static Optional<Finding> about(Need need, List<Finding> open, Anatomy anatomy) {
        if (need.item() == null || !need.holdWaiver().isEmpty()) return Optional.empty();
        return anatomy.find(need.item())
                .flatMap(c -> open.stream()
                        .filter(f -> c.isAt(Zone.placeOf(f.zone())) && c.system() == f.system())
                        .findFirst());
    }
}
