package ofisino.server.vehicle.sleep;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.kernel.Texts;
import ofisino.core.vehicle.sleep.Sleep;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Garages;
import ofisino.server.vehicle.Projects;
import ofisino.server.vehicle.VehicleChecks;
import ofisino.server.vehicle.sleep.SleepMapper.EvidenceRow;
import org.springframework.stereotype.Service;

/** How long a vehicle slept, by its evidence, and what that calls for. */
@Service
record SleepService(
        SleepMapper mapper, Projects projects, Garages garages, VehicleChecks checks, Sleep sleep, Clock clock) {
    record Slept(List<EvidenceRow> evidence, Optional<Sleep.Estimate> estimate, List<Sleep.Suspect> suspects) {}

    Slept of(Caller caller, UUID projectId) {
        Projects.Project project = projects.require(caller, projectId);
        List<EvidenceRow> rows = mapper.of(caller.garageId(), projectId);
        Optional<Sleep.Estimate> estimate =
                Sleep.estimate(rows.stream().map(EvidenceRow::toCore).toList(), today(caller));
        return new Slept(
                rows,
                estimate,
                estimate.map(e -> sleep.suspects(e.months(), checks.of(caller, project)))
                        .orElse(List.of()));
    }

    void add(Caller caller, UUID projectId, EvidenceRow row) {
        projects.requireOpen(caller, projectId);
        row.toCore();
        if (row.usedOn() != null && row.usedOn().isAfter(today(caller)))
            throw InvalidValue.at("usedOn", "sleep.future", "It cannot have run in the future.", "Check the year.");
        mapper.insert(
                caller.garageId(),
                projectId,
                new EvidenceRow(row.id(), row.kind(), row.usedOn(), Texts.note("note", row.note())));
    }

    private LocalDate today(Caller caller) {
        return LocalDate.now(clock.withZone(garages.zone(caller)));
    }
}
