package ofisino.server.attachments.intake;

import java.io.BufferedInputStream;
import java.io.DataInputStream;
import java.io.EOFException;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;

/**
 * What the markers of a JPEG (ITU-T T.81, annex B) say of its first picture, read without decoding it. A phone may put more behind that
 * picture's end: a map of brightness, a second picture, a short film.
 *
 * @param inPasses stored in several passes (progressive, or one colour after the other): all must be in memory before one line is decoded
 * @param complete    whether its end was found
 */
record JpegFile(int width, int height, boolean inPasses, boolean complete) {
    /** Before the picture stand a thumbnail, the time, the place, seldom a map of depth. More than this is no photo. */
    private static final int LARGEST_HEAD = 24 * 1024 * 1024;
    /** Phones and cameras make about ten passes; each costs as much as the whole picture. */
    private static final int MOST_PASSES = 40;

    private static final int SOI = 0xD8;
    private static final int EOI = 0xD9;
    private static final int SOS = 0xDA;
    private static final int DHT = 0xC4;
    private static final int JPG = 0xC8;
    private static final int DAC = 0xCC;

    static JpegFile read(Path file) throws IOException {
        try (var in = new DataInputStream(new BufferedInputStream(Files.newInputStream(file), 1 << 16))) {
            return new Reader(in).read();
        }
    }

    long pixels() {
        return (long) width * height;
    }

    private static final class Reader {
        private final DataInputStream in;
        private int width;
        private int height;
        private boolean progressive;
        private int passes;
        private long head;

        Reader(DataInputStream in) {
            this.in = in;
        }

        JpegFile read() throws IOException {
            boolean complete = false;
            try {
                if (in.readUnsignedByte() != 0xFF || in.readUnsignedByte() != SOI) throw Refusals.damaged();
                int marker = nextMarker();
                while (marker != EOI) marker = segment(marker);
                complete = true;
            } catch (EOFException cut) {
                // the end was not found
            }
            if (width == 0 || height == 0) throw complete ? Refusals.damaged() : Refusals.cutShort();
            return new JpegFile(width, height, progressive || passes > 1, complete);
        }

        /** Reads one segment, and after a SOS what is coded behind it; answers the marker that follows. */
        private int segment(int marker) throws IOException {
            if (marker >= 0xD0 && marker <= 0xD7 || marker == 0x01) return nextMarker(); // stands alone
            int length = in.readUnsignedShort() - 2;
            if (length < 0) throw Refusals.damaged();
            if (isFrame(marker) && length >= 5) {
                in.skipNBytes(1);
                height = in.readUnsignedShort();
                width = in.readUnsignedShort();
                length -= 5;
                progressive = (marker & 0x03) == 2;
            }
            in.skipNBytes(length);
            if (marker == SOS) {
                if (++passes > MOST_PASSES) throw Refusals.damaged();
                return afterCoded();
            }
            head += length;
            if (passes == 0 && head > LARGEST_HEAD) throw Refusals.damaged();
            return nextMarker();
        }

        private static boolean isFrame(int marker) {
            return marker >= 0xC0 && marker <= 0xCF && marker != DHT && marker != JPG && marker != DAC;
        }

        private int nextMarker() throws IOException {
            int b = in.readUnsignedByte();
            while (b != 0xFF) b = in.readUnsignedByte(); // decoders step over what is between segments
            while (b == 0xFF) b = in.readUnsignedByte();
            return b == 0 ? nextMarker() : b;
        }

        /** In coded data FF is followed by 00, or by a restart marker. */
        private int afterCoded() throws IOException {
            while (true) {
                int b = in.readUnsignedByte();
                if (b != 0xFF) continue;
                while (b == 0xFF) b = in.readUnsignedByte();
                if (b != 0 && !(b >= 0xD0 && b <= 0xD7)) return b;
            }
        }
    }
}
