package ofisino.server.attachments;

import java.nio.file.Path;

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
}
