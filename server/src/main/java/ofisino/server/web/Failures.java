package ofisino.server.web;

import io.swagger.v3.oas.annotations.Hidden;
import jakarta.servlet.RequestDispatcher;
import jakarta.servlet.http.HttpServletRequest;
import java.util.Map;
import java.util.Optional;
import org.springframework.boot.webmvc.error.ErrorController;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What fails before any operation is found, as a problem like all others. */
@Hidden
@RestController
class Failures implements ErrorController {
    @RequestMapping("/error")
    ResponseEntity<ProblemDetail> failed(HttpServletRequest request) {
        if (request.getAttribute(RequestDispatcher.ERROR_EXCEPTION) instanceof Throwable thrown
                && DatabaseGone.isCauseOf(thrown)) return problem(DatabaseGone.refusal());
        HttpStatus status = Optional.ofNullable(request.getAttribute(RequestDispatcher.ERROR_STATUS_CODE))
                .map(code -> HttpStatus.resolve((Integer) code))
                .orElse(HttpStatus.NOT_FOUND);
        String sentence = status.is5xxServerError()
                ? "Something in Ofisino went wrong; nothing was changed."
                : "There is nothing here, or it cannot be asked like this. Go back and try again.";
        return ResponseEntity.status(status).body(Problems.of(status, "request." + status.value(), sentence, Map.of()));
    }

    private static ResponseEntity<ProblemDetail> problem(Refused refused) {
        return ResponseEntity.status(refused.status())
                .body(Problems.of(refused.status(), refused.code(), refused.getMessage(), Map.of()));
    }
}
