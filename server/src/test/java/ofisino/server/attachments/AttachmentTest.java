package ofisino.server.attachments;

import static org.assertj.core.api.Assertions.assertThat;

import com.drew.imaging.ImageMetadataReader;
import com.drew.metadata.exif.GpsDirectory;
import java.awt.Color;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.UUID;
import javax.imageio.ImageIO;
import ofisino.server.testing.Api.Answer;
import ofisino.server.testing.TestApplication;
import ofisino.server.testing.TestGarage;
import ofisino.server.testing.TestPictures;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.interactive.action.PDActionJavaScript;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

@ExtendWith(TestApplication.class)
class AttachmentTest {
    @ParameterizedTest
    @EnumSource(Subject.class)
    void eachSubjectIsAskedForItsPhotos(Subject subject, TestGarage garage) {
        assertThat(garage.owner()
                        .get("/api/attachments?subject=" + subject + "&subjectId=" + UUID.randomUUID())
                        .ok())
                .isEmpty();
    }

    @Test
    void aPhotoStandsUprightKeepsItsTimeAndLosesItsPlace(TestGarage garage) throws Exception {
        UUID finding = garage.finding(garage.project(), "bonnet", "DENT");
        byte[] file = jpegWithExif(60, 40);
        assertThat(ImageMetadataReader.readMetadata(new ByteArrayInputStream(file))
                        .getFirstDirectoryOfType(GpsDirectory.class))
                .isNotNull();
        Answer added = garage.owner().upload("FINDING", finding, "IMG 1.JPG", file);
        assertThat(added.status()).isEqualTo(201);
        assertThat(added.number("width")).isEqualTo(40); // it lay on its side
        assertThat(added.number("height")).isEqualTo(60);
        assertThat(added.text("takenAt")).isEqualTo("2026-03-02T17:30:00Z"); // 18:30 in Vienna, in winter
        byte[] kept = garage.owner()
                .get("/api/attachments/" + added.text("id") + "/file")
                .raw()
                .body();
        assertThat(ImageMetadataReader.readMetadata(new ByteArrayInputStream(kept))
                        .getFirstDirectoryOfType(GpsDirectory.class))
                .isNull();
        assertThat(new String(kept, StandardCharsets.ISO_8859_1)).doesNotContain("Exif");
        BufferedImage upright = ImageIO.read(new ByteArrayInputStream(kept));
        assertThat(new Color(upright.getRGB(30, 5)).getRed()).isGreaterThan(180); // the red left edge is on top now
        assertThat(garage.owner().get("/api/findings/" + finding).number("photos"))
                .isEqualTo(1);
        assertThat(garage.owner()
                        .get("/api/attachments/" + added.text("id") + "/thumbnail")
                        .raw()
                        .headers()
                        .firstValue("Content-Type"))
                .contains("image/jpeg");
    }

    @Test
    void aLargePhotoIsMadeSmaller(TestGarage garage) throws Exception {
        UUID finding = garage.finding(garage.project(), "bonnet", "DENT");
        Answer added = garage.owner().upload("FINDING", finding, "big.png", TestPictures.image(4000, 1000, "png"));
        assertThat(added.number("width")).isEqualTo(2560);
        assertThat(added.number("height")).isEqualTo(640);
        assertThat(added.text("mediaType")).isEqualTo("image/png");
    }

    @Test
    void aReceiptAsPdfLosesItsScripts(TestGarage garage) throws Exception {
        UUID finding = garage.finding(garage.project(), "bonnet", "DENT");
        var out = new ByteArrayOutputStream();
        try (var document = new PDDocument()) {
            document.addPage(new PDPage());
            document.getDocumentCatalog().setOpenAction(new PDActionJavaScript("app.alert(1)"));
            document.save(out);
        }
        Answer added = garage.owner().upload("FINDING", finding, "receipt.pdf", out.toByteArray());
        assertThat(added.status()).as("%s", added.body()).isEqualTo(201);
        byte[] kept = garage.owner()
                .get("/api/attachments/" + added.text("id") + "/file")
                .raw()
                .body();
        try (PDDocument clean = Loader.loadPDF(kept)) {
            assertThat(clean.getNumberOfPages()).isEqualTo(1);
            assertThat(clean.getDocumentCatalog().getOpenAction()).isNull();
        }
        assertThat(garage.owner()
                        .get("/api/attachments/" + added.text("id") + "/thumbnail")
                        .status())
                .isEqualTo(404);
    }

    /** One after the other; 200 in a row are taken where it is proved. */
    @Test
    void photosOfAllSizesInARowAreTaken(TestGarage garage) {
        UUID finding = garage.finding(garage.project(), "bonnet", "DENT");
        int[][] sizes = {{4000, 3000}, {3456, 4608}, {5664, 4248}, {3000, 4000}, {8000, 6000}};
        for (int[] size : sizes) {
            byte[] photo = TestPictures.grey(size[0], size[1], false);
            Answer added = garage.owner().upload("FINDING", finding, size[0] + ".jpg", photo);
            assertThat(added.status())
                    .as("%d x %d: %s", size[0], size[1], added.body())
                    .isEqualTo(201);
            assertThat(Math.max(added.number("width"), added.number("height"))).isEqualTo(2560);
        }
        assertThat(garage.owner().get("/api/findings/" + finding).number("photos"))
                .isEqualTo(sizes.length);
    }

    @Test
    void whatAPhonePutsBehindAPhotoIsLeftBehind(TestGarage garage) throws Exception {
        UUID finding = garage.finding(garage.project(), "bonnet", "DENT");
        var file = new ByteArrayOutputStream(); // a map of brightness, then a film, as phones append them
        file.writeBytes(jpegWithExif(60, 40));
        file.writeBytes(TestPictures.image(30, 20, "jpg"));
        file.writeBytes("\0\0\0\u0018ftypmp42".getBytes(StandardCharsets.ISO_8859_1));
        file.writeBytes(new byte[300_000]);
        Answer added = garage.owner().upload("FINDING", finding, "motion.jpg", file.toByteArray());
        assertThat(added.status()).as("%s", added.body()).isEqualTo(201);
        assertThat(added.number("width")).isEqualTo(40);
        assertThat(added.number("bytes")).isLessThan(10_000);
    }

    @Test
    void aLargePhotoStoredInPassesIsRefusedWithASentence(TestGarage garage) {
        UUID finding = garage.finding(garage.project(), "bonnet", "DENT");
        assertThat(garage.owner()
                        .upload("FINDING", finding, "small.jpg", TestPictures.grey(4000, 3000, true))
                        .status())
                .isEqualTo(201);
        refused(
                garage,
                finding,
                "large.jpg",
                TestPictures.grey(8000, 6000, true),
                422,
                "attachment.in-passes",
                "progressive");
    }

    @Test
    void whatUnpacksToALotIsRefusedOrLeftBehind(TestGarage garage) throws Exception {
        UUID finding = garage.finding(garage.project(), "bonnet", "DENT");
        // a packed text of 400 MB in a picture: the text is not read
        byte[] picture = TestPictures.png(40, 30);
        var bomb = new ByteArrayOutputStream();
        bomb.write(picture, 0, 33);
        chunk(bomb, "zTXt", "Comment\0\0", packed(400));
        bomb.write(picture, 33, picture.length - 33);
        assertThat(garage.owner()
                        .upload("FINDING", finding, "text.png", bomb.toByteArray())
                        .status())
                .isEqualTo(201);
        refused(
                garage,
                finding,
                "objects.pdf",
                HostilePdf.objectsOf(600),
                422,
                "attachment.pdf-too-much",
                "too large once unpacked");
        refused(garage, finding, "circle.pdf", HostilePdf.pageTreeInACircle(), 422, "attachment.pdf", "cannot be read");
    }

    @Test
    void theTimeThatThePageReadBeforeItMadeAPhotoSmallerIsKept(TestGarage garage) {
        UUID finding = garage.finding(garage.project(), "bonnet", "DENT");
        Answer added = garage.owner()
                .upload("FINDING", finding, "a.jpg&takenAt=2026-03-02T18:30:00", TestPictures.image(30, 20, "jpg"));
        assertThat(added.status()).isEqualTo(201);
        assertThat(added.body().has("takenAt"))
                .as("the name is no place for it")
                .isFalse();
        added = garage.owner()
                .upload("FINDING", finding, "a.jpg", "2026-03-02T18:30:00", TestPictures.image(30, 20, "jpg"));
        assertThat(added.text("takenAt")).isEqualTo("2026-03-02T17:30:00Z");
    }

    @Test
    void aPhotoIsShownOnlyToWhoMayAskNow(TestGarage garage) {
        UUID finding = garage.finding(garage.project(), "bonnet", "DENT");
        String path = "/api/attachments/"
                + garage.owner()
                        .upload("FINDING", finding, "\u202Egnp.exe", TestPictures.png(3, 3))
                        .text("id") + "/file";
        Answer first = garage.owner().get(path);
        assertThat(first.raw().headers().firstValue("Cache-Control").orElse("")).contains("no-cache", "private");
        assertThat(first.raw().headers().firstValue("Content-Disposition").orElse(""))
                .as("no sign that turns the name round")
                .doesNotContain("%E2%80%AE");
        String tag = first.raw().headers().firstValue("ETag").orElseThrow();
        assertThat(garage.owner()
                        .send(garage.owner().request(path).header("If-None-Match", tag))
                        .status())
                .isEqualTo(304);
        assertThat(new ofisino.server.testing.Api(garage.running().port())
                        .get(path)
                        .status())
                .isEqualTo(401);
    }

    @Test
    void whatIsNoPictureIsRefusedInAPlainSentence(TestGarage garage) throws Exception {
        UUID finding = garage.finding(garage.project(), "bonnet", "DENT");
        byte[] half = TestPictures.image(300, 300, "jpg");
        refused(
                garage,
                finding,
                "song.jpg",
                "not a picture at all".getBytes(),
                422,
                "attachment.format",
                "neither a JPEG or PNG");
        refused(garage, finding, "empty.jpg", new byte[0], 422, "attachment.format", "neither");
        refused(
                garage,
                finding,
                "broken.jpg",
                java.util.Arrays.copyOf(half, 80),
                422,
                "attachment.cut-short",
                "Send it again");
        refused(
                garage,
                finding,
                "half.jpg",
                java.util.Arrays.copyOf(half, half.length / 2),
                422,
                "attachment.cut-short",
                "is incomplete");
        refused(
                garage,
                finding,
                "half.png",
                java.util.Arrays.copyOf(TestPictures.png(300, 300), 300),
                422,
                "attachment.cut-short",
                "is incomplete");
        refused(
                garage,
                finding,
                "photo.heic",
                "\0\0\0\u0018ftypheic\0\0\0\0mif1".getBytes(StandardCharsets.ISO_8859_1),
                422,
                "attachment.phone-format",
                "Set the camera to JPEG");
        refused(
                garage,
                finding,
                "broken.pdf",
                "%PDF-1.7 and then nothing".getBytes(),
                422,
                "attachment.pdf",
                "cannot be read");
        refused(
                garage,
                finding,
                "bomb.png",
                pngHeader(60_000, 60_000),
                422,
                "attachment.too-many-pixels",
                "110 million");
        refused(garage, UUID.randomUUID(), "orphan.jpg", half, 409, "still-used", "not there");
        assertThat(garage.rows("attachment")).isZero();
        assertThat(garage.rows("attachment_link")).isZero();
    }

    @Test
    void theDatabaseLetsAPhotoBelongToExactlyOneThingARow(TestGarage garage) {
        UUID finding = garage.finding(garage.project(), "bonnet", "DENT");
        String insert =
                "insert into attachment_link (id, garage_id, attachment_id, finding_id, job_id) values (gen_random_uuid(), ?, ?, ?, ?)";
        org.assertj.core.api.Assertions.assertThatThrownBy(() -> garage.running()
                        .sql()
                        .update(insert, garage.id(), UUID.randomUUID(), finding, UUID.randomUUID()))
                .hasMessageContaining("check");
    }

    private static void refused(
            TestGarage garage, UUID finding, String name, byte[] file, int status, String code, String says) {
        Answer refused = garage.owner().upload("FINDING", finding, name, file);
        assertThat(refused.status()).as(name + refused.body()).isEqualTo(status);
        assertThat(refused.code()).isEqualTo(code);
        assertThat(refused.detail()).contains(says);
    }

    /** A JPEG with an Exif block by hand (Exif 2.3 / TIFF 6.0): orientation 6 (turn right), a time, a place. */
    private static byte[] jpegWithExif(int width, int height) throws Exception {
        ByteBuffer tiff = ByteBuffer.allocate(200);
        tiff.put("MM\0*".getBytes(StandardCharsets.ISO_8859_1)).putInt(8);
        tiff.putShort((short) 3); // IFD0
        entry(tiff, 0x0112, 3, 1, 6 << 16);
        entry(tiff, 0x8769, 4, 1, 50);
        entry(tiff, 0x8825, 4, 1, 88);
        tiff.putInt(0);
        tiff.position(50).putShort((short) 1); // Exif IFD: date and time original
        entry(tiff, 0x9003, 2, 20, 68);
        tiff.putInt(0);
        tiff.position(68).put("2026:03:02 18:30:00\0".getBytes(StandardCharsets.ISO_8859_1));
        tiff.position(88).putShort((short) 1); // GPS IFD: north
        entry(tiff, 0x0001, 2, 2, 'N' << 24);
        tiff.putInt(0);
        byte[] plain = TestPictures.image(width, height, "jpg");
        var out = new ByteArrayOutputStream();
        out.write(plain, 0, 2);
        out.write(new byte[] {(byte) 0xFF, (byte) 0xE1, 0, (byte) (2 + 6 + tiff.capacity())});
        out.writeBytes("Exif\0\0".getBytes(StandardCharsets.ISO_8859_1));
        out.writeBytes(tiff.array());
        out.write(plain, 2, plain.length - 2);
        return out.toByteArray();
    }

    private static void entry(ByteBuffer tiff, int tag, int type, int count, int value) {
        tiff.putShort((short) tag).putShort((short) type).putInt(count).putInt(value);
    }

    /** The first chunk of a PNG that claims a size (ISO/IEC 15948). */
    private static byte[] pngHeader(int width, int height) {
        ByteBuffer png = ByteBuffer.allocate(33);
        png.put(new byte[] {(byte) 0x89, 'P', 'N', 'G', 0x0D, 0x0A, 0x1A, 0x0A}).putInt(13);
        byte[] header = ByteBuffer.allocate(17)
                .put("IHDR".getBytes())
                .putInt(width)
                .putInt(height)
                .put((byte) 8)
                .put((byte) 2)
                .array();
        var crc = new java.util.zip.CRC32();
        crc.update(header);
        return png.put(header).putInt((int) crc.getValue()).array();
    }

    private static void chunk(ByteArrayOutputStream png, String type, String head, byte[] data) {
        byte[] body = ByteBuffer.allocate(4 + head.length() + data.length)
                .put(type.getBytes(StandardCharsets.ISO_8859_1))
                .put(head.getBytes(StandardCharsets.ISO_8859_1))
                .put(data)
                .array();
        var crc = new java.util.zip.CRC32();
        crc.update(body);
        png.writeBytes(ByteBuffer.allocate(4).putInt(body.length - 4).array());
        png.writeBytes(body);
        png.writeBytes(ByteBuffer.allocate(4).putInt((int) crc.getValue()).array());
    }

    /** So many megabytes of nothing, packed (RFC 1950). */
    static byte[] packed(int megabytes) throws java.io.IOException {
        var packed = new ByteArrayOutputStream();
        try (var deflater = new java.util.zip.DeflaterOutputStream(packed)) {
            for (int i = 0; i < megabytes; i++) deflater.write(new byte[1 << 20]);
        }
        return packed.toByteArray();
    }
}
