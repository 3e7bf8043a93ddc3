package ofisino.core.parts.sourcing;

import java.util.Collection;
import java.util.Optional;
import ofisino.core.vehicle.anatomy.Component;
import ofisino.core.vehicle.body.Zone;
import ofisino.core.vehicle.finding.Decision;
import ofisino.core.vehicle.finding.Finding;

/** What is still to be looked into may need other parts, or none. */
public final class Unopened {
    private Unopened() {}

    /** The finding for which a part is not ordered yet: it is to be investigated, at a place of the part and of its system. */
    public static Optional<Finding> of(Component part, Collection<Finding> findings) {
        return findings.stream()
                .filter(f -> !f.state().isOver() && f.isDecided(Decision.INVESTIGATE))
                .filter(f -> part.isAt(Zone.placeOf(f.zone())) && part.system() == f.system())
                .findFirst();
    }
}
