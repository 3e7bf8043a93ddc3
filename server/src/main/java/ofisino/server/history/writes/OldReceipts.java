package ofisino.server.history.writes;

import java.util.concurrent.TimeUnit;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/** Forgets what was answered so long ago that nobody asks again: a telephone that was off for two months sends nothing twice. */
@Component
class OldReceipts {
    static final int KEPT_DAYS = 60;
    private final WriteMapper mapper;

    OldReceipts(WriteMapper mapper) {
        this.mapper = mapper;
    }

    @Scheduled(initialDelay = 10, fixedDelay = 24 * 60, timeUnit = TimeUnit.MINUTES)
    void forget() {
        mapper.forgetOlderThan(KEPT_DAYS);
    }
}
