package ofisino.server.web;

import com.google.zxing.BarcodeFormat;
import com.google.zxing.EncodeHintType;
import com.google.zxing.WriterException;
import com.google.zxing.common.BitMatrix;
import com.google.zxing.qrcode.QRCodeWriter;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;

/** Two-dimensional codes (ISO/IEC 18004) that a page draws. */
public final class QrCode {
    private QrCode() {}

    /** Rows of dark (1) and light (0) modules, quiet zone included. */
    public static List<String> modules(String text) {
        try {
            BitMatrix matrix =
                    new QRCodeWriter().encode(text, BarcodeFormat.QR_CODE, 0, 0, Map.of(EncodeHintType.MARGIN, 4));
            return IntStream.range(0, matrix.getHeight())
                    .mapToObj(y -> row(matrix, y))
                    .toList();
        } catch (WriterException impossible) {
            throw new IllegalStateException(impossible);
        }
    }

    private static String row(BitMatrix matrix, int y) {
        var row = new StringBuilder();
        for (int x = 0; x < matrix.getWidth(); x++) row.append(matrix.get(x, y) ? '1' : '0');
        return row.toString();
    }
}
