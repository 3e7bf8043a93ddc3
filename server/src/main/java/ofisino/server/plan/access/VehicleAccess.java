package ofisino.server.plan.access;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import ofisino.core.plan.access.Access;
import ofisino.core.plan.access.AccessGraph;
import ofisino.core.plan.access.AccessLibrary;
import ofisino.core.plan.access.Departure;
import ofisino.core.plan.interlock.Reconnection;
import ofisino.core.plan.job.Operation;
import ofisino.server.db.Stored;
import ofisino.server.identity.Caller;
import ofisino.server.plan.Jobs;
import ofisino.server.plan.access.AccessMapper.OwnAccessRow;
import ofisino.server.vehicle.Equipments;
import ofisino.server.vehicle.Projects;
import org.springframework.stereotype.Component;

/** The accesses that a vehicle has: those of its layout, and a person's own. */
@Component
record VehicleAccess(
        AccessMapper mapper,
        Projects projects,
        AccessLibrary library,
        Equipments equipments,
        Reconnection reconnection) {
    private AccessGraph shipped(Caller caller, Projects.Project project) {
        return library.of(
                equipments.of(caller, project), Set.copyOf(mapper.accessesUsed(caller.garageId(), project.id())));
    }

    AccessGraph of(Caller caller, UUID projectId) {
        AccessGraph usual = shipped(caller, projects.require(caller, projectId));
        return usual.with(mapper.ownAccess(caller.garageId(), projectId).stream()
                .map(own -> toCore(own, usual))
                .toList());
    }

    private static Access toCore(OwnAccessRow own, AccessGraph usual) {
        return own.toCore(usual.has(own.access()) ? Optional.of(usual.require(own.access())) : Optional.empty());
    }

    /** What a job in a zone needs to have open. */
    Set<String> needed(
            Caller caller,
            UUID projectId,
            String zone,
            Operation operation,
            Departure departure,
            Supplier<Set<Operation>> piece) {
        Projects.Project project = projects.require(caller, projectId);
        return library.needed(equipments.of(caller, project), zone, operation, departure, piece);
    }

    /** How a person's own job departs from what is usual. */
    Departure byItsTitle(Caller caller, Jobs.Job job) {
        return job.zone() == null
                ? Departure.NONE
                : library.byItsTitle(
                        job.title(),
                        job.zone(),
                        job.operation(),
                        equipments.of(caller, projects.require(caller, job.projectId())));
    }

    Map<String, Long> ownVersions(Caller caller, UUID projectId) {
        return mapper.ownAccess(caller.garageId(), projectId).stream()
                .collect(Collectors.toMap(OwnAccessRow::access, OwnAccessRow::version));
    }

    void keepOwn(Caller caller, UUID projectId, OwnAccessRow row) {
        Projects.Project project = projects.requireOpen(caller, projectId);
        of(caller, projectId).with(List.of(toCore(row, shipped(caller, project))));
        boolean known = ownVersions(caller, projectId).containsKey(row.access());
        if (!known && row.version() == 0) mapper.insertOwnAccess(caller.garageId(), projectId, row);
        else
            Stored.notStale(
                    mapper.updateOwnAccess(caller.garageId(), projectId, row),
                    "access",
                    () -> mapper.ownAccess(caller.garageId(), projectId));
    }

    /** What is to be set again once the battery is back. */
    List<Reconnection.Reset> afterReconnecting(Caller caller, UUID projectId) {
        Projects.Project project = projects.require(caller, projectId);
        return reconnection.of(equipments.of(caller, project));
    }
}
