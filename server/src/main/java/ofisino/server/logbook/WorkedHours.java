package ofisino.server.logbook;

import java.util.UUID;
import ofisino.server.identity.Caller;

/** The door to what was worked on a car. */
public interface WorkedHours {
    /** All that was logged: jobs, and opening and closing what lies before them. */
    long minutes(Caller caller, UUID projectId);
}
