package ofisino.server.db;

import java.util.function.Supplier;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/** What is worked out of a snapshot is worked out once, since nothing changes in it; outside a read it is worked out each time. */
public final class PerSnapshot {
    private PerSnapshot() {}

    /** @param key tells it apart from whatever else is worked out of the same snapshot */
    @SuppressWarnings("unchecked")
    public static <T> T once(Object key, Supplier<T> workedOut) {
        if (!TransactionSynchronizationManager.isCurrentTransactionReadOnly()
                || !TransactionSynchronizationManager.isSynchronizationActive()) return workedOut.get();
        Object known = TransactionSynchronizationManager.getResource(key);
        if (known != null) return (T) known;
        T now = workedOut.get();
        TransactionSynchronizationManager.bindResource(key, now);
        TransactionSynchronizationManager.registerSynchronization(new TransactionSynchronization() {
            @Override
            public void afterCompletion(int status) {
                TransactionSynchronizationManager.unbindResourceIfPossible(key);
            }
        });
        return now;
    }
}
