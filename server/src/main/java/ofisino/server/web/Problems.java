package ofisino.server.web;

import java.net.URI;
import java.util.Map;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;

/** Builds answers of the form {@code application/problem+json} (RFC 9457): a stable type, a sentence, the facts. */
public final class Problems {
    private Problems() {}

    public static ProblemDetail of(HttpStatus status, String code, String sentence, Map<String, Object> facts) {
        ProblemDetail problem = ProblemDetail.forStatusAndDetail(status, sentence);
        problem.setType(URI.create("urn:problem:" + code));
        problem.setTitle(status.getReasonPhrase());
        problem.setProperty("code", code);
        facts.forEach(problem::setProperty);
        return problem;
    }
}
