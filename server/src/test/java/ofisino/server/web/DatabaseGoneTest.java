package ofisino.server.web;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.sql.SQLException;
import org.junit.jupiter.api.Test;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.transaction.CannotCreateTransactionException;
import org.springframework.transaction.TransactionSystemException;

class DatabaseGoneTest {
    /** SQL states as PostgreSQL 15 sent them when it was killed while it was written to (benchmarks/faults). */
    @Test
    void isToldFromWhatIsADefect() {
        assertThat(DatabaseGone.isCauseOf(rollbackFailed("08003"))).isTrue();
        assertThat(DatabaseGone.isCauseOf(rollbackFailed("08006"))).isTrue();
        assertThat(DatabaseGone.isCauseOf(rollbackFailed("57P01"))).isTrue();
        assertThat(DatabaseGone.isCauseOf(new IOException(new CannotCreateTransactionException("no connection"))))
                .isTrue();

        assertThat(DatabaseGone.isCauseOf(rollbackFailed("40001"))).isFalse();
        assertThat(DatabaseGone.isCauseOf(rollbackFailed(null))).isFalse();
        assertThat(DatabaseGone.isCauseOf(
                        new DataIntegrityViolationException("refused", new SQLException("taken", "23505"))))
                .isFalse();
        assertThat(DatabaseGone.isCauseOf(new IllegalStateException())).isFalse();
    }

    @Test
    void mayBeTriedAgain() {
        assertThat(DatabaseGone.refusal().status().value()).isEqualTo(503);
        assertThat(DatabaseGone.refusal().code()).isEqualTo("request.busy");
    }

    private static TransactionSystemException rollbackFailed(String sqlState) {
        return new TransactionSystemException("JDBC rollback failed", new SQLException("gone", sqlState));
    }
}
