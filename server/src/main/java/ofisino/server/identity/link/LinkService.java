package ofisino.server.identity.link;

import java.time.Clock;
import java.time.Duration;
import java.util.List;
import java.util.UUID;
import ofisino.core.kernel.Forbidden;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.kernel.NotFound;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Links;
import ofisino.server.identity.Role;
import ofisino.server.identity.Tokens;
import org.springframework.stereotype.Service;

/** Links for people without an account. */
@Service
record LinkService(LinkMapper mapper, Clock clock) implements Links {
    private static final int MOST_DAYS = 90;

    @Override
    public String make(Caller caller, UUID id, UUID subjectId, int days) {
        if (days < 1 || days > MOST_DAYS)
            throw InvalidValue.at(
                    "days", "link.days", "A link cannot be good for %2$d days.", "Enter 1 to %1$d.", MOST_DAYS, days);
        String token = Tokens.fresh();
        mapper.insert(
                caller.garageId(),
                id,
                subjectId,
                Tokens.hash(token),
                caller.accountId(),
                clock.instant().plus(Duration.ofDays(days)));
        return "/review#" + token; // behind the hash: browsers do not send it, so no log has it
    }

    @Override
    public List<Link> of(Caller caller, UUID subjectId) {
        return mapper.of(caller.garageId(), subjectId);
    }

    @Override
    public void revoke(Caller caller, UUID id) {
        if (mapper.revoke(caller.garageId(), id) == 0) throw new NotFound("open link", id);
    }

    @Override
    public Visit require(String token) {
        return mapper.byToken(Tokens.hash(token == null ? "" : token))
                .map(l -> new Visit(l.id(), l.subjectId(), new Caller(l.madeBy(), l.garageId(), Role.VIEWER)))
                .orElseThrow(() -> Forbidden.of(
                        "link.closed",
                        "This link has run out or was withdrawn.",
                        "Ask whoever sent it for a new one."));
    }
}
