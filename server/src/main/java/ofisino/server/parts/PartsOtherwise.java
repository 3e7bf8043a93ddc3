package ofisino.server.parts;

import java.util.List;
import java.util.UUID;
import ofisino.core.parts.sourcing.SupplyKind;
import ofisino.server.identity.Caller;

/** The door to what parts cost, and how long they take, if they are bought of one kind wherever somebody offers such. */
public interface PartsOtherwise {
    /** Of what is still to be ordered: as cheap as it can be had of that kind. What nobody takes used is not among it. */
    List<BoughtSo> of(Caller caller, UUID projectId, SupplyKind kind);

    /**
     * @param need        as it is thought of now
     * @param landedMinor its share of what the parcel costs at the door, in minor units of the base currency
     * @param leadDays    from order to door
     */
    record BoughtSo(Needs.Need need, long landedMinor, int leadDays) {}
}
