package ofisino.server.identity.account;

import java.security.SecureRandom;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.Locale;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import ofisino.core.kernel.SpeakableCode;
import org.springframework.security.crypto.factory.PasswordEncoderFactories;

/**
 * Gives an owner who forgot the password a new one, from the shell of the machine on which the garage lies ({@code ./ofisino new-password}):
 * who can read the data folder may do anything anyway. Ends the owner's sign-ins.
 */
public final class NewPassword {
    private static final int PARTS = 4;
    private static final String OWNERS =
            "select a.id, a.sign_in_name from account a join member m on m.account_id = a.id"
                    + " where m.role = 'OWNER' and m.left_at is null order by a.sign_in_name";

    private NewPassword() {}

    /** @param arguments the name to sign in with; nothing where there is only one owner */
    public static void main(String[] arguments) throws SQLException {
        try (Connection garage = DriverManager.getConnection(
                System.getenv("OFISINO_DB_URL"), "ofisino", System.getenv("OFISINO_DB_PASSWORD"))) {
            System.out.println(give(garage, arguments.length == 0 ? "" : arguments[0]));
        }
    }

    static String give(Connection garage, String wanted) throws SQLException {
        String name = wanted.strip().toLowerCase(Locale.ROOT);
        try (var statement = garage.createStatement();
                ResultSet owners = statement.executeQuery(OWNERS)) {
            String id = null;
            String found = null;
            StringBuilder all = new StringBuilder();
            while (owners.next()) {
                String signInName = owners.getString(2);
                all.append(all.isEmpty() ? "" : ", ").append(signInName);
                if (name.isEmpty() ? id == null : signInName.equals(name)) {
                    id = owners.getString(1);
                    found = signInName;
                }
            }
            if (id == null || name.isEmpty() && all.indexOf(",") >= 0)
                return "Whose? Say ./ofisino new-password NAME with one of the owners: "
                        + (all.isEmpty() ? "there is none yet" : all);
            String password = speakable();
            change(
                    garage,
                    "update account set password_hash = ? where id = ?::uuid",
                    PasswordEncoderFactories.createDelegatingPasswordEncoder().encode(password),
                    id);
            change(garage, "delete from known_device where account_id = ?::uuid", id);
            change(garage, "delete from spring_session where principal_name = ?", id);
            return "The new password of %s: %s%nSign in with it, then choose your own under Garage."
                    .formatted(found, password);
        }
    }

    private static void change(Connection garage, String sql, String... values) throws SQLException {
        try (PreparedStatement statement = garage.prepareStatement(sql)) {
            for (int i = 0; i < values.length; i++) statement.setString(i + 1, values[i]);
            statement.executeUpdate();
        }
    }

    private static String speakable() {
        var random = new SecureRandom();
        return Stream.generate(() -> SpeakableCode.ofNumber(random.nextInt(292_000, 6_000_000))
                        .toString())
                .limit(PARTS)
                .collect(Collectors.joining("-"))
                .toLowerCase(Locale.ROOT);
    }
}
