package ofisino.server.web;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Map;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import tools.jackson.databind.ObjectMapper;

/** Writes a problem where no handler was reached that could return one. */
@Component
public class Answers {
    private final ObjectMapper json;

    Answers(ObjectMapper json) {
        this.json = json;
    }

    public void problem(HttpServletResponse response, Refused refused) throws IOException {
        response.setStatus(refused.status().value());
        response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
        response.getOutputStream()
                .write(json.writeValueAsBytes(
                        Problems.of(refused.status(), refused.code(), refused.getMessage(), Map.of())));
    }
}
