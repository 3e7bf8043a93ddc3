package ofisino.core;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** Files that one reads in one go, in every module. Those of the pages have a test of their own. */
class StructureTest {
    private static final int MOST_LINES = 400;

    @Test
    void noFileIsTooLong() throws IOException {
        List<Path> files;
        try (Stream<Path> all = Stream.of("core", "server", "e2e")
                .map(m -> Path.of("..", m, "src"))
                .flatMap(StructureTest::below)) {
            files = all.filter(p -> p.toString().endsWith(".java")).toList();
        }
        assertThat(files).hasSizeGreaterThan(500);
        assertThat(files)
                .allSatisfy(
                        f -> assertThat(Files.readAllLines(f)).as(f.toString()).hasSizeLessThanOrEqualTo(MOST_LINES));
    }

    private static Stream<Path> below(Path folder) {
        try {
            return Files.walk(folder);
        } catch (IOException e) {
            throw new IllegalStateException(folder + " cannot be read", e);
        }
    }
}
