package ofisino.e2e;

import java.io.File;
import java.io.IOException;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.time.Duration;
import java.time.Instant;

/** The packaged application as a process of its own, on an empty database in the test cluster. */
final class PackagedServer implements AutoCloseable {
    private final Process process;
    private final Path data;
    private final int port;

    private PackagedServer(Process process, Path data, int port) {
        this.process = process;
        this.data = data;
        this.port = port;
    }

    static PackagedServer start() throws IOException, InterruptedException, SQLException {
        return start("", "first-account-code");
    }

    /** With the demo garage in it. */
    static PackagedServer demo() throws IOException, InterruptedException, SQLException {
        return start(Path.of("../demo").toAbsolutePath().toString(), "journal-played");
    }

    /** @param journal folder of what is played into the empty garage @param ready file that says that it may be used */
    private static PackagedServer start(String journal, String ready)
            throws IOException, InterruptedException, SQLException {
        String cluster = System.getenv("OFISINO_TEST_DB");
        if (cluster == null)
            throw new IllegalStateException("There is no test database. Run the tests with ./ofisino test");
        String name = "e2e_" + ProcessHandle.current().pid() + "_" + System.nanoTime();
        try (Connection admin = DriverManager.getConnection(
                cluster + "postgres", "ofisino", System.getenv("OFISINO_TEST_DB_PASSWORD"))) {
            admin.createStatement().execute("create database " + name);
        }
        Path data = Files.createTempDirectory("ofisino-e2e");
        int port = freePort();
        var builder = new ProcessBuilder(
                "java", "-XX:TieredStopAtLevel=1", "-Xmx256m", "-jar", "../server/target/server-1-app.jar");
        builder.environment().put("OFISINO_JOURNAL", journal);
        builder.environment().put("OFISINO_PORT", String.valueOf(port));
        builder.environment().put("OFISINO_DATA", data.toString());
        builder.environment().put("OFISINO_DB_URL", cluster + name);
        builder.environment().put("OFISINO_DB_PASSWORD", System.getenv("OFISINO_TEST_DB_PASSWORD"));
        File log = data.resolve("server.log").toFile();
        var server = new PackagedServer(
                builder.redirectErrorStream(true).redirectOutput(log).start(), data, port);
        server.awaitReady(log, ready);
        return server;
    }

    private static int freePort() throws IOException {
        try (var socket = new ServerSocket(0)) {
            return socket.getLocalPort();
        }
    }

    private void awaitReady(File log, String ready) throws IOException, InterruptedException {
        Instant end = Instant.now().plus(Duration.ofMinutes(5));
        var request = HttpRequest.newBuilder(URI.create(url() + "/api/session")).build();
        while (Instant.now().isBefore(end)) {
            if (!process.isAlive())
                throw new IllegalStateException("the server stopped:\n" + Files.readString(log.toPath()));
            try {
                if (HttpClient.newHttpClient()
                                        .send(request, HttpResponse.BodyHandlers.discarding())
                                        .statusCode()
                                == 200
                        && Files.exists(data.resolve(ready))) return;
            } catch (IOException notYet) {
                // it is still starting
            }
            Thread.sleep(200);
        }
        throw new IllegalStateException("the server does not answer");
    }

    String url() {
        return "http://127.0.0.1:" + port;
    }

    String firstAccountCode() throws IOException {
        return Files.readString(data.resolve("first-account-code"));
    }

    @Override
    public void close() throws InterruptedException {
        process.destroy();
        process.waitFor();
    }
}
