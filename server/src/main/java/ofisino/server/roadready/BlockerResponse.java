package ofisino.server.roadready;

import ofisino.core.kernel.VehicleSystem;
import ofisino.core.roadready.gate.Blocker;
import ofisino.core.roadready.gate.Gate;
import ofisino.core.roadready.gate.Rule;
import ofisino.core.vehicle.finding.SafetyClass;

/** A {@link Blocker} as it is told. */
public record BlockerResponse(
        Rule rule,
        Gate gate,
        SafetyClass gravity,
        VehicleSystem system,
        Blocker.Subject.Kind kind,
        String id,
        String title,
        int count) {
    public static BlockerResponse of(Blocker b) {
        return new BlockerResponse(
                b.rule(),
                b.gate(),
                b.gravity(),
                b.system(),
                b.subject().kind(),
                b.subject().id(),
                b.title(),
                b.count());
    }
}
