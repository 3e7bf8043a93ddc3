package ofisino.server.identity.account;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.nio.file.attribute.PosixFilePermissions;
import java.security.MessageDigest;
import java.security.SecureRandom;
import ofisino.core.kernel.SpeakableCode;
import ofisino.server.web.OfisinoProperties;
import org.springframework.beans.factory.SmartInitializingSingleton;
import org.springframework.stereotype.Component;

/**
 * The one-time code for the first account of an empty garage. Lies in a file that only the owner of the data folder can read, from
 * where the launcher prints it; gone once used.
 */
@Component
class FirstAccountCode implements SmartInitializingSingleton {
    private final Accounts accounts;
    private final Path file;
    private volatile String code = "";

    FirstAccountCode(Accounts accounts, OfisinoProperties properties) {
        this.accounts = accounts;
        this.file = properties.data().resolve("first-account-code");
    }

    /** Before the server listens: the launcher prints it as soon as the server answers. */
    @Override
    public void afterSingletonsInstantiated() {
        try {
            Files.deleteIfExists(file);
            if (!accounts.none()) return;
            var random = new SecureRandom();
            code = SpeakableCode.ofNumber(random.nextInt(292_000, 6_000_000)) + "-"
                    + SpeakableCode.ofNumber(random.nextInt(292_000, 6_000_000));
            Files.createFile(file, PosixFilePermissions.asFileAttribute(PosixFilePermissions.fromString("rw-------")));
            Files.writeString(file, code, StandardOpenOption.WRITE);
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
    }

    boolean matches(String typed) {
        return !code.isEmpty()
                && typed != null
                && MessageDigest.isEqual(
                        code.getBytes(),
                        typed.strip().toUpperCase(java.util.Locale.ROOT).getBytes());
    }

    void use() {
        code = "";
        try {
            Files.deleteIfExists(file);
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
    }
}
