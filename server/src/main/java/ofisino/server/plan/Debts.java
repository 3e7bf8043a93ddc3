package ofisino.server.plan;

import java.time.LocalDate;
import java.util.Map;
import java.util.UUID;
import ofisino.server.identity.Caller;

/** The door to what is owed to a car. */
public interface Debts {
    /** How many of them have come due. */
    long due(Caller caller, UUID projectId);

    /** Permanent jobs that wait for a day, by job: what is owed comes before neither the trip nor the date. */
    Map<UUID, LocalDate> notBefore(Caller caller, UUID projectId);
}
