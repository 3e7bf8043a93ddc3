package ofisino.server.plan;

import java.util.UUID;
import ofisino.server.identity.Caller;

/** The door to what is owed to a car. */
public interface Debts {
    /** How many of them have come due. */
    long due(Caller caller, UUID projectId);
}
