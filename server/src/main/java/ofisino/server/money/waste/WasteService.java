package ofisino.server.money.waste;

import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import ofisino.core.kernel.Conflict;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.kernel.NotFound;
import ofisino.core.kernel.Texts;
import ofisino.core.money.ledger.WasteCause;
import ofisino.server.identity.Caller;
import ofisino.server.money.Entries;
import ofisino.server.money.waste.WasteController.CauseTotal;
import ofisino.server.money.waste.WasteController.WasteFields;
import ofisino.server.money.waste.WasteController.WasteResponse;
import ofisino.server.money.waste.WasteController.Wasted;
import ofisino.server.money.waste.WasteMapper.BookedRow;
import ofisino.server.money.waste.WasteMapper.WasteRow;
import ofisino.server.vehicle.Projects;
import org.springframework.stereotype.Service;

/** What was paid for nothing, and why. */
@Service
record WasteService(WasteMapper mapper, Projects projects, Entries entries) {
    WasteResponse of(Caller caller, UUID projectId) {
        projects.require(caller, projectId);
        List<WasteRow> rows = mapper.of(caller.garageId(), projectId);
        Map<UUID, String> described = entries.posted(caller, projectId).stream()
                .collect(Collectors.toMap(Entries.Posted::id, Entries.Posted::description));
        Map<WasteCause, Long> causes = new EnumMap<>(WasteCause.class);
        rows.forEach(r -> causes.merge(r.cause(), r.minor(), Math::addExact));
        return new WasteResponse(
                causes.values().stream().reduce(0L, Math::addExact),
                causes.entrySet().stream()
                        .map(e -> new CauseTotal(e.getKey(), e.getValue()))
                        .sorted(Comparator.comparingLong(CauseTotal::minor).reversed())
                        .toList(),
                rows.stream()
                        .map(r -> new Wasted(
                                r.id(), r.entryId(), described.get(r.entryId()), r.minor(), r.cause(), r.note()))
                        .toList());
    }

    void add(Caller caller, UUID entryId, WasteFields fields) {
        BookedRow booked = mapper.lockBooked(caller.garageId(), entryId)
                .orElseThrow(() -> Conflict.of(
                        "waste.not-booked",
                        "That is not booked, or was reversed.",
                        "Book it first; what was reversed counts nowhere."));
        projects.require(caller, booked.projectId());
        long left = booked.baseMinor() - booked.wastedMinor();
        if (fields.minor() <= 0 || fields.minor() > left)
            throw InvalidValue.at(
                    "minor",
                    "waste.sum",
                    "More than nothing and no more than what was paid can be for nothing.",
                    "Enter a part of it that is not counted as waste yet.");
        mapper.insert(
                caller.garageId(),
                new WasteRow(
                        fields.id(),
                        entryId,
                        fields.minor(),
                        fields.cause(),
                        Texts.optionalLine("note", fields.note())));
    }

    void remove(Caller caller, UUID id) {
        if (mapper.delete(caller.garageId(), id) == 0) throw new NotFound("waste", id);
    }
}
