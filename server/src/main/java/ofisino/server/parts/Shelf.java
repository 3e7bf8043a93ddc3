package ofisino.server.parts;

import java.util.UUID;
import ofisino.server.identity.Caller;
import ofisino.server.parts.Needs.Need;

/** The door to what lies in the garage. */
public interface Shelf {
    /** More was in the pack than was needed. @param pieces in the unit of the need @param costMinor what was paid for them, in the garage's currency */
    void leftOver(Caller caller, Need of, UUID placeId, int pieces, long costMinor);
}
