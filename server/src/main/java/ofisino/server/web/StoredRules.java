package ofisino.server.web;

import java.util.Map;
import ofisino.core.kernel.AppException;

/** What a domain lets its database refuse by itself, should the program ever ask for it: the sentences for it. */
public interface StoredRules {
    /** By the SQLSTATE that the trigger or constraint raises; a state belongs to one domain. */
    Map<String, AppException> bySqlState();
}
