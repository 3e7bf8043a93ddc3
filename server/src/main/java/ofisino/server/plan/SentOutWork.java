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

    /** What an hour of one's own is worth; 0 where nobody said. */
    long hourMinor(Caller caller);

    /**
     * What is to go out.
     *
     * @param awayDays  the days that it takes
     * @param carGoes   the whole vehicle is away meanwhile
     * @param beforeJob has to be done before it can go
     * @param afterJob  waits until it is back
     * @param mask      what is covered before it goes: threads, bearing seats
     * @param openOn    days on which it can be handed over and fetched; all if not said
     */
    record ToSend(
            String title,
            int pieces,
            int awayDays,
            boolean carGoes,
            Aim aim,
            @Nullable UUID beforeJob,
            @Nullable UUID afterJob,
            @Nullable List<String> mask,
            @Nullable Weekdays openOn) {
        public ToSend {
            mask = mask == null ? List.of() : List.copyOf(mask);
            openOn = openOn == null ? Weekdays.ALL : openOn;
        }
    }

    /** @param backOn the day on which to reckon with it, where it is away; absent while it is still here */
    record Open(UUID id, @Nullable LocalDate backOn, ToSend what) {}
}
