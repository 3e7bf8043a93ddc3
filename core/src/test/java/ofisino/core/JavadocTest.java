package ofisino.core;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** All that core shows to others says what it means. */
class JavadocTest {
    private static final Path SOURCES = Path.of("src/main/java");
    private static final Pattern SHOWN = Pattern.compile(
            "^\\s*(public .*[({].*|(public )?(final |sealed |abstract |static )*(class|record|enum|interface) \\w.*)");
    /** A compact constructor holds what its record says already. */
    private static final Pattern COMPACT = Pattern.compile("^\\s*public \\w+ \\{");

    @Test
    void everyPublicTypeAndMethodHasIt() throws IOException {
        List<String> silent = new ArrayList<>();
        try (Stream<Path> files = Files.walk(SOURCES)) {
            for (Path file : files.filter(f -> f.toString().endsWith(".java")).toList())
                silentIn(Files.readAllLines(file)).forEach(line -> silent.add(file.getFileName() + ": " + line));
        }
        assertThat(silent).isEmpty();
    }

    @Test
    void whatIsSilentIsSeen() {
        assertThat(silentIn(List.of("/** Said. */", "public record A(int x) {", "    public int twice() {")))
                .containsExactly("public int twice() {");
    }

    private static List<String> silentIn(List<String> lines) {
        List<String> silent = new ArrayList<>();
        for (int i = 0; i < lines.size(); i++) {
            String line = lines.get(i);
            if (!SHOWN.matcher(line).matches() || COMPACT.matcher(line).find()) continue;
            boolean isPublic = line.strip().startsWith("public");
            if (!isPublic && line.startsWith(" ")) continue;
            int above = i - 1;
            boolean overrides = false;
            while (above >= 0 && lines.get(above).strip().startsWith("@"))
                overrides |= lines.get(above--).contains("@Override");
            if (!overrides && (above < 0 || !lines.get(above).strip().endsWith("*/"))) silent.add(line.strip());
        }
        return silent;
    }
}
