package ofisino.server.attachments.store;

import java.io.IOException;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.attribute.FileTime;
import java.security.DigestInputStream;
import java.security.MessageDigest;
import java.time.Duration;
import java.time.Instant;
import java.util.HexFormat;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import ofisino.server.attachments.FileFolder;
import ofisino.server.web.OfisinoProperties;
import ofisino.server.web.Sha256;
import org.springframework.stereotype.Component;

/** Keeps bytes in the data folder under their own hash: written once, never changed, the same bytes only once. */
@Component
class FileStore {
    private final FileFolder files;

    FileStore(OfisinoProperties properties) {
        this.files = FileFolder.in(properties.data());
    }

    record Kept(String sha256, long bytes) {}

    /** Keeps a file, and a small picture of it, by moving them here. */
    Kept keep(Path content, Optional<Path> thumbnail) {
        try {
            long bytes = Files.size(content);
            String sha256 = sha256(content);
            thumbnail.ifPresent(small -> move(small, thumbnail(sha256)));
            move(content, path(sha256));
            return new Kept(sha256, bytes);
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
    }

    /** Deletes what is none of these and was not touched for so many days. */
    void clear(Set<String> kept, int days) {
        if (!Files.exists(files.folder())) return;
        FileTime before = FileTime.from(Instant.now().minus(Duration.ofDays(days)));
        try (Stream<Path> all = Files.walk(files.folder(), 2)) {
            for (Path file : all.filter(Files::isRegularFile).toList())
                if (!kept.contains(file.getFileName().toString().split("\\.")[0])
                        && Files.getLastModifiedTime(file).compareTo(before) < 0) Files.delete(file);
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
    }

    Path path(String sha256) {
        return files.path(sha256);
    }

    Path thumbnail(String sha256) {
        return files.thumbnail(sha256);
    }

    /** Complete or not at all: a crash leaves at most a file that nothing points to. */
    private static void move(Path file, Path target) {
        try {
            Files.createDirectories(target.getParent());
            if (!Files.exists(target)) Files.move(file, target, StandardCopyOption.ATOMIC_MOVE);
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
    }

    private static String sha256(Path file) throws IOException {
        MessageDigest digest = Sha256.digest();
        try (var in = new DigestInputStream(Files.newInputStream(file), digest)) {
            in.transferTo(OutputStream.nullOutputStream());
        }
        return HexFormat.of().formatHex(digest.digest());
    }
}
