package ofisino.server.identity.account;

import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Duration;
import java.util.Arrays;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import ofisino.server.identity.Tokens;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseCookie;
import org.springframework.stereotype.Component;

/**
 * Devices on which somebody signed in before. Guesses are counted apart for them, so that nobody in the network can lock an owner out of the
 * own computer by guessing the own name wrong (OWASP, "device cookies").
 */
@Component
record KnownDevices(AccountMapper mapper) {
    private static final String COOKIE = "OFISINO-DEVICE";
    private static final Duration KEPT = Duration.ofDays(400);

    /** The account that signed in on this device last, if it is known. */
    Optional<UUID> accountOf(HttpServletRequest request) {
        return cookie(request).flatMap(token -> mapper.deviceOwner(Tokens.hash(token)));
    }

    void remember(UUID accountId, HttpServletRequest request, HttpServletResponse response) {
        if (accountOf(request).filter(accountId::equals).isPresent()) return;
        String token = Tokens.fresh();
        mapper.insertDevice(Tokens.hash(token), accountId);
        response.addHeader(
                HttpHeaders.SET_COOKIE,
                ResponseCookie.from(COOKIE, token)
                        .httpOnly(true)
                        .secure(request.isSecure())
                        .sameSite("Strict")
                        .path("/api/sign-in")
                        .maxAge(KEPT)
                        .build()
                        .toString());
    }

    private static Optional<String> cookie(HttpServletRequest request) {
        return Stream.ofNullable(request.getCookies())
                .flatMap(Arrays::stream)
                .filter(c -> c.getName().equals(COOKIE))
                .map(Cookie::getValue)
                .findFirst();
    }
}
