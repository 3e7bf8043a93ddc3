package ofisino.server.identity.account;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import ofisino.core.kernel.Texts;
import ofisino.server.identity.NewGarage;
import ofisino.server.identity.Role;
import ofisino.server.identity.SignedIn;
import ofisino.server.identity.account.AccountMapper.AccountRow;
import ofisino.server.identity.account.SessionController.FirstAccountRequest;
import org.springframework.http.HttpStatus;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.authentication.logout.SecurityContextLogoutHandler;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Signs people in and out. */
@Service
class SessionService implements SignedIn {
    record Refusal(HttpStatus status, String code, String sentence) {}

    private final Accounts accounts;
    private final AccountMapper mapper;
    private final NewGarage garages;
    private final SignInThrottle throttle;
    private final FirstAccountCode firstAccountCode;
    private final SecurityContextRepository contexts;

    SessionService(
            Accounts accounts,
            AccountMapper mapper,
            NewGarage garages,
            SignInThrottle throttle,
            FirstAccountCode firstAccountCode,
            SecurityContextRepository contexts) {
        this.accounts = accounts;
        this.mapper = mapper;
        this.garages = garages;
        this.throttle = throttle;
        this.firstAccountCode = firstAccountCode;
        this.contexts = contexts;
    }

    boolean firstAccountNeeded() {
        return accounts.none();
    }

    String displayName(UUID accountId) {
        return mapper.byId(accountId).map(AccountRow::displayName).orElse("");
    }

    Optional<Refusal> signIn(String name, String password, HttpServletRequest request, HttpServletResponse response) {
        String key = "name " + Texts.line("name", name);
        if (!throttle.allows(key)) return Optional.of(tooOften());
        Optional<AccountRow> account = accounts.check(name, password);
        if (account.isEmpty())
            return Optional.of(
                    new Refusal(HttpStatus.UNAUTHORIZED, "sign-in.wrong", "Name or password is not right. Try again."));
        throttle.forgive(key);
        start(account.get().id(), request, response);
        return Optional.empty();
    }

    private static Refusal tooOften() {
        return new Refusal(
                HttpStatus.TOO_MANY_REQUESTS,
                "sign-in.too-often",
                "That was tried too often. Wait five minutes and try again.");
    }

    @Override
    public void start(UUID accountId, HttpServletRequest request, HttpServletResponse response) {
        if (request.getSession(false) != null) request.changeSessionId();
        var context = SecurityContextHolder.createEmptyContext();
        context.setAuthentication(
                UsernamePasswordAuthenticationToken.authenticated(accountId.toString(), null, List.of()));
        SecurityContextHolder.setContext(context);
        contexts.saveContext(context, request, response);
    }

    void signOut(HttpServletRequest request, HttpServletResponse response) {
        new SecurityContextLogoutHandler()
                .logout(request, response, SecurityContextHolder.getContext().getAuthentication());
    }

    @Transactional
    Optional<Refusal> firstAccount(FirstAccountRequest body, HttpServletRequest request, HttpServletResponse response) {
        if (!throttle.allows("first account")) return Optional.of(tooOften());
        if (!firstAccountNeeded())
            return Optional.of(new Refusal(
                    HttpStatus.CONFLICT, "first-account.done", "There is an account already. Sign in with it."));
        if (!firstAccountCode.matches(body.code()))
            return Optional.of(new Refusal(
                    HttpStatus.FORBIDDEN,
                    "first-account.code",
                    "That is not the code that ./ofisino printed. Look at the window in which it was started."));
        garages.create(body.garageId(), body.garageName(), body.baseCurrency(), body.zone(), body.locale());
        accounts.create(
                body.accountId(), body.name(), body.displayName(), body.password(), body.garageId(), Role.OWNER);
        firstAccountCode.use();
        start(body.accountId(), request, response);
        return Optional.empty();
    }
}
