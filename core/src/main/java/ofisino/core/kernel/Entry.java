package ofisino.core.kernel;

import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.yaml.snakeyaml.LoaderOptions;
import org.yaml.snakeyaml.Yaml;
import org.yaml.snakeyaml.constructor.SafeConstructor;

/**
 * A set of keys in a data file, read so that a slip in the file is named: a key that is missing, misspelt or of the wrong kind.
 *
 * @param where how the entry is named in a message: {@code "the drawing / views"}
 */
public record Entry(String where, Object value) {
    /** The whole of a file that is one set of keys. */
    public static Entry of(String where, Reader yaml) {
        return new Entry(where, load(yaml));
    }

    /** A file that lies beside a class, read as told. */
    public static <T> T readBeside(Class<?> owner, String file, Function<Reader, T> how) {
        try (InputStream yaml = owner.getResourceAsStream(file)) {
            if (yaml == null) throw new IllegalStateException("there is no file %s beside %s".formatted(file, owner));
            return how.apply(new InputStreamReader(yaml, StandardCharsets.UTF_8));
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
    }

    /** The whole of a file that lies beside a class and is one set of keys. */
    public static Entry beside(Class<?> owner, String file) {
        return readBeside(owner, file, yaml -> of(file, yaml));
    }

    /** The entries of a file that is a list. */
    public static List<Entry> listOf(String where, Reader yaml) {
        if (!(load(yaml) instanceof List<?> list))
            throw InvalidValue.of("file.list", "%s is not a list.", "Begin each of its entries with a hyphen.", where);
        return list.stream().map(item -> new Entry(where, item)).toList();
    }

    private static Object load(Reader yaml) {
        LoaderOptions strict = new LoaderOptions();
        strict.setAllowDuplicateKeys(false);
        return new Yaml(new SafeConstructor(strict)).load(yaml);
    }

    private Map<?, ?> map() {
        if (value instanceof Map<?, ?> map) return map;
        throw slip("is not a set of keys");
    }

    /** All that stands there, by key. */
    public Map<String, Object> keys() {
        Map<String, Object> all = new LinkedHashMap<>();
        map().forEach((key, its) -> all.put(String.valueOf(key), its));
        return all;
    }

    /** @throws InvalidValue when there is any other key: a misspelt one would be silently ignored */
    public Entry only(String... keys) {
        for (Object key : map().keySet())
            if (!Arrays.asList(keys).contains(String.valueOf(key)))
                throw slip("has the unknown key “%s”".formatted(key));
        return this;
    }

    /** The same entry under the name of its own id, so that messages say which one it is. */
    public Entry named(String key) {
        return new Entry(where + " / " + text(key), value);
    }

    /** Whether something stands under the key. */
    public boolean has(String key) {
        return map().containsKey(key);
    }

    /** @throws InvalidValue naming file, entry and key when no text stands there */
    public String text(String key) {
        Object text = map().get(key);
        if (text == null) throw slip("lacks “%s”".formatted(key));
        return text.toString();
    }

    /** The text, or {@code otherwise} where none stands there. */
    public String text(String key, String otherwise) {
        return has(key) ? text(key) : otherwise;
    }

    /** @throws InvalidValue naming file, entry and key when no number stands there */
    public double number(String key) {
        try {
            return Double.parseDouble(text(key));
        } catch (NumberFormatException notANumber) {
            throw slip("has no number in “%s”".formatted(key));
        }
    }

    /** @throws InvalidValue naming file, entry and key when no whole number stands there */
    public int whole(String key) {
        try {
            return Integer.parseInt(text(key));
        } catch (NumberFormatException notANumber) {
            throw slip("has no whole number in “%s”".formatted(key));
        }
    }

    /** The whole number, or {@code otherwise} where none stands there. */
    public int whole(String key, int otherwise) {
        return has(key) ? whole(key) : otherwise;
    }

    /** @throws InvalidValue naming file, entry, the wrong word and the allowed ones */
    public <E extends Enum<E>> E choice(String key, Class<E> type) {
        return choice(key, text(key), type);
    }

    /** The choice, or {@code otherwise} where none stands there. */
    public <E extends Enum<E>> E choice(String key, Class<E> type, E otherwise) {
        return has(key) ? choice(key, type) : otherwise;
    }

    /** The values named; all of {@code otherwise} where the key is not there. */
    public <E extends Enum<E>> Set<E> choices(String key, Class<E> type, Set<E> otherwise) {
        if (!has(key)) return otherwise;
        Set<E> chosen = EnumSet.noneOf(type);
        for (String name : texts(key)) chosen.add(choice(key, name, type));
        return chosen;
    }

    private <E extends Enum<E>> E choice(String key, String name, Class<E> type) {
        String wanted = name.toUpperCase(Locale.ROOT).replace('-', '_');
        return Arrays.stream(type.getEnumConstants())
                .filter(e -> e.name().equals(wanted))
                .findFirst()
                .orElseThrow(() -> slip("has “%s” in “%s”, which is none of %s"
                        .formatted(
                                name,
                                key,
                                Arrays.toString(type.getEnumConstants()).toLowerCase(Locale.ROOT))));
    }

    /** Empty where nothing stands there. @throws InvalidValue when it is no list */
    public List<String> texts(String key) {
        return items(key).stream().map(String::valueOf).toList();
    }

    /** What the text under the key names. @throws InvalidValue naming file, entry, the wrong word and the allowed ones */
    public <T> T oneOf(String key, Map<String, T> known) {
        T one = known.get(text(key));
        if (one == null) throw isNone(text(key), key, known);
        return one;
    }

    /** The same, of {@code otherwise} where nothing stands there. */
    public <T> T oneOf(String key, String otherwise, Map<String, T> known) {
        return has(key) ? oneOf(key, known) : known.get(otherwise);
    }

    /** What the texts under the key name; empty where nothing stands there. @throws InvalidValue naming file, entry, the wrong word and the allowed ones */
    public <T> List<T> among(String key, Map<String, T> known) {
        for (String name : texts(key)) if (!known.containsKey(name)) throw isNone(name, key, known);
        return texts(key).stream().map(known::get).toList();
    }

    /** Empty where nothing stands there. @throws InvalidValue when it is no list of numbers */
    public List<Double> numbers(String key) {
        return items(key).stream().map(n -> Double.valueOf(n.toString())).toList();
    }

    /** Empty where nothing stands there; each with its own place for messages. */
    public List<Entry> list(String key) {
        return items(key).stream()
                .map(item -> new Entry(where + " / " + key, item))
                .toList();
    }

    /** What stands under the key, with its own place for messages. @throws InvalidValue when nothing stands there */
    public Entry under(String key) {
        if (!has(key)) throw slip("lacks “%s”".formatted(key));
        return new Entry(where + " / " + key, map().get(key));
    }

    /** What stands under the key: names, and the text of each. @throws InvalidValue when no such set stands there */
    public Map<String, String> textByName(String key) {
        return under(key).map().entrySet().stream()
                .collect(Collectors.toUnmodifiableMap(
                        e -> e.getKey().toString(), e -> e.getValue().toString()));
    }

    private List<?> items(String key) {
        Object value = map().get(key);
        if (value == null) return List.of();
        if (value instanceof List<?> list) return list;
        throw slip("has “%s” in “%s”, which is no list".formatted(value, key));
    }

    private InvalidValue isNone(String name, String key, Map<String, ?> known) {
        return slip("has “%s” in “%s”, which is none of %s".formatted(name, key, new TreeSet<>(known.keySet())));
    }

    private InvalidValue slip(String what) {
        return InvalidValue.of("file.entry", "In %s, an entry %s.", "Correct it in the file.", where, what);
    }
}
