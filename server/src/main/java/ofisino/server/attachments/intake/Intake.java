package ofisino.server.attachments.intake;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.TimeZone;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import ofisino.core.kernel.InvalidValue;
import ofisino.server.web.Refused;
import org.springframework.stereotype.Component;

/**
 * Takes in what comes from a camera or a scanner; its kind is told by its content, not by its name. Several may come in at the same time,
 * onto the disk; they are decoded one after the other, since it is the memory that is small.
 */
@Component
class Intake {
    private static final int MOST_AT_ONCE = 8;
    private static final int PATIENCE_SECONDS = 90;

    private final Semaphore coming = new Semaphore(MOST_AT_ONCE);
    private final Semaphore decoding = new Semaphore(1, true);

    /**
     * @param body where the file comes from
     * @param file where to lay it; what is made of it lies beside it
     * @throws InvalidValue in a plain sentence for anything but a readable JPEG, PNG or PDF
     * @throws Refused      when too many come at the same time
     */
    TakenIn take(InputStream body, Path file, TimeZone zone) throws IOException {
        if (!coming.tryAcquire())
            throw Refused.busy(
                    "Many photos are arriving at once and this one is not stored yet. Try again in a moment.");
        try {
            Files.copy(body, file);
            return decoded(file, zone);
        } finally {
            coming.release();
        }
    }

    private TakenIn decoded(Path file, TimeZone zone) throws IOException {
        try {
            if (!decoding.tryAcquire(PATIENCE_SECONDS, TimeUnit.SECONDS))
                throw Refused.busy(
                        "Other photos are still being read and this one is not stored yet. Try again in a moment.");
        } catch (InterruptedException stopping) {
            Thread.currentThread().interrupt();
            throw new UncheckedIOException(new IOException("stopping", stopping));
        }
        try {
            return byKind(file, zone);
        } finally {
            decoding.release();
        }
    }

    private static TakenIn byKind(Path file, TimeZone zone) throws IOException {
        String head = head(file);
        if (head.startsWith("\u00ff\u00d8\u00ff")) return PictureIntake.jpeg(file, zone);
        if (head.startsWith("\u0089PNG\r\n\u001a\n")) return PictureIntake.png(file);
        if (head.startsWith("%PDF-")) return PdfProcess.pdf(file);
        if (head.startsWith("ftyp", 4))
            throw Refusals.refused(
                    "attachment.phone-format",
                    "This is a photo or film in a format that cannot be read here (HEIC or a film).",
                    "Set the camera to JPEG (“most compatible”), or send a screenshot of it.");
        throw Refusals.refused(
                "attachment.format",
                "This file is neither a JPEG or PNG picture nor a PDF.",
                "Take a photo of it, or save it as PDF.");
    }

    private static String head(Path file) throws IOException {
        try (InputStream in = Files.newInputStream(file)) {
            return new String(in.readNBytes(16), StandardCharsets.ISO_8859_1);
        }
    }
}
