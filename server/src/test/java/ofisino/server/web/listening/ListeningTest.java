package ofisino.server.web.listening;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.io.Reader;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.util.Properties;
import ofisino.server.testing.TestApplication.Running;
import ofisino.server.testing.TestDatabase;
import ofisino.server.web.StartRefused;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What the launcher relies on to know a garage's server from others. */
class ListeningTest {
    @TempDir
    Path data;

    @Test
    void takesTheNextPortSaysWhoItIsAndHoldsItsFolder() throws IOException, InterruptedException {
        TestDatabase database = TestDatabase.create("listening");
        try (var taken = new ServerSocket(0, 1, InetAddress.getLoopbackAddress())) {
            try (var running = Running.start(database, data, "--server.port=" + taken.getLocalPort())) {
                assertThat(running.port())
                        .isGreaterThan(taken.getLocalPort())
                        .isLessThan(taken.getLocalPort() + FirstFreePort.TRIES);
                var said = new Properties();
                try (Reader reader = Files.newBufferedReader(data.resolve("running"))) {
                    said.load(reader);
                }
                assertThat(said)
                        .containsEntry(
                                "pid", String.valueOf(ProcessHandle.current().pid()))
                        .containsEntry("url", "http://127.0.0.1:" + running.port());
                assertThat(ask(said.getProperty("url") + "/api/running")).isEqualTo(said.getProperty("run"));
                assertThat(writtenAt("first-account-code"))
                        .as("the launcher prints the code as soon as the server answers")
                        .isLessThanOrEqualTo(writtenAt("running"));

                assertThatThrownBy(() -> Running.start(database, data))
                        .as("a second server of one folder")
                        .hasStackTraceContaining(StartRefused.class.getName());
            }
            assertThat(data.resolve("running")).doesNotExist();
        }
    }

    private FileTime writtenAt(String file) throws IOException {
        return Files.getLastModifiedTime(data.resolve(file));
    }

    private static String ask(String url) throws IOException, InterruptedException {
        return HttpClient.newHttpClient()
                .send(HttpRequest.newBuilder(URI.create(url)).build(), BodyHandlers.ofString())
                .body();
    }
}
