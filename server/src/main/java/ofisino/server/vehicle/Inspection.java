package ofisino.server.vehicle;

import java.util.List;
import java.util.UUID;
import ofisino.core.vehicle.check.PlacedCheck;
import ofisino.core.vehicle.check.Unseen;
import ofisino.server.identity.Caller;

/** The door to how much of a vehicle nobody has seen. */
public interface Inspection {
    /** Checks of class A and B that nobody answered well enough. */
    List<PlacedCheck> unanswered(Caller caller, UUID projectId);

    Unseen unseen(Caller caller, UUID projectId);

    /** The same for somebody who bids: a short look counts too. */
    Unseen unseenForABid(Caller caller, UUID projectId);
}
