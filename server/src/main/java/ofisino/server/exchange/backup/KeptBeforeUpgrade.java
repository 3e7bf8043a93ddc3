package ofisino.server.exchange.backup;

import java.io.IOException;
import java.nio.file.Path;
import java.time.Clock;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import ofisino.server.web.OfisinoProperties;
import ofisino.server.web.StartRefused;
import ofisino.server.web.listening.OneServer;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.MigrationInfo;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.flyway.autoconfigure.FlywayMigrationStrategy;
import org.springframework.stereotype.Component;

/** A garage is saved before a newer program changes how it is kept, and refused by a program that is older than what it was kept by. */
@Component
class KeptBeforeUpgrade implements FlywayMigrationStrategy {
    private static final Logger LOG = LoggerFactory.getLogger(KeptBeforeUpgrade.class);

    private static final DateTimeFormatter MOMENT =
            DateTimeFormatter.ofPattern("yyyy-MM-dd-HHmmss").withZone(ZoneOffset.UTC);

    private final Archive archive;
    private final OfisinoProperties properties;
    private final Clock clock;

    /** @param alone held before anything is changed */
    KeptBeforeUpgrade(Archive archive, OfisinoProperties properties, Clock clock, OneServer alone) {
        this.archive = archive;
        this.properties = properties;
        this.clock = clock;
    }

    @Override
    public void migrate(Flyway flyway) {
        MigrationInfo current = flyway.info().current();
        if (current != null) {
            int found = number(current);
            int known = newest(flyway);
            if (found > known)
                throw new StartRefused(
                        "A newer Ofisino has opened this garage (schema %d; this one knows %d). Use that version or a newer one. Nothing was changed."
                                .formatted(found, known));
            if (found < known) save(found, known);
        }
        flyway.migrate();
    }

    private static int newest(Flyway flyway) {
        int newest = 0;
        for (MigrationInfo migration : flyway.info().all())
            if (migration.getState().isResolved()) newest = Math.max(newest, number(migration));
        return newest;
    }

    private static int number(MigrationInfo migration) {
        return Integer.parseInt(migration.getVersion().getVersion());
    }

    private void save(int from, int to) {
        if (properties.backups().isBlank()) return;
        Path backups = Path.of(properties.backups());
        String name = "before-upgrade-%d-to-%d-%s".formatted(from, to, MOMENT.format(clock.instant()));
        try {
            new BackupPlace(backups, "").make(archive, properties.data(), name, clock.instant());
            LOG.info("the garage was saved before its upgrade: {} in {}", name, backups);
        } catch (IOException | BackupRefused failed) {
            throw new StartRefused("The garage could not be saved before its upgrade, so it was left as it was: "
                    + failed.getMessage());
        }
    }
}
