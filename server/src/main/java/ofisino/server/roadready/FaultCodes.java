package ofisino.server.roadready;

import java.util.Optional;
import java.util.UUID;
import ofisino.core.roadready.gate.Evidence;
import ofisino.server.identity.Caller;

/** The door to fault codes. */
public interface FaultCodes {
    /** What the modules said last; empty when nobody ever asked them. */
    Optional<Evidence.Codes> lastRead(Caller caller, UUID projectId);
}
