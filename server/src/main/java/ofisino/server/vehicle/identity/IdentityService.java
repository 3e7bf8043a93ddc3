package ofisino.server.vehicle.identity;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import ofisino.core.kernel.NotFound;
import ofisino.core.kernel.Texts;
import ofisino.core.vehicle.identity.Feature;
import ofisino.core.vehicle.identity.VariantPart;
import ofisino.server.db.Stored;
import ofisino.server.identity.Caller;
import ofisino.server.vehicle.Projects;
import ofisino.server.vehicle.Variants;
import ofisino.server.vehicle.identity.IdentityMapper.FeatureRow;
import ofisino.server.vehicle.identity.IdentityMapper.VariantPartRow;
import org.springframework.stereotype.Service;

/** Whether a vehicle is what its papers say, and which parts of a sister variant do not fit it. */
@Service
record IdentityService(IdentityMapper mapper, Projects projects) implements Variants {
    /** Every feature, whether anybody looked at it or not. */
    List<FeatureRow> features(Caller caller, UUID projectId) {
        projects.require(caller, projectId);
        Map<Feature, FeatureRow> known = mapper.features(caller.garageId(), projectId).stream()
                .collect(Collectors.toMap(FeatureRow::feature, Function.identity()));
        return Arrays.stream(Feature.values())
                .map(f -> known.getOrDefault(f, new FeatureRow(f, "", "", "", null, 0)))
                .toList();
    }

    void compare(Caller caller, UUID projectId, FeatureRow row) {
        projects.requireOpen(caller, projectId);
        FeatureRow checked = new FeatureRow(
                row.feature(),
                orNothing("expected", row.expected()),
                orNothing("found", row.found()),
                orNothing("foundAt", row.foundAt()),
                row.feature().isLiteral() ? null : row.agrees(),
                row.version());
        boolean known =
                mapper.features(caller.garageId(), projectId).stream().anyMatch(f -> f.feature() == row.feature());
        if (!known && row.version() == 0) mapper.insertFeature(caller.garageId(), projectId, checked);
        else
            Stored.notStale(
                    mapper.updateFeature(caller.garageId(), projectId, checked),
                    "feature",
                    () -> features(caller, projectId).get(row.feature().ordinal()));
    }

    private static String orNothing(String field, String text) {
        return text == null || text.isBlank() ? "" : Texts.line(field, text);
    }

    List<VariantPartRow> partRows(Caller caller, UUID projectId) {
        projects.require(caller, projectId);
        return mapper.parts(caller.garageId(), projectId);
    }

    @Override
    public List<VariantPart> parts(Caller caller, UUID projectId) {
        return partRows(caller, projectId).stream().map(VariantPartRow::toCore).toList();
    }

    void addPart(Caller caller, UUID projectId, VariantPartRow row) {
        projects.requireOpen(caller, projectId);
        VariantPart checked = row.toCore();
        mapper.insertPart(
                caller.garageId(), projectId, new VariantPartRow(row.id(), checked.name(), checked.difference()));
    }

    void dropPart(Caller caller, UUID projectId, UUID id) {
        projects.requireOpen(caller, projectId);
        if (mapper.deletePart(caller.garageId(), projectId, id) == 0) throw new NotFound("part", id);
    }
}
