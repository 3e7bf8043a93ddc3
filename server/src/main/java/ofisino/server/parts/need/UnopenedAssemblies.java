package ofisino.server.parts.need;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import ofisino.core.kernel.Conflict;
import ofisino.core.parts.sourcing.Unopened;
import ofisino.core.vehicle.anatomy.Anatomy;
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
        List<Finding> all = findings.of(caller, projectId);
        Anatomy anatomy = anatomies.of(caller, projectId);
        Map<UUID, UUID> found = new LinkedHashMap<>();
        for (Need n : mapper.of(caller.garageId(), projectId))
            if (n.state().isToOrder()) about(n, all, anatomy).ifPresent(f -> found.put(n.id(), f.id()));
        return found;
    }

    void mustNotBe(Caller caller, List<Need> needs) {
        if (needs.isEmpty()) return;
        UUID project = needs.get(0).projectId();
        List<Finding> all = findings.of(caller, project);
        Anatomy anatomy = anatomies.of(caller, project);
        for (Need n : needs) mustNotBe(n, all, anatomy);
    }

    private static void mustNotBe(Need need, List<Finding> all, Anatomy anatomy) {
        about(need, all, anatomy).ifPresent(f -> {
            throw Conflict.of(
                    "need.unopened",
                    "What “%s” belongs to is still to be looked into.",
                    "Look into it first and decide, or say at the part why it is ordered before.",
                    need.title());
        });
    }

    private static Optional<Finding> about(Need need, List<Finding> all, Anatomy anatomy) {
        if (need.item() == null || !need.waivers().holdWaiver().isEmpty()) return Optional.empty();
        return anatomy.find(need.item()).flatMap(c -> Unopened.of(c, all));
    }
}
