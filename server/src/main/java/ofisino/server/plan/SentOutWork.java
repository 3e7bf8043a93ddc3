package ofisino.server.plan;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import ofisino.core.kernel.Aim;
import ofisino.core.kernel.Weekdays;
import ofisino.server.identity.Caller;
import org.jspecify.annotations.Nullable;

/** The door to work that somebody else does elsewhere. */
public interface SentOutWork {
    /** What is to go and what is away. */
    List<Open> open(Caller caller, UUID projectId);

    /**
     * @param openOn   days on which it can be handed over and fetched
     * @param backOn   the day on which to reckon with it, where it is away; empty while it is still here
     * @param awayDays the days that it takes
     */
    record Open(
            UUID id,
            String title,
            Aim aim,
            int awayDays,
            boolean carGoes,
            Weekdays openOn,
            @Nullable LocalDate backOn,
            @Nullable UUID beforeJob,
            @Nullable UUID afterJob) {}
}
