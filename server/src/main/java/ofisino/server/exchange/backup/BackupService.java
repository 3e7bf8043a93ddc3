package ofisino.server.exchange.backup;

import java.io.IOException;
import java.nio.file.FileSystemException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import ofisino.core.kernel.Conflict;
import ofisino.core.kernel.NotFound;
import ofisino.server.exchange.backup.BackupController.BackupResponse;
import ofisino.server.web.OfisinoProperties;
import ofisino.server.web.Refused;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Service;

/** Saves the garage once a day by itself, and says how old the last backup is. */
@Service
class BackupService {
    private static final Logger LOG = LoggerFactory.getLogger(BackupService.class);
    private static final Duration OVERDUE = Duration.ofDays(3);
    private static final Duration FETCHED_WITHIN = Duration.ofHours(6);

    private final Archive archive;
    private final GarageDatabase database;
    private final OfisinoProperties properties;
    private final Clock clock;
    private final Semaphore oneAtATime = new Semaphore(1);
    private volatile Optional<String> failure = Optional.empty();
    private volatile int lost;

    BackupService(Archive archive, GarageDatabase database, OfisinoProperties properties, Clock clock) {
        this.archive = archive;
        this.database = database;
        this.properties = properties;
        this.clock = clock;
    }

    @Scheduled(initialDelay = 1, fixedDelay = 15, timeUnit = TimeUnit.MINUTES)
    void makeDaily() {
        if (properties.backups().isBlank() || !oneAtATime.tryAcquire()) return;
        try {
            BackupPlace.of(backups())
                    .makeDaily(archive, properties.data(), clock.instant(), today())
                    .ifPresent(made -> lost = made.lost().size());
            failure = Optional.empty();
        } catch (BackupRefused refused) {
            failed(refused.getMessage(), refused);
        } catch (FileSystemException broken) {
            failed(
                    "%s cannot be written (%s)."
                            .formatted(
                                    broken.getFile(),
                                    Optional.ofNullable(broken.getReason()).orElse("no reason given")),
                    broken);
        } catch (IOException | RuntimeException broken) {
            failed("The log of the server says why.", broken);
        } finally {
            oneAtATime.release();
        }
    }

    private void failed(String why, Exception cause) {
        LOG.warn("no backup: {}", why, cause);
        failure = Optional.of(why);
    }

    BackupResponse state() throws IOException {
        if (properties.backups().isBlank()) return BackupResponse.none();
        BackupPlace place = BackupPlace.of(backups());
        Optional<Instant> latest = place.latest(today());
        return new BackupResponse(
                place.folder().toString(),
                latest.orElse(null),
                latest.isEmpty() || latest.get().isBefore(clock.instant().minus(OVERDUE)),
                onTheSameDisk(place),
                !place.recipient().isBlank(),
                lost,
                failure.orElse(null));
    }

    private boolean onTheSameDisk(BackupPlace place) throws IOException {
        return Files.isDirectory(place.folder())
                && Files.getFileStore(place.folder()).equals(Files.getFileStore(properties.data()));
    }

    /** Everything in one archive, read again and compared; it waits here to be fetched. */
    Path make() throws IOException {
        if (database.<Long>atOneMoment((contents, snapshot) -> contents.rows().get("garage")) > 1)
            throw Conflict.of(
                    "backup.many-garages",
                    "This database holds several garages.",
                    "Whoever runs this computer can save them with ./ofisino backup.");
        if (!oneAtATime.tryAcquire()) throw Refused.busy("Another backup is being made. Try again when it is done.");
        try {
            clear(Duration.ZERO);
            String recipient = properties.backups().isBlank()
                    ? ""
                    : BackupPlace.of(backups()).recipient();
            Path file = Files.createDirectories(made())
                    .resolve("garage-%s.zip%s".formatted(today(), recipient.isBlank() ? "" : Sealing.ENDING));
            lost = archive.whole(file, recipient, clock.instant()).lost().size();
            return file;
        } catch (BackupRefused refused) {
            throw Conflict.of("backup.refused", "No backup was made.", "%s", refused.getMessage());
        } finally {
            oneAtATime.release();
        }
    }

    /** The archive that was made last and not yet cleared away. */
    Path made(String name) throws IOException {
        return waiting().stream()
                .filter(file -> file.getFileName().toString().equals(name))
                .findFirst()
                .orElseThrow(() -> new NotFound("backup that waits to be fetched", name));
    }

    @Scheduled(initialDelay = 5, fixedDelay = 30, timeUnit = TimeUnit.MINUTES)
    void clear() throws IOException {
        clear(FETCHED_WITHIN);
    }

    private void clear(Duration age) throws IOException {
        for (Path file : waiting())
            if (!Files.getLastModifiedTime(file)
                    .toInstant()
                    .isAfter(clock.instant().minus(age))) Files.delete(file);
    }

    private List<Path> waiting() throws IOException {
        if (!Files.isDirectory(made())) return List.of();
        try (Stream<Path> all = Files.list(made())) {
            return all.toList();
        }
    }

    private Path made() {
        return properties.data().resolve("made");
    }

    private Path backups() {
        return Path.of(properties.backups());
    }

    private LocalDate today() {
        return LocalDate.ofInstant(clock.instant(), ZoneOffset.UTC);
    }
}
