package ofisino.server.web;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.core.MethodParameter;
import org.springframework.http.HttpInputMessage;
import org.springframework.http.converter.HttpMessageConverter;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.servlet.mvc.method.annotation.RequestBodyAdviceAdapter;

/** A request record whose component is not marked {@link Nullable} always has it: services need not ask. */
@RestControllerAdvice
class NothingMissing extends RequestBodyAdviceAdapter {
    /** Names the component that is missing as the sender knows it, from the outermost record on: {@code "fields.kind"}. */
    static final class MissingField extends RuntimeException {
        private final String path;

        MissingField(String path) {
            super(path);
            this.path = path;
        }

        String path() {
            return path;
        }
    }

    @Override
    public boolean supports(MethodParameter parameter, Type type, Class<? extends HttpMessageConverter<?>> converter) {
        return true;
    }

    @Override
    public Object afterBodyRead(
            Object body,
            HttpInputMessage message,
            MethodParameter parameter,
            Type type,
            Class<? extends HttpMessageConverter<?>> converter) {
        check(body, "");
        return body;
    }

    private static void check(Object value, String path) {
        if (value instanceof List<?> list) {
            for (int i = 0; i < list.size(); i++) {
                if (list.get(i) == null) throw new MissingField(path);
                check(list.get(i), path);
            }
        }
        if (value == null
                || !value.getClass().isRecord()
                || !value.getClass().getName().startsWith("ofisino.")) return;
        for (RecordComponent component : value.getClass().getRecordComponents()) {
            Object part = read(component, value);
            String partPath = component.getAccessor().isAnnotationPresent(JsonUnwrapped.class)
                    ? path
                    : path.isEmpty() ? component.getName() : path + "." + component.getName();
            if (part == null && !component.getAnnotatedType().isAnnotationPresent(Nullable.class))
                throw new MissingField(partPath);
            check(part, partPath);
        }
    }

    private static Object read(RecordComponent component, Object record) {
        try {
            component.getAccessor().setAccessible(true);
            return component.getAccessor().invoke(record);
        } catch (IllegalAccessException | InvocationTargetException broken) {
            throw new IllegalStateException(broken);
        }
    }
}
