package ofisino.server.parts;

import java.time.LocalDate;
import java.util.Map;
import java.util.UUID;
import ofisino.server.identity.Caller;

/** The door to parts that cannot be had. */
public interface PartSearches {
    /** By part that is looked for: the day to look again. */
    Map<UUID, LocalDate> lookAgain(Caller caller, UUID projectId);
}
