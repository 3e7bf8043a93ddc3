package ofisino.server.exchange.backup;

import java.io.FilterOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.nio.file.attribute.PosixFilePermissions;
import java.security.DigestOutputStream;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HexFormat;
import java.util.List;
import java.util.zip.Deflater;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import ofisino.server.attachments.FileFolder;
import ofisino.server.exchange.backup.GarageDatabase.Stored;
import ofisino.server.exchange.backup.Manifest.Part;
import ofisino.server.web.Sha256;
import tools.jackson.databind.json.JsonMapper;

/**
 * Writes a backup: a zip archive with the database's own dump, the files, and last the {@link Manifest}, which an archive that was cut off
 * therefore lacks.
 */
final class Archive {
    static final String DUMP = "database.dump";
    static final JsonMapper JSON = new JsonMapper();

    private final GarageDatabase database;
    private final FileFolder files;

    Archive(GarageDatabase database, Path data) {
        this.database = database;
        this.files = FileFolder.in(data);
    }

    /**
     * Writes and closes.
     *
     * @param inside whether photos and receipts go into the archive; otherwise it only names them
     */
    Manifest write(OutputStream out, boolean inside, Instant now) throws IOException {
        return database.atOneMoment((contents, snapshot) -> {
            try (var zip = new ZipOutputStream(out)) {
                zip.setLevel(Deflater.NO_COMPRESSION); // the dump and the pictures are compressed already
                Part dump = add(zip, DUMP, to -> database.dump(snapshot, to));
                List<Part> parts = new ArrayList<>();
                List<String> lost = new ArrayList<>();
                for (Stored stored : contents.files()) {
                    Path file = files.path(stored.sha256());
                    Part part = new Part(name(file), stored.bytes(), stored.sha256(), false);
                    boolean whole = Beside.isWhole(part, file);
                    if (!whole) lost.add(part.name());
                    parts.add(whole && inside ? add(zip, part.name(), to -> Files.copy(file, to)) : part);
                    Path small = files.thumbnail(stored.sha256());
                    if (Files.exists(small))
                        parts.add(inside ? add(zip, name(small), to -> Files.copy(small, to)) : beside(small));
                }
                var manifest = new Manifest(
                        Manifest.FORMAT, now, contents.garage(), contents.schema(), dump, parts, contents.rows(), lost);
                zip.putNextEntry(new ZipEntry(Manifest.NAME));
                zip.write(JSON.writerWithDefaultPrettyPrinter().writeValueAsBytes(manifest));
                return manifest;
            }
        });
    }

    /** One archive with everything in it, read again and compared before it gets its name. */
    Manifest whole(Path file, String recipient, Instant now) throws IOException {
        if (Files.exists(file)) throw new BackupRefused("%s is there already. Name another file.".formatted(file));
        Path being = file.resolveSibling(file.getFileName() + ".part");
        try {
            Manifest manifest = write(Sealing.seal(forOwnerAlone(being), recipient), true, now);
            if (recipient.isBlank()) new ArchiveFile(being).close();
            finish(being, file);
            return manifest;
        } finally {
            Files.deleteIfExists(being);
        }
    }

    /** A new file that only its owner can read; what was left of one that was cut off is dropped. */
    static OutputStream forOwnerAlone(Path file) throws IOException {
        Files.deleteIfExists(file);
        Files.createFile(file, PosixFilePermissions.asFileAttribute(PosixFilePermissions.fromString("rw-------")));
        return Files.newOutputStream(file);
    }

    /** Gives a complete archive its name, once the disk has all of it. */
    static void finish(Path being, Path file) throws IOException {
        try (var channel = FileChannel.open(being, StandardOpenOption.WRITE)) {
            channel.force(true);
        }
        Files.move(being, file, StandardCopyOption.ATOMIC_MOVE);
    }

    private String name(Path file) {
        return "files/" + files.folder().relativize(file);
    }

    private Part beside(Path file) throws IOException {
        return new Part(name(file), Files.size(file), sha256(Files.newInputStream(file)), false);
    }

    private interface Content {
        void to(OutputStream out) throws IOException;
    }

    private static Part add(ZipOutputStream zip, String name, Content content) throws IOException {
        zip.putNextEntry(new ZipEntry(name));
        var counted = new Counted(zip);
        var digested = new DigestOutputStream(counted, Sha256.digest());
        content.to(digested);
        zip.closeEntry();
        return new Part(
                name,
                counted.bytes,
                HexFormat.of().formatHex(digested.getMessageDigest().digest()),
                true);
    }

    static String sha256(InputStream content) throws IOException {
        try (var in = content;
                var digested = new DigestOutputStream(OutputStream.nullOutputStream(), Sha256.digest())) {
            in.transferTo(digested);
            return HexFormat.of().formatHex(digested.getMessageDigest().digest());
        }
    }

    /** Counts, and stays open when what writes to it closes. */
    private static final class Counted extends FilterOutputStream {
        private long bytes;

        Counted(OutputStream out) {
            super(out);
        }

        @Override
        public void write(byte[] content, int from, int length) throws IOException {
            out.write(content, from, length);
            bytes += length;
        }

        @Override
        public void write(int content) throws IOException {
            out.write(content);
            bytes++;
        }

        @Override
        public void close() {
            // the archive goes on
        }
    }
}
