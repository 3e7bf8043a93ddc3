package ofisino.server.web;

/** A server that must not start like this. The sentence says what to do; the launcher shows it as it is. */
public final class StartRefused extends RuntimeException {
    public StartRefused(String sentence) {
        super(sentence);
    }
}
