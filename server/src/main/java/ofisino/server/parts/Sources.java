package ofisino.server.parts;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.util.List;
import java.util.UUID;
import ofisino.core.parts.sourcing.Supply;
import ofisino.server.identity.Caller;
import org.jspecify.annotations.Nullable;

/** The door to what is offered for what is needed. */
public interface Sources {
    List<PartSource> of(Caller caller, UUID projectId);

    /** Notes what a seller offers, under his number for it. */
    void note(Caller caller, UUID projectId, PartSource offer);

    /**
     * @param supplierId absent where nobody sells it: own stock, made, lent
     * @param article    number by which its seller knows it; absent where nobody knows it
     * @param holds      what is in one of it, at least one need
     */
    record PartSource(
            UUID id,
            UUID projectId,
            @Nullable UUID supplierId,
            @Nullable String article,
            @JsonUnwrapped Supply said,
            List<Holds> holds,
            long version) {
        public PartSource {
            holds = List.copyOf(holds);
        }
    }

    /** @param pieces of the need in one, in the need's unit */
    record Holds(UUID needId, int pieces) {}
}
