package ofisino.server.identity.account;

import java.time.Instant;
import java.util.Comparator;
import java.util.HexFormat;
import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import ofisino.core.kernel.NotFound;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Role;
import ofisino.server.identity.SignedIn.By;
import ofisino.server.identity.Tokens;
import ofisino.server.identity.account.AccountMapper.MemberRow;
import org.jspecify.annotations.Nullable;
import org.springframework.session.FindByIndexNameSessionRepository;
import org.springframework.session.Session;
import org.springframework.stereotype.Service;

/** Where somebody is signed in: on computers by a password, on phones by a code. An owner sees and ends all of the garage's, others their own. */
@Service
record SignIns(FindByIndexNameSessionRepository<? extends Session> sessions, AccountMapper mapper) {
    static final String BY = "ofisino.by";
    static final String DEVICE = "ofisino.device";

    /**
     * @param id   names the sign-in; of no use to sign in with
     * @param mine whether it is the one that asks
     */
    record SignIn(
            String id,
            UUID accountId,
            String displayName,
            By by,
            String device,
            Instant since,
            Instant lastUsed,
            boolean mine) {}

    List<SignIn> of(Caller caller, @Nullable String ownSession) {
        return mapper.members(caller.garageId()).stream()
                .filter(m -> caller.role() == Role.OWNER || m.accountId().equals(caller.accountId()))
                .flatMap(m -> of(m, ownSession))
                .sorted(Comparator.comparing(SignIn::lastUsed).reversed())
                .toList();
    }

    private Stream<SignIn> of(MemberRow member, @Nullable String ownSession) {
        return sessionsOf(member.accountId())
                .map(s -> new SignIn(
                        nameOf(s),
                        member.accountId(),
                        member.displayName(),
                        By.valueOf(s.getAttributeOrDefault(BY, By.PASSWORD.name())),
                        s.getAttributeOrDefault(DEVICE, ""),
                        s.getCreationTime(),
                        s.getLastAccessedTime(),
                        s.getId().equals(ownSession)));
    }

    private Stream<? extends Session> sessionsOf(UUID accountId) {
        return sessions.findByPrincipalName(accountId.toString()).values().stream()
                .filter(s -> !s.isExpired());
    }

    /** @throws NotFound for one that is over, or another's where the caller is no owner */
    void end(Caller caller, String id) {
        Session found = mapper.members(caller.garageId()).stream()
                .filter(m -> caller.role() == Role.OWNER || m.accountId().equals(caller.accountId()))
                .flatMap(m -> sessionsOf(m.accountId()))
                .filter(s -> nameOf(s).equals(id))
                .findFirst()
                .orElseThrow(() -> new NotFound("sign-in", id));
        sessions.deleteById(found.getId());
    }

    /** Ends all of an account but one. */
    void endAll(UUID accountId, @Nullable String except) {
        sessionsOf(accountId)
                .map(Session::getId)
                .filter(id -> !id.equals(except))
                .toList()
                .forEach(sessions::deleteById);
    }

    private static String nameOf(Session session) {
        return HexFormat.of().formatHex(Tokens.hash(session.getId()), 0, 12);
    }
}
