package ofisino.server.identity.pairing;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import ofisino.server.identity.Caller;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/pairing")
class PairingController {
    private final PairingService service;

    PairingController(PairingService service) {
        this.service = service;
    }

    record RedemptionRequest(String token) {}

    @PostMapping
    PairingService.Pairing start(Caller caller) {
        return service.start(caller);
    }

    @PostMapping("/redemption")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void redeem(@RequestBody RedemptionRequest body, HttpServletRequest request, HttpServletResponse response) {
        service.redeem(body.token(), request, response);
    }
}
