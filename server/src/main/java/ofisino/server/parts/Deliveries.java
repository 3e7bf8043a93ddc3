package ofisino.server.parts;

import java.util.List;
import java.util.UUID;
import ofisino.core.parts.order.Bought;
import ofisino.server.identity.Caller;

/** The door to what was ordered and what came of it. */
public interface Deliveries {
    List<Delivery> of(Caller caller, UUID projectId);

    /** @param lineId of the order */
    record Delivery(UUID lineId, UUID needId, String supplier, Bought bought) {}
}
