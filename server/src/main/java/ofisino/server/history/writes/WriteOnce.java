package ofisino.server.history.writes;

import jakarta.servlet.http.HttpServletRequest;
import java.util.Arrays;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.Callable;
import ofisino.core.kernel.Conflict;
import ofisino.server.history.writes.WriteMapper.ReceiptRow;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Role;
import ofisino.server.web.Refused;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.TransactionStatus;
import org.springframework.transaction.support.DefaultTransactionDefinition;
import tools.jackson.databind.ObjectMapper;

/**
 * Every write is one transaction under an id made by the client (header {@value #HEADER}): what fails changes nothing, and what is sent
 * again, because the answer was lost on the way, gets the first answer and changes nothing either.
 *
 * <p>Writes of one garage queue, in this process before they take a connection, and in the database. Its few people never notice, and no
 * two of them can each pass a check that only holds for one.
 */
@Component
record WriteOnce(WriteMapper mapper, WriteQueue queue, PlatformTransactionManager transactions, ObjectMapper json) {
    static final String HEADER = "Write-Id";

    /** @param what method and decoded path @param bodyHash SHA-256 of the body @param needs the role that it asks for */
    record Change(UUID id, String what, byte[] bodyHash, Role needs) {}

    /** @throws Refused where the request has none, or none that is a UUID */
    static UUID writeId(HttpServletRequest request) {
        try {
            return UUID.fromString(
                    Optional.ofNullable(request.getHeader(HEADER)).orElse(""));
        } catch (IllegalArgumentException noUuid) {
            throw new Refused(
                    HttpStatus.BAD_REQUEST,
                    "write.no-id",
                    "Each change needs an id of its own (header %s, a UUID). Reload the page.".formatted(HEADER));
        }
    }

    /** Does the work, or answers as the first time. What the work answers with 400 or more is not kept and changes nothing. */
    ResponseEntity<byte[]> once(Caller caller, Change change, Callable<ResponseEntity<?>> work) throws Exception {
        return queue.inTurn(caller.garageId(), () -> inTransaction(caller, change, work));
    }

    private ResponseEntity<byte[]> inTransaction(Caller caller, Change change, Callable<ResponseEntity<?>> work)
            throws Exception {
        TransactionStatus transaction = transactions.getTransaction(new DefaultTransactionDefinition());
        ResponseEntity<byte[]> answer;
        try {
            answer = answer(caller, change, work, transaction);
        } catch (Throwable failed) {
            transactions.rollback(transaction);
            throw failed;
        }
        transactions.commit(transaction);
        return answer;
    }

    private ResponseEntity<byte[]> answer(
            Caller caller, Change change, Callable<ResponseEntity<?>> work, TransactionStatus transaction)
            throws Exception {
        mapper.queue(caller.garageId());
        Optional<ReceiptRow> earlier = mapper.find(caller.garageId(), change.id());
        if (earlier.isPresent()) return repeat(earlier.get(), caller, change);
        mapper.sign(change.id(), caller.accountId());
        mapper.insert(
                caller.garageId(), change.id(), caller.accountId(), change.what(), change.bodyHash(), change.needs());
        ResponseEntity<byte[]> answer = written(work.call());
        if (answer.getStatusCode().isError()) transaction.setRollbackOnly();
        else
            mapper.answer(
                    caller.garageId(),
                    change.id(),
                    answer.getStatusCode().value(),
                    answer.getBody() == null ? null : MediaType.APPLICATION_JSON_VALUE,
                    answer.getBody() == null ? new byte[0] : answer.getBody());
        return answer;
    }

    private ResponseEntity<byte[]> written(ResponseEntity<?> answer) {
        if (answer.getBody() == null)
            return ResponseEntity.status(answer.getStatusCode()).build();
        return ResponseEntity.status(answer.getStatusCode())
                .contentType(MediaType.APPLICATION_JSON)
                .body(json.writeValueAsBytes(answer.getBody()));
    }

    private static ResponseEntity<byte[]> repeat(ReceiptRow earlier, Caller caller, Change change) {
        if (!earlier.accountId().equals(caller.accountId())
                || !earlier.request().equals(change.what())
                || !Arrays.equals(earlier.bodyHash(), change.bodyHash()))
            throw Conflict.of(
                    "write.id-used", "This id belongs to another change.", "Reload the page and do it again.");
        var answer = ResponseEntity.status(earlier.status());
        if (earlier.contentType() == null) return answer.build();
        return answer.contentType(MediaType.parseMediaType(earlier.contentType()))
                .body(earlier.answer());
    }
}
