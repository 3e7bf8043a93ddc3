package ofisino.server.exchange.backup;

import com.exceptionfactory.jagged.framework.stream.StandardDecryptingChannelFactory;
import com.exceptionfactory.jagged.framework.stream.StandardEncryptingChannelFactory;
import com.exceptionfactory.jagged.x25519.X25519KeyPairGenerator;
import com.exceptionfactory.jagged.x25519.X25519RecipientStanzaReaderFactory;
import com.exceptionfactory.jagged.x25519.X25519RecipientStanzaWriterFactory;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.channels.Channels;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.GeneralSecurityException;
import java.security.KeyPair;
import java.util.List;

/**
 * Seals what only the holder of a key shall read: the published format of age files, version 1, with X25519 recipients
 * ({@code age-encryption.org/v1}), so that any program that knows the format opens it too.
 */
final class Sealing {
    static final String ENDING = ".age";
    private static final String FIRST_LINE = "age-encryption.org/v1";
    private static final String SECRET = "AGE-SECRET-KEY-1";

    private Sealing() {}

    /** @param recipient {@code age1…}; empty to leave it open */
    static OutputStream seal(OutputStream out, String recipient) throws IOException {
        if (recipient.isBlank()) return out;
        try {
            return Channels.newOutputStream(new StandardEncryptingChannelFactory()
                    .newEncryptingChannel(
                            Channels.newChannel(out),
                            List.of(X25519RecipientStanzaWriterFactory.newRecipientStanzaWriter(recipient.strip()))));
        } catch (GeneralSecurityException | IllegalArgumentException noKey) {
            throw new BackupRefused(
                    "“%s” is not a public key. One begins with age1; ./ofisino new-key makes one.".formatted(recipient),
                    noKey);
        }
    }

    static boolean isSealed(Path file) throws IOException {
        try (InputStream in = Files.newInputStream(file)) {
            return new String(in.readNBytes(FIRST_LINE.length()), StandardCharsets.US_ASCII).equals(FIRST_LINE);
        }
    }

    /** @param key file with the secret key, as {@link #newKey} or another program of the format writes it */
    static void open(Path sealed, Path key, Path into) throws IOException {
        try (var in = Files.newByteChannel(sealed);
                var opened = new StandardDecryptingChannelFactory()
                        .newDecryptingChannel(
                                in, List.of(X25519RecipientStanzaReaderFactory.newRecipientStanzaReader(secret(key))));
                var out = Files.newOutputStream(into)) {
            Channels.newInputStream(opened).transferTo(out);
        } catch (GeneralSecurityException notThisKey) {
            throw new BackupRefused(
                    "%s does not open with the key in %s, or is damaged.".formatted(sealed.getFileName(), key),
                    notThisKey);
        } catch (IOException | IllegalArgumentException damaged) {
            throw new BackupRefused(
                    "%s is damaged or was cut off. Use another backup.".formatted(sealed.getFileName()), damaged);
        }
    }

    private static String secret(Path key) throws IOException {
        return Files.readAllLines(key).stream()
                .map(String::strip)
                .filter(line -> line.startsWith(SECRET))
                .findFirst()
                .orElseThrow(() -> new BackupRefused(
                        "%s holds no secret key: no line in it begins with %s.".formatted(key, SECRET)));
    }

    /** @param secret one line, to be kept away from this machine; @param recipient the public half */
    record Key(String secret, String recipient) {}

    static Key newKey() {
        try {
            KeyPair pair = new X25519KeyPairGenerator().generateKeyPair();
            return new Key(
                    new String(pair.getPrivate().getEncoded(), StandardCharsets.US_ASCII),
                    new String(pair.getPublic().getEncoded(), StandardCharsets.US_ASCII));
        } catch (GeneralSecurityException impossible) {
            throw new IllegalStateException(impossible);
        }
    }
}
