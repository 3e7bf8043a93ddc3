package ofisino.server.attachments;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;

/** PDFs (ISO 32000-1) that no honest program writes, by hand. */
public final class HostilePdf {
    private HostilePdf() {}

    /** Its catalog lies in an object stream that unpacks to so many megabytes. */
    static byte[] objectsOf(int megabytes) throws IOException {
        var pdf = new Writing();
        byte[] packed = AttachmentTest.packed(megabytes);
        pdf.object(2, "<< /Type /ObjStm /N 1 /First 4 /Filter /FlateDecode /Length " + packed.length + " >>", packed);
        // a cross-reference stream: object 1 is the first in object 2
        byte[] table = {
            0,
            0,
            0,
            0,
            2,
            0,
            2,
            0,
            1,
            (byte) (pdf.starts.get(0) >> 8),
            pdf.starts.get(0).byteValue(),
            0
        };
        int start = pdf.bytes.size();
        pdf.object(3, "<< /Type /XRef /Size 3 /W [1 2 1] /Root 1 0 R /Length " + table.length + " >>", table);
        return pdf.end(start);
    }

    /** Its tree of pages has itself as its only branch. */
    static byte[] pageTreeInACircle() {
        return ("%PDF-1.4\n1 0 obj\n<< /Type /Catalog /Pages 2 0 R >>\nendobj\n"
                        + "2 0 obj\n<< /Type /Pages /Kids [2 0 R] /Count 1 >>\nendobj\n"
                        + "trailer\n<< /Root 1 0 R /Size 3 >>\n%%EOF\n")
                .getBytes(StandardCharsets.ISO_8859_1);
    }

    private static final class Writing {
        private final ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        private final List<Integer> starts = new ArrayList<>();

        Writing() {
            text("%PDF-1.5\n");
        }

        void object(int number, String dictionary, byte[] stream) {
            starts.add(bytes.size());
            text(number + " 0 obj\n" + dictionary + "\nstream\n");
            bytes.writeBytes(stream);
            text("\nendstream\nendobj\n");
        }

        byte[] end(int table) {
            text("startxref\n" + table + "\n%%EOF\n");
            return bytes.toByteArray();
        }

        private void text(String text) {
            bytes.writeBytes(text.getBytes(StandardCharsets.ISO_8859_1));
        }
    }
}
