package ofisino.server.vehicle;

import java.util.UUID;
import ofisino.core.vehicle.anatomy.Anatomy;
import ofisino.server.identity.Caller;

/** The door to what a vehicle is made of, with what its person says of its parts. */
public interface Anatomies {
    Anatomy of(Caller caller, UUID projectId);
}
