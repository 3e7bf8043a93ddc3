package ofisino.server.identity.garage;

import java.util.UUID;
import ofisino.server.identity.Caller;
import ofisino.server.identity.NewMember;
import ofisino.server.identity.Role;
import ofisino.server.identity.Roles;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@Roles(look = Role.OWNER, change = Role.OWNER)
@RequestMapping("/api/garage/members")
class MemberController {
    private final NewMember members;

    MemberController(NewMember members) {
        this.members = members;
    }

    record MemberRequest(UUID id, String name, String displayName, String password, Role role) {}

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    void add(Caller caller, @RequestBody MemberRequest body) {
        members.add(caller, body.id(), body.name(), body.displayName(), body.password(), body.role());
    }
}
