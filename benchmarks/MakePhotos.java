import java.awt.Color;
import java.awt.GradientPaint;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Random;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageWriteParam;

/** Photos as phones make them: sizes from 12 to 100 megapixels, turned by their Exif, with things behind their end. java MakePhotos.java FOLDER */
class MakePhotos {
    public static void main(String[] arguments) throws IOException {
        Path folder = Files.createDirectories(Path.of(arguments[0]));
        write(folder.resolve("12.jpg"), 4000, 3000, 1, false);
        write(folder.resolve("12-turned.jpg"), 4000, 3000, 6, false);
        write(folder.resolve("16-turned.jpg"), 4608, 3456, 8, false);
        write(folder.resolve("20.jpg"), 5184, 3888, 3, false);
        write(folder.resolve("24-turned.jpg"), 5664, 4248, 6, false);
        write(folder.resolve("24-in-passes.jpg"), 5600, 4200, 1, true);
        write(folder.resolve("50-turned.jpg"), 8160, 6120, 6, false);
        write(folder.resolve("100.jpg"), 11648, 8736, 1, false);
    }

    private static void write(Path file, int width, int height, int orientation, boolean inPasses) throws IOException {
        var image = new BufferedImage(width, height, BufferedImage.TYPE_3BYTE_BGR);
        var graphics = image.createGraphics();
        graphics.setPaint(new GradientPaint(0, 0, Color.RED, width, height, Color.BLUE));
        graphics.fillRect(0, 0, width, height);
        var random = new Random(1);
        for (int i = 0; i < 20_000; i++) {
            graphics.setColor(new Color(random.nextInt(0x1000000)));
            graphics.fillOval(random.nextInt(width), random.nextInt(height), 60, 40);
        }
        graphics.dispose();
        var plain = new ByteArrayOutputStream();
        var writer = ImageIO.getImageWritersByFormatName("jpg").next();
        var parameters = writer.getDefaultWriteParam();
        parameters.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
        parameters.setCompressionQuality(0.9f);
        if (inPasses) parameters.setProgressiveMode(ImageWriteParam.MODE_DEFAULT);
        try (var stream = ImageIO.createImageOutputStream(plain)) {
            writer.setOutput(stream);
            writer.write(null, new IIOImage(image, null, null), parameters);
        }
        writer.dispose();
        byte[] bytes = plain.toByteArray();
        var out = new ByteArrayOutputStream();
        out.write(bytes, 0, 2);
        out.writeBytes(exif(orientation));
        out.write(bytes, 2, bytes.length - 2);
        out.writeBytes(new byte[2_000_000]); // a short film, or a map of brightness
        Files.write(file, out.toByteArray());
    }

    /** An Exif segment (Exif 2.3, TIFF 6.0) with nothing but the orientation. */
    private static byte[] exif(int orientation) {
        return ByteBuffer.allocate(4 + 6 + 26)
                .putShort((short) 0xFFE1)
                .putShort((short) (2 + 6 + 26))
                .put("Exif\0\0".getBytes(StandardCharsets.ISO_8859_1))
                .put("MM\0*".getBytes(StandardCharsets.ISO_8859_1))
                .putInt(8)
                .putShort((short) 1)
                .putShort((short) 0x0112)
                .putShort((short) 3)
                .putInt(1)
                .putInt(orientation << 16)
                .putInt(0)
                .array();
    }
}
