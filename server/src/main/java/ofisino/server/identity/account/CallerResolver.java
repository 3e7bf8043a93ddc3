package ofisino.server.identity.account;

import jakarta.servlet.http.HttpServletRequest;
import java.util.Optional;
import java.util.UUID;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Callers;
import org.springframework.security.authentication.AnonymousAuthenticationToken;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.stereotype.Component;

/** Looks up, once a request, in which garage and role the signed-in account acts; a withdrawn membership works at once. */
@Component
record CallerResolver(AccountMapper mapper) implements Callers {
    private static final String KEPT = CallerResolver.class.getName();

    @Override
    public Optional<Caller> of(HttpServletRequest request) {
        if (request.getAttribute(KEPT) instanceof Caller known) return Optional.of(known);
        Authentication authentication = SecurityContextHolder.getContext().getAuthentication();
        if (authentication == null
                || !authentication.isAuthenticated()
                || authentication instanceof AnonymousAuthenticationToken) return Optional.empty();
        UUID account = UUID.fromString(authentication.getName());
        Optional<Caller> caller =
                mapper.memberships(account).stream().findFirst().map(m -> new Caller(account, m.garageId(), m.role()));
        caller.ifPresent(known -> request.setAttribute(KEPT, known));
        return caller;
    }
}
