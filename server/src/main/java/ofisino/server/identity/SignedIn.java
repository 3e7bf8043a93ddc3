package ofisino.server.identity;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.UUID;

/** Starts the session of an account that has been recognised. */
public interface SignedIn {
    void start(UUID accountId, HttpServletRequest request, HttpServletResponse response);
}
