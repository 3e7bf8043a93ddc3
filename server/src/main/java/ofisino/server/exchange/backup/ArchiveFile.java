package ofisino.server.exchange.backup;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.ArrayList;
import java.util.Enumeration;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Pattern;
import java.util.zip.CRC32;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipFile;
import ofisino.server.exchange.backup.Manifest.Part;
import tools.jackson.core.JacksonException;

/** A backup that is read. Nothing of it is used before all of it was found to be as its manifest says. */
final class ArchiveFile implements AutoCloseable {
    private static final Pattern FILE = Pattern.compile("files/[0-9a-f]{2}/[0-9a-f]{64}(\\.thumb\\.jpg)?");

    private final Path path;
    private final ZipFile zip;
    private final Manifest manifest;

    /** @throws BackupRefused for what is no backup, or one that was cut off or changed since */
    ArchiveFile(Path path) throws IOException {
        this.path = path;
        try {
            zip = new ZipFile(path.toFile());
        } catch (NoSuchFileException missing) {
            throw new BackupRefused("There is no file %s.".formatted(path), missing);
        } catch (ZipException cut) {
            throw new BackupRefused(
                    "%s is not a backup, or was cut off. Use another one.".formatted(path.getFileName()), cut);
        }
        try {
            manifest = read();
            check();
        } catch (IOException | RuntimeException refused) {
            zip.close();
            throw refused;
        }
    }

    Manifest manifest() {
        return manifest;
    }

    private Manifest read() throws IOException {
        ZipEntry entry = zip.getEntry(Manifest.NAME);
        if (entry == null) throw damaged("its list of contents is missing");
        try (InputStream in = zip.getInputStream(entry)) {
            byte[] bytes = in.readAllBytes();
            var sum = new CRC32(); // what a reader of zip archives leaves to others to compare
            sum.update(bytes);
            if (sum.getValue() != entry.getCrc()) throw damaged("its list of contents is not what was written");
            Manifest read = Archive.JSON.readValue(bytes, Manifest.class);
            if (read.format() != Manifest.FORMAT)
                throw new BackupRefused("%s was made by a newer Ofisino. Restore it with that one or a newer one."
                        .formatted(path.getFileName()));
            return read;
        } catch (JacksonException unreadable) {
            throw damaged("its list of contents cannot be read");
        }
    }

    private void check() throws IOException {
        Set<String> listed = new TreeSet<>(Set.of(Manifest.NAME, Archive.DUMP));
        for (Part part : manifest.files()) {
            if (!FILE.matcher(part.name()).matches()) throw damaged("it names a file “%s”".formatted(part.name()));
            if (part.inside()) listed.add(part.name());
        }
        for (Enumeration<? extends ZipEntry> entries = zip.entries(); entries.hasMoreElements(); ) {
            String name = entries.nextElement().getName();
            if (!listed.contains(name)) throw damaged("it holds “%s”, which it does not list".formatted(name));
        }
        if (!manifest.database().name().equals(Archive.DUMP)) throw damaged("it names no database");
        checkPart(manifest.database());
        for (Part part : manifest.files()) if (part.inside()) checkPart(part);
    }

    private void checkPart(Part part) throws IOException {
        try {
            ZipEntry entry = zip.getEntry(part.name());
            if (entry == null
                    || entry.getSize() != part.bytes()
                    || !Archive.sha256(zip.getInputStream(entry)).equals(part.sha256()))
                throw damaged("“%s” is not what was saved".formatted(part.name()));
        } catch (ZipException broken) {
            throw damaged("“%s” is not what was saved".formatted(part.name()));
        }
    }

    private BackupRefused damaged(String how) {
        return new BackupRefused("%s is damaged: %s. Use another backup.".formatted(path.getFileName(), how));
    }

    void extractDump(Path into) throws IOException {
        copy(manifest.database(), into);
    }

    /** The files that are neither inside, nor beside, nor in the data folder already. */
    List<Part> missing(Beside beside, Path data) throws IOException {
        List<Part> missing = new ArrayList<>();
        for (Part part : manifest.files())
            if (!part.inside() && !beside.has(part) && !Beside.isWhole(part, data.resolve(part.name())))
                missing.add(part);
        return missing;
    }

    /** Puts one file into a folder, whole or not at all. What is there under its hash is this file already, if it is whole. */
    void extract(Part part, Beside beside, Path data) throws IOException {
        Path target = data.resolve(part.name());
        if (Beside.isWhole(part, target)) return;
        Files.createDirectories(target.getParent());
        Path being = target.resolveSibling(target.getFileName() + ".part");
        if (part.inside()) copy(part, being);
        else beside.copy(part, being);
        Files.move(being, target, StandardCopyOption.ATOMIC_MOVE);
    }

    private void copy(Part part, Path into) throws IOException {
        try (InputStream in = zip.getInputStream(zip.getEntry(part.name()))) {
            Files.copy(in, into, StandardCopyOption.REPLACE_EXISTING);
        }
    }

    @Override
    public void close() throws IOException {
        zip.close();
    }
}
