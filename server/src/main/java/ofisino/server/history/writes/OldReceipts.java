package ofisino.server.history.writes;

import java.util.concurrent.TimeUnit;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/** Forgets what was answered so long ago that nobody asks again: a telephone that was off for two months sends nothing twice. */
@Component
record OldReceipts(WriteMapper mapper) {
    static final int KEPT_DAYS = 60;

    @Scheduled(initialDelay = 10, fixedDelay = 24 * 60, timeUnit = TimeUnit.MINUTES)
    void forget() {
        mapper.forgetOlderThan(KEPT_DAYS);
    }
}
