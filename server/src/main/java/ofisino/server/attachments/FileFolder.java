package ofisino.server.attachments;

import java.nio.file.Path;
import java.util.List;

/**
 * Where photos and receipts lie: each under the hash of its bytes, so what is there never changes.
 *
 * @param folder that holds all of them
 */
public record FileFolder(Path folder) {
    public static FileFolder in(Path data) {
        return new FileFolder(data.resolve("files"));
    }

    public Path path(String sha256) {
        return folder.resolve(sha256.substring(0, 2)).resolve(sha256);
    }

    public Path thumbnail(String sha256) {
        return path(sha256).resolveSibling(sha256 + ".thumb.jpg");
    }

    /** The file, and the small picture of it where it has one. */
    public List<Path> allOf(String sha256) {
        return List.of(path(sha256), thumbnail(sha256));
    }
}
