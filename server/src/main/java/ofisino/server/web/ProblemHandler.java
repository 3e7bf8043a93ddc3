package ofisino.server.web;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.SQLException;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import ofisino.core.kernel.AppException;
import ofisino.core.kernel.Conflict;
import ofisino.core.kernel.Forbidden;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.kernel.NotFound;
import org.apache.tomcat.util.http.InvalidParameterException;
import org.postgresql.util.PSQLException;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.core.NestedRuntimeException;
import org.springframework.dao.DataAccessResourceFailureException;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.dao.QueryTimeoutException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.jdbc.UncategorizedSQLException;
import org.springframework.transaction.CannotCreateTransactionException;
import org.springframework.transaction.TransactionSystemException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.WebRequest;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.DatabindException;

/** The one place where exceptions become answers. Expected refusals keep their sentence; a defect shows only an id that the log knows. */
@RestControllerAdvice
class ProblemHandler extends ResponseEntityExceptionHandler {
    private static final Logger LOG = LoggerFactory.getLogger(ProblemHandler.class);
    private static final long FULL_BYTES = 4L * 1024 * 1024;

    private final Path data;
    private final Map<String, AppException> stored;
    private final Speech speech;

    ProblemHandler(OfisinoProperties properties, List<StoredRules> stored, Speech speech) {
        this.speech = speech;
        this.data = properties.data();
        this.stored = stored.stream()
                .flatMap(rules -> rules.bySqlState().entrySet().stream())
                .collect(Collectors.toUnmodifiableMap(Map.Entry::getKey, Map.Entry::getValue));
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> refused(AppException refusal) {
        return answer(statusOf(refusal), refusal.code(), speech.of(refusal), refusal.facts());
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> refused(Refused refusal) {
        return answer(refusal.status(), refusal.code(), refusal.getMessage(), Map.of());
    }

    static HttpStatus statusOf(AppException refusal) {
        if (refusal instanceof InvalidValue) return HttpStatus.UNPROCESSABLE_CONTENT;
        if (refusal instanceof NotFound) return HttpStatus.NOT_FOUND;
        if (refusal instanceof Forbidden) return HttpStatus.FORBIDDEN;
        if (refusal instanceof Conflict) return HttpStatus.CONFLICT;
        throw new IllegalStateException("no status for " + refusal.getClass());
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> mistyped(MethodArgumentTypeMismatchException mismatch) {
        return answer(
                HttpStatus.BAD_REQUEST,
                "request.value",
                "“%s” is no %s. Go back and try again.".formatted(mismatch.getValue(), mismatch.getName()),
                Map.of("field", mismatch.getName()));
    }

    /** Tomcat reads the parameters of an address when they are first asked for. */
    @ExceptionHandler
    ResponseEntity<ProblemDetail> undecodable(InvalidParameterException unreadable) {
        return answer(
                HttpStatus.BAD_REQUEST,
                "request.address",
                "This address cannot be read. Go back and try again.",
                Map.of());
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> constraint(DataIntegrityViolationException violation) {
        return violated(violation);
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> trigger(UncategorizedSQLException violation) {
        return violated(violation);
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> tooLong(QueryTimeoutException timeout) {
        return violated(timeout);
    }

    private ResponseEntity<ProblemDetail> violated(Exception violation) {
        String sqlState = sqlState(violation);
        AppException ofADomain = stored.get(sqlState);
        if (ofADomain != null) return refused(ofADomain);
        return switch (sqlState) {
            case "23505" ->
                answer(
                        HttpStatus.CONFLICT,
                        "already-there",
                        "This is recorded already. Reload the page to see it.",
                        Map.of());
            case "23503" ->
                answer(
                        HttpStatus.CONFLICT,
                        "still-used",
                        "It points to something that is not there, or something else still points to it. Reload the page.",
                        Map.of());
            case "53100" -> diskFull();
            case "22021", "22P05" ->
                answer(
                        HttpStatus.BAD_REQUEST,
                        "text.unreadable",
                        "The text contains a character that cannot be kept. Type it again.",
                        Map.of());
            case "22003", "22007", "22008", "22P02", "23502", "23514" -> outOfRange(violation);
            case "57014", "55P03" ->
                refused(Refused.busy("That took too long; nothing was changed. Try again in a moment."));
            default -> defect(violation);
        };
    }

    /** A value that the program let through and the database did not; the log names the constraint, so that the program can learn it. */
    private static ResponseEntity<ProblemDetail> outOfRange(Exception violation) {
        LOG.warn("only the database refused: {}", constraintOf(violation));
        return answer(
                HttpStatus.UNPROCESSABLE_CONTENT,
                "value.range",
                "A number, date or text is outside what can be kept; nothing was changed. Check what you entered.",
                Map.of());
    }

    private static ResponseEntity<ProblemDetail> diskFull() {
        return answer(
                HttpStatus.INSUFFICIENT_STORAGE,
                "disk.full",
                "The disk is full; nothing was changed. Make room on the computer that runs Ofisino, then try again.",
                Map.of());
    }

    /** What is named without the row that broke it: the log is no place for what people wrote. */
    private static String constraintOf(Throwable thrown) {
        return cause(PSQLException.class, thrown) instanceof PSQLException sql && sql.getServerErrorMessage() != null
                ? "%s %s.%s"
                        .formatted(
                                sql.getSQLState(),
                                sql.getServerErrorMessage().getTable(),
                                sql.getServerErrorMessage().getConstraint())
                : "unnamed";
    }

    private static String sqlState(Throwable thrown) {
        for (Throwable cause = thrown; cause != null; cause = cause.getCause())
            if (cause instanceof SQLException sql && sql.getSQLState() != null) return sql.getSQLState();
        return "";
    }

    @ExceptionHandler({IOException.class, UncheckedIOException.class})
    ResponseEntity<ProblemDetail> disk(Exception broken) {
        boolean full = String.valueOf(broken.getMessage()).contains("No space left");
        return full ? diskFull() : defect(broken);
    }

    /** A database that cannot write its log any more stops; then it is the disk that a person must hear of. */
    @ExceptionHandler({
        DataAccessResourceFailureException.class,
        CannotCreateTransactionException.class,
        TransactionSystemException.class
    })
    ResponseEntity<ProblemDetail> unreachable(NestedRuntimeException gone) throws IOException {
        if (!DatabaseGone.isCauseOf(gone)) return defect(gone);
        if (Files.getFileStore(data).getUsableSpace() < FULL_BYTES) return diskFull();
        LOG.error(
                "the database does not answer: {}", gone.getMostSpecificCause().getMessage());
        return refused(DatabaseGone.refusal());
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> defect(Exception defect) {
        String id = UUID.randomUUID().toString().substring(0, 8);
        LOG.error("defect {}", id, defect);
        return answer(
                HttpStatus.INTERNAL_SERVER_ERROR,
                "defect",
                "Something in Ofisino went wrong; nothing was changed. The log names it %s.".formatted(id),
                Map.of("defect", id));
    }

    @Override
    protected ResponseEntity<Object> handleHttpMessageNotReadable(
            HttpMessageNotReadableException unreadable,
            HttpHeaders headers,
            HttpStatusCode status,
            WebRequest request) {
        String field = field(unreadable);
        if (cause(AppException.class, unreadable) instanceof AppException refusal) return widen(refused(refusal));
        if (cause(Refused.class, unreadable) instanceof Refused refusal) return widen(refused(refusal));
        return widen(
                field.isEmpty()
                        ? answer(
                                HttpStatus.BAD_REQUEST,
                                "request.unreadable",
                                "What was sent is not readable. Reload the page and try again.",
                                Map.of())
                        : unreadable(field));
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> missing(NothingMissing.MissingField missing) {
        return unreadable(missing.path());
    }

    private static ResponseEntity<ProblemDetail> unreadable(String field) {
        return answer(
                HttpStatus.BAD_REQUEST,
                "request.unreadable",
                "The value of “%s” is missing or not readable. Enter it again.".formatted(field),
                Map.of("field", field));
    }

    private static Throwable cause(Class<?> kind, Throwable thrown) {
        Throwable cause = thrown;
        while (cause != null && !kind.isInstance(cause)) cause = cause.getCause();
        return cause;
    }

    private static String field(HttpMessageNotReadableException unreadable) {
        return unreadable.getCause() instanceof DatabindException databind
                ? databind.getPath().stream()
                        .map(JacksonException.Reference::getPropertyName)
                        .filter(java.util.Objects::nonNull)
                        .collect(Collectors.joining("."))
                : "";
    }

    @Override
    protected ResponseEntity<Object> handleExceptionInternal(
            Exception refused, Object body, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        HttpStatus known = HttpStatus.valueOf(status.value());
        String sentence = body instanceof ProblemDetail problem && problem.getDetail() != null
                ? problem.getDetail()
                : known.getReasonPhrase();
        return widen(answer(known, "request." + known.value(), sentence, Map.of()));
    }

    private static ResponseEntity<ProblemDetail> answer(
            HttpStatus status, String code, String sentence, Map<String, Object> facts) {
        return ResponseEntity.status(status).body(Problems.of(status, code, sentence, facts));
    }

    private static ResponseEntity<Object> widen(ResponseEntity<ProblemDetail> answer) {
        return ResponseEntity.status(answer.getStatusCode()).body(answer.getBody());
    }
}
