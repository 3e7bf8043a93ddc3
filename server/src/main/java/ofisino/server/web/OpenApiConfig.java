package ofisino.server.web;

import com.fasterxml.jackson.annotation.JsonProperty;
import com.fasterxml.jackson.annotation.JsonUnwrapped;
import com.fasterxml.jackson.databind.JavaType;
import io.swagger.v3.core.converter.AnnotatedType;
import io.swagger.v3.core.converter.ModelConverter;
import io.swagger.v3.core.converter.ModelConverterContext;
import io.swagger.v3.core.util.Json;
import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.Operation;
import io.swagger.v3.oas.models.PathItem;
import io.swagger.v3.oas.models.media.Schema;
import java.lang.reflect.Method;
import java.lang.reflect.RecordComponent;
import java.util.Arrays;
import java.util.HashMap;
import java.util.Iterator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.OptionalLong;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springdoc.core.utils.SpringDocUtils;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The published description of the API: whatever a record does not mark {@link Nullable} is required; free of what differs between machines. */
@Configuration
class OpenApiConfig {
    static {
        SpringDocUtils.getConfig()
                .replaceWithClass(OptionalInt.class, Integer.class)
                .replaceWithClass(OptionalLong.class, Long.class)
                .replaceWithClass(OptionalDouble.class, Double.class);
    }

    private static final Set<Class<?>> EMPTY_AT_TIMES =
            Set.of(Optional.class, OptionalInt.class, OptionalLong.class, OptionalDouble.class);

    @Bean
    OpenApiCustomizer stableDescription() {
        return api -> {
            api.getInfo().title("Ofisino").version("1");
            api.setServers(List.of());
            amountsMayBeMissing(api);
        };
    }

    /** Who does not own the garage gets answers without amounts ({@link HiddenMoney}). */
    private static void amountsMayBeMissing(OpenAPI api) {
        Set<String> asked = new TreeSet<>();
        Set<String> answered = new TreeSet<>();
        for (PathItem path : api.getPaths().values())
            for (Operation operation : path.readOperations()) {
                if (operation.getRequestBody() != null)
                    operation.getRequestBody().getContent().values().forEach(c -> reach(api, c.getSchema(), asked));
                if (!"OWNER".equals(operation.getExtensions().get("x-role")))
                    operation.getResponses().values().stream()
                            .filter(r -> r.getContent() != null)
                            .flatMap(r -> r.getContent().values().stream())
                            .forEach(c -> reach(api, c.getSchema(), answered));
            }
        answered.removeAll(asked);
        for (String name : answered) {
            Schema<?> schema = api.getComponents().getSchemas().get(name);
            if (schema.getRequired() != null)
                schema.setRequired(schema.getRequired().stream()
                        .filter(field -> !HiddenMoney.isMoney(field))
                        .toList());
        }
    }

    private static void reach(OpenAPI api, Schema<?> schema, Set<String> found) {
        if (schema == null) return;
        if (schema.get$ref() != null) {
            String name = schema.get$ref().replace("#/components/schemas/", "");
            if (found.add(name)) reach(api, api.getComponents().getSchemas().get(name), found);
        }
        reach(api, schema.getItems(), found);
        if (schema.getProperties() != null) schema.getProperties().values().forEach(p -> reach(api, p, found));
        if (schema.getAdditionalProperties() instanceof Schema<?> values) reach(api, values, found);
    }

    /** Records go by their simple names here: of two with one name, one would vanish. */
    @Bean
    ModelConverter requiredUnlessNullable() {
        Map<String, Class<?>> named = new HashMap<>();
        return new ModelConverter() {
            @Override
            public Schema<?> resolve(
                    AnnotatedType type, ModelConverterContext context, Iterator<ModelConverter> chain) {
                if (!chain.hasNext()) return null;
                Schema<?> resolved = chain.next().resolve(type, context, chain);
                JavaType java = Json.mapper().constructType(type.getType());
                if (resolved == null || !java.getRawClass().isRecord()) return resolved;
                Class<?> other = named.putIfAbsent(java.getRawClass().getSimpleName(), java.getRawClass());
                if (other != null && other != java.getRawClass())
                    throw new IllegalStateException("%s and %s have one name in the description of the API: rename one"
                            .formatted(other.getName(), java.getRawClass().getName()));
                mark(resolved, java.getRawClass(), context);
                return resolved;
            }
        };
    }

    private static void mark(Schema<?> resolved, Class<?> record, ModelConverterContext context) {
        Schema<?> model = resolved.get$ref() == null
                ? resolved
                : context.getDefinedModels().get(resolved.get$ref().replace("#/components/schemas/", ""));
        if (model == null || model.getProperties() == null) return;
        model.setRequired(
                required(record).filter(model.getProperties()::containsKey).toList());
    }

    private static Stream<String> required(Class<?> record) {
        Stream<String> kept = Arrays.stream(record.getRecordComponents())
                .filter(component -> !nullable(component))
                .flatMap(component -> component.getAccessor().isAnnotationPresent(JsonUnwrapped.class)
                        ? required(component.getType())
                        : Stream.of(component.getName()));
        Stream<String> workedOut = Arrays.stream(record.getDeclaredMethods())
                .filter(method -> method.isAnnotationPresent(JsonProperty.class))
                .map(Method::getName)
                .sorted();
        return Stream.concat(kept, workedOut);
    }

    private static boolean nullable(RecordComponent component) {
        return component.getAnnotatedType().isAnnotationPresent(Nullable.class)
                || EMPTY_AT_TIMES.contains(component.getType());
    }
}
