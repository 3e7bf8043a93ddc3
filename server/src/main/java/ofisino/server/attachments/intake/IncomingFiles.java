package ofisino.server.attachments.intake;

import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.TimeZone;
import java.util.UUID;
import java.util.stream.Stream;
import ofisino.core.kernel.Forbidden;
import ofisino.server.identity.Callers;
import ofisino.server.identity.Garages;
import ofisino.server.web.OfisinoProperties;
import org.springdoc.core.utils.SpringDocUtils;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.MethodParameter;
import org.springframework.web.bind.support.WebDataBinderFactory;
import org.springframework.web.context.request.NativeWebRequest;
import org.springframework.web.context.request.RequestAttributes;
import org.springframework.web.method.support.HandlerMethodArgumentResolver;
import org.springframework.web.method.support.ModelAndViewContainer;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/** Hands controllers what a body brought, taken in before the garage's queue is entered; what they do not keep is cleared away. */
@Configuration
class IncomingFiles implements WebMvcConfigurer, HandlerMethodArgumentResolver {
    static {
        SpringDocUtils.getConfig().addRequestWrapperToIgnore(TakenIn.class); // it is the body
    }

    private final Intake intake;
    private final Callers callers;
    private final Garages garages;
    private final Path folder;

    IncomingFiles(Intake intake, Callers callers, Garages garages, OfisinoProperties properties) throws IOException {
        this.intake = intake;
        this.callers = callers;
        this.garages = garages;
        this.folder = Files.createDirectories(properties.data().resolve("incoming"));
        clear("");
    }

    @Override
    public void addArgumentResolvers(List<HandlerMethodArgumentResolver> resolvers) {
        resolvers.add(this);
    }

    @Override
    public boolean supportsParameter(MethodParameter parameter) {
        return parameter.getParameterType() == TakenIn.class;
    }

    @Override
    public TakenIn resolveArgument(
            MethodParameter parameter, ModelAndViewContainer model, NativeWebRequest web, WebDataBinderFactory binder)
            throws IOException {
        HttpServletRequest request = web.getNativeRequest(HttpServletRequest.class);
        TimeZone zone = TimeZone.getTimeZone(garages.zone(callers.of(request)
                .orElseThrow(() -> Forbidden.of("sign-in.needed", "You are not signed in.", "Sign in first."))));
        String name = UUID.randomUUID().toString();
        web.registerDestructionCallback(name, () -> clear(name), RequestAttributes.SCOPE_REQUEST);
        return intake.take(request.getInputStream(), folder.resolve(name), zone);
    }

    private void clear(String prefix) {
        try (Stream<Path> files = Files.list(folder)) {
            for (Path file : files.filter(f -> f.getFileName().toString().startsWith(prefix))
                    .toList()) Files.deleteIfExists(file);
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
    }
}
