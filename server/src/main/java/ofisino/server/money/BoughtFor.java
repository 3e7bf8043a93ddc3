package ofisino.server.money;

import java.util.Optional;
import java.util.UUID;
import ofisino.core.money.buying.Purpose;
import ofisino.core.money.forecast.Span;
import ofisino.server.identity.Caller;
import org.jspecify.annotations.Nullable;

/** The door to what a vehicle was judged by when it was bought. */
public interface BoughtFor {
    /** What it likely fetches when finished, from like vehicles and its title; empty while nobody entered any. Minor units of the base currency. */
    Optional<Span> finishedValue(Caller caller, UUID projectId);

    /** Why it was bought; empty where nobody said. */
    Optional<Why> why(Caller caller, UUID projectId);

    /** @param purpose for which more was paid than it is worth to the purse; null where it paid */
    record Why(@Nullable Purpose purpose, String reason) {}
}
