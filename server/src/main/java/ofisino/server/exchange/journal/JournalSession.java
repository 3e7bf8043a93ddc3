package ofisino.server.exchange.journal;

import java.io.IOException;
import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.StringJoiner;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Sends the steps of a journal as one signed-in client. */
final class JournalSession {
    private static final Pattern NAME = Pattern.compile("~[a-z0-9-]+");
    private static final Pattern DAY = Pattern.compile("today(?:([+-])(\\d+))?");

    private final String base;
    private final Path folder;
    private final LocalDate today;
    private final String firstAccountCode;
    private final CookieManager cookies = new CookieManager();
    private final HttpClient client =
            HttpClient.newBuilder().cookieHandler(cookies).build();
    private final JsonMapper json = new JsonMapper();
    private final Map<String, UUID> names = new HashMap<>();

    JournalSession(int port, Path folder, Clock clock, String firstAccountCode)
            throws IOException, InterruptedException {
        this.base = "http://127.0.0.1:" + port;
        this.folder = folder;
        this.today = LocalDate.now(clock);
        this.firstAccountCode = firstAccountCode;
        get("/api/session"); // brings the token that every change must carry
    }

    /** @throws IllegalStateException when a step is refused: a journal is data that ships ready to play */
    void play(Map<String, Object> step) throws IOException, InterruptedException {
        if (step.containsKey("find")) {
            find(maps(step.get("find")), step.get("as").toString());
            return;
        }
        String method = step.containsKey("PUT") ? "PUT" : "POST";
        String path = named(step.get(method).toString());
        JsonNode answer = step.containsKey("file")
                ? upload(path, step)
                : send(method, path, json.writeValueAsBytes(value(step.get("body"), path)), "application/json");
        if (step.get("as") instanceof List<?> list)
            for (int i = 0; i < list.size(); i++)
                names.put("~" + list.get(i), UUID.fromString(answer.get(i).asString()));
    }

    /** Names the id of the first thing in a list whose fields have the given values. */
    private void find(Map<String, Object> wanted, String name) throws IOException, InterruptedException {
        String path = named(wanted.get("in").toString());
        Map<String, Object> where = maps(wanted.get("where"));
        for (JsonNode item : get(path))
            if (where.entrySet().stream()
                    .allMatch(e ->
                            item.path(e.getKey()).asString("").equals(String.valueOf(value(e.getValue(), path))))) {
                names.put("~" + name, UUID.fromString(item.get("id").asString()));
                return;
            }
        throw new IllegalStateException("the journal finds nothing in %s like %s".formatted(path, where));
    }

    private JsonNode upload(String path, Map<String, Object> step) throws IOException, InterruptedException {
        Path file = folder.resolve(step.get("file").toString());
        var query = new StringJoiner("&", path + "?", "").add("fileName=" + encoded(file.getFileName()));
        for (Map.Entry<String, Object> field : maps(step.get("body")).entrySet())
            query.add(field.getKey() + "=" + encoded(value(field.getValue(), path)));
        return send("POST", query.toString(), Files.readAllBytes(file), "application/octet-stream");
    }

    private static String encoded(Object value) {
        return URLEncoder.encode(value.toString(), StandardCharsets.UTF_8);
    }

    private JsonNode send(String method, String path, byte[] body, String contentType)
            throws IOException, InterruptedException {
        var request = HttpRequest.newBuilder(URI.create(base + path))
                .header("Content-Type", contentType)
                .header("Write-Id", UUID.randomUUID().toString())
                .header("X-XSRF-TOKEN", token())
                .method(method, HttpRequest.BodyPublishers.ofByteArray(body))
                .build();
        return read(request, client.send(request, HttpResponse.BodyHandlers.ofByteArray()));
    }

    private JsonNode get(String path) throws IOException, InterruptedException {
        var request = HttpRequest.newBuilder(URI.create(base + path)).build();
        return read(request, client.send(request, HttpResponse.BodyHandlers.ofByteArray()));
    }

    private JsonNode read(HttpRequest request, HttpResponse<byte[]> response) {
        if (response.statusCode() >= 300)
            throw new IllegalStateException("the journal was refused: %s %s: %s"
                    .formatted(request.method(), request.uri(), new String(response.body(), StandardCharsets.UTF_8)));
        return response.body().length == 0 ? json.nullNode() : json.readTree(response.body());
    }

    private String token() {
        return cookies.getCookieStore().getCookies().stream()
                .filter(c -> c.getName().equals("XSRF-TOKEN"))
                .map(HttpCookie::getValue)
                .findFirst()
                .orElse("");
    }

    /** Names become ids, "today-12" becomes a date, "@version" what the thing of this path has now. */
    private Object value(Object written, String path) {
        if (written instanceof Map<?, ?> map) {
            Map<String, Object> values = new LinkedHashMap<>();
            map.forEach((key, item) -> values.put(key.toString(), value(item, path)));
            return values;
        }
        if (written instanceof List<?> list)
            return list.stream().map(item -> value(item, path)).toList();
        if (!(written instanceof String text)) return written;
        if (text.equals("@version")) return version(path);
        if (text.equals("@first-account-code")) return firstAccountCode;
        Matcher day = DAY.matcher(text);
        if (day.matches())
            return today.plusDays(day.group(1) == null ? 0 : Long.parseLong(day.group(1) + day.group(2)))
                    .toString();
        return NAME.matcher(text).matches() ? id(text).toString() : text;
    }

    private long version(String path) {
        Matcher thing = Pattern.compile("/api/[a-z]+/[0-9a-f-]{36}").matcher(path);
        if (!thing.find()) throw new IllegalStateException("the journal asks for the version of nothing: " + path);
        try {
            return get(thing.group()).get("version").asLong();
        } catch (IOException | InterruptedException broken) {
            throw new IllegalStateException(broken);
        }
    }

    private String named(String path) {
        return NAME.matcher(path).replaceAll(name -> id(name.group()).toString());
    }

    private UUID id(String name) {
        return names.computeIfAbsent(name, n -> UUID.nameUUIDFromBytes(n.getBytes(StandardCharsets.UTF_8)));
    }

    @SuppressWarnings("unchecked") // SnakeYAML's safe constructor builds maps with text keys from a journal
    private static Map<String, Object> maps(Object value) {
        return (Map<String, Object>) value;
    }
}
