package ofisino.server.vehicle.finding;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import ofisino.core.kernel.Aim;
import ofisino.core.vehicle.HowSeen;
import ofisino.core.vehicle.finding.Decision;
import ofisino.core.vehicle.finding.DecisionProposal;
import ofisino.core.vehicle.finding.FindingKind;
import ofisino.core.vehicle.finding.PreviousWork;
import ofisino.core.vehicle.finding.Proposal;
import ofisino.core.vehicle.finding.SafetyClass;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Roles;
import ofisino.server.vehicle.Findings;
import ofisino.server.vehicle.finding.FindingMapper.FindingRow;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@Roles
@RequestMapping("/api")
record FindingController(FindingService service) {
    /**
     * What a person may say of a finding; what is left open is proposed.
     *
     * @param component     what it is about, one of those at its zone; the check says it where the person does not
     * @param loweredReason why the class is milder than what is known demands
     * @param checkId       the check that it was made at; it stays
     * @param limitId       the limit that a reading lay outside of; it stays
     */
    record FindingFields(
            String zone,
            @Nullable String component,
            FindingKind kind,
            @Nullable Integer severity,
            @Nullable SafetyClass safetyClass,
            @Nullable String loweredReason,
            @Nullable HowSeen howSeen,
            boolean covered,
            @Nullable Aim aim,
            @Nullable String note,
            LocalDate foundOn,
            @Nullable String checkId,
            @Nullable String limitId) {
        static FindingFields bare(
                String zone, @Nullable String component, FindingKind kind, String note, LocalDate foundOn) {
            return new FindingFields(
                    zone, component, kind, null, null, null, null, false, null, note, foundOn, null, null);
        }

        /** All as proposed, in the words of the check. */
        static FindingFields ofCheck(Findings.Failed f) {
            return new FindingFields(
                    f.check().foundIn().id(),
                    null,
                    f.kind(),
                    null,
                    null,
                    null,
                    f.howSeen(),
                    false,
                    null,
                    f.check().check().means(),
                    f.on(),
                    f.check().check().id(),
                    null);
        }

        FindingFields at(@Nullable String check, @Nullable String limit) {
            return new FindingFields(
                    zone,
                    component,
                    kind,
                    severity,
                    safetyClass,
                    loweredReason,
                    howSeen,
                    covered,
                    aim,
                    note,
                    foundOn,
                    check,
                    limit);
        }
    }

    record NewFindingRequest(UUID id, FindingFields fields) {}

    record OneOfManyDecisions(UUID findingId, Decision decision, String reason, long version) {}

    record DecisionsRequest(List<OneOfManyDecisions> decisions) {}

    record FindingChangeRequest(FindingFields fields, long version) {}

    record DecisionRequest(Decision decision, String reason, long version) {}

    /** @param duplicateOf the finding that stays, where this one says the same */
    record WithdrawalRequest(String reason, @Nullable UUID duplicateOf, long version) {}

    record OriginRequest(@Nullable UUID behindId, @Nullable PreviousWork previousWork, long version) {}

    record DecisionProposalResponse(UUID findingId, Decision decision, DecisionProposal.ProposedBecause why) {}

    record ReopeningRequest(long version) {}

    record ProposalResponse(
            int severity, SafetyClass safetyClass, HowSeen howSeen, Aim aim, List<Proposal.Reason> reasons) {}

    @GetMapping("/projects/{projectId}/findings")
    List<FindingRow> list(Caller caller, @PathVariable UUID projectId) {
        return service.list(caller, projectId);
    }

    @GetMapping("/projects/{projectId}/proposal")
    ProposalResponse propose(
            Caller caller,
            @PathVariable UUID projectId,
            @RequestParam String zone,
            @RequestParam FindingKind kind,
            @RequestParam(required = false) @Nullable String component) {
        Proposal p = service.propose(caller, projectId, FindingFields.bare(zone, component, kind, "", LocalDate.MIN));
        return new ProposalResponse(p.severity().grade(), p.safetyClass(), p.howSeen(), p.aim(), p.reasons());
    }

    @PostMapping("/projects/{projectId}/findings")
    @ResponseStatus(HttpStatus.CREATED)
    FindingRow record(Caller caller, @PathVariable UUID projectId, @RequestBody NewFindingRequest body) {
        return service.record(caller, projectId, body.id(), body.fields());
    }

    /** All or none: each of them as if decided by itself. */
    @PostMapping("/projects/{projectId}/decisions")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void decideAll(Caller caller, @PathVariable UUID projectId, @RequestBody DecisionsRequest body) {
        for (OneOfManyDecisions d : body.decisions())
            service.decide(caller, d.findingId(), d.decision(), d.reason(), d.version());
    }

    @GetMapping("/findings/{id}")
    FindingRow find(Caller caller, @PathVariable UUID id) {
        return service.find(caller, id);
    }

    @PutMapping("/findings/{id}")
    FindingRow change(Caller caller, @PathVariable UUID id, @RequestBody FindingChangeRequest body) {
        return service.change(caller, id, body.fields(), body.version());
    }

    @PostMapping("/findings/{id}/decision")
    FindingRow decide(Caller caller, @PathVariable UUID id, @RequestBody DecisionRequest body) {
        return service.decide(caller, id, body.decision(), body.reason(), body.version());
    }

    @PostMapping("/findings/{id}/withdrawal")
    FindingRow withdraw(Caller caller, @PathVariable UUID id, @RequestBody WithdrawalRequest body) {
        return service.withdraw(caller, id, body.reason(), body.duplicateOf(), body.version());
    }

    @PutMapping("/findings/{id}/origin")
    FindingRow origin(Caller caller, @PathVariable UUID id, @RequestBody OriginRequest body) {
        return service.origin(caller, id, body.behindId(), body.previousWork(), body.version());
    }

    @GetMapping("/projects/{projectId}/decisions")
    List<DecisionProposalResponse> decisions(Caller caller, @PathVariable UUID projectId) {
        return service.decisions(caller, projectId).entrySet().stream()
                .map(e -> new DecisionProposalResponse(
                        e.getKey(), e.getValue().decision(), e.getValue().why()))
                .toList();
    }

    @PostMapping("/findings/{id}/reopening")
    FindingRow reopen(Caller caller, @PathVariable UUID id, @RequestBody ReopeningRequest body) {
        return service.reopen(caller, id, body.version());
    }
}
