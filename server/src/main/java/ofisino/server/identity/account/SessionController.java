package ofisino.server.identity.account;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Callers;
import ofisino.server.identity.Role;
import ofisino.server.identity.WithoutSignIn;
import ofisino.server.web.OfisinoProperties;
import ofisino.server.web.Problems;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@WithoutSignIn
@RequestMapping("/api")
record SessionController(SessionService service, Callers callers, OfisinoProperties properties) {
    record SignInRequest(String name, String password) {}

    record FirstAccountRequest(
            String code,
            UUID accountId,
            UUID garageId,
            String name,
            String displayName,
            String password,
            String garageName,
            String baseCurrency,
            String zone,
            String locale) {}

    /** @param me absent while nobody is signed in */
    record SessionResponse(
            boolean firstAccountNeeded,
            String notice,
            String lanUrl,
            @Nullable Me me) {
        record Me(UUID accountId, String displayName, Role role, UUID garageId) {}
    }

    @GetMapping("/session")
    SessionResponse session(HttpServletRequest request) {
        return new SessionResponse(
                service.firstAccountNeeded(),
                properties.notice(),
                properties.lanUrl(),
                callers.of(request).map(this::me).orElse(null));
    }

    private SessionResponse.Me me(Caller caller) {
        return new SessionResponse.Me(
                caller.accountId(), service.displayName(caller.accountId()), caller.role(), caller.garageId());
    }

    @PostMapping("/sign-in")
    ResponseEntity<?> signIn(
            @RequestBody SignInRequest body, HttpServletRequest request, HttpServletResponse response) {
        return service.signIn(body.name(), body.password(), request, response)
                .map(this::refusal)
                .orElseGet(() -> ResponseEntity.noContent().build());
    }

    private ResponseEntity<Object> refusal(SessionService.Refusal refusal) {
        return ResponseEntity.status(refusal.status())
                .body(Problems.of(refusal.status(), refusal.code(), refusal.sentence(), Map.of()));
    }

    @PostMapping("/sign-out")
    ResponseEntity<Void> signOut(HttpServletRequest request, HttpServletResponse response) {
        service.signOut(request, response);
        return ResponseEntity.noContent()
                .header("Clear-Site-Data", "\"cache\"") // photos that were shown do not stay in the browser
                .build();
    }

    @PostMapping("/first-account")
    ResponseEntity<?> firstAccount(
            @RequestBody FirstAccountRequest body, HttpServletRequest request, HttpServletResponse response) {
        Optional<SessionService.Refusal> refused = service.firstAccount(body, request, response);
        return refused.map(this::refusal)
                .orElseGet(() -> ResponseEntity.status(HttpStatus.CREATED).build());
    }
}
