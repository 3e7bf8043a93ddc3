package ofisino.server.vehicle;

import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import ofisino.core.kernel.Conflict;
import ofisino.core.vehicle.body.Body;
import ofisino.core.vehicle.body.Zone;
import ofisino.core.vehicle.check.Catalogue;
import ofisino.server.identity.Caller;

/** A vehicle is to be drawn with another body. Whoever keeps something at a place that it lacks objects. */
public record BodyChange(Caller caller, UUID projectId, Set<String> places) {
    public static BodyChange to(Body body, Caller caller, UUID projectId) {
        return new BodyChange(
                caller,
                projectId,
                Stream.concat(
                                Stream.of(Zone.WHOLE, Catalogue.PAPERS, Catalogue.ROAD),
                                body.zones().stream().map(Zone::id))
                        .collect(Collectors.toSet()));
    }

    /** @throws Conflict when something is kept at a place that the other body lacks */
    public void keep(String what, String place) {
        if (!places.contains(place))
            throw Conflict.of(
                    "project.body-place",
                    "“%s” is recorded at a place that this body has not (%s).",
                    "Withdraw it or record it elsewhere, then change the body.",
                    what,
                    place);
    }
}
