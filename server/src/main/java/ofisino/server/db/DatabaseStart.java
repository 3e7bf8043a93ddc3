package ofisino.server.db;

import java.io.IOException;
import java.net.InetSocketAddress;
import java.net.Socket;
import java.util.Properties;
import java.util.concurrent.TimeUnit;
import org.postgresql.Driver;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/**
 * Has the garage's database started again when it is gone. How one is started only the launcher knows; it waits for what is left of the
 * old one, and starts none where one is at work.
 */
@Component
class DatabaseStart {
    private static final Logger LOG = LoggerFactory.getLogger(DatabaseStart.class);
    private static final int REACHED_WITHIN_MS = 2000;
    private static final int STARTED_WITHIN_S = 90;

    private final InetSocketAddress database;
    private final String command;

    DatabaseStart(@Value("${spring.datasource.url}") String url, @Value("${ofisino.database-start:}") String command) {
        Properties parts = Driver.parseURL(url, new Properties());
        this.database =
                new InetSocketAddress(parts.getProperty("PGHOST"), Integer.parseInt(parts.getProperty("PGPORT")));
        this.command = command;
    }

    @Scheduled(initialDelay = 2, fixedDelay = 2, timeUnit = TimeUnit.SECONDS)
    void startIfGone() throws IOException, InterruptedException {
        if (command.isBlank() || reached()) return;
        LOG.warn("the database is gone; it is started again");
        var start = new ProcessBuilder(command.split("\n"))
                .redirectErrorStream(true)
                .redirectOutput(ProcessBuilder.Redirect.DISCARD);
        start.environment().keySet().removeIf(name -> name.startsWith("OFISINO_") && !name.equals("OFISINO_HOME"));
        Process starting = start.start();
        boolean ended = starting.waitFor(STARTED_WITHIN_S, TimeUnit.SECONDS);
        if (ended && starting.exitValue() == 0) LOG.warn("the database runs again");
        else LOG.error("the database does not start; see its log in the data folder");
    }

    private boolean reached() {
        try (var socket = new Socket()) {
            socket.connect(database, REACHED_WITHIN_MS);
            return true;
        } catch (IOException gone) {
            return false;
        }
    }
}
