package ofisino.server.history.writes;

import jakarta.servlet.http.HttpServletRequest;
import java.util.Optional;
import ofisino.server.history.ChangesNothing;
import ofisino.server.web.Body;
import ofisino.server.web.HiddenMoney;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.ResponseEntity;
import org.springframework.web.context.request.NativeWebRequest;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.method.support.ModelAndViewContainer;
import org.springframework.web.servlet.mvc.method.annotation.ServletInvocableHandlerMethod;

/**
 * One call of one operation: first who asks, then the whole body is read and understood, and only then, where something changes, the
 * queue of the garage and the transaction; what only reads reads at one instant. Made anew for each request.
 */
final class GuardedMethod extends ServletInvocableHandlerMethod {
    private final Admission admission;
    private final WriteOnce writes;
    private final ReadAtOnce reads;
    private @Nullable HttpServletRequest request;
    private Optional<Admission.Admitted> admitted = Optional.empty();

    GuardedMethod(HandlerMethod method, Admission admission, WriteOnce writes, ReadAtOnce reads) {
        super(method);
        this.admission = admission;
        this.writes = writes;
        this.reads = reads;
    }

    @Override
    public @Nullable Object invokeForRequest(
            NativeWebRequest web, @Nullable ModelAndViewContainer model, Object... provided) throws Exception {
        request = web.getNativeRequest(HttpServletRequest.class);
        admitted = admission.admit(this, request, changesSomething());
        if (admitted.isPresent() && admitted.get().caller().seesMoney()) HiddenMoney.show(request);
        if (admitted.isPresent() && changesSomething()) WriteOnce.writeId(request); // without one nothing more is read
        return super.invokeForRequest(web, model, provided);
    }

    @Override
    protected @Nullable Object doInvoke(Object... arguments) throws Exception {
        if (admitted.isEmpty()) return super.doInvoke(arguments);
        if (!changesSomething()) return reads.read(() -> super.doInvoke(arguments));
        var change = new WriteOnce.Change(
                WriteOnce.writeId(request),
                what(request),
                Body.of(request).sha256(),
                admitted.get().needed());
        return writes.once(admitted.get().caller(), change, () -> answer(super.doInvoke(arguments)));
    }

    private boolean changesSomething() {
        return switch (request.getMethod()) {
            case "GET", "HEAD", "OPTIONS" -> false;
            default -> !hasMethodAnnotation(ChangesNothing.class);
        };
    }

    /** The same for each spelling of a path: the path is the decoded one. */
    private static String what(HttpServletRequest request) {
        String query = request.getQueryString() == null ? "" : "?" + request.getQueryString();
        return request.getMethod() + " " + request.getServletPath() + query;
    }

    private ResponseEntity<?> answer(@Nullable Object returned) {
        if (returned instanceof ResponseEntity<?> whole) return whole;
        HttpStatusCode status = getResponseStatus();
        return ResponseEntity.status(status == null ? HttpStatusCode.valueOf(200) : status)
                .body(returned);
    }
}
