package ofisino.e2e;

import java.io.File;
import java.io.IOException;
import java.io.UncheckedIOException;
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
import java.util.UUID;
import ofisino.standins.sellers.SellersStandIn;

/** The packaged application as a process of its own, on an empty database in the test cluster. */
final class PackagedServer implements AutoCloseable {
    /** Who answers when a garage asks its sellers. */
    private static final SellersStandIn SELLERS = sellers();

    private static PackagedServer shared;
    private final Process process;
    private final Path data;
    private final int port;
    private final String database;

    private PackagedServer(Process process, Path data, int port, String database) {
        this.process = process;
        this.data = data;
        this.port = port;
        this.database = database;
    }

    /** The one of all journeys to which a garage of their own is enough; it ends with them. */
    static synchronized PackagedServer shared() throws IOException, InterruptedException, SQLException {
        if (shared == null) {
            shared = start();
            Runtime.getRuntime().addShutdownHook(new Thread(shared.process::destroy));
        }
        return shared;
    }

    /** With nobody in it yet. */
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
        try (Connection admin = connect(cluster + "postgres")) {
            admin.createStatement().execute("create database " + name);
        }
        Path data = Files.createTempDirectory("ofisino-e2e");
        int port = freePort();
        var builder = new ProcessBuilder(
                "java",
                "-XX:TieredStopAtLevel=1",
                "-XX:+UseSerialGC",
                "-Xmx256m",
                "-Dofisino.longer-search=false",
                "-jar",
                "../server/target/server-1-app.jar");
        builder.environment().put("OFISINO_JOURNAL", journal);
        builder.environment().put("OFISINO_PORT", String.valueOf(port));
        builder.environment().put("OFISINO_DATA", data.toString());
        builder.environment().put("OFISINO_SELLERS", SELLERS.url());
        builder.environment().put("OFISINO_DB_URL", cluster + name);
        builder.environment().put("OFISINO_DB_PASSWORD", System.getenv("OFISINO_TEST_DB_PASSWORD"));
        File log = data.resolve("server.log").toFile();
        var server = new PackagedServer(
                builder.redirectErrorStream(true).redirectOutput(log).start(), data, port, cluster + name);
        server.awaitReady(log, ready);
        return server;
    }

    private static Connection connect(String database) throws SQLException {
        return DriverManager.getConnection(database, "ofisino", System.getenv("OFISINO_TEST_DB_PASSWORD"));
    }

    /** @return the name under which the owner of a new, empty garage signs in, with the password of {@link Browsing} */
    String newGarage() throws SQLException {
        String owner = "ada-" + UUID.randomUUID();
        try (Connection garages = connect(database);
                var insert = garages.prepareStatement("""
                        with g as (insert into garage (id, name, base_currency, zone, locale)
                            values (gen_random_uuid(), 'The long shed', 'EUR', 'Europe/Vienna', 'en-GB') returning id),
                          a as (insert into account (id, sign_in_name, display_name, password_hash)
                            values (gen_random_uuid(), ?, 'Ada', ?) returning id)
                        insert into member (garage_id, account_id, role) select g.id, a.id, 'OWNER' from g, a""")) {
            insert.setString(1, owner);
            insert.setString(2, "{noop}" + Browsing.PASSWORD);
            insert.executeUpdate();
        }
        return owner;
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

    private static SellersStandIn sellers() {
        try {
            return new SellersStandIn(0);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
