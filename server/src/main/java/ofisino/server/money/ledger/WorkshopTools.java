package ofisino.server.money.ledger;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import ofisino.core.kernel.Currencies;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.money.ledger.Destination;
import ofisino.core.money.ledger.EntryKind;
import ofisino.core.money.ledger.Split;
import ofisino.core.money.ledger.Splits;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Garages;
import ofisino.server.money.ledger.EntryController.ToolToWorkshopRequest;
import ofisino.server.money.ledger.EntryController.WorkshopTool;
import ofisino.server.money.ledger.EntryController.WorkshopToolsResponse;
import ofisino.server.money.ledger.EntryMapper.EntryRow;
import ofisino.server.vehicle.Projects;
import org.springframework.stereotype.Service;

/** Tools that the workshop keeps for all its cars: off the car that paid for them, until that is reversed. */
@Service
record WorkshopTools(
        EntryService entries, BookedEntries booked, EntryMapper mapper, Projects projects, Garages garages) {

    WorkshopToolsResponse all(Caller caller) {
        List<WorkshopTool> tools = mapper.workshopTools(caller.garageId()).stream()
                .map(t -> new WorkshopTool(
                        t.id(),
                        projects.require(caller, t.projectId()).vehicleName(),
                        t.description(),
                        t.movedOn(),
                        t.paidMinor()))
                .toList();
        return new WorkshopToolsResponse(
                garages.baseCurrency(caller).getCode(),
                tools.stream().mapToLong(WorkshopTool::paidMinor).reduce(0, Math::addExact),
                tools);
    }

    void take(Caller caller, UUID projectId, ToolToWorkshopRequest tool) {
        projects.requireOpen(caller, projectId);
        if (tool.minor() <= 0)
            throw InvalidValue.at("minor", "entry.amount", "The amount must be above 0.", "Enter what it cost.");
        Currencies.minor("minor", garages.baseCurrency(caller), tool.minor());
        long borne = toolsOf(caller, projectId);
        if (tool.minor() > borne)
            throw InvalidValue.at(
                    "minor",
                    "tool.not-borne",
                    "This car bears less than that for tools.",
                    "Book the receipt with its share on tools first, or enter less.");
        mapper.insert(
                caller.garageId(),
                EntryRow.moved(
                        tool.id(),
                        projectId,
                        EntryKind.TO_WORKSHOP,
                        tool.movedOn(),
                        tool.description(),
                        garages.baseCurrency(caller).getCode(),
                        -tool.minor(),
                        null));
        entries.save(
                caller,
                tool.id(),
                new Splits(-tool.minor(), List.of(new Split(Destination.TOOLS, Optional.empty(), -tool.minor()))));
        entries.post(caller, tool.id(), 0);
    }

    private long toolsOf(Caller caller, UUID projectId) {
        return booked.of(caller, projectId).stream()
                .flatMap(e -> e.splits().stream())
                .filter(s -> s.destination() == Destination.TOOLS)
                .mapToLong(Split::baseMinor)
                .reduce(0, Math::addExact);
    }
}
