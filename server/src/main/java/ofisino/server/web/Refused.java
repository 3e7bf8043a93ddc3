package ofisino.server.web;

import org.springframework.http.HttpStatus;

/**
 * A request that is refused for how it came and not for what it says: too large, too slow, from nobody who is signed in, too much at once.
 * What the rules of the job refuse is an {@link ofisino.core.kernel.AppException}.
 */
public final class Refused extends RuntimeException {
    private static final int MB = 1024 * 1024;
    private final transient HttpStatus status;
    private final String code;

    public Refused(HttpStatus status, String code, String sentence) {
        super(sentence);
        this.status = status;
        this.code = code;
    }

    /** Nothing was done, and the same request may be sent again in a moment. */
    public static Refused busy(String sentence) {
        return new Refused(HttpStatus.SERVICE_UNAVAILABLE, "request.busy", sentence);
    }

    static Refused tooLarge(long most) {
        return new Refused(
                HttpStatus.CONTENT_TOO_LARGE,
                "request.too-large",
                most < MB
                        ? "That is too much text at once. Shorten it."
                        : "The file is larger than %d MB. Take the photo at a lower resolution or scan fewer pages at once."
                                .formatted(most / MB));
    }

    public HttpStatus status() {
        return status;
    }

    public String code() {
        return code;
    }
}
