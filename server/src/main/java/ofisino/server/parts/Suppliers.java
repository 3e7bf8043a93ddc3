package ofisino.server.parts;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.math.BigDecimal;
import java.util.List;
import java.util.UUID;
import ofisino.core.kernel.Weekdays;
import ofisino.server.identity.Caller;
import org.jspecify.annotations.Nullable;

/** The door to suppliers. */
public interface Suppliers {
    List<Supplier> all(Caller caller);

    /** Notes a seller whom the garage does not know yet, with what his parcels cost. */
    void note(Caller caller, UUID id, String name, String currency, ParcelTerms parcel);

    /** Days on which at least one of them is open; every day while there is none. */
    Weekdays openOn(Caller caller);

    /** @param openOn days on which it takes orders @param avoid nothing more is bought there @param avoidReason why not */
    record Supplier(
            UUID id,
            String name,
            String currency,
            String note,
            Weekdays openOn,
            boolean avoid,
            String avoidReason,
            long version,
            @JsonUnwrapped ParcelTerms parcel) {}

    /**
     * What one parcel costs, in the supplier's currency.
     *
     * @param freeFromMinor goods from which the post is free; absent where it never is
     * @param rate          one unit of its currency in the garage's own, as it was last said; absent where nobody said
     * @param returnDays    from arrival, in which it takes things back; absent where nobody knows
     */
    record ParcelTerms(
            long postMinor,
            @Nullable Long freeFromMinor,
            int dutyPerMille,
            int taxPerMille,
            @Nullable BigDecimal rate,
            @Nullable Integer returnDays) {
        public static final ParcelTerms UNKNOWN = new ParcelTerms(0, null, 0, 0, null, null);
    }
}
