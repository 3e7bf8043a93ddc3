package ofisino.server.vehicle;

import java.util.List;
import java.util.UUID;
import ofisino.core.vehicle.identity.VariantPart;
import ofisino.server.identity.Caller;

/** The door to what must not be ordered for a sister variant. */
public interface Variants {
    List<VariantPart> parts(Caller caller, UUID projectId);
}
