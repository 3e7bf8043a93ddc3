package ofisino.server.identity;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.UUID;

/** Starts the session of an account that has been recognised. */
public interface SignedIn {
    /** How it was recognised. */
    enum By {
        PASSWORD,
        PHONE
    }

    void start(UUID accountId, By by, HttpServletRequest request, HttpServletResponse response);
}
