package ofisino.server.attachments.store;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import ofisino.server.web.OfisinoProperties;
import org.springframework.stereotype.Component;

/** Keeps bytes in the data folder under their own hash: written once, never changed, the same bytes only once. */
@Component
class FileStore {
    private final Path folder;

    FileStore(OfisinoProperties properties) {
        this.folder = properties.data().resolve("files");
    }

    String put(byte[] content) {
        return write(sha256(content), "", content);
    }

    void putThumbnail(String sha256, byte[] thumbnail) {
        write(sha256, ".thumb.jpg", thumbnail);
    }

    Path path(String sha256) {
        return folder.resolve(sha256.substring(0, 2)).resolve(sha256);
    }

    Path thumbnail(String sha256) {
        return path(sha256).resolveSibling(sha256 + ".thumb.jpg");
    }

    /** Complete or not at all: a crash leaves at most a file that nothing points to. */
    private String write(String sha256, String suffix, byte[] content) {
        Path target = path(sha256).resolveSibling(sha256 + suffix);
        try {
            Files.createDirectories(target.getParent());
            if (Files.exists(target)) return sha256;
            Path half = Files.createTempFile(target.getParent(), "half-", "");
            Files.write(half, content);
            Files.move(half, target, StandardCopyOption.ATOMIC_MOVE);
            return sha256;
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
    }

    private static String sha256(byte[] content) {
        try {
            return HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(content));
        } catch (NoSuchAlgorithmException impossible) {
            throw new IllegalStateException(impossible);
        }
    }
}
