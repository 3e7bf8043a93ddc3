package ofisino.server.everyoperation;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.UUID;
import ofisino.server.everyoperation.Operations.Operation;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/**
 * Requests as nobody should send them: well formed by the description of the API, but for one or two places. The same seed gives the same
 * requests.
 */
final class HostileRequests {
    private static final JsonNodeFactory JSON = JsonNodeFactory.instance;

    private static final List<String> TEXTS = List.of(
            "",
            " ",
            "x".repeat(121),
            "x".repeat(5000),
            "\u0000",
            "a\u0001b",
            "\u202Egnp.exe",
            "\uD800",
            "\uD83D\uDE97",
            "'; drop table finding; --",
            "<script>alert(1)</script>",
            "{{7*7}} ${7*7}",
            "../../etc/passwd",
            "-1",
            "NaN",
            "2026-02-30",
            "9999-12-31",
            "+999999999-12-31",
            "-4713-01-01",
            "0000-00-00",
            "2026-11-27T25:61:00Z",
            "00000000-0000-0000-0000-000000000000",
            "OWNER",
            "null",
            "EUR",
            "%s%n");

    private static final List<JsonNode> NUMBERS = List.of(
            JSON.numberNode(0),
            JSON.numberNode(-1),
            JSON.numberNode(1),
            JSON.numberNode(Integer.MAX_VALUE),
            JSON.numberNode(Integer.MIN_VALUE),
            JSON.numberNode(2147483648L),
            JSON.numberNode(Long.MAX_VALUE),
            JSON.numberNode(Long.MIN_VALUE),
            JSON.numberNode(1e308),
            JSON.numberNode(-1e308),
            JSON.numberNode(1e-320),
            JSON.numberNode(0.5),
            JSON.numberNode(1_000_000_000_000L),
            JSON.numberNode(1_000_000_000_001L));

    /** @param body empty for none; not always JSON */
    record Hostile(Operation operation, String path, String body, String contentType) {}

    private final Operations operations;
    private final Random random;
    /** Ids that are there, by the word that a path or field has for them. */
    private final Map<String, List<UUID>> known;

    HostileRequests(Operations operations, long seed, Map<String, List<UUID>> known) {
        this.operations = operations;
        this.random = new Random(seed);
        this.known = known;
    }

    Hostile next() {
        Operation operation =
                operations.all().get(random.nextInt(operations.all().size()));
        String path = path(operation) + query(operation);
        if (operation.takesAFile())
            return new Hostile(operation, path, pick(TEXTS), pick(List.of("image/jpeg", "application/pdf")));
        if (operation.body().isEmpty())
            return new Hostile(operation, path, operation.method().equals("GET") ? "" : "{}", "application/json");
        JsonNode body = value(operation.body().get(), "", 0);
        for (int i = random.nextInt(3); i > 0; i--) body = spoilt(body);
        return new Hostile(operation, path, text(body), contentType());
    }

    private String contentType() {
        return random.nextInt(40) > 0
                ? "application/json"
                : pick(List.of(
                        "text/plain",
                        "application/xml",
                        "multipart/form-data; boundary=x",
                        "application/x-www-form-urlencoded",
                        "application/json; charset=utf-16"));
    }

    private String text(JsonNode body) {
        String json = body.toString();
        return switch (random.nextInt(40)) {
            case 0 -> json.substring(0, random.nextInt(json.length() + 1));
            case 1 -> "[".repeat(5000);
            case 2 -> json + json;
            case 3 -> "{\"a\":".repeat(3000);
            default -> json;
        };
    }

    private String path(Operation operation) {
        String path = operation.path();
        for (JsonNode parameter : operation.parameters())
            if (parameter.path("in").asString("").equals("path")) {
                String name = parameter.path("name").asString("");
                String word = name.equals("id") ? operation.path().replaceAll(".*/api/([a-z-]+)/\\{id}.*", "$1") : name;
                path = path.replace("{" + name + "}", inPath(word, parameter.path("schema")));
            }
        if (random.nextInt(30) == 0)
            path = path.replaceFirst("/api", pick(List.of("/%61pi", "/api/.", "//api", "/api;v=1")));
        return path;
    }

    private String inPath(String word, JsonNode schema) {
        if (random.nextInt(12) == 0)
            return pick(List.of("x", "%00", "%ff%fe", "..", "%2e%2e", "1", "%F0%9F%9A%97", "%2F"));
        JsonNode whole = operations.resolve(schema);
        if (whole.has("enum"))
            return pick(whole.get("enum").valueStream().map(JsonNode::asString).toList());
        return whole.path("format").asString("").equals("uuid") ? id(word).toString() : "bonnet";
    }

    private String query(Operation operation) {
        List<String> query = new ArrayList<>();
        for (JsonNode parameter : operation.parameters())
            if (parameter.path("in").asString("").equals("query") && random.nextInt(8) > 0) {
                JsonNode value =
                        value(parameter.path("schema"), parameter.path("name").asString(""), 0);
                String text = random.nextInt(6) == 0
                        ? pick(List.of(
                                "%ff%fe",
                                "%00", "-1", "9223372036854775808", "x".repeat(300), "", "%E2%80%AE", "1e400"))
                        : encoded(value.isString() ? value.asString() : value.toString());
                query.add(parameter.path("name").asString("") + "=" + text);
            }
        return query.isEmpty() ? "" : "?" + String.join("&", query);
    }

    private static String encoded(String text) {
        return java.net.URLEncoder.encode(text.replace("\uD800", ""), java.nio.charset.StandardCharsets.UTF_8);
    }

    /** A value as the description wants it. */
    private JsonNode value(JsonNode schema, String name, int depth) {
        JsonNode whole = operations.resolve(schema);
        if (whole.has("enum")) return pick(whole.get("enum").valueStream().toList());
        return switch (whole.path("type").asString("object")) {
            case "array" -> {
                var list = JSON.arrayNode();
                for (int i = depth > 4 ? 0 : random.nextInt(3); i > 0; i--)
                    list.add(value(whole.path("items"), name, depth + 1));
                yield list;
            }
            case "integer" -> JSON.numberNode(name.equals("version") ? random.nextInt(3) : random.nextInt(200));
            case "number" -> JSON.numberNode(random.nextInt(1000) / 10.0);
            case "boolean" -> JSON.booleanNode(random.nextBoolean());
            case "string" -> JSON.stringNode(string(whole.path("format").asString(""), name));
            default -> object(whole, depth);
        };
    }

    private ObjectNode object(JsonNode schema, int depth) {
        var object = JSON.objectNode();
        var required =
                schema.path("required").valueStream().map(JsonNode::asString).toList();
        schema.path("properties").propertyStream().forEach(p -> {
            if (depth < 6 && (required.contains(p.getKey()) || random.nextBoolean()))
                object.set(p.getKey(), value(p.getValue(), p.getKey(), depth + 1));
        });
        return object;
    }

    private String string(String format, String name) {
        return switch (format) {
            case "uuid" -> id(name).toString();
            case "date" -> "2026-11-" + (10 + random.nextInt(20));
            case "date-time" -> "2026-11-27T18:00:00Z";
            default ->
                switch (name) {
                    case "zone", "place" -> pick(List.of("bonnet", "sill-left", "Europe/Vienna", "nowhere"));
                    case "currency", "baseCurrency" -> pick(List.of("EUR", "GBP", "XAU"));
                    case "locale" -> "en-GB";
                    default -> pick(List.of("Fit the seal", "Alder", "a", "because"));
                };
        };
    }

    private UUID id(String word) {
        List<UUID> there = known.getOrDefault(word, known.getOrDefault(word.replaceAll("Id$", "") + "s", List.of()));
        return there.isEmpty() || random.nextInt(4) == 0 ? new UUID(random.nextLong(), random.nextLong()) : pick(there);
    }

    /** The same with one value put in place of another, somewhere. */
    private JsonNode spoilt(JsonNode body) {
        List<Runnable> places = new ArrayList<>();
        collect(body, places);
        if (places.isEmpty()) return bad(body);
        pick(places).run();
        return body;
    }

    private void collect(JsonNode node, List<Runnable> places) {
        if (node instanceof ObjectNode object) {
            new LinkedHashMap<>(object.properties().stream()
                            .collect(java.util.stream.Collectors.toMap(Map.Entry::getKey, Map.Entry::getValue)))
                    .forEach((key, value) -> {
                        places.add(() -> object.set(key, bad(value)));
                        places.add(() -> {
                            if (random.nextInt(4) == 0) object.remove(key);
                            else if (random.nextInt(6) == 0)
                                object.put("garageId", UUID.randomUUID().toString());
                            else object.set(key, bad(value));
                        });
                        collect(value, places);
                    });
        }
        if (node.isArray()) node.forEach(item -> collect(item, places));
    }

    private JsonNode bad(JsonNode value) {
        return switch (random.nextInt(5)) {
            case 0 -> value.isString() ? pick(NUMBERS) : JSON.stringNode(pick(TEXTS));
            case 1 -> pick(List.of(JSON.nullNode(), JSON.arrayNode(), JSON.objectNode(), JSON.booleanNode(true)));
            case 2 -> value.isNumber() ? pick(NUMBERS) : JSON.stringNode(pick(TEXTS));
            default ->
                value.isNumber()
                        ? pick(NUMBERS)
                        : value.isString()
                                ? JSON.stringNode(pick(TEXTS))
                                : JSON.arrayNode().add(value);
        };
    }

    private <T> T pick(List<T> from) {
        return from.get(random.nextInt(from.size()));
    }
}
