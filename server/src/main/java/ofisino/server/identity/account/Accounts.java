package ofisino.server.identity.account;

import java.nio.charset.StandardCharsets;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import ofisino.core.kernel.Conflict;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.kernel.Texts;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Role;
import ofisino.server.identity.account.AccountMapper.AccountRow;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;

/** Makes accounts and checks passwords. */
@Service
class Accounts {
    private static final int SHORTEST_PASSWORD = 10;
    private static final int LONGEST_PASSWORD = 72; // what bcrypt reads

    private final AccountMapper mapper;
    private final PasswordEncoder passwords;
    private final String hashOfNobody;

    Accounts(AccountMapper mapper, PasswordEncoder passwords) {
        this.mapper = mapper;
        this.passwords = passwords;
        this.hashOfNobody = passwords.encode(UUID.randomUUID().toString());
    }

    boolean none() {
        return mapper.isEmpty();
    }

    void create(UUID id, String signInName, String displayName, String password, UUID garageId, Role role) {
        String name = Texts.line("name", signInName).toLowerCase(Locale.ROOT);
        String hash = hash(password);
        Optional<AccountRow> known = mapper.bySignInName(name);
        if (known.isPresent() && !mapper.memberships(known.get().id()).isEmpty())
            throw Conflict.of("account.taken", "There is an account named “%s” already.", "Choose another name.", name);
        String shown = Texts.line("displayName", displayName);
        if (known.isPresent()) { // somebody who left comes back, and keeps what they recorded
            mapper.update(new AccountRow(known.get().id(), name, shown, hash));
            mapper.join(garageId, known.get().id(), role);
            return;
        }
        mapper.insert(new AccountRow(id, name, shown, hash));
        mapper.join(garageId, id, role);
    }

    private String hash(String password) {
        if (password == null || password.length() < SHORTEST_PASSWORD)
            throw InvalidValue.at(
                    "password",
                    "password.short",
                    "The password must have at least %d characters.",
                    "Three or four words make a good one.",
                    SHORTEST_PASSWORD);
        if (password.getBytes(StandardCharsets.UTF_8).length > LONGEST_PASSWORD)
            throw InvalidValue.at(
                    "password",
                    "password.long",
                    "The password is too long.",
                    "Keep it under %d characters.",
                    LONGEST_PASSWORD + 1);
        return passwords.encode(password);
    }

    void setPassword(UUID accountId, String password) {
        mapper.setPassword(accountId, hash(password));
        mapper.forgetDevices(accountId);
    }

    /** @throws InvalidValue where the present password is not right */
    void changeOwn(Caller caller, String present, String wanted) {
        AccountRow own = mapper.byId(caller.accountId()).orElseThrow();
        if (!passwords.matches(present == null ? "" : present, own.passwordHash()))
            throw InvalidValue.at("present", "password.wrong", "That is not your present password.", "Try again.");
        setPassword(own.id(), wanted);
    }

    /** The account of this name and password; takes as long for an unknown name as for a wrong password. */
    Optional<AccountRow> check(String signInName, String password) {
        Optional<AccountRow> account = mapper.bySignInName(signInName == null ? "" : signInName);
        boolean right = passwords.matches(
                password == null ? "" : password,
                account.map(AccountRow::passwordHash).orElse(hashOfNobody));
        return account.filter(a -> right);
    }
}
