package ofisino.server.plan.debt;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import ofisino.core.plan.debt.Debt.Kind;
import ofisino.core.plan.debt.Debt.When;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Roles;
import ofisino.server.plan.debt.DebtMapper.DebtRow;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@Roles
@RequestMapping("/api")
class DebtController {
    private final DebtService service;

    DebtController(DebtService service) {
        this.service = service;
    }

    record DebtResponse(DebtRow row, boolean due) {}

    /** @param kind mended for the time being if not said @param gas it keeps exhaust gas out of the cabin */
    record NewDebtRequest(
            UUID id,
            @Nullable String zone,
            @Nullable Kind kind,
            String what,
            String later,
            When when,
            @Nullable String event,
            @Nullable LocalDate dueOn,
            @Nullable UUID needId,
            @Nullable UUID jobId,
            boolean gas) {}

    record DebtStepRequest(long version) {}

    @GetMapping("/projects/{projectId}/debts")
    List<DebtResponse> of(Caller caller, @PathVariable UUID projectId) {
        return service.of(caller, projectId).stream()
                .map(o -> new DebtResponse(o.row(), o.due()))
                .toList();
    }

    @PostMapping("/projects/{projectId}/debts")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void owe(Caller caller, @PathVariable UUID projectId, @RequestBody NewDebtRequest b) {
        service.owe(
                caller,
                new DebtRow(
                        b.id(),
                        projectId,
                        b.zone(),
                        b.kind() == null ? Kind.FOR_NOW : b.kind(),
                        b.what(),
                        b.later(),
                        b.when(),
                        b.event(),
                        b.dueOn(),
                        b.needId(),
                        b.jobId(),
                        false,
                        null,
                        null,
                        0),
                b.gas());
    }

    @PostMapping("/debts/{id}/happened")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void happened(Caller caller, @PathVariable UUID id, @RequestBody DebtStepRequest body) {
        service.happened(caller, id, body.version());
    }

    @PostMapping("/debts/{id}/settle")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void settle(Caller caller, @PathVariable UUID id, @RequestBody DebtStepRequest body) {
        service.settle(caller, id, body.version());
    }
}
