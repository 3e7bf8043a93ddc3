package ofisino.server.exchange;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** The demo garage is data. Nothing in the program knows its names or that there is one; only the launcher says where its files lie. */
class NoCodeKnowsTheDemoTest {
    @Test
    void noSourceNamesTheDemo() throws IOException {
        for (String root : List.of("../core/src/main", "src/main", "../web/src"))
            try (Stream<Path> files = Files.walk(Path.of(root))) {
                assertThat(files.filter(f -> f.toString().matches(".*\\.(java|ts|tsx|sql|xml)"))
                                .filter(f -> !f.toString().contains(".test.")))
                        .allSatisfy(f -> assertThat(Files.readString(f))
                                .as(f.toString())
                                .doesNotContainIgnoringCase("pipit")
                                .doesNotContain("Varga")
                                .doesNotContainIgnoringCase("demo"));
            }
    }
}
