package ofisino.server.exchange.backup;

/** A backup that cannot be made or must not be restored. The sentence says why and what to do. */
final class BackupRefused extends RuntimeException {
    BackupRefused(String sentence) {
        super(sentence);
    }

    BackupRefused(String sentence, Throwable cause) {
        super(sentence, cause);
    }
}
