package ofisino.server.attachments.store;

import com.drew.imaging.ImageMetadataReader;
import com.drew.imaging.ImageProcessingException;
import com.drew.metadata.Metadata;
import com.drew.metadata.MetadataException;
import com.drew.metadata.exif.ExifDirectoryBase;
import com.drew.metadata.exif.ExifIFD0Directory;
import com.drew.metadata.exif.ExifSubIFDDirectory;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.time.Instant;
import java.util.Iterator;
import java.util.Optional;
import java.util.TimeZone;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import net.coobird.thumbnailator.Thumbnails;
import net.coobird.thumbnailator.util.exif.ExifFilterUtils;
import net.coobird.thumbnailator.util.exif.Orientation;
import ofisino.core.kernel.InvalidValue;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDDocumentInformation;
import org.springframework.stereotype.Component;

/**
 * Takes in what comes from a camera or a scanner: the kind is told by content, not by name; pictures are turned upright and written
 * anew, so that nothing but the picture remains (no place, no device); the time it was taken is kept first.
 */
@Component
class Intake {
    static final int LARGEST_SIDE = 2560;
    static final int THUMBNAIL_SIDE = 480;
    private static final long MOST_PIXELS = 60_000_000;
    private static final int MOST_PAGES = 60;

    /** @param thumbnail JPEG; empty for a PDF */
    record Taken(
            String mediaType,
            byte[] content,
            Optional<byte[]> thumbnail,
            Optional<Integer> width,
            Optional<Integer> height,
            Optional<Instant> takenAt) {}

    /** @throws InvalidValue in a plain sentence for anything but a readable JPEG, PNG or PDF */
    Taken take(byte[] file, TimeZone zone) {
        if (startsWith(file, 0xFF, 0xD8, 0xFF)) return picture(file, "image/jpeg", "jpg", zone);
        if (startsWith(file, 0x89, 'P', 'N', 'G', 0x0D, 0x0A, 0x1A, 0x0A))
            return picture(file, "image/png", "png", zone);
        if (startsWith(file, '%', 'P', 'D', 'F', '-')) return pdf(file);
        if (file.length > 12 && startsWith(java.util.Arrays.copyOfRange(file, 4, 8), 'f', 't', 'y', 'p'))
            throw refused(
                    "attachment.phone-format",
                    "This is a photo or film in a format that cannot be read here (HEIC or a film). Set the camera to JPEG, or send a screenshot of it.");
        throw refused(
                "attachment.format",
                "This file is neither a JPEG or PNG picture nor a PDF. Take a photo of it, or save it as PDF.");
    }

    private Taken picture(byte[] file, String mediaType, String format, TimeZone zone) {
        try {
            checkSize(file);
            Optional<Metadata> metadata = metadata(file);
            BufferedImage image = ImageIO.read(new ByteArrayInputStream(file));
            if (image == null) throw damaged();
            BufferedImage upright = upright(image, metadata);
            double scale = Math.min(1, LARGEST_SIDE / (double) Math.max(upright.getWidth(), upright.getHeight()));
            byte[] content = write(upright, scale, format);
            double small = Math.min(1, THUMBNAIL_SIDE / (double) Math.max(upright.getWidth(), upright.getHeight()));
            byte[] thumbnail = write(withoutAlpha(upright), small, "jpg");
            BufferedImage kept = ImageIO.read(new ByteArrayInputStream(content));
            return new Taken(
                    mediaType,
                    content,
                    Optional.of(thumbnail),
                    Optional.of(kept.getWidth()),
                    Optional.of(kept.getHeight()),
                    metadata.flatMap(m -> takenAt(m, zone)));
        } catch (IOException | IllegalArgumentException | IndexOutOfBoundsException broken) {
            throw damaged();
        }
    }

    private static void checkSize(byte[] file) throws IOException {
        try (ImageInputStream stream = ImageIO.createImageInputStream(new ByteArrayInputStream(file))) {
            Iterator<ImageReader> readers = ImageIO.getImageReaders(stream);
            if (!readers.hasNext()) throw damaged();
            ImageReader reader = readers.next();
            try {
                reader.setInput(stream);
                if ((long) reader.getWidth(0) * reader.getHeight(0) > MOST_PIXELS)
                    throw refused(
                            "attachment.too-many-pixels",
                            "The picture has more than 60 million pixels. Take it at a lower resolution.");
            } finally {
                reader.dispose();
            }
        }
    }

    private static Optional<Metadata> metadata(byte[] file) throws IOException {
        try {
            return Optional.of(ImageMetadataReader.readMetadata(new ByteArrayInputStream(file)));
        } catch (ImageProcessingException none) {
            return Optional.empty(); // the picture may still be readable; it then has no time and stays as it lies
        }
    }

    private static BufferedImage upright(BufferedImage image, Optional<Metadata> metadata) {
        return metadata.map(m -> m.getFirstDirectoryOfType(ExifIFD0Directory.class))
                .filter(d -> d.containsTag(ExifDirectoryBase.TAG_ORIENTATION))
                .map(d -> {
                    try {
                        return Orientation.typeOf(d.getInt(ExifDirectoryBase.TAG_ORIENTATION));
                    } catch (MetadataException noNumber) {
                        return null;
                    }
                })
                .map(orientation ->
                        ExifFilterUtils.getFilterForOrientation(orientation).apply(image))
                .orElse(image);
    }

    private static Optional<Instant> takenAt(Metadata metadata, TimeZone zone) {
        return Optional.ofNullable(metadata.getFirstDirectoryOfType(ExifSubIFDDirectory.class))
                .map(d -> d.getDateOriginal(zone))
                .map(java.util.Date::toInstant);
    }

    private static BufferedImage withoutAlpha(BufferedImage image) {
        var plain = new BufferedImage(image.getWidth(), image.getHeight(), BufferedImage.TYPE_INT_RGB);
        var graphics = plain.createGraphics();
        graphics.drawImage(image, 0, 0, java.awt.Color.WHITE, null);
        graphics.dispose();
        return plain;
    }

    private static byte[] write(BufferedImage image, double scale, String format) throws IOException {
        var out = new ByteArrayOutputStream();
        var builder = Thumbnails.of(image).scale(scale).outputFormat(format);
        if (format.equals("jpg")) builder.outputQuality(0.85);
        builder.toOutputStream(out);
        return out.toByteArray();
    }

    /** Written anew without description, embedded files and actions. */
    private Taken pdf(byte[] file) {
        try (PDDocument document = Loader.loadPDF(file)) {
            if (document.getNumberOfPages() == 0) throw damaged();
            if (document.getNumberOfPages() > MOST_PAGES)
                throw refused(
                        "attachment.too-many-pages",
                        "The PDF has %d pages. Keep it to %d; add the rest as a second file."
                                .formatted(document.getNumberOfPages(), MOST_PAGES));
            document.setDocumentInformation(new PDDocumentInformation());
            var catalog = document.getDocumentCatalog();
            catalog.setMetadata(null);
            catalog.setNames(null);
            catalog.setOpenAction(null);
            catalog.setActions(null);
            document.setAllSecurityToBeRemoved(true);
            var out = new ByteArrayOutputStream();
            document.save(out);
            return new Taken(
                    "application/pdf",
                    out.toByteArray(),
                    Optional.empty(),
                    Optional.empty(),
                    Optional.empty(),
                    Optional.empty());
        } catch (IOException broken) {
            throw refused(
                    "attachment.pdf",
                    "This PDF cannot be read; it may be damaged or locked by a password. Print it to a new PDF or take a photo of it.");
        }
    }

    private static InvalidValue damaged() {
        return refused("attachment.damaged", "This picture cannot be read; the file may be damaged. Take it again.");
    }

    private static InvalidValue refused(String code, String sentence) {
        return InvalidValue.of("file", code, sentence);
    }

    private static boolean startsWith(byte[] file, int... bytes) {
        if (file.length < bytes.length) return false;
        for (int i = 0; i < bytes.length; i++) if ((file[i] & 0xFF) != bytes[i]) return false;
        return true;
    }
}
