package ofisino.server.vehicle.anatomy;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import ofisino.core.kernel.Conflict;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.kernel.NotFound;
import ofisino.core.vehicle.anatomy.Anatomy;
import ofisino.core.vehicle.anatomy.OwnComponent;
import ofisino.server.db.Stored;
import ofisino.server.identity.Caller;
import ofisino.server.vehicle.Anatomies;
import ofisino.server.vehicle.BodyChange;
import ofisino.server.vehicle.Projects;
import ofisino.server.vehicle.anatomy.OwnComponentMapper.OwnComponentFields;
import ofisino.server.vehicle.anatomy.OwnComponentMapper.OwnComponentRow;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;

/** What a person says of the parts of a vehicle. What the files say anyway is not kept. */
@Service
record AnatomyService(Anatomy anatomy, OwnComponentMapper mapper, Projects projects) implements Anatomies {
    @Override
    public Anatomy of(Caller caller, UUID projectId) {
        return anatomy.with(mapper.of(caller.garageId(), projectId).stream()
                .map(OwnComponentRow::toCore)
                .toList());
    }

    List<OwnComponentRow> own(Caller caller, UUID projectId) {
        projects.require(caller, projectId);
        return mapper.of(caller.garageId(), projectId);
    }

    void put(Caller caller, UUID projectId, UUID id, long version, OwnComponentFields said) {
        Projects.Project project = projects.requireOpen(caller, projectId);
        OwnComponent own = said.toCore();
        if (own.added().isEmpty()) anatomy.require(own.component());
        own.added().ifPresent(a -> {
            if (projects.bodyOf(project).zones().stream()
                    .noneMatch(z -> z.place().equals(a.place())))
                throw InvalidValue.at(
                        "place",
                        "own-component.place",
                        "There is no such place on this vehicle.",
                        "Choose one from the list.");
        });
        anatomy.with(List.of(own)); // a nature that nobody knows is refused
        Optional<OwnComponentRow> stored = mapper.find(caller.garageId(), id);
        if (stored.filter(r -> !r.projectId().equals(projectId)).isPresent())
            throw new NotFound("part of this vehicle", id);
        if (own.isAsShipped()) {
            mapper.delete(caller.garageId(), id);
            return;
        }
        OwnComponentRow row = new OwnComponentRow(
                id,
                projectId,
                version,
                new OwnComponentFields(
                        own.component(),
                        own.name().orElse(null),
                        own.absent(),
                        own.notOriginal(),
                        said.place(),
                        said.system(),
                        said.nature()));
        if (stored.isEmpty()) mapper.insert(caller.garageId(), row);
        else
            Stored.notStale(
                    mapper.update(caller.garageId(), row),
                    "part",
                    () -> Stored.require(mapper.find(caller.garageId(), id), "part", id));
    }

    /** Back to what the files say; one of one's own goes, unless a finding is about it. */
    void remove(Caller caller, UUID id) {
        OwnComponentRow row = Stored.require(mapper.find(caller.garageId(), id), "part", id);
        projects.requireOpen(caller, row.projectId());
        if (row.said().place() != null
                && mapper.findingsOf(
                                caller.garageId(), row.projectId(), row.said().component())
                        > 0)
            throw Conflict.of(
                    "own-component.used",
                    "A finding is about this part.",
                    "Say that it is not there, or move the finding first.");
        mapper.delete(caller.garageId(), id);
    }

    @EventListener
    void placesStay(BodyChange change) {
        for (OwnComponentRow row : mapper.of(change.caller().garageId(), change.projectId()))
            if (row.said().place() != null)
                change.keep(
                        row.said().name() == null ? "" : row.said().name(),
                        row.said().place());
    }
}
