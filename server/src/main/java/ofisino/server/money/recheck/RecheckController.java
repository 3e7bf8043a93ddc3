package ofisino.server.money.recheck;

import java.util.List;
import java.util.UUID;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Role;
import ofisino.server.identity.Roles;
import ofisino.server.money.recheck.RecheckMapper.DoubtfulRow;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Amounts that an earlier version may have kept with the wrong decimals, to be compared by the owner. */
@RestController
@Roles(look = Role.OWNER, change = Role.OWNER)
@RequestMapping("/api/amounts-to-check")
record RecheckController(RecheckService service) {
    @GetMapping
    List<DoubtfulRow> all(Caller caller) {
        return service.all(caller);
    }

    /** It was compared. */
    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void tick(Caller caller, @PathVariable UUID id) {
        service.tick(caller, id);
    }
}
