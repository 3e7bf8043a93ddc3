package ofisino.server.exchange.journal;

import java.io.IOException;
import java.io.Reader;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import ofisino.server.web.OfisinoProperties;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.boot.web.server.servlet.context.ServletWebServerApplicationContext;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import org.yaml.snakeyaml.LoaderOptions;
import org.yaml.snakeyaml.Yaml;
import org.yaml.snakeyaml.constructor.SafeConstructor;

/**
 * Fills an empty garage from a journal: a folder of YAML files whose steps are requests to the API, sent as any client sends them,
 * dated relative to today. {@code docs/architecture.md} describes the format.
 */
@Component
record JournalPlayer(OfisinoProperties properties, ServletWebServerApplicationContext context, Clock clock) {
    private static final Logger LOG = LoggerFactory.getLogger(JournalPlayer.class);

    @EventListener(ApplicationReadyEvent.class)
    void playOnce() throws IOException, InterruptedException {
        Path done = properties.data().resolve("journal-played");
        Path code = properties.data().resolve("first-account-code");
        if (properties.journal().isBlank() || Files.exists(done) || !Files.exists(code)) return;
        Path folder = Path.of(properties.journal());
        var session = new JournalSession(context.getWebServer().getPort(), folder, clock, Files.readString(code));
        int steps = 0;
        for (Path file : files(folder))
            for (Map<String, Object> step : steps(file)) {
                session.play(step);
                steps++;
            }
        Files.createFile(done);
        LOG.info("played {} steps of the journal", steps);
    }

    private static List<Path> files(Path folder) throws IOException {
        try (Stream<Path> files = Files.list(folder)) {
            return files.filter(f -> f.toString().endsWith(".yaml")).sorted().toList();
        }
    }

    private static List<Map<String, Object>> steps(Path file) throws IOException {
        try (Reader reader = Files.newBufferedReader(file)) {
            return new Yaml(new SafeConstructor(new LoaderOptions())).load(reader);
        }
    }
}
