package ofisino.server.roadready.faultcodes;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.kernel.NotFound;
import ofisino.core.kernel.Texts;
import ofisino.core.roadready.faultcodes.FaultCode;
import ofisino.core.roadready.faultcodes.FaultTally;
import ofisino.core.roadready.gate.Evidence;
import ofisino.server.db.Stored;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Garages;
import ofisino.server.plan.Jobs;
import ofisino.server.roadready.FaultCodes;
import ofisino.server.roadready.faultcodes.FaultCodeMapper.CauseRow;
import ofisino.server.roadready.faultcodes.FaultCodeMapper.CodeRow;
import ofisino.server.roadready.faultcodes.FaultCodeMapper.ScanRow;
import ofisino.server.vehicle.Projects;
import org.springframework.stereotype.Service;

/** Fault codes over time. A code that comes back takes up again the job that was to cure it. */
@Service
record FaultCodeService(FaultCodeMapper mapper, Projects projects, Jobs jobs, Garages garages, Clock clock)
        implements FaultCodes {
    private static final int MOST_CODES = 200;

    FaultTally tally(Caller caller, UUID projectId) {
        projects.require(caller, projectId);
        return FaultTally.of(
                scans(caller, projectId),
                causes(caller, projectId).stream()
                        .collect(Collectors.toMap(c -> new FaultCode(c.module(), c.code()), CauseRow::cause)));
    }

    private List<FaultTally.Scan> scans(Caller caller, UUID projectId) {
        Map<UUID, List<FaultCode>> byScan = mapper.codes(caller.garageId(), projectId).stream()
                .collect(Collectors.groupingBy(
                        CodeRow::scanId,
                        Collectors.mapping(c -> new FaultCode(c.module(), c.code()), Collectors.toList())));
        return mapper.scans(caller.garageId(), projectId).stream()
                .map(s -> new FaultTally.Scan(s.scannedOn(), s.afterDrive(), byScan.getOrDefault(s.id(), List.of())))
                .toList();
    }

    List<CauseRow> causes(Caller caller, UUID projectId) {
        return mapper.causes(caller.garageId(), projectId);
    }

    void scan(Caller caller, UUID projectId, ScanRow scan, List<FaultCode> codes) {
        projects.requireOpen(caller, projectId);
        if (codes.size() > MOST_CODES)
            throw InvalidValue.at(
                    "codes", "fault-code.too-many", "That is too much at once.", "Send at most %d codes.", MOST_CODES);
        if (scan.scannedOn().isAfter(LocalDate.now(clock.withZone(garages.zone(caller)))))
            throw InvalidValue.at(
                    "scannedOn", "fault-code.future", "The codes cannot be read in the future.", "Check the day.");
        mapper.insertScan(
                caller.garageId(),
                projectId,
                new ScanRow(scan.id(), scan.scannedOn(), scan.afterDrive(), Texts.note("note", scan.note())));
        codes.stream()
                .distinct()
                .forEach(c -> mapper.insertCode(caller.garageId(), new CodeRow(scan.id(), c.module(), c.code())));
        takeUpAgain(caller, projectId);
    }

    /** What is still read after its job was finished was not cured by it. */
    private void takeUpAgain(Caller caller, UUID projectId) {
        Map<FaultCode, CauseRow> causes = causes(caller, projectId).stream()
                .collect(Collectors.toMap(c -> new FaultCode(c.module(), c.code()), c -> c));
        tally(caller, projectId).lines().stream()
                .filter(l -> l.standing().isThere())
                .map(l -> causes.get(l.code()))
                .filter(c -> c != null && c.jobId() != null)
                .map(CauseRow::jobId)
                .distinct()
                .forEach(job -> jobs.takeUpAgain(caller, job));
    }

    void blame(Caller caller, UUID projectId, CauseRow row) {
        projects.requireOpen(caller, projectId);
        FaultCode code = new FaultCode(row.module(), row.code());
        if (row.jobId() != null
                && !jobs.require(caller, row.jobId()).projectId().equals(projectId))
            throw new NotFound("job", row.jobId());
        CauseRow checked =
                new CauseRow(code.module(), code.code(), Texts.line("cause", row.cause()), row.jobId(), row.version());
        Optional<CauseRow> known = known(caller, projectId, code);
        if (known.isEmpty() && row.version() == 0) mapper.insertCause(caller.garageId(), projectId, checked);
        else
            Stored.notStale(
                    mapper.updateCause(caller.garageId(), projectId, checked),
                    "cause",
                    () -> known(caller, projectId, code).orElseThrow(() -> new NotFound("cause", code)));
    }

    private Optional<CauseRow> known(Caller caller, UUID projectId, FaultCode code) {
        return causes(caller, projectId).stream()
                .filter(c -> new FaultCode(c.module(), c.code()).equals(code))
                .findFirst();
    }

    @Override
    public Optional<Evidence.Codes> lastRead(Caller caller, UUID projectId) {
        return mapper.scans(caller.garageId(), projectId).stream()
                .reduce((a, b) -> b)
                .map(last -> new Evidence.Codes(
                        last.id(),
                        mapper.codes(caller.garageId(), projectId).stream()
                                .filter(c -> c.scanId().equals(last.id()))
                                .map(c -> c.code() + " (" + c.module() + ")")
                                .toList(),
                        last.afterDrive()));
    }
}
