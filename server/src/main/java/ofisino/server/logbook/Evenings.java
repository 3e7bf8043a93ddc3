package ofisino.server.logbook;

import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;
import ofisino.server.identity.Caller;

/** The door to the logbook. */
public interface Evenings {
    /** The person's latest note to tomorrow's self, if the latest evening left one. */
    Optional<Note> lastNote(Caller caller, UUID projectId);

    record Note(LocalDate workedOn, String text) {}
}
