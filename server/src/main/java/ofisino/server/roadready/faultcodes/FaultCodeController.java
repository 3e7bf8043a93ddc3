package ofisino.server.roadready.faultcodes;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import ofisino.core.roadready.faultcodes.FaultCode;
import ofisino.core.roadready.faultcodes.FaultTally;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Roles;
import ofisino.server.roadready.faultcodes.FaultCodeMapper.CauseRow;
import ofisino.server.roadready.faultcodes.FaultCodeMapper.ScanRow;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@Roles
@RequestMapping("/api/projects/{projectId}/fault-codes")
record FaultCodeController(FaultCodeService service) {
    record FaultLineResponse(
            FaultCode code,
            FaultTally.Standing standing,
            LocalDate first,
            LocalDate last,
            FaultTally.@Nullable Hint hint) {
        static FaultLineResponse of(FaultTally.Line l) {
            return new FaultLineResponse(
                    l.code(), l.standing(), l.first(), l.last(), l.hint().orElse(null));
        }
    }

    /** @param cause empty for the codes of which nobody named one */
    record LeftResponse(String cause, int codes) {}

    record FaultsResponse(
            List<FaultLineResponse> lines,
            List<FaultTally.Count> trend,
            List<LeftResponse> left,
            List<CauseRow> causes,
            boolean clear) {}

    record NewScanRequest(
            UUID id,
            LocalDate scannedOn,
            boolean afterDrive,
            @Nullable String note,
            List<FaultCode> codes) {}

    @GetMapping
    FaultsResponse of(Caller caller, @PathVariable UUID projectId) {
        FaultTally tally = service.tally(caller, projectId);
        return new FaultsResponse(
                tally.lines().stream().map(FaultLineResponse::of).toList(),
                tally.trend(),
                tally.byCause().entrySet().stream()
                        .map(e -> new LeftResponse(e.getKey(), e.getValue()))
                        .toList(),
                service.causes(caller, projectId),
                tally.clear());
    }

    @PostMapping
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void scan(Caller caller, @PathVariable UUID projectId, @RequestBody NewScanRequest body) {
        service.scan(
                caller,
                projectId,
                new ScanRow(body.id(), body.scannedOn(), body.afterDrive(), body.note()),
                body.codes());
    }

    @PutMapping("/causes")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void blame(Caller caller, @PathVariable UUID projectId, @RequestBody CauseRow body) {
        service.blame(caller, projectId, body);
    }
}
