package ofisino.server.attachments.store;

import java.io.IOException;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.security.DigestInputStream;
import java.security.MessageDigest;
import java.util.HexFormat;
import java.util.Optional;
import ofisino.server.web.OfisinoProperties;
import ofisino.server.web.Sha256;
import org.springframework.stereotype.Component;

/** Keeps bytes in the data folder under their own hash: written once, never changed, the same bytes only once. */
@Component
class FileStore {
    private final Path folder;

    FileStore(OfisinoProperties properties) {
        this.folder = properties.data().resolve("files");
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

    Path path(String sha256) {
        return folder.resolve(sha256.substring(0, 2)).resolve(sha256);
    }

    Path thumbnail(String sha256) {
        return path(sha256).resolveSibling(sha256 + ".thumb.jpg");
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
