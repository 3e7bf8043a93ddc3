package ofisino.server.money.otherway;

import java.nio.charset.StandardCharsets;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import ofisino.core.kernel.VehicleSystem;
import ofisino.core.plan.job.JobNature;
import ofisino.core.plan.job.Operation;

/** The jobs of a whole body at bare metal. */
enum BareMetalPart {
    STRIP("Strip the whole body to bare metal", Operation.CLEAN, VehicleSystem.BODY),
    SHOWN("Put right what the bare metal shows", Operation.WELD, VehicleSystem.STRUCTURE),
    COAT("Fill, prime and paint the whole body", Operation.PAINT, VehicleSystem.BODY);

    final String title;
    final JobNature nature;

    BareMetalPart(String title, Operation operation, VehicleSystem system) {
        this.title = title;
        this.nature = new JobNature(operation, Optional.of(system), Set.of());
    }

    /** Of the same way the same job each time that one looks. */
    UUID of(UUID wayId) {
        return UUID.nameUUIDFromBytes((wayId + " " + this).getBytes(StandardCharsets.UTF_8));
    }
}
