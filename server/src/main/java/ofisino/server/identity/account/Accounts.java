package ofisino.server.identity.account;

import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import ofisino.core.kernel.Conflict;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.kernel.Texts;
import ofisino.server.identity.Caller;
import ofisino.server.identity.NewMember;
import ofisino.server.identity.Role;
import ofisino.server.identity.account.AccountMapper.AccountRow;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;

/** Makes accounts and checks passwords. */
@Service
class Accounts implements NewMember {
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

    @Override
    public void add(Caller owner, UUID accountId, String signInName, String displayName, String password, Role role) {
        create(accountId, signInName, displayName, password, owner.garageId(), role);
    }

    void create(UUID id, String signInName, String displayName, String password, UUID garageId, Role role) {
        String name = Texts.line("name", signInName).toLowerCase(Locale.ROOT);
        if (password == null || password.length() < SHORTEST_PASSWORD)
            throw InvalidValue.of(
                    "password",
                    "password.short",
                    "The password must have at least %d characters. Three or four words make a good one."
                            .formatted(SHORTEST_PASSWORD));
        if (password.getBytes(java.nio.charset.StandardCharsets.UTF_8).length > LONGEST_PASSWORD)
            throw InvalidValue.of(
                    "password",
                    "password.long",
                    "The password is too long. Keep it under %d characters.".formatted(LONGEST_PASSWORD + 1));
        if (mapper.bySignInName(name).isPresent())
            throw new Conflict(
                    "account.taken", "There is an account named “%s” already. Choose another name.".formatted(name));
        mapper.insert(new AccountRow(id, name, Texts.line("displayName", displayName), passwords.encode(password)));
        mapper.join(garageId, id, role);
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
