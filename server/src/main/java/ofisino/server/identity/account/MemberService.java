package ofisino.server.identity.account;

import java.util.UUID;
import ofisino.core.kernel.Conflict;
import ofisino.core.kernel.NotFound;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Role;
import ofisino.server.identity.Tries;
import ofisino.server.identity.account.AccountMapper.MemberRow;
import org.springframework.stereotype.Service;

/** Lets people in, changes what they may do, and lets them go. A garage always has an owner. */
@Service
record MemberService(Accounts accounts, AccountMapper mapper, SignIns signIns, Tries tries) {
    void add(Caller owner, UUID accountId, String signInName, String displayName, String password, Role role) {
        accounts.create(accountId, signInName, displayName, password, owner.garageId(), role);
    }

    void setRole(Caller owner, UUID accountId, Role role) {
        MemberRow member = member(owner, accountId);
        if (role != Role.OWNER) mustNotBeTheLastOwner(owner, member);
        mapper.setRole(owner.garageId(), accountId, role);
    }

    void setPassword(Caller owner, UUID accountId, String password) {
        member(owner, accountId);
        if (accountId.equals(owner.accountId()))
            throw Conflict.of(
                    "password.own", "To change your own password, the current one is asked for.", "Enter it too.");
        accounts.setPassword(accountId, password);
        signIns.endAll(accountId, null);
    }

    void remove(Caller owner, UUID accountId) {
        mustNotBeTheLastOwner(owner, member(owner, accountId));
        mapper.leave(owner.garageId(), accountId);
        signIns.endAll(accountId, null);
    }

    void changeOwn(Caller caller, String present, String wanted, String ownSession) {
        tries.use("own password " + caller.accountId(), SessionService.OF_A_NAME);
        accounts.changeOwn(caller, present, wanted);
        signIns.endAll(caller.accountId(), ownSession);
    }

    private MemberRow member(Caller owner, UUID accountId) {
        return mapper.members(owner.garageId()).stream()
                .filter(m -> m.accountId().equals(accountId))
                .findFirst()
                .orElseThrow(() -> new NotFound("member", accountId));
    }

    private void mustNotBeTheLastOwner(Caller owner, MemberRow member) {
        long owners = mapper.members(owner.garageId()).stream()
                .filter(m -> m.role() == Role.OWNER)
                .count();
        if (member.role() == Role.OWNER && owners == 1)
            throw Conflict.of(
                    "member.last-owner",
                    "%s is the only owner.",
                    "Make somebody else an owner first.",
                    member.displayName());
    }
}
