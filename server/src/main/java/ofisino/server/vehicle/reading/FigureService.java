package ofisino.server.vehicle.reading;

import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import ofisino.core.kernel.Conflict;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.kernel.NotFound;
import ofisino.core.vehicle.body.Body;
import ofisino.core.vehicle.check.Catalogue;
import ofisino.core.vehicle.equipment.Equipment;
import ofisino.core.vehicle.reading.Limit;
import ofisino.core.vehicle.reading.Limits;
import ofisino.core.vehicle.reading.OwnFigure;
import ofisino.core.vehicle.reading.OwnMeasurand;
import ofisino.server.db.Stored;
import ofisino.server.identity.Caller;
import ofisino.server.vehicle.Equipments;
import ofisino.server.vehicle.Measurands;
import ofisino.server.vehicle.Projects;
import ofisino.server.vehicle.reading.ReadingMapper.FigureRow;
import org.springframework.stereotype.Service;

/** By which figures the readings of a vehicle are judged, and where each thing can be measured. */
@Service
record FigureService(ReadingMapper mapper, Projects projects, Equipments equipments, Limits limits, Catalogue catalogue)
        implements Measurands {
    /** By id, each as it holds for this vehicle. */
    Map<String, Limit> limits(Caller caller, UUID projectId) {
        Map<String, List<FigureRow>> entered = entered(caller, projectId);
        Function<String, List<OwnFigure>> figuresOf = id -> entered.getOrDefault(id, List.of()).stream()
                .map(FigureRow::toCore)
                .toList();
        return Stream.concat(
                        limits.of(vehicle(caller, projectId)).stream(),
                        own(caller, projectId).stream()
                                .map(m -> m.limit(
                                        figuresOf.apply(m.limitId()).stream().findFirst())))
                .map(l -> l.by(figuresOf.apply(l.id())))
                .collect(Collectors.toMap(Limit::id, l -> l, (a, b) -> a, LinkedHashMap::new));
    }

    @Override
    public Limit limit(Caller caller, UUID projectId, String id) {
        return Optional.ofNullable(limits(caller, projectId).get(id)).orElseGet(() -> limits.require(id));
    }

    /** What a person added to measure. */
    List<OwnMeasurand> own(Caller caller, UUID projectId) {
        return mapper.measurands(caller.garageId(), projectId);
    }

    void add(Caller caller, UUID projectId, OwnMeasurand measurand) {
        projects.requireOpen(caller, projectId);
        if (limits(caller, projectId).values().stream().anyMatch(l -> l.name().equalsIgnoreCase(measurand.name())))
            throw InvalidValue.at(
                    "name",
                    "measurand.known",
                    "“%s” can be measured already.",
                    "Choose it among the readings.",
                    measurand.name());
        mapper.insertMeasurand(caller.garageId(), projectId, measurand);
    }

    /** Only while nothing was measured by it: a reading without its meaning is lost. */
    void remove(Caller caller, UUID projectId, UUID id) {
        projects.requireOpen(caller, projectId);
        OwnMeasurand known = own(caller, projectId).stream()
                .filter(m -> m.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new NotFound("measurand", id));
        if (mapper.of(caller.garageId(), projectId).stream()
                .anyMatch(r -> r.limitId().equals(known.limitId())))
            throw Conflict.of(
                    "measurand.used",
                    "“%s” was measured: it stays, with its readings.",
                    "Add another one instead.",
                    known.name());
        mapper.deleteFigures(caller.garageId(), projectId, known.limitId());
        mapper.deleteMeasurand(caller.garageId(), id);
    }

    private Equipment vehicle(Caller caller, UUID projectId) {
        return equipments.of(caller, projects.require(caller, projectId));
    }

    /** By what they are about, the best source first. */
    Map<String, List<FigureRow>> entered(Caller caller, UUID projectId) {
        return mapper.figures(caller.garageId(), projectId).stream()
                .sorted(Comparator.comparing(FigureRow::sourceKind))
                .collect(Collectors.groupingBy(FigureRow::limitId));
    }

    void enter(Caller caller, UUID projectId, FigureRow row) {
        projects.requireOpen(caller, projectId);
        limit(caller, projectId, row.limitId()).by(List.of(row.toCore())); // refuses what makes no sense
        Optional<FigureRow> known = known(caller, projectId, row);
        if (known.isEmpty() && row.version() == 0) mapper.insertFigure(caller.garageId(), projectId, row);
        else
            Stored.notStale(
                    known.map(k -> mapper.updateFigure(caller.garageId(), row.withId(k.id())))
                            .orElse(0),
                    "figure",
                    () -> known(caller, projectId, row));
    }

    private Optional<FigureRow> known(Caller caller, UUID projectId, FigureRow row) {
        return entered(caller, projectId).getOrDefault(row.limitId(), List.of()).stream()
                .filter(f -> f.sourceKind() == row.sourceKind())
                .findFirst();
    }

    /** Where what a limit judges can be measured on this vehicle. */
    Set<String> placesOf(Limit limit, Body body) {
        return catalogue.placesOf(limit.id(), limit.system(), body);
    }

    Body bodyOf(Caller caller, UUID projectId) {
        return projects.bodyOf(projects.require(caller, projectId));
    }
}
