package ofisino.server.vehicle.structure;

import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import ofisino.core.kernel.Texts;
import ofisino.core.vehicle.structure.ReferencePoint;
import ofisino.core.vehicle.structure.ReferencePoint.Stage;
import ofisino.server.db.Stored;
import ofisino.server.identity.Caller;
import ofisino.server.vehicle.BodyChange;
import ofisino.server.vehicle.Projects;
import ofisino.server.vehicle.structure.StructureMapper.ActualRow;
import ofisino.server.vehicle.structure.StructureMapper.PointRow;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;

/** How far a shell is off, before and after it was pulled and fitted. */
@Service
record StructureService(StructureMapper mapper, Projects projects) {
    /** @param actual the last reading of each stage */
    record Point(PointRow row, Map<Stage, ActualRow> actual) {
        ReferencePoint.Advice advice() {
            Map<Stage, Double> mm = new EnumMap<>(Stage.class);
            actual.forEach((stage, a) -> mm.put(stage, a.actualMm()));
            return row.toCore().advice(mm);
        }
    }

    List<Point> of(Caller caller, UUID projectId) {
        projects.require(caller, projectId);
        Map<UUID, Map<Stage, ActualRow>> byPoint = new HashMap<>();
        for (ActualRow a : mapper.actual(caller.garageId(), projectId))
            byPoint.computeIfAbsent(a.pointId(), id -> new EnumMap<>(Stage.class))
                    .put(a.stage(), a);
        return mapper.points(caller.garageId(), projectId).stream()
                .map(p -> new Point(p, byPoint.getOrDefault(p.id(), Map.of())))
                .toList();
    }

    @EventListener
    void placesStay(BodyChange change) {
        for (PointRow p : mapper.points(change.caller().garageId(), change.projectId()))
            change.keep(p.name(), p.zone());
    }

    void keep(Caller caller, UUID projectId, PointRow row) {
        projects.bodyOf(projects.requireOpen(caller, projectId)).require(row.zone());
        ReferencePoint point = row.toCore();
        PointRow checked = new PointRow(
                row.id(),
                row.zone(),
                point.name(),
                row.expectedMm(),
                row.toleranceMm(),
                row.against(),
                Texts.line("reference", row.reference()),
                row.reliable(),
                row.version());
        if (row.version() == 0
                && mapper.find(caller.garageId(), projectId, row.id()).isEmpty())
            mapper.insertPoint(caller.garageId(), projectId, checked);
        else
            Stored.notStale(
                    mapper.updatePoint(caller.garageId(), projectId, checked),
                    "point",
                    () -> require(caller, projectId, row.id()));
    }

    private PointRow require(Caller caller, UUID projectId, UUID id) {
        return Stored.require(mapper.find(caller.garageId(), projectId, id), "point", id);
    }

    void measure(Caller caller, UUID projectId, ActualRow row) {
        projects.requireOpen(caller, projectId);
        require(caller, projectId, row.pointId());
        ReferencePoint.mustBeALength("actualMm", row.actualMm());
        mapper.insertActual(caller.garageId(), row);
    }
}
