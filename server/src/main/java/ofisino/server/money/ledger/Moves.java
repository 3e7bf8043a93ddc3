package ofisino.server.money.ledger;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import ofisino.core.kernel.Currencies;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.kernel.NotFound;
import ofisino.core.money.ledger.Destination;
import ofisino.core.money.ledger.EntryKind;
import ofisino.core.money.ledger.Split;
import ofisino.core.money.ledger.Splits;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Garages;
import ofisino.server.money.ledger.EntryController.ValueMoveRequest;
import ofisino.server.money.ledger.EntryMapper.EntryRow;
import ofisino.server.plan.Jobs;
import ofisino.server.vehicle.Projects;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** Value that goes from one car to another: what the one gains the other loses, to the cent and in one go. */
@Service
record Moves(EntryService entries, EntryMapper mapper, Projects projects, Jobs jobs, Garages garages) {
    void move(Caller caller, UUID fromProject, ValueMoveRequest m) {
        projects.requireOpen(caller, fromProject);
        projects.requireOpen(caller, m.toProject());
        if (fromProject.equals(m.toProject()))
            throw InvalidValue.at(
                    "toProject", "move.same", "That is the car it is on.", "Choose another of the garage.");
        if (m.minor() <= 0)
            throw InvalidValue.at("minor", "entry.amount", "The amount must be above 0.", "Enter what it is worth.");
        Currencies.minor("minor", garages.baseCurrency(caller), m.minor());
        draft(caller, m, fromProject, m.id(), m.twinId(), EntryKind.MOVED_OUT, m.fromJob());
        draft(caller, m, m.toProject(), m.twinId(), m.id(), EntryKind.MOVED_IN, m.toJob());
        entries.post(caller, m.id(), 0);
        entries.post(caller, m.twinId(), 0);
    }

    private void draft(
            Caller caller, ValueMoveRequest m, UUID project, UUID id, UUID twin, EntryKind kind, @Nullable UUID job) {
        if (job != null && !jobs.require(caller, job).projectId().equals(project)) throw new NotFound("job", job);
        long minor = kind.comesIn() ? -m.minor() : m.minor();
        mapper.insert(
                caller.garageId(),
                EntryRow.moved(
                        id,
                        project,
                        kind,
                        m.movedOn(),
                        m.description(),
                        garages.baseCurrency(caller).getCode(),
                        minor,
                        twin));
        Destination to = job == null ? Destination.VEHICLE : Destination.JOB;
        entries.save(caller, id, new Splits(minor, List.of(new Split(to, Optional.ofNullable(job), minor))));
    }
}
