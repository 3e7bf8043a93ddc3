package ofisino.server.exchange.backup;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import ofisino.server.exchange.backup.Manifest.Part;
import org.springframework.core.io.Resource;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;

/**
 * Puts the garage of a backup into a data folder. All of it is checked before; the garage that is there stays in use until the other one
 * stands complete beside it, and then both change places at once.
 */
final class Restoring {
    private static final Pattern VERSION = Pattern.compile("V0*(\\d+)__.*\\.sql");

    private final GarageDatabase database;
    private final Path data;

    Restoring(GarageDatabase database, Path data) {
        this.database = database;
        this.data = data;
    }

    /**
     * @param key        file with the secret key of a sealed backup; empty for none
     * @param incomplete whether photos and receipts may be missing
     * @param agreed     asked once the backup was found good and before anything is changed; false leaves all as it is
     */
    Optional<Manifest> restore(Path file, Optional<Path> key, boolean incomplete, Agreement agreed) throws IOException {
        if (!Sealing.isSealed(file)) return restore(file, file, key, incomplete, agreed);
        Path secret = key.orElseThrow(() -> new BackupRefused(
                "%s is sealed. Name the file with its secret key: --key FILE.".formatted(file.getFileName())));
        Path opened = Files.createTempFile(data, "restore", ".zip");
        try {
            Sealing.open(file, secret, opened);
            return restore(file, opened, key, incomplete, agreed);
        } finally {
            Files.deleteIfExists(opened);
        }
    }

    interface Agreement {
        boolean to(Manifest found) throws IOException;
    }

    private Optional<Manifest> restore(Path file, Path opened, Optional<Path> key, boolean incomplete, Agreement agreed)
            throws IOException {
        try (var archive = new ArchiveFile(opened)) {
            Manifest manifest = archive.manifest();
            int known = newestSchema();
            if (manifest.schema() > known)
                throw new BackupRefused(
                        "%s was made by a newer Ofisino (schema %d; this one knows %d). Restore it with that version or a newer one."
                                .formatted(file.getFileName(), manifest.schema(), known));
            var beside = new Beside(file.toAbsolutePath().getParent(), key);
            List<Part> missing = archive.missing(beside, data);
            if (missing.stream().anyMatch(Part::isPicture) && !incomplete)
                throw new BackupRefused(
                        "%d of its photos and receipts are neither in it nor in the folder “files” beside it. Put that folder there, or add --incomplete to restore without them."
                                .formatted(
                                        missing.stream().filter(Part::isPicture).count()));
            if (!agreed.to(manifest)) return Optional.empty();
            try {
                fill(archive);
                for (Part part : manifest.files()) if (!missing.contains(part)) archive.extract(part, beside, data);
                database.swap();
            } catch (IOException | RuntimeException refused) {
                database.dropBeside();
                throw refused;
            }
            return Optional.of(manifest);
        }
    }

    private void fill(ArchiveFile archive) throws IOException {
        Path dump = Files.createTempFile(data, "restore", ".dump");
        try {
            archive.extractDump(dump);
            database.restoreBeside(dump);
            Map<String, Long> found = database.beside().atOneMoment((contents, snapshot) -> contents.rows());
            if (!found.equals(archive.manifest().rows()))
                throw new BackupRefused(
                        "What came out of the backup is not what went in: %s. The garage stays as it was."
                                .formatted(differences(archive.manifest().rows(), found)));
        } finally {
            Files.deleteIfExists(dump);
        }
    }

    private static Map<String, String> differences(Map<String, Long> saved, Map<String, Long> found) {
        Map<String, String> differences = new TreeMap<>();
        Stream.concat(saved.keySet().stream(), found.keySet().stream())
                .filter(table -> !saved.getOrDefault(table, -1L).equals(found.getOrDefault(table, -1L)))
                .forEach(table -> differences.put(table, saved.get(table) + " rows, now " + found.get(table)));
        return differences;
    }

    /** The last migration that this program knows. */
    static int newestSchema() throws IOException {
        int newest = 0;
        for (Resource migration :
                new PathMatchingResourcePatternResolver().getResources("classpath*:db/migration/V*.sql")) {
            Matcher name = VERSION.matcher(String.valueOf(migration.getFilename()));
            if (name.matches()) newest = Math.max(newest, Integer.parseInt(name.group(1)));
        }
        return newest;
    }
}
