package ofisino.server.web;

import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;

/** SHA-256 (FIPS 180-4), which every Java has. */
public final class Sha256 {
    private Sha256() {}

    public static MessageDigest digest() {
        try {
            return MessageDigest.getInstance("SHA-256");
        } catch (NoSuchAlgorithmException impossible) {
            throw new IllegalStateException(impossible);
        }
    }

    public static byte[] of(byte[] bytes) {
        return digest().digest(bytes);
    }

    static MessageDigest copy(MessageDigest digest) {
        try {
            return (MessageDigest) digest.clone();
        } catch (CloneNotSupportedException impossible) {
            throw new IllegalStateException(impossible);
        }
    }
}
