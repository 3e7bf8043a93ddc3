package ofisino.server.parts;

import java.util.UUID;
import ofisino.core.kernel.Side;
import ofisino.core.parts.shelf.Condition;
import ofisino.server.identity.Caller;
import ofisino.server.parts.Needs.Need;

/** The door to what lies in the garage. */
public interface Shelf {
    /** More was in the pack than was needed. @param pieces in the unit of the need @param costMinor what was paid for them, in the garage's currency */
    void leftOver(Caller caller, Need of, UUID placeId, int pieces, long costMinor);

    /** A piece of a donor, where it still is on it. What wears is presumed worn while nobody has looked. */
    void takeOff(Caller caller, DonorPiece piece);

    /** @param placeId where the donor stands @param worthMinor what all of it would cost elsewhere */
    record DonorPiece(
            UUID id,
            UUID moveId,
            UUID projectId,
            UUID placeId,
            String title,
            Side side,
            int quantity,
            Condition condition,
            long worthMinor) {}
}
