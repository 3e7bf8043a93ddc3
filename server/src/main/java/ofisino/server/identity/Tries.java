package ofisino.server.identity;

import io.github.bucket4j.Bandwidth;
import io.github.bucket4j.Bucket;
import java.time.Duration;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;
import ofisino.server.web.Refused;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;

/** How often something secret may be guessed, by whom. Kept in memory: a restart forgives. */
@Component
public class Tries {
    private static final int MOST_KEYS = 20_000;
    private static final Duration SPAN = Duration.ofMinutes(5);

    private final Map<String, Bucket> left = Collections.synchronizedMap(new LinkedHashMap<>(16, 0.75f, true) {
        @Override
        protected boolean removeEldestEntry(Map.Entry<String, Bucket> eldest) {
            return size() > MOST_KEYS;
        }
    });

    /**
     * Uses up one try.
     *
     * @param key who tries what: an address, a name
     * @param most tries in five minutes
     * @throws Refused when none is left
     */
    public void use(String key, int most) {
        if (!of(key, most).tryConsume(1))
            throw new Refused(
                    HttpStatus.TOO_MANY_REQUESTS,
                    "tries.too-often",
                    "Too many attempts. Wait five minutes and try again.");
    }

    /** It was none: what was tried was right. */
    public void giveBack(String key, int most) {
        of(key, most).addTokens(1);
    }

    public void forgive(String key) {
        left.remove(key);
    }

    private Bucket of(String key, int most) {
        return left.computeIfAbsent(
                key,
                k -> Bucket.builder()
                        .addLimit(Bandwidth.builder()
                                .capacity(most)
                                .refillGreedy(most, SPAN)
                                .build())
                        .build());
    }
}
