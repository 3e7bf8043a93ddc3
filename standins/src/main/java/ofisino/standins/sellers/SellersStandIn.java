package ofisino.standins.sellers;

import com.sun.net.httpserver.HttpExchange;
import com.sun.net.httpserver.HttpServer;
import java.io.IOException;
import java.io.InputStream;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.URLDecoder;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.stream.Collectors;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.ObjectMapper;

/** Answers on loopback as openapi.yaml says. Ends with its process; nothing is kept. */
public final class SellersStandIn implements AutoCloseable {
    private final ObjectMapper json = new ObjectMapper();
    private final Map<String, Counter> counters;
    private final Map<String, Behaviour> behaviours = new ConcurrentHashMap<>();
    private final HttpServer server;
    private final ExecutorService workers = Executors.newFixedThreadPool(8);

    /** @param port 0 for any that is free */
    public SellersStandIn(int port) throws IOException {
        List<Article> articles = Article.load();
        counters = Seller.ALL.stream().collect(Collectors.toMap(Seller::id, s -> new Counter(s, articles)));
        server = HttpServer.create(new InetSocketAddress(InetAddress.getLoopbackAddress(), port), 0);
        server.createContext("/", this::answer);
        server.setExecutor(workers);
        server.start();
    }

    /** The address to ask it at. */
    public String url() {
        return "http://127.0.0.1:" + server.getAddress().getPort();
    }

    /** The port as the only argument; says where it answers and goes on until it is stopped. */
    public static void main(String[] args) throws IOException {
        var standIn = new SellersStandIn(args.length == 0 ? 0 : Integer.parseInt(args[0]));
        System.out.println(standIn.url());
    }

    @Override
    public void close() {
        server.stop(0);
        workers.shutdownNow();
    }

    private record Reply(int status, Object body) {}

    private static Reply problem(int status, String detail) {
        return new Reply(status, Map.of("detail", detail));
    }

    private void answer(HttpExchange exchange) throws IOException {
        try (exchange) {
            List<String> path = Arrays.stream(exchange.getRequestURI().getPath().split("/"))
                    .filter(p -> !p.isEmpty())
                    .toList();
            if (path.equals(List.of("openapi.yaml"))) {
                send(exchange, 200, "application/yaml", description());
                return;
            }
            Behaviour behaviour = path.size() > 2 ? behave(path.get(1)) : Behaviour.PROPER;
            Reply reply = behaviour.failures() > 0 && !behaviour.diesHalfWay()
                    ? problem(503, "The seller's machine is busy.")
                    : reply(exchange, path, behaviour);
            byte[] body = json.writeValueAsBytes(reply.body());
            if (behaviour.failures() > 0 && behaviour.diesHalfWay()) {
                exchange.getResponseHeaders().set("Content-Type", "application/json");
                exchange.sendResponseHeaders(200, body.length + 100L);
                exchange.getResponseBody().write(body, 0, body.length / 2);
                return;
            }
            send(exchange, reply.status(), "application/json", body);
        }
    }

    /** Its next behaviour, of which a failure is used up; after its delay. */
    private Behaviour behave(String seller) {
        Behaviour now = behaviours.getOrDefault(seller, Behaviour.PROPER);
        behaviours.computeIfPresent(seller, (s, b) -> b.failures() > 0 ? b.afterAFailure() : b);
        try {
            TimeUnit.MILLISECONDS.sleep(now.delayMillis());
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
        return now;
    }

    private Reply reply(HttpExchange exchange, List<String> path, Behaviour behaviour) throws IOException {
        String method = exchange.getRequestMethod();
        if (path.equals(List.of("sellers")) && method.equals("GET")) return new Reply(200, Seller.ALL);
        if (path.size() < 2 || !path.get(0).equals("sellers")) return problem(404, "There is nothing here.");
        Counter counter = counters.get(path.get(1));
        if (counter == null) return problem(404, "There is no seller " + path.get(1) + ".");
        try {
            if (path.size() == 2 && method.equals("PUT")) {
                behaviours.put(path.get(1), json.readValue(exchange.getRequestBody(), Behaviour.class));
                return new Reply(200, Map.of());
            }
            if (path.size() == 3 && path.get(2).equals("articles") && method.equals("GET"))
                return new Reply(200, counter.search(words(exchange)));
            if (path.size() == 4 && path.get(2).equals("orders"))
                return order(exchange, counter, path.get(3), behaviour.isContradictory());
        } catch (JacksonException e) {
            return problem(400, "That cannot be read as JSON.");
        }
        return problem(404, "There is nothing here.");
    }

    private Reply order(HttpExchange exchange, Counter counter, String id, boolean contradictory) {
        Optional<Counter.Answered> answer;
        switch (exchange.getRequestMethod()) {
            case "PUT" -> {
                answer = counter.order(
                        id, json.readValue(exchange.getRequestBody(), Counter.Asked.class), contradictory);
                if (answer.isEmpty()) return problem(409, "Another order has this id.");
            }
            case "GET" -> {
                answer = counter.answerOn(id);
                if (answer.isEmpty()) return problem(404, "There is no such order.");
            }
            default -> {
                return problem(405, "Orders are put and fetched.");
            }
        }
        return new Reply(200, answer.get());
    }

    private static String words(HttpExchange exchange) {
        String query =
                Optional.ofNullable(exchange.getRequestURI().getRawQuery()).orElse("");
        return Arrays.stream(query.split("&"))
                .filter(p -> p.startsWith("words="))
                .map(p -> URLDecoder.decode(p.substring("words=".length()), StandardCharsets.UTF_8))
                .findFirst()
                .orElse("");
    }

    private static byte[] description() throws IOException {
        try (InputStream in = SellersStandIn.class.getResourceAsStream("openapi.yaml")) {
            if (in == null) throw new IllegalStateException("openapi.yaml is not packed with the stand-in");
            return in.readAllBytes();
        }
    }

    private static void send(HttpExchange exchange, int status, String type, byte[] body) throws IOException {
        exchange.getResponseHeaders().set("Content-Type", type);
        exchange.sendResponseHeaders(status, body.length);
        exchange.getResponseBody().write(body);
    }
}
