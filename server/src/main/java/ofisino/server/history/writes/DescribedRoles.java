package ofisino.server.history.writes;

import ofisino.server.history.ChangesNothing;
import org.springdoc.core.customizers.OperationCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.web.bind.annotation.GetMapping;

/** Says in the description of the API who may use an operation ({@code x-role}), as {@link Admission} will. */
@Configuration
class DescribedRoles {
    @Bean
    OperationCustomizer roleOfOperation() {
        return (operation, method) -> {
            boolean change =
                    !method.hasMethodAnnotation(GetMapping.class) && !method.hasMethodAnnotation(ChangesNothing.class);
            operation.addExtension(
                    "x-role",
                    Admission.isOpen(method)
                            ? "ANYBODY"
                            : Admission.needed(method, change).map(Enum::name).orElse("NOBODY"));
            return operation;
        };
    }
}
