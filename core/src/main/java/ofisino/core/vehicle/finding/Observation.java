package ofisino.core.vehicle.finding;

import java.time.LocalDate;
import java.util.Optional;
import ofisino.core.kernel.Texts;
import ofisino.core.kernel.VehicleSystem;

/**
 * What was seen, where and when.
 *
 * @param zone    id of a zone of the body, or of {@link ofisino.core.vehicle.body.Zone#WHOLE the vehicle as a whole}
 * @param component id of the component, or of what the vehicle does, that it is about; empty where nobody named it
 * @param covered sealer, carpet, trim or a patch hid part of it
 * @param checkId the check that failed; empty where it was found otherwise
 * @param limitId the limit that a reading lay outside of; empty where nothing was measured
 */
public record Observation(
        String zone,
        VehicleSystem system,
        Optional<String> component,
        FindingKind kind,
        boolean covered,
        String note,
        LocalDate foundOn,
        Optional<String> checkId,
        Optional<String> limitId) {
    public Observation {
        note = Texts.note("note", note);
    }
}
