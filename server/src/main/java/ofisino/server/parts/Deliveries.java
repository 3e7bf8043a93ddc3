package ofisino.server.parts;

import java.util.List;
import java.util.UUID;
import ofisino.core.parts.order.Bought;
import ofisino.server.identity.Caller;
import ofisino.server.parts.Needs.Need;

/** The door to what was ordered and what came of it. */
public interface Deliveries {
    List<Delivery> of(Caller caller, UUID projectId);

    /**
     * Keeps what was bought over the counter, without an order, at a place.
     *
     * @param matched of what must match, what was compared and agrees
     * @param version of the need as it was when it was bought
     */
    Need had(Caller caller, UUID needId, long version, UUID placeId, List<String> matched, String remark);

    /** @param lineId of the order */
    record Delivery(UUID lineId, UUID needId, String supplier, Bought bought) {}
}
