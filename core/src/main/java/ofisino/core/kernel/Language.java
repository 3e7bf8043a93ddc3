package ofisino.core.kernel;

import java.io.Reader;
import java.util.Comparator;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/**
 * A language of the trade. All texts are written in British English; another language is a file of the words that it has for British ones
 * ({@code terms}) and of the texts that it says otherwise as a whole ({@code sentences}).
 */
public final class Language {
    /** In which everything is written. */
    public static final Language BRITISH = new Language(Map.of(), Map.of());

    private static final Pattern TAG = Pattern.compile("[a-z]{2,3}(-[A-Z]{2})?");
    private static final String FOLDER = "/ofisino/core/language/";
    private static final int MOST_TAGS = 200;
    private static final Map<String, Language> LOADED = new ConcurrentHashMap<>();

    private static final int ARTICLE = 2;
    private static final int SPACE = 3;
    private static final int TERM = 4;

    private final Map<String, String> terms;
    private final Map<String, String> sentences;
    private final Pattern found;

    private Language(Map<String, String> terms, Map<String, String> sentences) {
        this.terms = terms;
        this.sentences = sentences;
        String any = terms.keySet().stream()
                .sorted(Comparator.comparing(String::length).reversed())
                .map(Pattern::quote)
                .collect(Collectors.joining("|"));
        // what stands in braces is put in later
        found = Pattern.compile("(\\{\\w+})|(?:\\b(an?)( +))?\\b(%s)\\b".formatted(any), Pattern.CASE_INSENSITIVE);
    }

    /** The language of a reader; British English for one that has no file in the folder {@code language}. */
    public static Language of(Locale reader) {
        String tag = reader.toLanguageTag();
        Language known = LOADED.get(tag);
        if (known != null) return known;
        Language found = load(tag);
        // it is asked for each text of an answer; tags that a stranger invents do not fill the memory
        if (LOADED.size() < MOST_TAGS) LOADED.put(tag, found);
        return found;
    }

    private static Language load(String tag) {
        String file = tag + ".json";
        boolean there = TAG.matcher(tag).matches() && Language.class.getResource(FOLDER + file) != null;
        return there ? Entry.readBeside(Language.class, FOLDER + file, json -> read(file, json)) : BRITISH;
    }

    /** @param file its name in messages @throws InvalidValue naming the entry that is wrong */
    static Language read(String file, Reader json) {
        Entry all = Entry.of(file, json).only("name", "terms", "sentences");
        return new Language(all.textByName("terms"), all.textByName("sentences"));
    }

    /** A text of the program as this language says it. Not for what a person typed. */
    public String say(String british) {
        String whole = sentences.get(british);
        if (whole != null) return whole;
        return terms.isEmpty() ? british : found.matcher(british).replaceAll(this::said);
    }

    private String said(MatchResult match) {
        String term = match.group(TERM);
        if (term == null) return match.group().replace("$", "\\$");
        String exact = terms.get(term);
        String said = exact != null ? exact : terms.get(term.toLowerCase(Locale.ROOT));
        if (Character.isUpperCase(term.charAt(0))) said = Character.toUpperCase(said.charAt(0)) + said.substring(1);
        return article(match, said) + said;
    }

    /** An earth is a ground, a sump an oil pan. */
    private static String article(MatchResult match, String said) {
        if (match.group(ARTICLE) == null) return "";
        String first = match.group(ARTICLE).substring(0, 1);
        boolean vowel = "aeiou".indexOf(Character.toLowerCase(said.charAt(0))) >= 0 && !said.startsWith("U-");
        return first + (vowel ? "n" : "") + match.group(SPACE);
    }
}
