package ofisino.standins.sellers;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;

/** @param cents in euros @param days from order to door @param stock when the stand-in starts */
record Article(String number, String name, long cents, int days, int stock) {
    static List<Article> load() {
        try (InputStream in = Article.class.getResourceAsStream("articles.csv")) {
            if (in == null) throw new IllegalStateException("articles.csv is not packed with the stand-in");
            return new String(in.readAllBytes(), StandardCharsets.UTF_8)
                    .lines()
                    .skip(1)
                    .map(Article::of)
                    .toList();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static Article of(String line) {
        String[] cell = line.split(";");
        return new Article(
                cell[0], cell[1], Long.parseLong(cell[2]), Integer.parseInt(cell[3]), Integer.parseInt(cell[4]));
    }
}
