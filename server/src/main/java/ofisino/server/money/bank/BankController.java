package ofisino.server.money.bank;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import ofisino.core.kernel.list.DayOrder;
import ofisino.core.kernel.list.Decimals;
import ofisino.core.money.bank.BankList.BadBecause;
import ofisino.server.history.ChangesNothing;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Role;
import ofisino.server.identity.Roles;
import ofisino.server.money.bank.BankMapper.LineRow;
import ofisino.server.money.bank.BankMapper.SettledRow;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@Roles(look = Role.OWNER, change = Role.OWNER)
@RequestMapping("/api")
record BankController(BankService service, BankListService lists) {
    /** In which column of a bank's list what stands; the first is 0. */
    record BankColumnsOfList(
            int day,
            @Nullable Integer amount,
            @Nullable Integer paidOut,
            @Nullable Integer paidIn,
            @Nullable Integer payee,
            @Nullable Integer purpose) {}

    /**
     * @param header       the first line
     * @param rows         the next few
     * @param lines        below the first
     * @param columns      as such a list said it last time, or as the first line seems to say; absent where it does not
     * @param daysLeftOpen the days can be read with the day or the month first, and mean another day
     * @param remembered   the columns are those of last time
     */
    record BankLookResponse(
            List<String> header,
            List<List<String>> rows,
            int lines,
            @Nullable BankColumnsOfList columns,
            Decimals decimals,
            DayOrder days,
            boolean daysLeftOpen,
            boolean remembered) {}

    /** @param line of the file @param said what stands there */
    record BadBankLine(long line, BadBecause why, String said) {}

    /** @param taken new payments @param known those that were read before @param bad every line that cannot be read; nothing is taken then, unless the others are wanted */
    record BankTakenResponse(int taken, int known, List<BadBankLine> bad) {}

    /** @param vehicle whose receipt it is @param draft it is booked with the answer @param sure no other receipt and no other payment could be meant */
    record ProposedReceipt(
            UUID entryId,
            UUID projectId,
            String vehicle,
            String description,
            LocalDate paidOn,
            boolean draft,
            boolean sure) {}

    /** @param supplierId whom the line names @param orderId an order of this project with so much open */
    record OpenBankLine(
            @JsonUnwrapped LineRow line,
            @Nullable ProposedReceipt receipt,
            @Nullable UUID supplierId,
            @Nullable UUID orderId) {}

    /** @param elsewhere how many are not for a car */
    record BankResponse(String currency, List<OpenBankLine> open, List<SettledRow> settled, int elsewhere) {}

    /** The body is the file itself. Changes nothing. */
    @ChangesNothing
    @PostMapping("/bank/look")
    BankLookResponse look(Caller caller, @RequestBody byte[] file) {
        return lists.look(caller, file);
    }

    /** The body is the file itself; what was read before is known again. @param withoutBad the others are taken though lines are bad */
    @PostMapping("/bank/lines")
    BankTakenResponse take(
            Caller caller,
            @RequestParam int day,
            @RequestParam @Nullable Integer amount,
            @RequestParam @Nullable Integer paidOut,
            @RequestParam @Nullable Integer paidIn,
            @RequestParam @Nullable Integer payee,
            @RequestParam @Nullable Integer purpose,
            @RequestParam Decimals decimals,
            @RequestParam DayOrder days,
            @RequestParam boolean withoutBad,
            @RequestBody byte[] file) {
        return lists.take(
                caller,
                new BankColumnsOfList(day, amount, paidOut, paidIn, payee, purpose),
                decimals,
                days,
                withoutBad,
                file);
    }

    @GetMapping("/projects/{projectId}/bank")
    BankResponse bank(Caller caller, @PathVariable UUID projectId) {
        return service.of(caller, projectId);
    }

    record ReceiptOfLineRequest(UUID entryId, long version) {}

    record BankLinesRequest(List<UUID> lineIds) {}

    /** The payment stands for this receipt, which is booked with it. */
    @PostMapping("/bank/lines/{id}/receipt")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void standsFor(Caller caller, @PathVariable UUID id, @RequestBody ReceiptOfLineRequest body) {
        service.settle(caller, id, body.entryId(), body.version());
    }

    /** Takes the proposals that are still sure, of those that a person saw. */
    @PostMapping("/bank/sure")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void takeSure(Caller caller, @RequestBody BankLinesRequest body) {
        service.settleSure(caller, body.lineIds());
    }

    /** They were not for a car: to whom and what for are shown no more. What is settled meanwhile stays as it is. */
    @PostMapping("/bank/elsewhere")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void elsewhere(Caller caller, @RequestBody BankLinesRequest body) {
        service.elsewhere(caller, body.lineIds());
    }

    /** It stands for another receipt, or for none. */
    @DeleteMapping("/bank/lines/{id}/receipt")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void reopen(Caller caller, @PathVariable UUID id, @RequestParam long version) {
        service.reopen(caller, id, version);
    }
}
