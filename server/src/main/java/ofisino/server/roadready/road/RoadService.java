package ofisino.server.roadready.road;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import ofisino.core.kernel.Conflict;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.kernel.NotFound;
import ofisino.core.kernel.Texts;
import ofisino.core.roadready.gate.Proof;
import ofisino.core.roadready.gate.Proofs;
import ofisino.core.roadready.gate.Tightness;
import ofisino.server.db.Stored;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Garages;
import ofisino.server.plan.JobTakenUp;
import ofisino.server.plan.Jobs;
import ofisino.server.plan.WorkTouched;
import ofisino.server.roadready.road.RoadMapper.FastenerFields;
import ofisino.server.roadready.road.RoadMapper.FastenerRow;
import ofisino.server.roadready.road.RoadMapper.ProofFields;
import ofisino.server.roadready.road.RoadMapper.ProofRow;
import ofisino.server.vehicle.Equipments;
import ofisino.server.vehicle.Projects;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;

/** What was proved before a gate, and how the fasteners that must hold are tightened. */
@Service
record RoadService(
        RoadMapper mapper,
        Proofs proofs,
        Projects projects,
        Equipments equipments,
        Jobs jobs,
        Garages garages,
        Clock clock) {
    private static final String WITHDRAWN = "withdrawn";
    private static final double MOST_NEWTON_METRES = 1000;

    List<Proof> asked(Caller caller, UUID projectId) {
        return proofs.of(equipments.of(caller, projects.require(caller, projectId)));
    }

    List<ProofRow> recorded(Caller caller, UUID projectId) {
        return mapper.proofs(caller.garageId(), projectId);
    }

    void record(Caller caller, UUID projectId, UUID id, ProofFields said) {
        projects.requireOpen(caller, projectId);
        Proof proof = asked(caller, projectId).stream()
                .filter(p -> p.id().equals(said.proof()))
                .findFirst()
                .orElseThrow(() -> InvalidValue.at(
                        "proof",
                        "proof.not-asked",
                        "This vehicle does not ask for “%s”.",
                        "Reload the page.",
                        said.proof()));
        proof.check(said.value(), said.doneOn(), said.validUntil(), today(caller));
        proof.mustFollow(worked(caller, projectId), said.doneOn());
        mustBeNext(caller, projectId, proof);
        mapper.insertProof(
                caller.garageId(),
                projectId,
                caller.accountId(),
                new ProofRow(
                        id,
                        projectId,
                        null,
                        null,
                        new ProofFields(
                                proof.id(),
                                said.doneOn(),
                                proof.value().isPresent() ? said.value() : null,
                                proof.until() ? said.validUntil() : null,
                                Texts.note("note", said.note()))));
    }

    private List<Proof.Worked> worked(Caller caller, UUID projectId) {
        return jobs.of(caller, projectId).stream()
                .filter(j -> j.operation().changesTheVehicle() && j.workedOn() != null)
                .map(j -> new Proof.Worked(
                        j.title(), j.nature().system().map(Set::of).orElse(Set.of()), j.workedOn()))
                .toList();
    }

    /** The list of a greater distance is not offered while an earlier one is open. */
    private void mustBeNext(Caller caller, UUID projectId, Proof proof) {
        if (proof.afterKm().isEmpty()) return;
        List<String> standing = recorded(caller, projectId).stream()
                .filter(p -> p.voidedBy() == null)
                .map(p -> p.said().proof())
                .toList();
        asked(caller, projectId).stream()
                .filter(p -> p.afterKm().isPresent()
                        && p.afterKm().getAsInt() < proof.afterKm().getAsInt()
                        && !standing.contains(p.id()))
                .findFirst()
                .ifPresent(earlier -> {
                    throw Conflict.of(
                            "proof.earlier-first", "Something comes before it.", "First: %s.", earlier.name());
                });
    }

    /** It was recorded by mistake, or does not hold any more. */
    void takeBack(Caller caller, UUID id) {
        ProofRow row = Stored.require(mapper.findProof(caller.garageId(), id), "proof", id);
        projects.requireOpen(caller, row.projectId());
        mapper.voidProof(caller.garageId(), id, WITHDRAWN);
    }

    /** Later work voids what was proved before; where nobody knows what it touched, all that work can void. */
    @EventListener
    void workTouched(WorkTouched work) {
        for (ProofRow row : recorded(work.caller(), work.projectId()))
            if (row.voidedBy() == null && proofs.require(row.said().proof()).isVoidedBy(work.systems()))
                mapper.voidProof(work.caller().garageId(), row.id(), work.what());
    }

    List<FastenerRow> fasteners(Caller caller, UUID projectId) {
        return mapper.fasteners(caller.garageId(), projectId);
    }

    FastenerRow put(Caller caller, UUID projectId, UUID id, long version, FastenerFields said) {
        projects.requireOpen(caller, projectId);
        boolean figure = said.tightness() == Tightness.FIGURE;
        FastenerRow row = new FastenerRow(
                id, projectId, figure ? today(caller) : null, null, version, checked(caller, projectId, said));
        Optional<FastenerRow> stored = mapper.findFastener(caller.garageId(), row.id());
        if (stored.filter(f -> !f.projectId().equals(projectId)).isPresent())
            throw new NotFound("fastener of this vehicle", row.id());
        if (stored.isEmpty() && row.version() == 0)
            mapper.insertFastener(caller.garageId(), projectId, caller.accountId(), row);
        else
            Stored.notStale(
                    mapper.updateFastener(caller.garageId(), caller.accountId(), row),
                    "fastener",
                    () -> fastener(caller, row.id()));
        return fastener(caller, row.id());
    }

    /** A job that was over is taken apart again: what it had tightened is tightened again. */
    @EventListener
    void takenUpAgain(JobTakenUp job) {
        mapper.loosen(job.caller().garageId(), job.jobId());
    }

    private FastenerRow fastener(Caller caller, UUID id) {
        return Stored.require(mapper.findFastener(caller.garageId(), id), "fastener", id);
    }

    private FastenerFields checked(Caller caller, UUID projectId, FastenerFields said) {
        if (said.jobId() != null
                && !jobs.require(caller, said.jobId()).projectId().equals(projectId))
            throw InvalidValue.at(
                    "jobId",
                    "fastener.other-project",
                    "That job belongs to another vehicle.",
                    "Choose one of this vehicle.");
        boolean figure = said.tightness() == Tightness.FIGURE;
        if (figure
                && (said.newtonMetres() == null
                        || !(said.newtonMetres() > 0 && said.newtonMetres() <= MOST_NEWTON_METRES)))
            throw InvalidValue.at(
                    "newtonMetres",
                    "fastener.figure",
                    "That is no torque.",
                    "Enter it in newton metres, up to %d.",
                    (int) MOST_NEWTON_METRES);
        if (figure && said.source().isBlank())
            throw InvalidValue.at(
                    "source",
                    "fastener.source",
                    "A figure without its source helps nobody.",
                    "Say manual and page, or who told it.");
        return new FastenerFields(
                said.jobId(),
                Texts.line("title", said.title()),
                said.system(),
                said.tightness(),
                figure ? said.newtonMetres() : null,
                said.source().strip());
    }

    void remove(Caller caller, UUID id) {
        projects.requireOpen(caller, fastener(caller, id).projectId());
        mapper.deleteFastener(caller.garageId(), id);
    }

    private LocalDate today(Caller caller) {
        return LocalDate.now(clock.withZone(garages.zone(caller)));
    }
}
