package ofisino.server.testing;

import java.io.IOException;
import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.UUID;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** A client as the browser is one: cookies, the forgery token, an id for each change. */
public final class Api {
    public static final JsonMapper JSON = new JsonMapper();
    private final String base;
    private String signInName = "";
    private String language = "en-GB";
    private final CookieManager cookies = new CookieManager();
    private final HttpClient http =
            HttpClient.newBuilder().cookieHandler(cookies).build();

    public Api(int port) {
        base = "http://127.0.0.1:" + port;
        get("/api/session");
    }

    public record Answer(int status, JsonNode body, HttpResponse<byte[]> raw) {
        public String code() {
            return body.path("code").asString("");
        }

        public String detail() {
            return body.path("detail").asString("");
        }

        public String text(String field) {
            return body.path(field).asString("");
        }

        public long number(String field) {
            return body.path(field).asLong();
        }

        /** The body, when the request was answered as it should be. */
        public JsonNode ok() {
            if (status >= 300) throw new AssertionError("%d: %s".formatted(status, body));
            return body;
        }
    }

    public String signInName() {
        return signInName;
    }

    public Api signIn(String name, String password) {
        signInName = name;
        post("/api/sign-in", Map.of("name", name, "password", password)).ok();
        return this;
    }

    public Answer get(String path) {
        return send(request(path).GET());
    }

    public Answer post(String path, Object body) {
        return write("POST", path, body, UUID.randomUUID());
    }

    public Answer put(String path, Object body) {
        return write("PUT", path, body, UUID.randomUUID());
    }

    public Answer delete(String path) {
        return write("DELETE", path, "", UUID.randomUUID());
    }

    public Answer write(String method, String path, Object body, UUID writeId) {
        String json = body instanceof String text ? text : JSON.writeValueAsString(body);
        return send(signed(path)
                .header("Content-Type", "application/json")
                .header("Write-Id", writeId.toString())
                .method(method, HttpRequest.BodyPublishers.ofString(json)));
    }

    public Answer upload(String subject, UUID subjectId, String fileName, byte[] file) {
        return upload(subject, subjectId, fileName, "", file);
    }

    public Answer upload(String subject, UUID subjectId, String fileName, String takenAt, byte[] file) {
        return file(
                "/api/attachments?id=%s&subject=%s&subjectId=%s&fileName=%s%s"
                        .formatted(
                                UUID.randomUUID(),
                                subject,
                                subjectId,
                                URLEncoder.encode(fileName, StandardCharsets.UTF_8),
                                takenAt.isEmpty() ? "" : "&takenAt=" + takenAt),
                file);
    }

    /** The body is the file itself. */
    public Answer file(String path, byte[] file) {
        return send(signed(path)
                .header("Content-Type", "application/octet-stream")
                .header("Write-Id", UUID.randomUUID().toString())
                .POST(HttpRequest.BodyPublishers.ofByteArray(file)));
    }

    /** From here on it asks to be answered in that language. */
    public Api speaking(String tag) {
        language = tag;
        return this;
    }

    public HttpRequest.Builder request(String path) {
        return HttpRequest.newBuilder(URI.create(base + path)).header("Accept-Language", language);
    }

    public HttpRequest.Builder signed(String path) {
        return request(path).header("X-XSRF-TOKEN", cookie("XSRF-TOKEN"));
    }

    public String cookie(String name) {
        return cookies.getCookieStore().getCookies().stream()
                .filter(c -> c.getName().equals(name))
                .map(HttpCookie::getValue)
                .findFirst()
                .orElse("");
    }

    public Answer send(HttpRequest.Builder request) {
        try {
            HttpResponse<byte[]> response = http.send(request.build(), HttpResponse.BodyHandlers.ofByteArray());
            boolean json =
                    response.headers().firstValue("Content-Type").orElse("").contains("json");
            return new Answer(
                    response.statusCode(),
                    json && response.body().length > 0 ? JSON.readTree(response.body()) : JSON.nullNode(),
                    response);
        } catch (IOException | InterruptedException broken) {
            throw new AssertionError(broken);
        }
    }
}
