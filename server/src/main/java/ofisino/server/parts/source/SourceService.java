package ofisino.server.parts.source;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import ofisino.core.kernel.Currencies;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.kernel.Texts;
import ofisino.server.db.Stored;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Garages;
import ofisino.server.parts.Needs;
import ofisino.server.parts.Sources;
import ofisino.server.parts.Suppliers;
import ofisino.server.parts.source.SourceController.SourceFields;
import ofisino.server.parts.source.SourceMapper.HoldsRow;
import ofisino.server.parts.source.SourceMapper.SourceRow;
import ofisino.server.vehicle.Projects;
import org.joda.money.CurrencyUnit;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** What is offered for what is needed, by whom and for how much. */
@Service
record SourceService(SourceMapper mapper, Needs needs, Suppliers suppliers, Projects projects, Garages garages)
        implements Sources {
    private static final int MOST_IN_ONE = 99_999;

    @Override
    public List<PartSource> of(Caller caller, UUID projectId) {
        projects.require(caller, projectId);
        Map<UUID, List<Holds>> holds = mapper.holds(caller.garageId(), projectId).stream()
                .collect(Collectors.groupingBy(
                        HoldsRow::sourceId, Collectors.mapping(HoldsRow::holds, Collectors.toList())));
        return mapper.of(caller.garageId(), projectId).stream()
                .map(r -> new PartSource(
                        r.id(),
                        r.projectId(),
                        r.supplierId(),
                        r.article(),
                        r.said(),
                        holds.getOrDefault(r.id(), List.of()),
                        r.version()))
                .toList();
    }

    PartSource add(Caller caller, UUID projectId, UUID id, SourceFields said) {
        projects.requireOpen(caller, projectId);
        check(caller, projectId, said);
        mapper.insert(
                caller.garageId(), new SourceRow(id, projectId, said.supplierId(), article(said), 0, said.said()));
        putHolds(caller, id, said.holds());
        return require(caller, projectId, id);
    }

    @Override
    public void note(Caller caller, UUID projectId, PartSource offer) {
        add(
                caller,
                projectId,
                offer.id(),
                new SourceFields(offer.supplierId(), offer.article(), offer.said(), offer.holds()));
    }

    private static @Nullable String article(SourceFields said) {
        String line = Texts.optionalLine("article", said.article());
        return line.isEmpty() ? null : line;
    }

    PartSource change(Caller caller, UUID id, SourceFields said, long version) {
        SourceRow stored = open(caller, id);
        check(caller, stored.projectId(), said);
        var changed = new SourceRow(id, stored.projectId(), said.supplierId(), article(said), version, said.said());
        Stored.notStale(
                mapper.update(caller.garageId(), changed), "offer", () -> require(caller, stored.projectId(), id));
        mapper.deleteHolds(caller.garageId(), id);
        putHolds(caller, id, said.holds());
        return require(caller, stored.projectId(), id);
    }

    void remove(Caller caller, UUID id) {
        open(caller, id);
        mapper.delete(caller.garageId(), id);
    }

    private SourceRow open(Caller caller, UUID id) {
        SourceRow stored = Stored.require(mapper.find(caller.garageId(), id), "offer", id);
        projects.requireOpen(caller, stored.projectId());
        return stored;
    }

    private void putHolds(Caller caller, UUID id, List<Holds> holds) {
        holds.forEach(h -> mapper.insertHolds(caller.garageId(), id, h));
    }

    private PartSource require(Caller caller, UUID projectId, UUID id) {
        return Stored.require(
                of(caller, projectId).stream().filter(s -> s.id().equals(id)).findFirst(), "offer", id);
    }

    private void check(Caller caller, UUID projectId, SourceFields said) {
        if (said.supplierId() == null && !said.said().kind().isAtHome())
            throw InvalidValue.at(
                    "supplierId",
                    "source.seller",
                    "Nobody sells it yet.",
                    "Choose the seller, or own stock, made, lent.");
        if (said.holds().isEmpty())
            throw InvalidValue.at(
                    "holds", "source.holds", "It is for nothing.", "Choose at least one part that it is for.");
        Set<UUID> here =
                needs.of(caller, projectId).stream().map(Needs.Need::id).collect(Collectors.toSet());
        for (Holds h : said.holds()) {
            if (!here.contains(h.needId()))
                throw InvalidValue.at(
                        "holds",
                        "source.other-project",
                        "A part is not on this list.",
                        "Choose parts of this project.");
            if (h.pieces() < 1 || h.pieces() > MOST_IN_ONE)
                throw InvalidValue.at("holds", "source.pieces", "%d cannot be in one.", "Enter 1 or more.", h.pieces());
        }
        CurrencyUnit currency = said.supplierId() == null
                ? garages.baseCurrency(caller)
                : Currencies.of("currency", supplier(caller, said.supplierId()).currency());
        Currencies.minor("priceMinor", currency, said.said().priceMinor());
        Currencies.minor("depositMinor", currency, said.said().depositMinor());
    }

    private Suppliers.Supplier supplier(Caller caller, UUID id) {
        return Stored.require(
                suppliers.all(caller).stream().filter(s -> s.id().equals(id)).findFirst(), "supplier", id);
    }
}
