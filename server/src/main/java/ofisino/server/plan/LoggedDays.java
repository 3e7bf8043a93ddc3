package ofisino.server.plan;

import java.time.LocalDate;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import ofisino.server.identity.Caller;

/** On which days people were in the garage, whatever the car. Answered by the logbook. */
public interface LoggedDays {
    /** By account, from a day on; people who logged nothing are left out. */
    Map<UUID, Set<LocalDate>> since(Caller caller, LocalDate first);
}
