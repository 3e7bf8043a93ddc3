package ofisino.server.testing;

import java.awt.Color;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageWriteParam;

/** Pictures made for a test: blue, with the left third red, so that one sees which way they are turned. */
public final class TestPictures {
    private TestPictures() {}

    public static byte[] png(int width, int height) {
        return image(width, height, "png");
    }

    public static byte[] image(int width, int height, String format) {
        try {
            var image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
            var graphics = image.createGraphics();
            graphics.setColor(Color.BLUE);
            graphics.fillRect(0, 0, width, height);
            graphics.setColor(Color.RED);
            graphics.fillRect(0, 0, width / 3, height);
            var bytes = new ByteArrayOutputStream();
            ImageIO.write(image, format, bytes);
            return bytes.toByteArray();
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
    }

    /** A grey JPEG of any size, since a large one in colours would need too much memory to make. */
    public static byte[] grey(int width, int height, boolean progressive) {
        try {
            var image = new BufferedImage(width, height, BufferedImage.TYPE_BYTE_GRAY);
            var graphics = image.createGraphics();
            graphics.setColor(Color.LIGHT_GRAY);
            graphics.fillRect(0, 0, width / 3, height);
            var bytes = new ByteArrayOutputStream();
            var writer = ImageIO.getImageWritersByFormatName("jpg").next();
            var parameters = writer.getDefaultWriteParam();
            if (progressive) parameters.setProgressiveMode(ImageWriteParam.MODE_DEFAULT);
            try (var stream = ImageIO.createImageOutputStream(bytes)) {
                writer.setOutput(stream);
                writer.write(null, new IIOImage(image, null, null), parameters);
            }
            writer.dispose();
            return bytes.toByteArray();
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
    }
}
