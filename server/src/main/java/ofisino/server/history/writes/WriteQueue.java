package ofisino.server.history.writes;

import java.util.Map;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.locks.ReentrantLock;
import ofisino.server.web.Refused;
import org.springframework.stereotype.Component;

/**
 * Lets the writes of one garage pass one after the other, in the order in which they came. Who waits holds no connection to the database,
 * so that reads go on.
 */
@Component
class WriteQueue {
    private static final int PATIENCE_SECONDS = 15;
    private final Map<UUID, ReentrantLock> turns = new ConcurrentHashMap<>();

    /** @throws Refused when it was not the caller's turn in time */
    <T> T inTurn(UUID garageId, Callable<T> work) throws Exception {
        ReentrantLock turn = turns.computeIfAbsent(garageId, id -> new ReentrantLock(true));
        if (!turn.tryLock(PATIENCE_SECONDS, TimeUnit.SECONDS))
            throw Refused.busy("The garage is busy with other changes and yours was not saved. Try again in a moment.");
        try {
            return work.call();
        } finally {
            turn.unlock();
        }
    }
}
