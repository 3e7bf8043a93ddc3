package ofisino.server.web;

import java.time.DateTimeException;
import java.time.LocalDate;
import java.util.regex.Pattern;
import org.springframework.boot.jackson.JacksonComponent;
import org.springframework.core.convert.converter.Converter;
import org.springframework.stereotype.Component;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.ValueDeserializer;

/** Days come in as text (ISO 8601, {@code 2026-11-27}), in years in which there are vehicles; nothing else is one. */
final class Days {
    private static final Pattern ISO = Pattern.compile("(1[89]|2[01])\\d\\d-\\d\\d-\\d\\d");

    private Days() {}

    static LocalDate of(String text) {
        if (!ISO.matcher(text).matches())
            throw new DateTimeException("“%s” is no day. Write it like 2026-11-27.".formatted(text));
        return LocalDate.parse(text);
    }

    @JacksonComponent
    static final class InJson extends ValueDeserializer<LocalDate> {
        @Override
        public LocalDate deserialize(JsonParser json, DeserializationContext context) {
            if (json.currentToken() != JsonToken.VALUE_STRING)
                return (LocalDate) context.handleUnexpectedToken(LocalDate.class, json);
            try {
                return of(json.getString());
            } catch (DateTimeException noDay) {
                return (LocalDate)
                        context.handleWeirdStringValue(LocalDate.class, json.getString(), noDay.getMessage());
            }
        }
    }

    @Component
    static final class InAddresses implements Converter<String, LocalDate> {
        @Override
        public LocalDate convert(String text) {
            return of(text);
        }
    }
}
