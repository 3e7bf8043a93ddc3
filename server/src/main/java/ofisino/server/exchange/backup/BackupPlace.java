package ofisino.server.exchange.backup;

import java.io.IOException;
import java.io.Reader;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Properties;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import ofisino.server.exchange.backup.Manifest.Part;

/**
 * Where daily backups go, and for whom they are sealed. It stands in a file that only the launcher writes: whoever signs in at a page
 * must not say where this machine writes to.
 *
 * @param folder    of the archives
 * @param recipient public key; empty to leave them open
 */
record BackupPlace(Path folder, String recipient) {
    static final int KEPT = 7;
    private static final String SETTINGS = "settings";
    private static final Pattern DAILY = Pattern.compile("daily-(\\d{4}-\\d{2}-\\d{2})\\.zip(\\.age)?");

    /** @param backups the launcher's folder for what concerns backups, which is also the place while nobody named another */
    static BackupPlace of(Path backups) throws IOException {
        var settings = new Properties();
        Path file = backups.resolve(SETTINGS);
        if (Files.exists(file))
            try (Reader reader = Files.newBufferedReader(file)) {
                settings.load(reader);
            }
        return new BackupPlace(
                Path.of(settings.getProperty("place", backups.toString())), settings.getProperty("recipient", ""));
    }

    void rememberIn(Path backups) throws IOException {
        var settings = new Properties();
        settings.setProperty("place", folder.toString());
        settings.setProperty("recipient", recipient);
        try (var writer = Files.newBufferedWriter(backups.resolve(SETTINGS))) {
            settings.store(writer, null);
        }
    }

    String ending() {
        return recipient.isBlank() ? ".zip" : ".zip" + Sealing.ENDING;
    }

    /** Daily backups, the latest first; one that is dated after today was made by a clock that was wrong, and comes last. */
    List<Path> daily(LocalDate today) throws IOException {
        if (!Files.isDirectory(folder)) return List.of();
        try (Stream<Path> all = Files.list(folder)) {
            return all.filter(
                            file -> DAILY.matcher(file.getFileName().toString()).matches())
                    .sorted(Comparator.<Path, Boolean>comparing(
                                    file -> day(file).isAfter(today))
                            .thenComparing(BackupPlace::day, Comparator.reverseOrder()))
                    .toList();
        }
    }

    private static LocalDate day(Path daily) {
        var name = DAILY.matcher(daily.getFileName().toString());
        if (!name.matches()) throw new IllegalArgumentException(daily.toString());
        return LocalDate.parse(name.group(1));
    }

    /** When the last backup here was finished; empty for none. */
    Optional<Instant> latest(LocalDate today) throws IOException {
        List<Path> daily = daily(today);
        return daily.isEmpty()
                ? Optional.empty()
                : Optional.of(
                        Files.getLastModifiedTime(daily.get(0)).toInstant().truncatedTo(ChronoUnit.SECONDS));
    }

    /** Makes the backup of this day if there is none yet, and drops what is more than {@link #KEPT}; answers what it made. */
    Optional<Manifest> makeDaily(Archive archive, Path data, Instant now, LocalDate today) throws IOException {
        if (!daily(today).isEmpty() && day(daily(today).get(0)).equals(today)) return Optional.empty();
        Manifest made = make(archive, data, "daily-" + today, now);
        for (Path old : daily(today).stream().skip(KEPT).toList()) Files.delete(old);
        return Optional.of(made);
    }

    /** An archive without the files, and each file beside it once. */
    Manifest make(Archive archive, Path data, String name, Instant now) throws IOException {
        if (!Files.isDirectory(folder))
            throw new BackupRefused(
                    "The folder for backups, %s, is not there. Plug its disk in, or name another with ./ofisino backup-place."
                            .formatted(folder));
        Path being = folder.resolve(name + ".part");
        try {
            Manifest manifest = archive.write(Sealing.seal(Archive.forOwnerAlone(being), recipient), false, now);
            var beside = new Beside(folder, Optional.empty());
            for (Part part : manifest.files()) beside.keep(part, data, recipient);
            Archive.finish(being, folder.resolve(name + ending()));
            return manifest;
        } finally {
            Files.deleteIfExists(being);
        }
    }
}
