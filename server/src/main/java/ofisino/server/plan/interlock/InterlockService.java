package ofisino.server.plan.interlock;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.plan.interlock.Interlock;
import ofisino.core.plan.interlock.Interlocks;
import ofisino.core.vehicle.body.Zone;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Garages;
import ofisino.server.plan.Jobs;
import ofisino.server.plan.LeaveAsked;
import ofisino.server.plan.interlock.InterlockMapper.ConfirmedRow;
import ofisino.server.plan.interlock.InterlockMapper.NewConfirmation;
import ofisino.server.vehicle.Projects;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;

/** What has to be so before the first step of a job, and who made sure of it. */
@Service
class InterlockService {
    private final InterlockMapper mapper;
    private final Interlocks interlocks = Interlocks.load();
    private final Jobs jobs;
    private final Projects projects;
    private final Garages garages;
    private final Clock clock;

    InterlockService(InterlockMapper mapper, Jobs jobs, Projects projects, Garages garages, Clock clock) {
        this.mapper = mapper;
        this.jobs = jobs;
        this.projects = projects;
        this.garages = garages;
        this.clock = clock;
    }

    /** @param confirmed by whom and when, if it counts today */
    record Wanted(Interlock interlock, Optional<ConfirmedRow> confirmed) {}

    List<Wanted> of(Caller caller, UUID jobId) {
        Jobs.Job job = jobs.require(caller, jobId);
        List<ConfirmedRow> confirmed = mapper.of(caller.garageId(), jobId);
        return wanted(caller, job).stream()
                .map(i -> new Wanted(
                        i,
                        confirmed.stream()
                                .filter(c -> c.interlock() == i && counts(caller, c))
                                .findFirst()))
                .toList();
    }

    private Set<Interlock> wanted(Caller caller, Jobs.Job job) {
        Projects.Project project = projects.require(caller, job.projectId());
        return interlocks.of(new Interlocks.Work(
                job.operation(),
                job.details(),
                Optional.ofNullable(job.system()),
                Optional.ofNullable(job.zone())
                        .flatMap(projects.bodyOf(project)::zone)
                        .map(Zone::place),
                jobs.cautions(caller, job.id()),
                project.bodyStyle(),
                project.builtYear()));
    }

    private boolean counts(Caller caller, ConfirmedRow row) {
        ZoneId zone = garages.zone(caller);
        return !row.interlock().isOnlyForToday()
                || LocalDate.ofInstant(row.confirmedAt(), zone).equals(LocalDate.now(clock.withZone(zone)));
    }

    void confirm(Caller caller, UUID jobId, UUID id, Interlock interlock) {
        Jobs.Job job = jobs.require(caller, jobId);
        projects.requireOpen(caller, job.projectId());
        if (!wanted(caller, job).contains(interlock))
            throw InvalidValue.of("interlock", "interlock.not-asked", "This job does not ask for that.");
        mapper.insert(
                caller.garageId(), jobId, caller.accountId(), new NewConfirmation(id, interlock, Instant.now(clock)));
    }

    @EventListener
    void leaveAsked(LeaveAsked asked) {
        List<ConfirmedRow> confirmed =
                mapper.of(asked.caller().garageId(), asked.job().id());
        for (Interlock interlock : wanted(asked.caller(), asked.job())) {
            List<ConfirmedRow> its =
                    confirmed.stream().filter(c -> c.interlock() == interlock).toList();
            asked.facts().interlock(interlock, its.stream().anyMatch(c -> counts(asked.caller(), c)), !its.isEmpty());
        }
    }
}
