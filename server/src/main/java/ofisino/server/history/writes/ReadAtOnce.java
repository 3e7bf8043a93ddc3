package ofisino.server.history.writes;

import java.util.concurrent.Callable;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.TransactionDefinition;
import org.springframework.transaction.TransactionStatus;
import org.springframework.transaction.support.DefaultTransactionDefinition;

/** Every read is as things stood at one instant: a page that is put together of several reads never shows half of what somebody just wrote. */
@Component
class ReadAtOnce {
    private final PlatformTransactionManager transactions;
    private final DefaultTransactionDefinition snapshot = new DefaultTransactionDefinition();

    ReadAtOnce(PlatformTransactionManager transactions) {
        this.transactions = transactions;
        snapshot.setReadOnly(true);
        snapshot.setIsolationLevel(TransactionDefinition.ISOLATION_REPEATABLE_READ);
    }

    @Nullable
    Object read(Callable<@Nullable Object> work) throws Exception {
        TransactionStatus transaction = transactions.getTransaction(snapshot);
        try {
            return work.call();
        } finally {
            transactions.rollback(transaction); // it wrote nothing
        }
    }
}
