package ofisino.server.logbook.worksession;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.kernel.NotFound;
import ofisino.core.kernel.Texts;
import ofisino.core.logbook.worksession.SpentOn;
import ofisino.server.db.Stored;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Garages;
import ofisino.server.logbook.WorkSessions;
import ofisino.server.logbook.worksession.WorkSessionController.WorkFields;
import ofisino.server.logbook.worksession.WorkSessionController.WorkSessionFields;
import ofisino.server.logbook.worksession.WorkSessionMapper.DayRow;
import ofisino.server.logbook.worksession.WorkSessionMapper.WorkRow;
import ofisino.server.logbook.worksession.WorkSessionMapper.WorkSessionRow;
import ofisino.server.plan.CarAccess;
import ofisino.server.plan.Jobs;
import ofisino.server.plan.LoggedDays;
import ofisino.server.vehicle.Projects;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** What was done on an evening, how long on which job, and the note to tomorrow's self. */
@Service
record WorkSessionService(
        WorkSessionMapper mapper,
        WorkSessionBegunService begun,
        Jobs jobs,
        CarAccess carAccess,
        Projects projects,
        Garages garages,
        Clock clock)
        implements WorkSessions, LoggedDays {
    private static final int DAY = 24 * 60;

    List<WorkSessionRow> list(Caller caller, UUID projectId) {
        projects.require(caller, projectId);
        return mapper.of(caller.garageId(), projectId);
    }

    List<WorkRow> work(Caller caller, UUID projectId) {
        return mapper.work(caller.garageId(), projectId).stream()
                .map(w -> w.access() == null ? w : w.called(carAccess.nameOf(caller, projectId, w.access())))
                .toList();
    }

    @Override
    public Map<UUID, Set<LocalDate>> since(Caller caller, LocalDate first) {
        return mapper.days(caller.garageId(), first).stream()
                .collect(Collectors.groupingBy(
                        DayRow::accountId, Collectors.mapping(DayRow::workedOn, Collectors.toSet())));
    }

    WorkSessionRow find(Caller caller, UUID id) {
        return Stored.require(mapper.find(caller.garageId(), id), "session", id);
    }

    WorkSessionRow add(Caller caller, UUID projectId, UUID id, WorkSessionFields fields) {
        projects.requireOpen(caller, projectId);
        mapper.insert(caller.garageId(), checked(caller, projectId, id, caller.accountId(), fields, 0));
        recordWork(caller, projectId, id, fields.work());
        for (UUID job : jobsOf(fields)) jobs.workedOn(caller, job, fields.workedOn());
        begun.endOf(caller, projectId);
        return find(caller, id);
    }

    /** A job that was said to be done and may not be. @param saying what stands in the way of it */
    record Unfinished(UUID jobId, String title, String saying) {}

    /** What was done on it is over, where nothing stands in the way; the rest is in hand, and is said. */
    List<Unfinished> finish(Caller caller, WorkSessionRow session, List<UUID> done) {
        Set<UUID> its = mapper.work(caller.garageId(), session.projectId()).stream()
                .filter(w -> w.workSessionId().equals(session.id()))
                .map(WorkRow::jobId)
                .collect(Collectors.toSet());
        List<Unfinished> unfinished = new ArrayList<>();
        for (UUID job : done) {
            if (!its.contains(job))
                throw InvalidValue.at(
                        "finished",
                        "work-session.not-worked-on",
                        "A job without time on this session is not finished on it.",
                        "Enter how long it took.");
            jobs.finish(caller, job).stream()
                    .findFirst()
                    .ifPresent(o -> unfinished.add(
                            new Unfinished(job, jobs.require(caller, job).title(), o.saying())));
        }
        return unfinished;
    }

    WorkSessionRow change(Caller caller, UUID id, WorkSessionFields fields, long version) {
        WorkSessionRow stored = find(caller, id);
        projects.requireOpen(caller, stored.projectId());
        Stored.notStale(
                mapper.update(
                        caller.garageId(),
                        checked(caller, stored.projectId(), id, stored.accountId(), fields, version)),
                "session",
                () -> find(caller, id));
        Set<UUID> known = mapper.work(caller.garageId(), stored.projectId()).stream()
                .filter(w -> w.workSessionId().equals(id) && !fields.workedOn().isAfter(stored.workedOn()))
                .map(WorkRow::jobId)
                .collect(Collectors.toSet());
        mapper.clearWork(caller.garageId(), id);
        mapper.clearAccess(caller.garageId(), id);
        recordWork(caller, stored.projectId(), id, fields.work());
        for (UUID job : jobsOf(fields)) if (!known.contains(job)) jobs.workedOn(caller, job, fields.workedOn());
        return find(caller, id);
    }

    private static List<UUID> jobsOf(WorkSessionFields fields) {
        return fields.work().stream()
                .map(WorkFields::jobId)
                .filter(Objects::nonNull)
                .distinct()
                .toList();
    }

    private WorkSessionRow checked(
            Caller caller, UUID projectId, UUID id, UUID accountId, WorkSessionFields f, long version) {
        LocalDate today = clock.instant().atZone(garages.zone(caller)).toLocalDate();
        if (f.workedOn().isAfter(today))
            throw InvalidValue.at(
                    "workedOn",
                    "work-session.future",
                    "A session cannot be logged before it happened (%s).",
                    "Check the day.",
                    f.workedOn());
        return new WorkSessionRow(
                id,
                projectId,
                accountId,
                "",
                f.workedOn(),
                Texts.note("done", f.done()),
                Texts.note("learned", f.learned()),
                Texts.note("noteToSelf", f.noteToSelf()),
                null,
                version);
    }

    private void recordWork(Caller caller, UUID projectId, UUID workSessionId, List<WorkFields> work) {
        if (work.stream().mapToInt(WorkFields::minutes).sum() > DAY)
            throw InvalidValue.at(
                    "work", "work-session.too-long", "That is more than 24 hours on one day.", "Check the hours.");
        for (WorkFields w : work) {
            if (w.minutes() < 1)
                throw InvalidValue.at(
                        "work",
                        "work-session.minutes",
                        "The time on a job (%d min) must be at least a minute.",
                        "Leave the job out if nothing was done.",
                        w.minutes());
            if ((w.jobId() == null) == (w.access() == null))
                throw InvalidValue.at(
                        "work",
                        "work-session.nothing",
                        "It must be one of the two.",
                        "Say which job or which access the time went on.");
            if (w.jobId() != null) recordJob(caller, projectId, workSessionId, w.jobId(), w.minutes());
            else {
                carAccess.nameOf(caller, projectId, w.access());
                mapper.insertAccess(caller.garageId(), workSessionId, w.access(), w.minutes());
            }
        }
    }

    private void recordJob(Caller caller, UUID projectId, UUID workSessionId, UUID jobId, int minutes) {
        if (!jobs.require(caller, jobId).projectId().equals(projectId))
            throw InvalidValue.at(
                    "work",
                    "work-session.other-project",
                    "That job belongs to another project.",
                    "Choose one of this project.");
        mapper.insertWork(caller.garageId(), workSessionId, jobId, minutes);
    }

    /** Ticks off one's own note, or lets it stand again. */
    void tickNote(Caller caller, UUID id, boolean done) {
        projects.requireOpen(caller, find(caller, id).projectId());
        if (mapper.tickNote(caller.garageId(), id, caller.accountId(), done) == 0)
            throw new NotFound("note of yours", id);
    }

    @Override
    public List<Note> openNotes(Caller caller, UUID projectId) {
        List<WorkRow> work = mapper.work(caller.garageId(), projectId);
        return mapper.of(caller.garageId(), projectId).stream()
                .filter(e -> e.accountId().equals(caller.accountId()))
                .filter(e -> !e.noteToSelf().isEmpty() && e.noteDoneAt() == null)
                .map(e -> new Note(e.id(), e.workedOn(), e.noteToSelf(), mostlyOn(e.id(), work)))
                .toList();
    }

    /** The job that took most of a session; none where it went into opening and closing alone. */
    static @Nullable UUID mostlyOn(UUID workSession, List<WorkRow> work) {
        return SpentOn.most(work.stream()
                        .filter(w -> w.workSessionId().equals(workSession) && w.jobId() != null)
                        .map(w -> new SpentOn.Part<>(Objects.requireNonNull(w.jobId()), w.minutes()))
                        .toList())
                .orElse(null);
    }
}
