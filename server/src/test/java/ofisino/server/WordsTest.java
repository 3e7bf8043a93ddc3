package ofisino.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** The sentences in the code of core and server say nothing that a restorer would not say. */
class WordsTest {
    private static final Pattern SENTENCE = Pattern.compile("\"((?:[^\"\\\\\n]|\\\\.)* (?:[^\"\\\\\n]|\\\\.)*)\"");
    private static final Pattern NEVER = Pattern.compile(
            "\\b(mend(s|ed|ing)?|ways? in|evenings?|owed to|is posted|tak(e|en) back|openings? is|two openings|no such thing)\\b",
            Pattern.CASE_INSENSITIVE);

    @Test
    void sayNothingThatARestorerWouldNotSay() throws IOException {
        List<String> sentences = sentences(Path.of("../core/src/main/java"), Path.of("src/main/java"));
        assertThat(sentences)
                .hasSizeGreaterThan(600)
                .noneMatch(s -> NEVER.matcher(s).find());
        assertThat(NEVER.matcher("This entry is posted.").find()).isTrue();
    }

    private static List<String> sentences(Path... roots) throws IOException {
        return Stream.of(roots)
                .flatMap(WordsTest::files)
                .flatMap(WordsTest::said)
                .toList();
    }

    private static Stream<Path> files(Path root) {
        try {
            return Files.walk(root).filter(f -> f.toString().endsWith(".java"));
        } catch (IOException broken) {
            throw new java.io.UncheckedIOException(broken);
        }
    }

    private static Stream<String> said(Path file) {
        try {
            return SENTENCE.matcher(Files.readString(file)).results().map((MatchResult r) -> r.group(1));
        } catch (IOException broken) {
            throw new java.io.UncheckedIOException(broken);
        }
    }
}
