package ofisino.server.web;

import java.io.IOException;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import ofisino.core.kernel.AppException;
import ofisino.core.kernel.Entry;
import ofisino.core.kernel.Language;
import org.springframework.boot.jackson.autoconfigure.JsonMapperBuilderCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.context.i18n.LocaleContextHolder;
import org.springframework.core.io.Resource;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;
import tools.jackson.core.JsonGenerator;
import tools.jackson.databind.SerializationContext;
import tools.jackson.databind.ValueSerializer;
import tools.jackson.databind.module.SimpleModule;

/**
 * The language that a request asks for ({@code Accept-Language}). In an answer a text of the data files is said in it, wherever it stands;
 * what a person typed stays, unless it is such a text to the letter.
 */
@Configuration
public class Speech {
    private static final String DATA_FILES = "classpath*:ofisino/core/**/*.yaml";
    private static final Set<String> NOT_SAID = Set.of("source", "pairs");
    /** Ids and words of the program have neither a space nor a capital. */
    private static final Pattern SAID = Pattern.compile(".*[ \\p{Lu}].*");

    private final List<ComposedTexts> composed;
    private final Map<Language, Map<String, String>> saidOtherwise = new ConcurrentHashMap<>();

    Speech(List<ComposedTexts> composed) {
        this.composed = composed;
    }

    /** In which this request is answered. */
    public static Language language() {
        return Language.of(LocaleContextHolder.getLocale());
    }

    /** The sentences of a refusal in the reader's language. */
    String of(AppException refusal) {
        return refusal.in(language(), this::ofData);
    }

    /** A text as the reader says it if it is one of the data files; any other as it stands. */
    private String ofData(String text) {
        Language language = language();
        return language == Language.BRITISH
                ? text
                : saidOtherwise.computeIfAbsent(language, this::saidIn).getOrDefault(text, text);
    }

    private Map<String, String> saidIn(Language language) {
        Map<String, String> said = new HashMap<>();
        Stream.concat(textsOfFiles(), composed.stream().flatMap(ComposedTexts::texts))
                .filter(text -> SAID.matcher(text).matches())
                .forEach(text -> {
                    String here = language.say(text);
                    if (!here.equals(text)) said.put(text, here);
                });
        return Map.copyOf(said);
    }

    private static Stream<String> textsOfFiles() {
        try {
            return Stream.of(new PathMatchingResourcePatternResolver().getResources(DATA_FILES))
                    .flatMap(file ->
                            texts(Entry.of(file.getFilename(), reader(file)).value()));
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
    }

    private static Reader reader(Resource file) {
        try {
            return new InputStreamReader(file.getInputStream(), StandardCharsets.UTF_8);
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
    }

    /** Not the titles of published works, and not what a page sends back as the name of a spot. */
    private static Stream<String> texts(Object value) {
        if (value instanceof Map<?, ?> map)
            return map.entrySet().stream()
                    .filter(e -> !NOT_SAID.contains(e.getKey()))
                    .flatMap(e -> texts(e.getValue()));
        if (value instanceof Collection<?> list) return list.stream().flatMap(Speech::texts);
        return value instanceof String text ? Stream.of(text) : Stream.empty();
    }

    @Bean
    JsonMapperBuilderCustomizer saidInTheReadersLanguage() {
        var module = new SimpleModule("the reader's language");
        module.addSerializer(String.class, new ValueSerializer<>() {
            @Override
            public void serialize(String text, JsonGenerator json, SerializationContext context) {
                json.writeString(ofData(text));
            }
        });
        return builder -> builder.addModule(module);
    }
}
