package ofisino.server.plan;

import java.util.Map;
import java.util.OptionalInt;
import java.util.UUID;
import ofisino.core.plan.premises.Premises;
import ofisino.server.identity.Caller;
import org.jspecify.annotations.Nullable;

/** The door to what the garage and its places allow. */
public interface WorkPremises {
    Allowed of(Caller caller);

    /**
     * @param garage where no place is said
     * @param places those of which something is said
     * @param shelf  room for what is taken off, in hundredths of a square metre; empty where nobody measured it
     */
    record Allowed(Premises garage, Map<UUID, Premises> places, OptionalInt shelf) {
        public Premises at(@Nullable UUID placeId) {
            return placeId == null ? garage : places.getOrDefault(placeId, garage);
        }
    }
}
