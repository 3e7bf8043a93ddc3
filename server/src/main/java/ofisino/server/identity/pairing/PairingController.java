package ofisino.server.identity.pairing;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Role;
import ofisino.server.identity.Roles;
import ofisino.server.identity.WithoutSignIn;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@Roles(change = Role.VIEWER)
@RequestMapping("/api/pairing")
record PairingController(PairingService service) {
    record RedemptionRequest(String token) {}

    @PostMapping
    PairingService.Pairing start(Caller caller) {
        return service.start(caller);
    }

    @WithoutSignIn
    @PostMapping("/redemption")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void redeem(@RequestBody RedemptionRequest body, HttpServletRequest request, HttpServletResponse response) {
        service.redeem(body.token(), request, response);
    }
}
