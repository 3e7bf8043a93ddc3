package ofisino.core;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** What docs/adding.md sends people to is there. */
class AddingTest {
    private static final Pattern PATH = Pattern.compile("`([\\w.-]+(?:/[\\w.-]+)+)`");

    @Test
    void everyPathIsThere() throws IOException {
        String guide = Files.readString(Path.of("../docs/adding.md"));
        List<String> paths = PATH.matcher(guide).results().map(m -> m.group(1)).toList();
        assertThat(paths).hasSizeGreaterThan(40);
        assertThat(paths).allSatisfy(p -> assertThat(Path.of("..", inFull(p))).exists());
    }

    private static String inFull(String path) {
        return path.replaceFirst("^C/", "core/src/main/java/ofisino/core/")
                .replaceFirst("^D/", "core/src/main/resources/ofisino/core/");
    }
}
