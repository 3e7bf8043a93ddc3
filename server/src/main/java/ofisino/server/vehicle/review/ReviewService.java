package ofisino.server.vehicle.review;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import ofisino.core.kernel.Conflict;
import ofisino.core.kernel.NotFound;
import ofisino.core.kernel.Texts;
import ofisino.core.vehicle.anatomy.Anatomy;
import ofisino.core.vehicle.anatomy.Component;
import ofisino.core.vehicle.body.Body;
import ofisino.core.vehicle.finding.Finding;
import ofisino.server.attachments.Pictures;
import ofisino.server.attachments.Pictures.Picture;
import ofisino.server.attachments.Subject;
import ofisino.server.db.Stored;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Garages;
import ofisino.server.identity.Links;
import ofisino.server.identity.Links.Visit;
import ofisino.server.vehicle.Anatomies;
import ofisino.server.vehicle.BodyChange;
import ofisino.server.vehicle.Equipments;
import ofisino.server.vehicle.Findings;
import ofisino.server.vehicle.Projects;
import ofisino.server.vehicle.review.RemarkMapper.RemarkFields;
import ofisino.server.vehicle.review.RemarkMapper.RemarkRow;
import ofisino.server.vehicle.review.RemarkMapper.State;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** A second pair of eyes: somebody outside looks at the findings by a link and remarks on them; the owner decides. */
@Service
class ReviewService {
    /** More than a friend has to say, and little enough to read through when a link went astray. */
    private static final int MOST_REMARKS = 100;

    private final RemarkMapper mapper;
    private final Links links;
    private final Findings findings;
    private final Projects projects;
    private final Equipments equipments;
    private final Anatomies anatomies;
    private final Pictures pictures;
    private final Garages garages;
    private final Clock clock;

    ReviewService(
            RemarkMapper mapper,
            Links links,
            Findings findings,
            Projects projects,
            Equipments equipments,
            Anatomies anatomies,
            Pictures pictures,
            Garages garages,
            Clock clock) {
        this.mapper = mapper;
        this.links = links;
        this.findings = findings;
        this.projects = projects;
        this.equipments = equipments;
        this.anatomies = anatomies;
        this.pictures = pictures;
        this.garages = garages;
        this.clock = clock;
    }

    String invite(Caller caller, UUID projectId, UUID id, int days) {
        projects.require(caller, projectId);
        return links.make(caller, id, projectId, days);
    }

    List<Links.Link> links(Caller caller, UUID projectId) {
        projects.require(caller, projectId);
        return links.of(caller, projectId);
    }

    void revoke(Caller caller, UUID linkId) {
        links.revoke(caller, linkId);
    }

    @EventListener
    void placesStay(BodyChange change) {
        for (RemarkRow r : mapper.of(change.caller().garageId(), change.projectId()))
            if (r.said().zone() != null)
                change.keep("a remark from outside", r.said().zone());
    }

    List<RemarkRow> remarks(Caller caller, UUID projectId) {
        projects.require(caller, projectId);
        return mapper.of(caller.garageId(), projectId);
    }

    /** What the owner makes of a remark. Accepted about a place, it becomes a finding of the given id, in doubt until somebody looked. */
    void decide(Caller caller, UUID id, boolean accept, String reason, UUID findingId, long version) {
        RemarkRow remark = Stored.require(mapper.find(caller.garageId(), id), "remark", id);
        projects.requireOpen(caller, remark.projectId());
        Stored.notStale(
                mapper.decide(
                        caller.garageId(),
                        id,
                        accept ? State.ACCEPTED : State.REJECTED,
                        Texts.line("reason", reason),
                        version),
                "remark",
                () -> Stored.require(mapper.find(caller.garageId(), id), "remark", id));
        if (accept && remark.said().zone() != null)
            findings.recordDoubt(
                    caller,
                    remark.projectId(),
                    findingId,
                    remark.said().zone(),
                    "%s: %s".formatted(remark.said().author(), remark.said().words()),
                    LocalDate.now(clock.withZone(garages.zone(caller))));
    }

    /** @param remarks those that came by this link */
    /** @param picture the first of the vehicle itself */
    record Shown(
            Projects.Project project,
            Optional<UUID> picture,
            Body.Drawing drawing,
            List<ShownFinding> findings,
            List<RemarkRow> remarks) {}

    /** @param thing what it is about, as the person calls it */
    record ShownFinding(Finding finding, Optional<String> thing, List<UUID> pictures) {}

    Shown show(String token) {
        Visit visit = links.require(token);
        Projects.Project project = projects.require(visit.caller(), visit.subjectId());
        Anatomy anatomy = anatomies.of(visit.caller(), project.id());
        return new Shown(
                project,
                pictures.picturesOf(visit.caller(), Subject.VEHICLE, project.vehicleId()).stream()
                        .findFirst(),
                projects.bodyOf(project).drawing(equipments.of(visit.caller(), project)),
                findings.of(visit.caller(), visit.subjectId()).stream()
                        .filter(f -> !f.state().isOver())
                        .map(f -> new ShownFinding(
                                f,
                                f.seen().component().flatMap(anatomy::find).map(Component::name),
                                pictures.picturesOf(visit.caller(), Subject.FINDING, f.id())))
                        .toList(),
                mapper.of(visit.caller().garageId(), visit.subjectId()).stream()
                        .filter(r -> r.linkId().equals(visit.linkId()))
                        .toList());
    }

    /** Of the vehicle itself. */
    Picture pictureOfVehicle(String token, UUID pictureId) {
        Visit visit = links.require(token);
        Projects.Project project = projects.require(visit.caller(), visit.subjectId());
        return pictures.require(visit.caller(), Subject.VEHICLE, project.vehicleId(), pictureId);
    }

    Picture picture(String token, UUID findingId, UUID pictureId) {
        Visit visit = links.require(token);
        mine(visit, findingId);
        return pictures.require(visit.caller(), Subject.FINDING, findingId, pictureId);
    }

    private void mine(Visit visit, UUID findingId) {
        if (!findings.require(visit.caller(), findingId).projectId().equals(visit.subjectId()))
            throw new NotFound("finding", findingId);
    }

    /** Said again under the same id, it is kept once. */
    @Transactional
    public void remark(String token, UUID id, RemarkFields said) {
        Visit visit = links.require(token);
        UUID garage = visit.caller().garageId();
        mapper.lock(garage, visit.subjectId());
        Optional<RemarkRow> earlier = mapper.find(garage, id);
        if (earlier.isPresent()) return;
        if (said.findingId() != null) mine(visit, said.findingId());
        else
            projects.bodyOf(projects.requireOpen(visit.caller(), visit.subjectId()))
                    .require(said.zone());
        if (mapper.of(garage, visit.subjectId()).stream()
                        .filter(r -> r.linkId().equals(visit.linkId()))
                        .count()
                >= MOST_REMARKS)
            throw Conflict.of("remark.many", "That is as much as one link takes.", "Ask the owner for another one.");
        mapper.insert(
                garage,
                visit.subjectId(),
                new RemarkRow(
                        id,
                        visit.subjectId(),
                        visit.linkId(),
                        null,
                        State.UNCONFIRMED,
                        "",
                        0,
                        new RemarkFields(
                                said.findingId(),
                                said.findingId() == null ? said.zone() : null,
                                Texts.line("author", said.author()),
                                words(said.words()))));
    }

    private static String words(String words) {
        String kept = Texts.note("remark", words);
        return kept.isEmpty() ? Texts.line("remark", kept) : kept;
    }
}
