package ofisino.server.identity.account;

import jakarta.servlet.http.HttpServletRequest;
import java.util.List;
import java.util.UUID;
import ofisino.server.identity.AtLeast;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Role;
import ofisino.server.identity.Roles;
import ofisino.server.identity.account.SignIns.SignIn;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Who is in the garage, and where they are signed in. */
@RestController
@Roles(look = Role.VIEWER, change = Role.OWNER)
@RequestMapping("/api/garage")
record MemberController(MemberService service, SignIns signIns) {
    record MemberRequest(UUID id, String name, String displayName, String password, Role role) {}

    record RoleRequest(Role role) {}

    record NewPasswordRequest(String password) {}

    /** @param present the password until now */
    record OwnPasswordRequest(String present, String wanted) {}

    @PostMapping("/members")
    @ResponseStatus(HttpStatus.CREATED)
    void add(Caller caller, @RequestBody MemberRequest body) {
        service.add(caller, body.id(), body.name(), body.displayName(), body.password(), body.role());
    }

    @PutMapping("/members/{accountId}/role")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void setRole(Caller caller, @PathVariable UUID accountId, @RequestBody RoleRequest body) {
        service.setRole(caller, accountId, body.role());
    }

    /** A new password for somebody who forgot theirs; it ends all their sign-ins. */
    @PutMapping("/members/{accountId}/password")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void setPassword(Caller caller, @PathVariable UUID accountId, @RequestBody NewPasswordRequest body) {
        service.setPassword(caller, accountId, body.password());
    }

    @DeleteMapping("/members/{accountId}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(Caller caller, @PathVariable UUID accountId) {
        service.remove(caller, accountId);
    }

    /** Of everybody for an owner, else one's own. */
    @GetMapping("/sign-ins")
    List<SignIn> signIns(Caller caller, HttpServletRequest request) {
        return signIns.of(caller, ownSession(request));
    }

    @AtLeast(Role.VIEWER)
    @DeleteMapping("/sign-ins/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void end(Caller caller, @PathVariable String id) {
        signIns.end(caller, id);
    }

    /** One's own password; all other sign-ins of one's own end. */
    @AtLeast(Role.VIEWER)
    @PutMapping("/own-password")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void changeOwn(Caller caller, HttpServletRequest request, @RequestBody OwnPasswordRequest body) {
        service.changeOwn(caller, body.present(), body.wanted(), ownSession(request));
    }

    private static String ownSession(HttpServletRequest request) {
        return request.getSession().getId();
    }
}
