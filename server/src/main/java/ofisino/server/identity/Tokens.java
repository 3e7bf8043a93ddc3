package ofisino.server.identity;

import java.nio.charset.StandardCharsets;
import java.security.SecureRandom;
import java.util.Base64;
import ofisino.server.web.Sha256;

/** Secrets that are handed out once and kept only as their hash. */
public final class Tokens {
    private static final int BYTES = 24;

    private Tokens() {}

    public static String fresh() {
        byte[] random = new byte[BYTES];
        new SecureRandom().nextBytes(random);
        return Base64.getUrlEncoder().withoutPadding().encodeToString(random);
    }

    public static byte[] hash(String token) {
        return Sha256.of(token.getBytes(StandardCharsets.UTF_8));
    }
}
