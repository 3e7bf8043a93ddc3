package ofisino.server.attachments.intake;

import java.nio.file.Path;
import java.time.Instant;
import java.util.Optional;

/**
 * A photo or receipt that came in and was written anew; until somebody keeps them, its files lie where they are cleared away with the request.
 *
 * @param mediaType {@code image/jpeg}, {@code image/png} or {@code application/pdf}
 * @param content   what is kept of it
 * @param picture   of a photo; empty for a PDF
 */
public record TakenIn(String mediaType, Path content, Optional<Picture> picture) {
    /**
     * @param thumbnail JPEG
     * @param width     in pixels, upright
     * @param height    in pixels, upright
     * @param takenAt   by the camera's clock
     */
    public record Picture(Path thumbnail, int width, int height, Optional<Instant> takenAt) {}
}
