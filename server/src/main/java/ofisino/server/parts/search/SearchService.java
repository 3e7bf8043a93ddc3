package ofisino.server.parts.search;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import ofisino.core.kernel.Currencies;
import ofisino.core.kernel.NotFound;
import ofisino.core.kernel.Texts;
import ofisino.core.parts.sourcing.PartSearch;
import ofisino.server.db.Stored;
import ofisino.server.db.Words;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Garages;
import ofisino.server.parts.Needs;
import ofisino.server.parts.PartSearches;
import ofisino.server.parts.search.SearchController.InterchangeFields;
import ofisino.server.parts.search.SearchController.SearchRequest;
import ofisino.server.parts.search.SearchController.SearchResponse;
import ofisino.server.parts.search.SearchMapper.InterchangeRow;
import ofisino.server.parts.search.SearchMapper.SearchRow;
import ofisino.server.vehicle.Projects;
import org.springframework.stereotype.Service;

/** Parts that cannot be had: looked for again and again, and what of other vehicles fits. */
@Service
record SearchService(SearchMapper mapper, Needs needs, Projects projects, Garages garages, Clock clock)
        implements PartSearches {
    @Override
    public Map<UUID, PartSearch> lookedFor(Caller caller, UUID projectId) {
        return mapper.of(caller.garageId(), projectId).stream()
                .collect(Collectors.toMap(SearchRow::needId, SearchRow::toCore));
    }

    List<SearchResponse> of(Caller caller, UUID projectId) {
        projects.require(caller, projectId);
        return mapper.of(caller.garageId(), projectId).stream()
                .map(row -> new SearchResponse(row, row.toCore().lookAgainOn().orElse(null)))
                .toList();
    }

    void put(Caller caller, UUID needId, SearchRequest said) {
        UUID projectId = needs.open(caller, needId).projectId();
        Long stored = mapper.of(caller.garageId(), projectId).stream()
                .filter(row -> row.needId().equals(needId))
                .findFirst()
                .map(SearchRow::mostMinor)
                .orElse(null);
        var row = new SearchRow(
                needId,
                said.why(),
                caller.seesMoney() ? said.mostMinor() : stored,
                LocalDate.now(clock.withZone(garages.zone(caller))),
                Texts.note("lookedAt", said.lookedAt()),
                said.wayOut());
        row.toCore();
        if (row.mostMinor() != null) Currencies.minor("mostMinor", garages.baseCurrency(caller), row.mostMinor());
        mapper.put(caller.garageId(), row);
    }

    void end(Caller caller, UUID needId) {
        needs.open(caller, needId);
        mapper.delete(caller.garageId(), needId);
    }

    List<InterchangeRow> interchange(Caller caller, String q) {
        return mapper.interchange(caller.garageId(), Words.literally(q));
    }

    InterchangeRow add(Caller caller, UUID id, InterchangeFields said) {
        mapper.insert(caller.garageId(), checked(id, said, 0));
        return find(caller, id);
    }

    InterchangeRow change(Caller caller, UUID id, InterchangeFields said, long version) {
        find(caller, id);
        Stored.notStale(mapper.update(caller.garageId(), checked(id, said, version)), "note", () -> find(caller, id));
        return find(caller, id);
    }

    private static InterchangeRow checked(UUID id, InterchangeFields said, long version) {
        return new InterchangeRow(
                id,
                Texts.line("part", said.part()),
                Texts.line("fitsFrom", said.fitsFrom()),
                Texts.note("change", said.change()),
                Texts.line("toldBy", said.toldBy()),
                said.tried(),
                version);
    }

    void remove(Caller caller, UUID id) {
        if (mapper.deleteNote(caller.garageId(), id) == 0) throw new NotFound("note", id);
    }

    private InterchangeRow find(Caller caller, UUID id) {
        return Stored.require(mapper.find(caller.garageId(), id), "note", id);
    }
}
