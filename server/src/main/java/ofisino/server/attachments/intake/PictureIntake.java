package ofisino.server.attachments.intake;

import com.drew.imaging.ImageProcessingException;
import com.drew.imaging.jpeg.JpegMetadataReader;
import com.drew.metadata.Metadata;
import com.drew.metadata.MetadataException;
import com.drew.metadata.exif.ExifDirectoryBase;
import com.drew.metadata.exif.ExifIFD0Directory;
import com.drew.metadata.exif.ExifReader;
import com.drew.metadata.exif.ExifSubIFDDirectory;
import java.awt.Color;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.TimeZone;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import net.coobird.thumbnailator.Thumbnails;
import net.coobird.thumbnailator.util.exif.ExifFilterUtils;
import net.coobird.thumbnailator.util.exif.Orientation;

/**
 * Writes a photo anew, upright and not larger than a screen shows, so that nothing but the picture remains (no place, no device). Of a
 * large one only every second, third … line and column is decoded: what is in memory at once has a bound, whatever the camera.
 */
final class PictureIntake {
    static final int LARGEST_SIDE = 2560;
    static final int THUMBNAIL_SIDE = 480;
    static final int MOST_PIXELS = 220_000_000;
    /** One that is stored in passes is held whole while it is decoded: 24 million pixels take about 70 MB. */
    static final int MOST_PIXELS_IN_PASSES = 24_000_000;
    /** Room for the decoded picture; with what is made of it at the same time, about twice as much. */
    private static final long DECODED_BYTES = 42_000_000;

    private static final double QUALITY = 0.85;

    private PictureIntake() {}

    static TakenIn jpeg(Path file, TimeZone zone) {
        return reading(() -> {
            JpegFile jpeg = JpegFile.read(file);
            if (!jpeg.complete()) throw Refusals.cutShort();
            if (jpeg.pixels() > MOST_PIXELS) throw Refusals.tooManyPixels(MOST_PIXELS);
            if (jpeg.inPasses() && jpeg.pixels() > MOST_PIXELS_IN_PASSES)
                throw Refusals.refused(
                        "attachment.in-passes",
                        "This photo has more than %d million pixels and is stored as a progressive JPEG.",
                        "Send it from the page on the phone, which makes it smaller, or save it as an ordinary JPEG.",
                        MOST_PIXELS_IN_PASSES / 1_000_000);
            Optional<Metadata> exif = exif(file);
            return taken(file, "jpg", "image/jpeg", orientation(exif), exif.flatMap(m -> takenAt(m, zone)));
        });
    }

    static TakenIn png(Path file) {
        return reading(() -> {
            Path stripped = file.resolveSibling(file.getFileName() + ".stripped");
            try {
                PngFile.strip(file, stripped, MOST_PIXELS / 2);
                return taken(stripped, "png", "image/png", Optional.empty(), Optional.empty());
            } finally {
                Files.deleteIfExists(stripped);
            }
        });
    }

    private interface Reading {
        TakenIn run() throws IOException;
    }

    /** What decoders throw at a file that is not what it says. */
    private static TakenIn reading(Reading reading) {
        try {
            return reading.run();
        } catch (IOException
                | IllegalArgumentException
                | IndexOutOfBoundsException
                | NegativeArraySizeException broken) {
            if (String.valueOf(broken.getMessage()).contains("No space left"))
                throw new java.io.UncheckedIOException(new IOException(broken));
            throw Refusals.damaged();
        }
    }

    private static TakenIn taken(
            Path file, String format, String mediaType, Optional<Orientation> orientation, Optional<Instant> takenAt)
            throws IOException {
        BufferedImage shown = upright(scaled(decode(file, format), LARGEST_SIDE), orientation);
        Path content = file.resolveSibling(file.getFileName() + ".kept");
        write(shown, format, content);
        Path thumbnail = file.resolveSibling(file.getFileName() + ".thumb");
        write(withoutAlpha(scaled(shown, THUMBNAIL_SIDE)), "jpg", thumbnail);
        return new TakenIn(
                mediaType,
                content,
                Optional.of(new TakenIn.Picture(thumbnail, shown.getWidth(), shown.getHeight(), takenAt)));
    }

    private static BufferedImage decode(Path file, String format) throws IOException {
        ImageReader reader = ImageIO.getImageReadersByFormatName(format).next();
        try (ImageInputStream stream = ImageIO.createImageInputStream(file.toFile())) {
            reader.setInput(stream, true, true);
            ImageReadParam parameters = reader.getDefaultReadParam();
            int step = step(reader);
            parameters.setSourceSubsampling(step, step, 0, 0);
            return reader.read(0, parameters);
        } finally {
            reader.dispose();
        }
    }

    /** The smallest step between decoded lines and columns with which the picture has room. */
    private static int step(ImageReader reader) throws IOException {
        var type = reader.getImageTypes(0);
        long bits = type.hasNext() ? type.next().getColorModel().getPixelSize() : 32;
        long bytesPerPixel = Math.max(1, (bits + 7) / 8);
        int step = 1;
        while (lines(reader.getWidth(0), step) * lines(reader.getHeight(0), step) * bytesPerPixel > DECODED_BYTES)
            step++;
        return step;
    }

    private static long lines(int all, int step) {
        return (all + step - 1L) / step;
    }

    private static BufferedImage scaled(BufferedImage image, int side) throws IOException {
        int longer = Math.max(image.getWidth(), image.getHeight());
        if (longer <= side) return image;
        return Thumbnails.of(image).size(side, side).asBufferedImage();
    }

    private static BufferedImage upright(BufferedImage image, Optional<Orientation> orientation) {
        return orientation
                .map(o -> ExifFilterUtils.getFilterForOrientation(o).apply(image))
                .orElse(image);
    }

    private static BufferedImage withoutAlpha(BufferedImage image) {
        var plain = new BufferedImage(image.getWidth(), image.getHeight(), BufferedImage.TYPE_INT_RGB);
        var graphics = plain.createGraphics();
        graphics.drawImage(image, 0, 0, Color.WHITE, null);
        graphics.dispose();
        return plain;
    }

    private static void write(BufferedImage image, String format, Path into) throws IOException {
        try (var out = Files.newOutputStream(into)) {
            var writing = Thumbnails.of(format.equals("jpg") ? withoutAlpha(image) : image)
                    .scale(1)
                    .outputFormat(format);
            if (format.equals("jpg")) writing.outputQuality(QUALITY);
            writing.toOutputStream(out);
        }
    }

    /** Only Exif is read; a photo without it, or with one that cannot be read, has no time and stays as it lies. */
    private static Optional<Metadata> exif(Path file) throws IOException {
        try (InputStream in = Files.newInputStream(file)) {
            return Optional.of(JpegMetadataReader.readMetadata(in, List.of(new ExifReader())));
        } catch (ImageProcessingException none) {
            return Optional.empty();
        }
    }

    private static Optional<Orientation> orientation(Optional<Metadata> exif) {
        return exif.map(m -> m.getFirstDirectoryOfType(ExifIFD0Directory.class))
                .filter(d -> d.containsTag(ExifDirectoryBase.TAG_ORIENTATION))
                .map(d -> {
                    try {
                        return Orientation.typeOf(d.getInt(ExifDirectoryBase.TAG_ORIENTATION));
                    } catch (MetadataException noNumber) {
                        return null;
                    }
                });
    }

    private static Optional<Instant> takenAt(Metadata exif, TimeZone zone) {
        return Optional.ofNullable(exif.getFirstDirectoryOfType(ExifSubIFDDirectory.class))
                .map(d -> d.getDateOriginal(zone))
                .map(java.util.Date::toInstant);
    }
}
