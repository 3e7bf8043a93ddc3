package ofisino.server.identity.account;

import io.github.bucket4j.Bandwidth;
import io.github.bucket4j.Bucket;
import java.time.Duration;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import org.springframework.stereotype.Component;

/** Lets a name be tried ten times in five minutes. Kept in memory: a restart forgives. */
@Component
class SignInThrottle {
    static final int TRIES = 10;
    private static final int MOST_NAMES = 10_000;
    private static final Bandwidth LIMIT = Bandwidth.builder()
            .capacity(TRIES)
            .refillGreedy(TRIES, Duration.ofMinutes(5))
            .build();

    private final Map<String, Bucket> tries = Collections.synchronizedMap(new LinkedHashMap<>() {
        @Override
        protected boolean removeEldestEntry(Map.Entry<String, Bucket> eldest) {
            return size() > MOST_NAMES;
        }
    });

    boolean allows(String key) {
        return tries.computeIfAbsent(
                        key.toLowerCase(Locale.ROOT),
                        k -> Bucket.builder().addLimit(LIMIT).build())
                .tryConsume(1);
    }

    void forgive(String key) {
        tries.remove(key.toLowerCase(Locale.ROOT));
    }
}
