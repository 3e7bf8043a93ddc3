package ofisino.server.exchange.backup;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Objects;

/**
 * What a backup holds, so that it can be judged before anything is touched.
 *
 * @param format of this list; {@link #FORMAT} is the only one so far
 * @param schema the number of the last migration that this database has seen
 * @param rows   of each table whose rows are in it
 * @param lost   names of photos and receipts that the data folder did not have, or not whole, when this was made; they are listed among
 *               the files as what they should be, since an older backup's folder may still have them
 */
record Manifest(
        int format,
        Instant madeAt,
        String garage,
        int schema,
        Part database,
        List<Part> files,
        Map<String, Long> rows,
        List<String> lost) {
    static final int FORMAT = 1;
    static final String NAME = "manifest.json";

    /**
     * @param name   in the archive, and below the data folder
     * @param inside false for a file that lies beside the archive, where files are kept once for all daily backups
     */
    record Part(String name, long bytes, String sha256, boolean inside) {
        Part {
            Objects.requireNonNull(name, "name");
            Objects.requireNonNull(sha256, "sha256");
        }

        /** A photo or receipt itself, and not the small picture of one, which can be done without. */
        boolean isPicture() {
            return !name.endsWith(".thumb.jpg");
        }
    }

    Manifest {
        Objects.requireNonNull(madeAt, "madeAt");
        Objects.requireNonNull(garage, "garage");
        Objects.requireNonNull(database, "database");
        files = List.copyOf(files);
        rows = Map.copyOf(rows);
        lost = List.copyOf(lost);
    }
}
