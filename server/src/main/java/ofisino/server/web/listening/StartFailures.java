package ofisino.server.web.listening;

import ofisino.server.web.StartRefused;
import org.springframework.boot.diagnostics.FailureAnalysis;
import org.springframework.boot.diagnostics.FailureAnalyzer;
import org.springframework.boot.tomcat.ConnectorStartFailedException;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;

/** Why it does not start, as one sentence and not as a trace of the program. */
@Order(Ordered.HIGHEST_PRECEDENCE)
final class StartFailures implements FailureAnalyzer {
    @Override
    public FailureAnalysis analyze(Throwable failure) {
        for (Throwable cause = failure; cause != null; cause = cause.getCause()) {
            if (cause instanceof StartRefused) return new FailureAnalysis(cause.getMessage(), null, failure);
            if (cause instanceof ConnectorStartFailedException taken)
                return new FailureAnalysis(
                        "Another program has port %d of this computer. End it, then start again. (Phones know this port; another one for them is set with OFISINO_LAN_PORT=NUMBER ./ofisino start --lan, and then they must be paired again.)"
                                .formatted(taken.getPort()),
                        null,
                        failure);
        }
        return null;
    }
}
