package ofisino.e2e;

import com.google.gson.JsonElement;
import com.google.gson.JsonObject;
import com.google.gson.JsonParser;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import java.util.TreeMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** What the pages say, by the keys of their catalogue: a journey stands when a sentence is put better. */
final class Words {
    private static final Pattern PUT_IN = Pattern.compile("\\{\\{(\\w+)}}");
    private static final Pattern MARKUP = Pattern.compile("</?\\w+>");
    private static final Map<String, String> SAID = read(Path.of("../web/target/words.json"));

    private Words() {}

    /**
     * A text of the pages in British English.
     *
     * @param putIn name and value of each thing that the text leaves open, in turn; {@code count} decides between one and more
     * @throws IllegalArgumentException if the catalogue has no such key, or if something is left open
     */
    static String word(String key, Object... putIn) {
        Map<String, String> values = named(putIn);
        return PUT_IN.matcher(text(key, values)).replaceAll(open -> {
            String value = values.get(open.group(1));
            if (value == null) throw new IllegalArgumentException(key + " leaves open: " + open.group(1));
            return Matcher.quoteReplacement(value);
        });
    }

    /** A text of the pages with what is put in; whatever stands where nothing is. */
    static Pattern like(String key, Object... putIn) {
        Map<String, String> values = named(putIn);
        Matcher open = PUT_IN.matcher(text(key, values));
        StringBuilder pattern = new StringBuilder();
        int from = 0;
        for (; open.find(); from = open.end())
            pattern.append(quote(text(key, values).substring(from, open.start())))
                    .append(values.containsKey(open.group(1)) ? quote(values.get(open.group(1))) : ".+");
        return Pattern.compile(pattern + quote(text(key, values).substring(from)));
    }

    /** The browser does not know Java's way of quoting. */
    private static String quote(String text) {
        return text.replaceAll("[\\\\^$.|?*+()\\[\\]{}/]", "\\\\$0");
    }

    private static Map<String, String> named(Object... putIn) {
        Map<String, String> values = new TreeMap<>();
        for (int i = 0; i < putIn.length; i += 2) values.put(putIn[i].toString(), putIn[i + 1].toString());
        return values;
    }

    private static String text(String key, Map<String, String> values) {
        String counted = SAID.get(key + ("1".equals(values.get("count")) ? "_one" : "_other"));
        String text = counted == null ? SAID.get(key) : counted;
        if (text == null) throw new IllegalArgumentException("The pages have no words under " + key);
        return text;
    }

    private static Map<String, String> read(Path file) {
        try {
            Map<String, String> all = new TreeMap<>();
            flatten(JsonParser.parseString(Files.readString(file)).getAsJsonObject(), "", all);
            return all;
        } catch (IOException e) {
            throw new UncheckedIOException("The pages are not built: run ./ofisino test", e);
        }
    }

    private static void flatten(JsonObject node, String path, Map<String, String> all) {
        for (Map.Entry<String, JsonElement> entry : node.entrySet()) {
            String key = path + entry.getKey();
            if (entry.getValue().isJsonObject()) flatten(entry.getValue().getAsJsonObject(), key + ".", all);
            else all.put(key, MARKUP.matcher(entry.getValue().getAsString()).replaceAll(""));
        }
    }
}
