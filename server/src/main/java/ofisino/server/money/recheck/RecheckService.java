package ofisino.server.money.recheck;

import java.util.List;
import java.util.UUID;
import ofisino.core.kernel.NotFound;
import ofisino.server.identity.Caller;
import ofisino.server.money.recheck.RecheckMapper.DoubtfulRow;
import org.springframework.stereotype.Service;

/** The list that a migration made; it only gets shorter, and changes no amount. */
@Service
record RecheckService(RecheckMapper mapper) {
    List<DoubtfulRow> all(Caller caller) {
        return mapper.all(caller.garageId());
    }

    void tick(Caller caller, UUID id) {
        if (mapper.tick(caller.garageId(), id) == 0) throw new NotFound("amount to check", id);
    }
}
