package ofisino.server.history.writes;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.Arrays;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import ofisino.core.kernel.AppException;
import ofisino.server.history.writes.WriteMapper.ReceiptRow;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Callers;
import ofisino.server.web.Problems;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;
import org.springframework.web.filter.OncePerRequestFilter;
import org.springframework.web.util.ContentCachingResponseWrapper;
import tools.jackson.databind.ObjectMapper;

/**
 * Every write is one transaction under an id made by the client (header {@value #HEADER}): what fails changes nothing, and what is sent
 * again, because the answer was lost on the way, gets the first answer and changes nothing either.
 *
 * <p>Writes of one garage queue. Its few people never notice, and no two of them can each pass a check that only holds for one.
 */
@Component
@Order(Ordered.LOWEST_PRECEDENCE - 10)
class WriteOnceFilter extends OncePerRequestFilter {
    static final String HEADER = "Write-Id";
    static final int LARGEST_JSON = 256 * 1024;
    private static final Set<String> READS = Set.of("GET", "HEAD", "OPTIONS");
    /** Each of them can be repeated safely by itself. */
    private static final Set<String> BEFORE_SIGN_IN = Set.of(
            "/api/sign-in", "/api/sign-out", "/api/first-account", "/api/pairing/redemption", "/api/review/remarks");

    private final WriteMapper mapper;
    private final Callers callers;
    private final TransactionTemplate transaction;
    private final ObjectMapper json;

    WriteOnceFilter(WriteMapper mapper, Callers callers, TransactionTemplate transaction, ObjectMapper json) {
        this.mapper = mapper;
        this.callers = callers;
        this.transaction = transaction;
        this.json = json;
    }

    @Override
    protected boolean shouldNotFilter(HttpServletRequest request) {
        String path = request.getRequestURI();
        return !path.startsWith("/api/") || READS.contains(request.getMethod()) || BEFORE_SIGN_IN.contains(path);
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        Caller caller;
        try {
            caller = callers.of(request).orElseThrow();
            caller.mustWork();
        } catch (AppException refused) {
            refuse(response, HttpStatus.FORBIDDEN, refused.code(), refused.getMessage());
            return;
        }
        Optional<UUID> writeId = writeId(request);
        if (writeId.isEmpty()) {
            refuse(
                    response,
                    HttpStatus.BAD_REQUEST,
                    "write.no-id",
                    "Each change needs an id of its own (header %s, a UUID). Reload the page.".formatted(HEADER));
            return;
        }
        boolean upload = request.getContentType() != null
                && request.getContentType().startsWith(MediaType.MULTIPART_FORM_DATA_VALUE);
        byte[] body = upload ? new byte[0] : request.getInputStream().readNBytes(LARGEST_JSON + 1);
        if (body.length > LARGEST_JSON) {
            refuse(
                    response,
                    HttpStatus.CONTENT_TOO_LARGE,
                    "request.too-large",
                    "That is too much text at once. Shorten it.");
            return;
        }
        write(caller, writeId.get(), upload ? request : new BufferedRequest(request, body), body, response, chain);
    }

    private void write(
            Caller caller,
            UUID writeId,
            HttpServletRequest request,
            byte[] body,
            HttpServletResponse response,
            FilterChain chain)
            throws ServletException, IOException {
        String what = request.getMethod() + " " + request.getRequestURI();
        byte[] hash = sha256(body);
        var answer = new ContentCachingResponseWrapper(response);
        try {
            transaction.executeWithoutResult(status -> {
                try {
                    mapper.queue(caller.garageId());
                    Optional<ReceiptRow> earlier = mapper.find(caller.garageId(), writeId);
                    if (earlier.isPresent()) {
                        repeat(earlier.get(), caller, what, hash, answer);
                        return;
                    }
                    mapper.sign(writeId, caller.accountId());
                    mapper.insert(caller.garageId(), writeId, caller.accountId(), what, hash);
                    chain.doFilter(request, answer);
                    if (answer.getStatus() >= 400) status.setRollbackOnly();
                    else
                        mapper.answer(
                                caller.garageId(),
                                writeId,
                                answer.getStatus(),
                                answer.getContentType(),
                                answer.getContentAsByteArray());
                } catch (IOException | ServletException failed) {
                    throw new Failed(failed);
                }
            });
        } catch (Failed failed) {
            if (failed.getCause() instanceof IOException broken) throw broken;
            throw (ServletException) failed.getCause();
        } catch (RuntimeException atCommit) {
            commitFailed(answer, atCommit);
        }
        answer.copyBodyToResponse();
    }

    /** Constraints that are checked at the end of the transaction report here, when the answer is already written. */
    private void commitFailed(ContentCachingResponseWrapper answer, RuntimeException failed) throws IOException {
        boolean splits = String.valueOf(failed.getMessage()).contains("split.sum");
        if (!splits) logger.error("commit failed", failed);
        answer.reset();
        if (splits)
            refuse(
                    answer,
                    HttpStatus.UNPROCESSABLE_CONTENT,
                    "split.sum",
                    "The shares do not come to the amount of the entry.");
        else
            refuse(
                    answer,
                    HttpStatus.INTERNAL_SERVER_ERROR,
                    "defect",
                    "Something in Ofisino went wrong; nothing was changed.");
    }

    private void repeat(ReceiptRow earlier, Caller caller, String what, byte[] hash, HttpServletResponse response)
            throws IOException {
        if (!earlier.accountId().equals(caller.accountId())
                || !earlier.request().equals(what)
                || !Arrays.equals(earlier.bodyHash(), hash)) {
            refuse(
                    response,
                    HttpStatus.CONFLICT,
                    "write.id-used",
                    "This id belongs to another change. Reload the page and do it again.");
            return;
        }
        response.setStatus(earlier.status());
        if (earlier.contentType() != null) response.setContentType(earlier.contentType());
        response.getOutputStream().write(earlier.answer());
    }

    private static Optional<UUID> writeId(HttpServletRequest request) {
        try {
            return Optional.ofNullable(request.getHeader(HEADER)).map(UUID::fromString);
        } catch (IllegalArgumentException noUuid) {
            return Optional.empty();
        }
    }

    private void refuse(HttpServletResponse response, HttpStatus status, String code, String sentence)
            throws IOException {
        response.setStatus(status.value());
        response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
        response.getOutputStream().write(json.writeValueAsBytes(Problems.of(status, code, sentence, Map.of())));
    }

    private static byte[] sha256(byte[] bytes) {
        try {
            return MessageDigest.getInstance("SHA-256").digest(bytes);
        } catch (NoSuchAlgorithmException impossible) {
            throw new IllegalStateException(impossible);
        }
    }

    private static final class Failed extends RuntimeException {
        Failed(Exception cause) {
            super(cause);
        }
    }
}
