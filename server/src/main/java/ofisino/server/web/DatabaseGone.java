package ofisino.server.web;

import java.sql.SQLException;
import org.springframework.dao.DataAccessResourceFailureException;
import org.springframework.transaction.CannotCreateTransactionException;

/** What is thrown, in the end, because the database stopped. Whether a change went through then only its repetition tells. */
final class DatabaseGone {
    private DatabaseGone() {}

    /** SQL states: 08 connection (ISO/IEC 9075-2), 57P01 to 57P03 shutdown (PostgreSQL, appendix A). */
    static boolean isCauseOf(Throwable thrown) {
        for (Throwable cause = thrown; cause != null; cause = cause.getCause())
            if (cause instanceof DataAccessResourceFailureException
                    || cause instanceof CannotCreateTransactionException
                    || cause instanceof SQLException sql && isOfConnection(String.valueOf(sql.getSQLState())))
                return true;
        return false;
    }

    private static boolean isOfConnection(String sqlState) {
        return sqlState.startsWith("08") || sqlState.startsWith("57P0");
    }

    static Refused refusal() {
        return Refused.busy(
                "The database has stopped and is started again. Try once more in a moment; nothing is recorded twice.");
    }
}
