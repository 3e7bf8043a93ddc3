package ofisino.server.attachments.intake;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HexFormat;
import ofisino.core.kernel.InvalidValue;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Markers by hand, after ITU-T T.81, annex B. */
class JpegFileTest {
    private static final String BEGIN = "FFD8";
    /** 16 lines of 32 dots, one colour. */
    private static final String FRAME = "FFC0 000B 08 0010 0020 01 01 11 00";

    private static final String PROGRESSIVE = FRAME.replace("FFC0", "FFC2");
    /** A scan: its head, then coded data with a stuffed FF and a restart marker. */
    private static final String SCAN = "FFDA 0008 01 01 00 00 3F 00 12 FF00 34 FFD0 56";

    private static final String END = "FFD9";

    @TempDir
    Path folder;

    @Test
    void readsSizeAndEnd() throws IOException {
        assertThat(read(BEGIN + FRAME + SCAN + END)).isEqualTo(new JpegFile(32, 16, false, true));
        assertThat(read(BEGIN + "FFFF" + FRAME + SCAN + END + "FFD8 0000"))
                .as("fill bytes before a marker, another picture behind the end")
                .isEqualTo(new JpegFile(32, 16, false, true));
        assertThat(read(BEGIN + FRAME + SCAN).complete()).as("cut short").isFalse();
    }

    @Test
    void knowsWhatMustBeHeldWhole() throws IOException {
        assertThat(read(BEGIN + PROGRESSIVE + SCAN + END).inPasses()).isTrue();
        assertThat(read(BEGIN + FRAME + SCAN + SCAN + END).inPasses())
                .as("not progressive, but one colour after the other")
                .isTrue();
    }

    @Test
    void refusesWhatIsNoPhoto() {
        for (String bytes : new String[] {
            BEGIN + END, "FFD9", BEGIN + "FFE1 0001" + FRAME + SCAN + END, BEGIN + FRAME + SCAN.repeat(41) + END
        }) assertThatThrownBy(() -> read(bytes)).as(bytes.substring(0, 4)).isInstanceOf(InvalidValue.class);
    }

    private JpegFile read(String hex) throws IOException {
        Path file = folder.resolve("a.jpg");
        Files.write(file, HexFormat.of().parseHex(hex.replace(" ", "")));
        return JpegFile.read(file);
    }
}
