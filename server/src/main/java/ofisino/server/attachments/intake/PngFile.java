package ofisino.server.attachments.intake;

import java.io.BufferedInputStream;
import java.io.BufferedOutputStream;
import java.io.DataInputStream;
import java.io.DataOutputStream;
import java.io.EOFException;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Set;

/**
 * A PNG (ISO/IEC 15948) without all that is not needed to draw it: packed texts and profiles of any size could be in there.
 */
record PngFile(int width, int height) {
    private static final int SIGNATURE = 8;
    private static final Set<String> NEEDED = Set.of("IHDR", "PLTE", "tRNS", "IDAT", "IEND");

    long pixels() {
        return (long) width * height;
    }

    /**
     * Copies what is needed, unless it is more than so many pixels; the checksums are copied as they are, the decoder compares them.
     */
    static void strip(Path file, Path stripped, int mostPixels) throws IOException {
        try (var in = new DataInputStream(new BufferedInputStream(Files.newInputStream(file), 1 << 16));
                var out = new DataOutputStream(new BufferedOutputStream(Files.newOutputStream(stripped), 1 << 16))) {
            out.write(in.readNBytes(SIGNATURE));
            PngFile header = null;
            while (true) {
                int length = in.readInt();
                String type = new String(in.readNBytes(4), StandardCharsets.ISO_8859_1);
                if (length < 0 || header == null && !type.equals("IHDR")) throw Refusals.damaged();
                if (type.equals("IHDR")) {
                    header = header(in, length, out);
                    if (header.pixels() > mostPixels) throw Refusals.tooManyPixels(mostPixels);
                } else if (NEEDED.contains(type)) copy(in, length, type, out);
                else in.skipNBytes(length + 4L);
                if (type.equals("IEND")) return;
            }
        } catch (EOFException cut) {
            throw Refusals.cutShort();
        }
    }

    private static PngFile header(DataInputStream in, int length, DataOutputStream out) throws IOException {
        if (length != 13) throw Refusals.damaged();
        byte[] header = in.readNBytes(length);
        if (header.length < length) throw new EOFException();
        out.writeInt(length);
        out.writeBytes("IHDR");
        out.write(header);
        out.writeInt(in.readInt());
        var numbers = java.nio.ByteBuffer.wrap(header);
        var size = new PngFile(numbers.getInt(), numbers.getInt());
        if (size.width <= 0 || size.height <= 0) throw Refusals.damaged();
        return size;
    }

    private static void copy(DataInputStream in, int length, String type, DataOutputStream out) throws IOException {
        out.writeInt(length);
        out.writeBytes(type);
        byte[] part = new byte[1 << 16];
        for (long left = length + 4L; left > 0; ) {
            int n = in.read(part, 0, (int) Math.min(part.length, left));
            if (n < 0) throw new EOFException();
            out.write(part, 0, n);
            left -= n;
        }
    }
}
