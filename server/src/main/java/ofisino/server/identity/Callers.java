package ofisino.server.identity;

import jakarta.servlet.http.HttpServletRequest;
import java.util.Optional;

/** The door to who is asking. */
public interface Callers {
    /** Empty where nobody is signed in. */
    Optional<Caller> of(HttpServletRequest request);
}
