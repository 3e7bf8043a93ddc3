package ofisino.server.logbook;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import ofisino.server.identity.Caller;

/** The door to the logbook. */
public interface WorkSessions {
    /** The person's notes to tomorrow's self that are not ticked off, the latest first. */
    List<Note> openNotes(Caller caller, UUID projectId);

    record Note(UUID workSessionId, LocalDate workedOn, String text) {}
}
