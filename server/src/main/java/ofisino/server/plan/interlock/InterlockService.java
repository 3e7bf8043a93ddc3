package ofisino.server.plan.interlock;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Predicate;
import java.util.function.Supplier;
import ofisino.core.kernel.Caution;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.plan.access.AccessLibrary;
import ofisino.core.plan.access.Raising;
import ofisino.core.plan.interlock.Interlock;
import ofisino.core.plan.interlock.Interlocks;
import ofisino.core.vehicle.body.Nearby;
import ofisino.core.vehicle.body.Zone;
import ofisino.core.vehicle.equipment.Equipment;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Garages;
import ofisino.server.plan.CarAccess;
import ofisino.server.plan.Jobs;
import ofisino.server.plan.LeaveAsked;
import ofisino.server.plan.interlock.InterlockMapper.ConfirmedRow;
import ofisino.server.plan.interlock.InterlockMapper.NewConfirmation;
import ofisino.server.vehicle.Equipments;
import ofisino.server.vehicle.Projects;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.util.function.SingletonSupplier;

/** What has to be so before the first step of a job, and who made sure of it. */
@Service
record InterlockService(
        InterlockMapper mapper,
        Nearby nearby,
        Interlocks interlocks,
        Jobs jobs,
        CarAccess carAccess,
        AccessLibrary accesses,
        Projects projects,
        Equipments equipments,
        Garages garages,
        Clock clock) {
    /** @param confirmed by whom and when, if it counts today */
    record Wanted(Interlock interlock, Optional<ConfirmedRow> confirmed) {}

    List<Wanted> of(Caller caller, UUID jobId) {
        Jobs.Job job = jobs.require(caller, jobId);
        List<ConfirmedRow> confirmed = mapper.of(caller.garageId(), jobId);
        Predicate<ConfirmedRow> counts = counts(caller, job);
        return wanted(caller, job).stream()
                .map(i -> new Wanted(
                        i,
                        confirmed.stream()
                                .filter(c -> c.interlock() == i && counts.test(c))
                                .findFirst()))
                .toList();
    }

    private Set<Interlock> wanted(Caller caller, Jobs.Job job) {
        Projects.Project project = projects.require(caller, job.projectId());
        Optional<String> place = place(project, job);
        Equipment vehicle = equipments.of(caller, project);
        Set<Interlock> found = EnumSet.noneOf(Interlock.class);
        found.addAll(interlocks.of(new Interlocks.Work(
                job.operation(),
                job.details(),
                Optional.ofNullable(job.system()),
                place,
                near(place, vehicle),
                dangers(caller, job),
                vehicle)));
        // what it takes off and puts back itself asks for what is asked for before that is opened
        if (job.isOwn() && job.zone() != null)
            found.addAll(interlocks.ofStripDown(
                    accesses.cautionsByItsTitle(job.title(), job.zone(), job.operation(), vehicle), vehicle));
        return found;
    }

    private Optional<String> place(Projects.Project project, Jobs.Job job) {
        return Optional.ofNullable(job.zone())
                .flatMap(projects.bodyOf(project)::zone)
                .map(Zone::place);
    }

    private Set<String> near(Optional<String> place, Equipment vehicle) {
        return place.map(p -> nearby.near(p, vehicle)).orElse(Set.of());
    }

    /** Names of what lies beside and behind the place of hot work on this body. */
    List<String> near(Caller caller, UUID jobId) {
        Jobs.Job job = jobs.require(caller, jobId);
        if (!job.nature().isHot()) return List.of();
        Projects.Project project = projects.require(caller, job.projectId());
        Set<String> near = near(place(project, job), equipments.of(caller, project));
        return projects.bodyOf(project).zones().stream()
                .filter(z -> near.contains(z.place()))
                .map(Zone::name)
                .distinct()
                .toList();
    }

    /** Its own, and that of standing on stands where it is done while the vehicle does. */
    private Set<Caution> dangers(Caller caller, Jobs.Job job) {
        Set<Caution> found = EnumSet.noneOf(Caution.class);
        found.addAll(jobs.cautions(caller, job.id()));
        if (carAccess.stripDowns(caller, job.projectId()).stream()
                .anyMatch(s -> s.raised() && s.jobs().contains(job.id()))) found.add(Caution.STANDS);
        return found;
    }

    /** It was said today, where that matters; and the vehicle stands as it stood then, on what bears it. */
    private Predicate<ConfirmedRow> counts(Caller caller, Jobs.Job job) {
        ZoneId zone = garages.zone(caller);
        LocalDate today = LocalDate.now(clock.withZone(zone));
        Supplier<Boolean> isWeak = SingletonSupplier.of(
                () -> !carAccess.unsupported(caller, job.projectId()).isEmpty());
        Supplier<Instant> moved = SingletonSupplier.of(
                () -> carAccess.weightMovedAt(caller, job.projectId()).orElse(Instant.EPOCH));
        return row -> {
            if (!row.interlock().isOnlyForToday()) return true;
            if (!LocalDate.ofInstant(row.confirmedAt(), zone).equals(today)) return false;
            return row.interlock() != Interlock.SUPPORTED
                    || row.confirmedAt().isAfter(moved.get())
                            && (Raising.areNamed(row.supportPoints()) || !isWeak.get());
        };
    }

    void confirm(Caller caller, UUID jobId, UUID id, Interlock interlock, String supportPoints) {
        Jobs.Job job = jobs.require(caller, jobId);
        projects.requireOpen(caller, job.projectId());
        if (!wanted(caller, job).contains(interlock))
            throw InvalidValue.at(
                    "interlock", "interlock.not-asked", "This job does not ask for that.", "Reload the page.");
        if (interlock == Interlock.SUPPORTED)
            Raising.check(carAccess.unsupported(caller, job.projectId()), supportPoints);
        mapper.insert(
                caller.garageId(),
                jobId,
                caller.accountId(),
                new NewConfirmation(id, interlock, Instant.now(clock), supportPoints));
    }

    @EventListener
    void leaveAsked(LeaveAsked asked) {
        List<ConfirmedRow> confirmed =
                mapper.of(asked.caller().garageId(), asked.job().id());
        Predicate<ConfirmedRow> counts = counts(asked.caller(), asked.job());
        for (Interlock interlock : wanted(asked.caller(), asked.job())) {
            List<ConfirmedRow> its =
                    confirmed.stream().filter(c -> c.interlock() == interlock).toList();
            asked.facts().interlock(interlock, its.stream().anyMatch(counts), !its.isEmpty());
        }
    }
}
