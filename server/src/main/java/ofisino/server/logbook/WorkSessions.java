package ofisino.server.logbook;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import ofisino.server.identity.Caller;
import org.jspecify.annotations.Nullable;

/** The door to the logbook. */
public interface WorkSessions {
    /** The person's notes to tomorrow's self that are not ticked off, the latest first. */
    List<Note> openNotes(Caller caller, UUID projectId);

    /** @param jobId what most of that session went into; absent where it went into no job */
    record Note(
            UUID workSessionId,
            LocalDate workedOn,
            String text,
            @Nullable UUID jobId) {}
}
