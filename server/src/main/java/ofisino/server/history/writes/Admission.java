package ofisino.server.history.writes;

import jakarta.servlet.http.HttpServletRequest;
import java.util.Optional;
import ofisino.core.kernel.Forbidden;
import ofisino.server.identity.AtLeast;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Callers;
import ofisino.server.identity.Role;
import ofisino.server.identity.Roles;
import ofisino.server.identity.WithoutSignIn;
import ofisino.server.web.Refused;
import org.springframework.boot.webmvc.error.ErrorController;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.web.method.HandlerMethod;

/** Who may use an operation: what it says itself, else what its controller says, else nobody. */
@Component
record Admission(Callers callers) {
    /** Who asks, and which role the operation asked for. */
    record Admitted(Caller caller, Role needed) {}

    /**
     * @return who asks; empty where the operation asks for no sign-in
     * @throws Refused 401 for who is not signed in
     * @throws Forbidden for a lesser role than the operation needs, and for every role where it names none
     */
    Optional<Admitted> admit(HandlerMethod operation, HttpServletRequest request, boolean change) {
        if (isOpen(operation)) return Optional.empty();
        Caller caller = callers.of(request)
                .orElseThrow(() -> new Refused(
                        HttpStatus.UNAUTHORIZED,
                        "sign-in.needed",
                        "You are not signed in, or no longer. Sign in and do it again; what you typed is kept."));
        Role needed = needed(operation, change)
                .orElseThrow(() -> Forbidden.of(
                        "role.unstated", "Nobody may do this: the program does not say who.", "Please report it."));
        caller.must(needed);
        return Optional.of(new Admitted(caller, needed));
    }

    static boolean isOpen(HandlerMethod operation) {
        return ErrorController.class.isAssignableFrom(operation.getBeanType())
                || operation.hasMethodAnnotation(WithoutSignIn.class)
                || operation.getBeanType().isAnnotationPresent(WithoutSignIn.class);
    }

    static Optional<Role> needed(HandlerMethod operation, boolean change) {
        AtLeast own = operation.getMethodAnnotation(AtLeast.class);
        if (own != null) return Optional.of(own.value());
        Roles roles = operation.getBeanType().getAnnotation(Roles.class);
        if (roles != null) return Optional.of(change ? roles.change() : roles.look());
        // the description of the API is the one operation that is not ours
        boolean description = operation.getBeanType().getPackageName().startsWith("org.springdoc.");
        return description && !change ? Optional.of(Role.VIEWER) : Optional.empty();
    }
}
