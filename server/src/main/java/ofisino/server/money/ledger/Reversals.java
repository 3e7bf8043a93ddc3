package ofisino.server.money.ledger;

import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import ofisino.core.kernel.Conflict;
import ofisino.core.money.ledger.Split;
import ofisino.core.money.ledger.Splits;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Garages;
import ofisino.server.money.ledger.EntryMapper.EntryRow;
import ofisino.server.money.ledger.EntryMapper.SplitRow;
import ofisino.server.money.ledger.EntryMapper.State;
import ofisino.server.vehicle.Projects;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** What is booked is taken back by its opposite, dated today; what was moved from car to car on both. */
@Service
record Reversals(EntryService entries, EntryMapper mapper, Projects projects, Garages garages, Clock clock) {
    EntryRow reverse(Caller caller, UUID id, UUID reversalId) {
        EntryRow posted = mustStand(caller, id);
        if (posted.twinId() == null) {
            draft(caller, posted, reversalId, null);
        } else {
            EntryRow twin = mustStand(caller, posted.twinId());
            UUID other = UUID.nameUUIDFromBytes((reversalId + " on the other car").getBytes(StandardCharsets.UTF_8));
            draft(caller, posted, reversalId, other);
            draft(caller, twin, other, reversalId);
            entries.post(caller, other, 0);
        }
        return entries.post(caller, reversalId, 0);
    }

    private EntryRow mustStand(Caller caller, UUID id) {
        EntryRow posted = entries.find(caller, id);
        projects.requireOpen(caller, posted.projectId());
        if (posted.state() != State.POSTED)
            throw Conflict.of("entry.draft", "A draft is not reversed.", "Change it or discard it.");
        if (posted.reversedBy() != null || posted.reversesId() != null)
            throw Conflict.of(
                    "entry.reversed",
                    "This entry is reversed already, or is itself a reversal.",
                    "Enter the amount again instead.");
        return posted;
    }

    private void draft(Caller caller, EntryRow posted, UUID reversalId, @Nullable UUID twinId) {
        var today = LocalDate.now(clock.withZone(garages.zone(caller)));
        mapper.insert(
                caller.garageId(),
                new EntryRow(
                        reversalId,
                        posted.projectId(),
                        posted.kind(),
                        today,
                        posted.description(),
                        posted.supplierId(),
                        posted.orderId(),
                        posted.currency(),
                        -posted.amountMinor(),
                        posted.rate(),
                        posted.rateOn(),
                        -posted.baseMinor(),
                        posted.returnBy(),
                        State.DRAFT,
                        posted.id(),
                        null,
                        twinId,
                        0,
                        0));
        List<Split> parts = entries.splitsOf(caller, posted.id()).stream()
                .map(SplitRow::value)
                .toList();
        entries.save(caller, reversalId, new Splits(posted.baseMinor(), parts).reversed());
    }
}
