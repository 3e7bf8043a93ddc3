package ofisino.server.plan.clearance;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import ofisino.core.kernel.NotFound;
import ofisino.core.plan.clearance.Envelope;
import ofisino.core.plan.clearance.Passage;
import ofisino.server.identity.Caller;
import ofisino.server.plan.Jobs;
import ofisino.server.plan.Plans;
import ofisino.server.plan.clearance.ClearanceMapper.PassageRow;
import ofisino.server.plan.clearance.ClearanceMapper.SizeChangeRow;
import ofisino.server.plan.clearance.ClearanceMapper.SizeRow;
import ofisino.server.vehicle.Projects;
import org.springframework.stereotype.Service;

/** Whether the vehicle still goes through the door, after each of its planned jobs. */
@Service
record ClearanceService(ClearanceMapper mapper, Projects projects, Jobs jobs, Plans plans) {
    /** @param path empty while nobody measured the vehicle */
    record Through(PassageRow passage, Optional<Passage.Path> path) {}

    record Cleared(Optional<SizeRow> size, List<SizeChangeRow> changes, List<Through> passages) {}

    Cleared of(Caller caller, UUID projectId) {
        projects.require(caller, projectId);
        Optional<SizeRow> size = mapper.size(caller.garageId(), projectId);
        List<SizeChangeRow> changes = inOrder(caller, projectId, mapper.changes(caller.garageId(), projectId));
        List<Envelope.Change> core = changes.stream().map(SizeChangeRow::toCore).toList();
        return new Cleared(
                size,
                changes,
                mapper.passages(caller.garageId()).stream()
                        .map(p -> new Through(p, size.map(s -> p.toCore().follow(s.toCore(), core))))
                        .toList());
    }

    /** As the jobs are planned; one without a date comes last. What is done is in the size already. */
    private List<SizeChangeRow> inOrder(Caller caller, UUID projectId, List<SizeChangeRow> changes) {
        Map<UUID, Long> begins = new HashMap<>();
        Plans.Planned planned = plans.of(caller, projectId);
        planned.plan().activities().values().forEach(a -> {
            Plans.Subject subject = planned.subject(a.id().value());
            if (subject.kind() == Plans.Subject.Kind.JOB)
                begins.put(subject.id(), a.start().getEpochSecond());
        });
        Map<UUID, Jobs.Job> open = jobs.of(caller, projectId).stream()
                .filter(j -> !j.state().isOver())
                .collect(Collectors.toMap(Jobs.Job::id, j -> j));
        List<SizeChangeRow> sorted = new ArrayList<>(
                changes.stream().filter(c -> open.containsKey(c.jobId())).toList());
        sorted.sort(Comparator.comparing(c -> begins.getOrDefault(c.jobId(), Long.MAX_VALUE)));
        return sorted;
    }

    void keepPassage(Caller caller, PassageRow row) {
        Passage checked = row.toCore();
        PassageRow named =
                new PassageRow(row.id(), checked.name(), row.heightMm(), row.widthMm(), row.lengthMm(), row.marginMm());
        if (mapper.updatePassage(caller.garageId(), named) == 0) mapper.insertPassage(caller.garageId(), named);
    }

    void dropPassage(Caller caller, UUID id) {
        if (mapper.deletePassage(caller.garageId(), id) == 0) throw new NotFound("passage", id);
    }

    void measure(Caller caller, UUID projectId, SizeRow size) {
        projects.requireOpen(caller, projectId);
        size.toCore();
        mapper.deleteSize(caller.garageId(), projectId);
        mapper.insertSize(caller.garageId(), projectId, size);
    }

    /** @param change all 0 takes it away */
    void change(Caller caller, SizeChangeRow change) {
        projects.requireOpen(caller, jobs.require(caller, change.jobId()).projectId());
        change.toCore(); // refuses what no vehicle does
        mapper.deleteChange(caller.garageId(), change.jobId());
        if (change.heightMm() != 0 || change.widthMm() != 0 || change.lengthMm() != 0)
            mapper.insertChange(caller.garageId(), change);
    }
}
