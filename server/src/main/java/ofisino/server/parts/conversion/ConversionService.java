package ofisino.server.parts.conversion;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import ofisino.core.kernel.Conflict;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.kernel.Texts;
import ofisino.core.parts.sourcing.ConversionState;
import ofisino.core.parts.sourcing.ConversionState.Effect;
import ofisino.core.parts.sourcing.NeedState;
import ofisino.server.db.Stored;
import ofisino.server.identity.Caller;
import ofisino.server.parts.Needs;
import ofisino.server.parts.Needs.Need;
import ofisino.server.parts.conversion.ConversionController.NewConversionRequest;
import ofisino.server.parts.conversion.ConversionController.PartConversionResponse;
import ofisino.server.parts.conversion.ConversionMapper.ConversionRow;
import ofisino.server.parts.conversion.ConversionMapper.PackRow;
import ofisino.server.vehicle.Projects;
import org.springframework.stereotype.Service;

/**
 * Something else in the place of what was there. While nobody has decided, its parts and those that it would replace are on hold; chosen, its
 * parts are all essential to its first step, and the replaced ones stay on hold and keep no job waiting.
 */
@Service
record ConversionService(ConversionMapper mapper, Needs needs, Projects projects) {
    List<PartConversionResponse> of(Caller caller, UUID projectId) {
        projects.require(caller, projectId);
        Map<UUID, Need> all =
                needs.of(caller, projectId).stream().collect(Collectors.toMap(Need::id, Function.identity()));
        List<PackRow> packs = mapper.packs(caller.garageId(), projectId);
        return mapper.of(caller.garageId(), projectId).stream()
                .map(c -> response(c, packs, all))
                .toList();
    }

    private static PartConversionResponse response(ConversionRow c, List<PackRow> packs, Map<UUID, Need> all) {
        List<UUID> parts = its(c, packs, false);
        int here = (int)
                parts.stream().filter(id -> all.get(id).state().isAvailable()).count();
        return new PartConversionResponse(
                c.id(),
                c.jobId(),
                c.name(),
                c.wayBack(),
                c.state(),
                c.answerBy(),
                parts,
                its(c, packs, true),
                here,
                here == parts.size(),
                c.version());
    }

    private static List<UUID> its(ConversionRow c, List<PackRow> packs, boolean replaced) {
        return packs.stream()
                .filter(p -> p.conversionId().equals(c.id()) && p.isReplaced() == replaced)
                .map(PackRow::needId)
                .toList();
    }

    void add(Caller caller, UUID projectId, NewConversionRequest said) {
        projects.requireOpen(caller, projectId);
        String name = Texts.line("name", said.name());
        if (said.parts().isEmpty())
            throw InvalidValue.at(
                    "parts",
                    "conversion.empty",
                    "The pack is empty.",
                    "Choose all that it needs, bolts and clips too.");
        mapper.insert(
                caller.garageId(),
                new ConversionRow(
                        said.id(),
                        projectId,
                        said.jobId(),
                        name,
                        Texts.note("wayBack", said.wayBack()),
                        ConversionState.CONSIDERED,
                        said.answerBy(),
                        0));
        Map<UUID, PackRow> taken = mapper.packs(caller.garageId(), projectId).stream()
                .collect(Collectors.toMap(PackRow::needId, Function.identity()));
        for (UUID id :
                Stream.concat(said.parts().stream(), said.replaced().stream()).toList()) {
            Need n = needs.open(caller, id);
            if (!n.projectId().equals(projectId) || taken.containsKey(id))
                throw Conflict.of(
                        "conversion.taken",
                        "“%s” belongs to another conversion.",
                        "Choose another part, or decide about that one first.",
                        n.title());
            boolean isReplaced = said.replaced().contains(id);
            mapper.put(caller.garageId(), said.id(), id, isReplaced);
            if (n.state() == NeedState.NEEDED || n.state() == NeedState.SOURCED)
                needs.save(caller, n.held("Undecided: %s".formatted(name), said.answerBy(), n.version()));
        }
    }

    void decide(Caller caller, UUID id, boolean chosen, long version) {
        ConversionRow c = Stored.require(mapper.find(caller.garageId(), id), "conversion", id);
        projects.requireOpen(caller, c.projectId());
        ConversionState now = c.state().decided(chosen);
        Stored.notStale(mapper.decide(caller.garageId(), id, now, version), "conversion", () -> c);
        for (PackRow row : mapper.packs(caller.garageId(), c.projectId()))
            if (row.conversionId().equals(id))
                apply(caller, c, now, needs.open(caller, row.needId()), row.isReplaced());
    }

    /** What is here or on its way already stays what it is; if it belongs to the pack, its first step still needs it. */
    private void apply(Caller caller, ConversionRow c, ConversionState now, Need n, boolean isReplaced) {
        Effect effect = now.on(isReplaced);
        boolean isHeld = n.state() == NeedState.HELD;
        Need free =
                isHeld ? needs.save(caller, n.in(NeedState.NEEDED, "", n.placeId(), n.arrivedOn(), n.version())) : n;
        if (effect == Effect.ESSENTIAL && c.jobId() != null) needs.save(caller, free.essentialTo(c.jobId()));
        if (effect == Effect.LEFT_OUT && isHeld) {
            String why = (isReplaced ? "%s takes its place" : "Not done: %s").formatted(c.name());
            needs.save(caller, free.leftOut(why, free.version()));
        }
    }
}
