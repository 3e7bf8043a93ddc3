package ofisino.server.parts.asking;

import io.github.resilience4j.circuitbreaker.CallNotPermittedException;
import io.github.resilience4j.circuitbreaker.CircuitBreaker;
import io.github.resilience4j.circuitbreaker.CircuitBreakerConfig;
import io.github.resilience4j.circuitbreaker.CircuitBreakerRegistry;
import io.github.resilience4j.core.IntervalFunction;
import io.github.resilience4j.retry.Retry;
import io.github.resilience4j.retry.RetryConfig;
import jakarta.annotation.PreDestroy;
import java.io.IOException;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.function.Function;
import java.util.function.Supplier;
import ofisino.server.web.OfisinoProperties;
import org.springframework.stereotype.Component;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.JavaType;
import tools.jackson.databind.json.JsonMapper;

/**
 * The line to whoever sells over the wire, as the description of the stand-in says. It waits for two seconds at most, tries a second time
 * after a moment, and leaves a seller alone for half a minute who has failed five times in a row. Whoever asks goes on without an answer.
 */
@Component
class SellersLine {
    private static final Duration PATIENCE = Duration.ofSeconds(2);
    private static final Duration REST = Duration.ofSeconds(30);
    private static final int FAILURES = 5;
    private static final int AT_ONCE = 8;

    /** Numbers and texts as the seller sent them: nothing of it is believed yet. */
    record WireSeller(String id, String name, String currency, long postMinor, long freeFromMinor, int returnDays) {}

    record WireArticle(String number, String name, long priceMinor, String currency, int stock, int days) {}

    record WireLine(String number, int quantity, long priceMinor) {}

    record WireOrder(List<WireLine> lines) {}

    record WireAnswer(String state, List<WireLine> lines, int days, String reason) {}

    /** No proper answer came; what was asked may have got there. */
    static final class NoAnswer extends RuntimeException {
        private static final long serialVersionUID = 1;

        NoAnswer(String what, Throwable cause) {
            super(what, cause);
        }
    }

    private final String address;
    private final HttpClient http = HttpClient.newBuilder()
            .connectTimeout(PATIENCE)
            .followRedirects(HttpClient.Redirect.NEVER)
            .build();
    private final JsonMapper json = JsonMapper.builder()
            .disable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
            .enable(DeserializationFeature.FAIL_ON_NULL_FOR_PRIMITIVES)
            .build();
    private final ExecutorService askers = Executors.newFixedThreadPool(AT_ONCE, run -> {
        var thread = new Thread(run, "sellers");
        thread.setDaemon(true);
        return thread;
    });
    private final Retry again = Retry.of(
            "sellers",
            RetryConfig.custom()
                    .maxAttempts(2)
                    .intervalFunction(IntervalFunction.ofExponentialRandomBackoff(200, 2.0, 0.5))
                    .ignoreExceptions(CallNotPermittedException.class)
                    .build());
    private final CircuitBreakerRegistry breakers = CircuitBreakerRegistry.of(CircuitBreakerConfig.custom()
            .slidingWindowSize(FAILURES)
            .minimumNumberOfCalls(FAILURES)
            .failureRateThreshold(100)
            .waitDurationInOpenState(REST)
            .build());

    SellersLine(OfisinoProperties properties) {
        this.address = properties.sellers();
    }

    /** Whether the launcher named anybody who can be asked. */
    boolean isThere() {
        return !address.isEmpty();
    }

    /** @throws NoAnswer when none came in time */
    List<WireSeller> sellers() {
        return get("all", "/sellers", json.constructType(WireSeller.class));
    }

    /** @throws NoAnswer when none came in time */
    List<WireArticle> articles(String seller, String words) {
        String path = "/sellers/" + encoded(seller) + "/articles?words=" + encoded(words);
        return get(seller, path, json.constructType(WireArticle.class));
    }

    /** Under the order's own id: sent twice it is the same order. @throws NoAnswer when none came in time: it may have got there */
    WireAnswer order(String seller, UUID orderId, WireOrder order) {
        HttpRequest request = to("/sellers/" + encoded(seller) + "/orders/" + orderId)
                .header("Content-Type", "application/json")
                .PUT(HttpRequest.BodyPublishers.ofByteArray(json.writeValueAsBytes(order)))
                .build();
        return answered(seller, () -> json.readValue(body(request), WireAnswer.class));
    }

    /** Asks all of them at once: who is slow keeps nobody from hearing the others. In their order. */
    <T> List<T> askAll(List<WireSeller> all, Function<WireSeller, T> ask) {
        List<CompletableFuture<T>> asked = all.stream()
                .map(s -> CompletableFuture.supplyAsync(() -> ask.apply(s), askers))
                .toList();
        return asked.stream().map(CompletableFuture::join).toList();
    }

    @PreDestroy
    void close() {
        askers.shutdownNow();
    }

    private <T> List<T> get(String seller, String path, JavaType of) {
        HttpRequest request = to(path).GET().build();
        JavaType list = json.getTypeFactory().constructCollectionType(List.class, of);
        return answered(seller, () -> json.readValue(body(request), list));
    }

    private HttpRequest.Builder to(String path) {
        return HttpRequest.newBuilder(URI.create(address + path)).timeout(PATIENCE);
    }

    private <T> T answered(String seller, Supplier<T> ask) {
        CircuitBreaker breaker = breakers.circuitBreaker(seller);
        try {
            return Retry.decorateSupplier(again, CircuitBreaker.decorateSupplier(breaker, ask))
                    .get();
        } catch (CallNotPermittedException | CompletionException | JacksonException | NoAnswer e) {
            throw new NoAnswer(seller + " does not answer", e);
        }
    }

    /** The whole body in time, or nothing: the clock of a request alone stops at its first line. */
    private byte[] body(HttpRequest request) {
        HttpResponse<byte[]> answer = http.sendAsync(request, HttpResponse.BodyHandlers.ofByteArray())
                .orTimeout(PATIENCE.toMillis(), TimeUnit.MILLISECONDS)
                .join();
        if (answer.statusCode() != 200)
            throw new NoAnswer("status " + answer.statusCode(), new IOException(request.uri() + " was not answered"));
        return answer.body();
    }

    private static String encoded(String text) {
        return URLEncoder.encode(text, StandardCharsets.UTF_8).replace("+", "%20");
    }
}
