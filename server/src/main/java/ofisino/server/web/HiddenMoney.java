package ofisino.server.web;

import jakarta.servlet.ServletRequest;
import java.util.List;
import java.util.Locale;
import org.springframework.boot.jackson.autoconfigure.JsonMapperBuilderCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.web.context.request.RequestAttributes;
import org.springframework.web.context.request.RequestContextHolder;
import tools.jackson.core.JsonGenerator;
import tools.jackson.databind.BeanDescription;
import tools.jackson.databind.SerializationConfig;
import tools.jackson.databind.SerializationContext;
import tools.jackson.databind.module.SimpleModule;
import tools.jackson.databind.ser.BeanPropertyWriter;
import tools.jackson.databind.ser.ValueSerializerModifier;

/**
 * Leaves every amount of money out of an answer, unless it was said of the request that it may show money. An amount is known by its name:
 * it ends in {@code minor}, as all amounts in minor units do. A test holds the records of all answers to that.
 */
@Configuration
public class HiddenMoney {
    private static final String SHOWN = HiddenMoney.class.getName();

    /** Whether the name of a field says that it is an amount of money. */
    public static boolean isMoney(String field) {
        return field.toLowerCase(Locale.ROOT).endsWith("minor");
    }

    /** From here on the answer to this request may show amounts. */
    public static void show(ServletRequest request) {
        request.setAttribute(SHOWN, true);
    }

    @Bean
    JsonMapperBuilderCustomizer moneyOnlyWhereItMayBeSeen() {
        var module = new SimpleModule("hidden money");
        module.setSerializerModifier(new ValueSerializerModifier() {
            @Override
            public List<BeanPropertyWriter> changeProperties(
                    SerializationConfig config,
                    BeanDescription.Supplier description,
                    List<BeanPropertyWriter> properties) {
                properties.replaceAll(p -> isMoney(p.getName()) ? new Amount(p) : p);
                return properties;
            }
        });
        return builder -> builder.addModule(module);
    }

    private static boolean mayBeSeen() {
        RequestAttributes request = RequestContextHolder.getRequestAttributes();
        return request != null && request.getAttribute(SHOWN, RequestAttributes.SCOPE_REQUEST) != null;
    }

    private static final class Amount extends BeanPropertyWriter {
        Amount(BeanPropertyWriter plain) {
            super(plain);
        }

        @Override
        public void serializeAsProperty(Object bean, JsonGenerator json, SerializationContext context)
                throws Exception {
            if (mayBeSeen()) super.serializeAsProperty(bean, json, context);
        }
    }
}
