package ofisino.server.identity.account;

import static ofisino.server.testing.TestGarage.map;
import static org.assertj.core.api.Assertions.assertThat;

import java.sql.Connection;
import java.util.regex.Pattern;
import javax.sql.DataSource;
import ofisino.server.testing.Api;
import ofisino.server.testing.TestApplication;
import ofisino.server.testing.TestGarage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

@ExtendWith(TestApplication.class)
class NewPasswordTest {
    @Test
    void anOwnerWhoForgotThePasswordGetsANewOneFromTheShell(TestGarage garage) throws Exception {
        Api owner = garage.join("OWNER");
        Api helper = garage.join("HELPER");
        try (Connection database = garage.running().bean(DataSource.class).getConnection()) {
            assertThat(NewPassword.give(database, ""))
                    .as("the test database has many owners")
                    .contains("Whose?", owner.signInName());
            assertThat(NewPassword.give(database, helper.signInName())).contains("Whose?");
            String said = NewPassword.give(database, " " + owner.signInName().toUpperCase());
            var password = Pattern.compile(": ([0-9a-z]+(-[0-9a-z]+){3})").matcher(said);
            assertThat(password.find()).as(said).isTrue();
            assertThat(owner.get("/api/projects").status()).isEqualTo(401);
            assertThat(owner.post("/api/sign-in", map("name", owner.signInName(), "password", TestGarage.PASSWORD))
                            .status())
                    .isEqualTo(401);
            owner.signIn(owner.signInName(), password.group(1));
        }
    }

    /** Whoever is unknown must not be told apart by time: the same work is done for them. */
    @Test
    void anUnknownNameTakesTheSameWork(TestGarage garage) {
        var encoder = new org.springframework.security.crypto.password.PasswordEncoder() {
            private int compared;

            @Override
            public String encode(CharSequence raw) {
                return "hash";
            }

            @Override
            public boolean matches(CharSequence raw, String hash) {
                compared++;
                return true;
            }
        };
        var accounts = new Accounts(garage.running().bean(AccountMapper.class), encoder);
        assertThat(accounts.check("nobody-" + garage.id(), "x")).isEmpty();
        assertThat(encoder.compared).isEqualTo(1);
        assertThat(accounts.check(garage.owner().signInName(), "x")).isPresent();
        assertThat(encoder.compared).isEqualTo(2);
    }
}
