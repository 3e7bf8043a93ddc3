package ofisino.server.identity.account;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import java.util.function.Supplier;
import ofisino.core.kernel.Texts;
import ofisino.server.identity.NewGarage;
import ofisino.server.identity.Role;
import ofisino.server.identity.SignedIn;
import ofisino.server.identity.Tries;
import ofisino.server.identity.account.AccountMapper.AccountRow;
import ofisino.server.identity.account.SessionController.FirstAccountRequest;
import ofisino.server.web.Refused;
import org.jspecify.annotations.Nullable;
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
    static final int OF_A_NAME = 10;
    static final int OF_AN_ADDRESS = 40;
    private static final int CHECKS_AT_ONCE = 2;
    private static final List<String> SYSTEMS =
            List.of("iPhone", "iPad", "Android", "Windows", "Macintosh", "CrOS", "Linux");
    private static final int PATIENCE_SECONDS = 5;

    record Refusal(HttpStatus status, String code, String sentence) {}

    private final Accounts accounts;
    private final AccountMapper mapper;
    private final NewGarage garages;
    private final Tries tries;
    private final KnownDevices devices;
    private final Semaphore checking = new Semaphore(CHECKS_AT_ONCE, true);
    private final FirstAccountCode firstAccountCode;
    private final SecurityContextRepository contexts;

    SessionService(
            Accounts accounts,
            AccountMapper mapper,
            NewGarage garages,
            Tries tries,
            KnownDevices devices,
            FirstAccountCode firstAccountCode,
            SecurityContextRepository contexts) {
        this.accounts = accounts;
        this.mapper = mapper;
        this.garages = garages;
        this.tries = tries;
        this.devices = devices;
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
        String typed = Texts.line("name", name).toLowerCase(Locale.ROOT);
        String tried = countTry(typed, request);
        Optional<AccountRow> account = inTurn(() -> accounts.check(typed, password));
        if (account.isEmpty())
            return Optional.of(
                    new Refusal(HttpStatus.UNAUTHORIZED, "sign-in.wrong", "Name or password is not right. Try again."));
        tries.forgive(tried);
        tries.giveBack(address(request), OF_AN_ADDRESS);
        UUID id = account.get().id();
        if (mapper.memberships(id).isEmpty())
            return Optional.of(new Refusal(
                    HttpStatus.FORBIDDEN,
                    "garage.none",
                    "You are in no garage any more. Ask its owner to let you in again."));
        devices.remember(id, request, response);
        start(id, By.PASSWORD, request, response);
        return Optional.empty();
    }

    /** A device that is known for this name has tries of its own; all others share those of their address. */
    private String countTry(String name, HttpServletRequest request) {
        boolean known = devices.accountOf(request)
                .flatMap(mapper::byId)
                .filter(a -> a.signInName().equals(name))
                .isPresent();
        if (known) {
            tries.use("device " + name, OF_A_NAME);
            return "device " + name;
        }
        tries.use(address(request), OF_AN_ADDRESS);
        tries.use("name " + name + " from " + request.getRemoteAddr(), OF_A_NAME);
        return "name " + name + " from " + request.getRemoteAddr();
    }

    private static String address(HttpServletRequest request) {
        return "address " + request.getRemoteAddr();
    }

    /** Passwords are slow to check on purpose: only a few at once, so that the rest of the house goes on. */
    private <T> T inTurn(Supplier<T> check) {
        try {
            if (!checking.tryAcquire(PATIENCE_SECONDS, TimeUnit.SECONDS))
                throw Refused.busy("Too many people are signing in at once. Try again in a moment.");
        } catch (InterruptedException stopping) {
            Thread.currentThread().interrupt();
            throw Refused.busy("Ofisino is stopping.");
        }
        try {
            return check.get();
        } finally {
            checking.release();
        }
    }

    @Override
    public void start(UUID accountId, By by, HttpServletRequest request, HttpServletResponse response) {
        if (request.getSession(false) != null) request.changeSessionId();
        var context = SecurityContextHolder.createEmptyContext();
        context.setAuthentication(
                UsernamePasswordAuthenticationToken.authenticated(accountId.toString(), null, List.of()));
        SecurityContextHolder.setContext(context);
        contexts.saveContext(context, request, response);
        var session = request.getSession();
        session.setAttribute(SignIns.BY, by.name());
        session.setAttribute(SignIns.DEVICE, device(request.getHeader("User-Agent")));
    }

    /** What somebody knows the device by: the first of the usual systems that its browser names. */
    private static String device(@Nullable String userAgent) {
        return SYSTEMS.stream()
                .filter(system -> userAgent != null && userAgent.contains(system))
                .findFirst()
                .orElse("");
    }

    void signOut(HttpServletRequest request, HttpServletResponse response) {
        new SecurityContextLogoutHandler()
                .logout(request, response, SecurityContextHolder.getContext().getAuthentication());
    }

    @Transactional
    Optional<Refusal> firstAccount(FirstAccountRequest body, HttpServletRequest request, HttpServletResponse response) {
        tries.use("first account from " + request.getRemoteAddr(), OF_AN_ADDRESS);
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
        start(body.accountId(), By.PASSWORD, request, response);
        return Optional.empty();
    }
}
