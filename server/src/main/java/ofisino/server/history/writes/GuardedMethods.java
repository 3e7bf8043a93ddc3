package ofisino.server.history.writes;

import org.springframework.boot.webmvc.autoconfigure.WebMvcRegistrations;
import org.springframework.context.annotation.Configuration;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerAdapter;
import org.springframework.web.servlet.mvc.method.annotation.ServletInvocableHandlerMethod;

/** Every operation runs as a {@link GuardedMethod}, by whatever spelling of its path it was found. */
@Configuration
class GuardedMethods implements WebMvcRegistrations {
    private final Admission admission;
    private final WriteOnce writes;
    private final ReadAtOnce reads;

    GuardedMethods(Admission admission, WriteOnce writes, ReadAtOnce reads) {
        this.admission = admission;
        this.writes = writes;
        this.reads = reads;
    }

    @Override
    public RequestMappingHandlerAdapter getRequestMappingHandlerAdapter() {
        return new RequestMappingHandlerAdapter() {
            @Override
            protected ServletInvocableHandlerMethod createInvocableHandlerMethod(HandlerMethod method) {
                return new GuardedMethod(method, admission, writes, reads);
            }
        };
    }
}
