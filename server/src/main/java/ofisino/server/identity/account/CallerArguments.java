package ofisino.server.identity.account;

import jakarta.servlet.http.HttpServletRequest;
import java.util.List;
import ofisino.core.kernel.Forbidden;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Callers;
import org.springdoc.core.utils.SpringDocUtils;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.MethodParameter;
import org.springframework.web.bind.support.WebDataBinderFactory;
import org.springframework.web.context.request.NativeWebRequest;
import org.springframework.web.method.support.HandlerMethodArgumentResolver;
import org.springframework.web.method.support.ModelAndViewContainer;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/** Hands controllers the {@link Caller}. */
@Configuration
class CallerArguments implements WebMvcConfigurer, HandlerMethodArgumentResolver {
    static {
        SpringDocUtils.getConfig()
                .addRequestWrapperToIgnore(Caller.class); // no part of the API: the session says who asks
    }

    private final Callers callers;

    CallerArguments(Callers callers) {
        this.callers = callers;
    }

    @Override
    public void addArgumentResolvers(List<HandlerMethodArgumentResolver> resolvers) {
        resolvers.add(this);
    }

    @Override
    public boolean supportsParameter(MethodParameter parameter) {
        return parameter.getParameterType() == Caller.class;
    }

    @Override
    public Caller resolveArgument(
            MethodParameter parameter,
            ModelAndViewContainer model,
            NativeWebRequest request,
            WebDataBinderFactory binder) {
        return callers.of(request.getNativeRequest(HttpServletRequest.class))
                .orElseThrow(() -> Forbidden.of("sign-in.needed", "You are not signed in.", "Sign in first."));
    }
}
