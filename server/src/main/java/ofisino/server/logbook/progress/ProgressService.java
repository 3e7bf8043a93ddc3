package ofisino.server.logbook.progress;

import java.time.Clock;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.UUID;
import java.util.function.Function;
import java.util.function.ToLongFunction;
import java.util.stream.Collectors;
import ofisino.core.kernel.NotFound;
import ofisino.core.plan.job.JobState;
import ofisino.core.plan.job.Operation;
import ofisino.core.plan.orderofwork.Phase;
import ofisino.core.plan.progress.Baseline;
import ofisino.core.plan.progress.EarnedValue;
import ofisino.core.plan.progress.OwnFactor;
import ofisino.core.plan.progress.Pace;
import ofisino.core.plan.progress.Standstill;
import ofisino.core.plan.progress.Standstill.Cause;
import ofisino.core.plan.progress.Standstill.Explained;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Garages;
import ofisino.server.logbook.WorkedHours;
import ofisino.server.logbook.progress.ProgressController.AgainstPlan;
import ofisino.server.logbook.progress.ProgressController.ByOperation;
import ofisino.server.logbook.progress.ProgressController.DaysByCause;
import ofisino.server.logbook.progress.ProgressController.EarnedMinutes;
import ofisino.server.logbook.progress.ProgressController.HowFarResponse;
import ofisino.server.logbook.progress.ProgressController.PaceResponse;
import ofisino.server.logbook.progress.ProgressController.PhaseProgress;
import ofisino.server.logbook.progress.ProgressController.PlaceProgress;
import ofisino.server.logbook.progress.ProgressController.StandstillResponse;
import ofisino.server.logbook.progress.ProgressMapper.StandstillRow;
import ofisino.server.logbook.progress.ProgressMapper.Worked;
import ofisino.server.plan.Baselines;
import ofisino.server.plan.GivenAwayJobs;
import ofisino.server.plan.Jobs;
import ofisino.server.plan.OrderOfWork;
import ofisino.server.vehicle.Projects;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** How it goes: hours against the calendar, and against what was thought. */
@Service
record ProgressService(
        ProgressMapper mapper,
        Jobs jobs,
        GivenAwayJobs givenAwayJobs,
        Baselines baselines,
        OrderOfWork orderOfWork,
        Projects projects,
        Garages garages,
        Clock clock)
        implements WorkedHours {
    @Override
    public long minutes(Caller caller, UUID projectId) {
        return mapper.worked(caller.garageId(), projectId).map(Worked::minutes).orElse(0L);
    }

    Optional<PaceResponse> of(Caller caller, UUID projectId) {
        List<Jobs.Job> all = jobs.of(caller, projectId).stream()
                .filter(j -> j.state() != JobState.DROPPED)
                .toList();
        List<Jobs.Job> finished =
                all.stream().filter(j -> finished(j).isPresent()).toList();
        Set<UUID> byOthers = givenAwayJobs.ids(caller, projectId);
        List<Jobs.Job> own =
                all.stream().filter(j -> !byOthers.contains(j.id())).toList();
        Map<UUID, Phase> phases = orderOfWork.phases(caller, projectId);
        LocalDate today = LocalDate.now(clock.withZone(garages.zone(caller)));
        List<Explained> standstills = standstills(caller, projectId, today);
        return mapper.worked(caller.garageId(), projectId)
                .map(w -> answer(
                        w,
                        finished,
                        earned(own, finished),
                        baselines
                                .of(caller, projectId)
                                .flatMap(b -> against(b, all, today))
                                .orElse(null),
                        new Far(all, byOthers, phases),
                        standstills,
                        today));
    }

    /** How far the car is, place by place and phase by phase. */
    private record Far(List<Jobs.Job> all, Set<UUID> byOthers, Map<UUID, Phase> phases) {
        List<PlaceProgress> places() {
            return all.stream()
                    .filter(j -> j.zone() != null)
                    .collect(Collectors.groupingBy(Jobs.Job::zone, TreeMap::new, Collectors.toList()))
                    .entrySet()
                    .stream()
                    .map(e -> new PlaceProgress(e.getKey(), howFar(e.getValue())))
                    .toList();
        }

        List<PhaseProgress> ofPhases() {
            return all.stream()
                    .filter(j -> phases.containsKey(j.id()))
                    .collect(Collectors.groupingBy(j -> phases.get(j.id()), TreeMap::new, Collectors.toList()))
                    .entrySet()
                    .stream()
                    .map(e -> new PhaseProgress(e.getKey(), howFar(e.getValue())))
                    .toList();
        }

        HowFarResponse whole() {
            return howFar(all);
        }

        private HowFarResponse howFar(List<Jobs.Job> jobs) {
            return HowFarResponse.of(
                    jobs.stream().map(j -> j.work(byOthers.contains(j.id()))).toList());
        }
    }

    /** Of one's own work; what others do takes nobody here any hours. */
    private static @Nullable EarnedMinutes earned(List<Jobs.Job> own, List<Jobs.Job> finished) {
        List<Jobs.Job> ownFinished = finished.stream().filter(own::contains).toList();
        if (ownFinished.isEmpty()) return null;
        var value = new EarnedValue(
                sum(own, Jobs.Job::likelyMinutes),
                sum(ownFinished, Jobs.Job::likelyMinutes),
                sum(ownFinished, Jobs.Job::spentMinutes));
        return new EarnedMinutes(
                Math.round(value.whole()),
                Math.round(value.earned()),
                Math.round(value.spent()),
                Math.round(value.restAsThought()),
                Math.round(value.restLikeSoFar().orElseThrow()),
                Math.round(value.endLikeSoFar().orElseThrow()));
    }

    private static Optional<AgainstPlan> against(Baseline<UUID> baseline, List<Jobs.Job> all, LocalDate today) {
        Map<UUID, Jobs.Job> byId = all.stream().collect(Collectors.toMap(Jobs.Job::id, Function.identity()));
        return baseline.on(today, all.stream().collect(Collectors.toMap(Jobs.Job::id, Jobs.Job::state)))
                .map(a -> new AgainstPlan(
                        baseline.setOn(),
                        Math.round(a.planned()),
                        Math.round(a.earned()),
                        (long) a.late(),
                        a.overdue().stream().map(id -> byId.get(id).title()).toList()));
    }

    private static long sum(List<Jobs.Job> of, ToLongFunction<Jobs.Job> minutes) {
        return of.stream().mapToLong(minutes).sum();
    }

    private static Optional<OwnFactor.Finished> finished(Jobs.Job j) {
        return OwnFactor.finished(j.state(), j.likelyMinutes(), j.spentMinutes());
    }

    private List<Explained> standstills(Caller caller, UUID projectId, LocalDate today) {
        Map<LocalDate, Cause> causes = mapper.standstills(caller.garageId(), projectId).stream()
                .collect(Collectors.toMap(StandstillRow::since, StandstillRow::cause));
        return Standstill.of(mapper.days(caller.garageId(), projectId), today).stream()
                .map(s -> new Explained(s, Optional.ofNullable(causes.get(s.since()))))
                .toList();
    }

    /** Why nothing was done after an evening. Said again, it takes the place of what was said before. */
    void explain(Caller caller, UUID projectId, StandstillRow row) {
        projects.require(caller, projectId);
        LocalDate today = LocalDate.now(clock.withZone(garages.zone(caller)));
        if (Standstill.of(mapper.days(caller.garageId(), projectId), today).stream()
                .noneMatch(s -> s.since().equals(row.since()))) throw new NotFound("standstill", row.since());
        mapper.putStandstill(caller.garageId(), projectId, row);
    }

    private static PaceResponse answer(
            Worked w,
            List<Jobs.Job> finished,
            @Nullable EarnedMinutes earned,
            @Nullable AgainstPlan baseline,
            Far far,
            List<Explained> standstills,
            LocalDate today) {
        Pace pace = Pace.between(w.firstOn(), w.lastOn(), w.minutes());
        OwnFactor own = OwnFactor.of(
                finished.stream().flatMap(j -> finished(j).stream()).toList());
        Map<Operation, List<Jobs.Job>> by = finished.stream()
                .collect(Collectors.groupingBy(Jobs.Job::operation, TreeMap::new, Collectors.toList()));
        return new PaceResponse(
                w.firstOn(),
                w.lastOn(),
                pace.minutes(),
                pace.months(),
                pace.hoursPerMonth(),
                Pace.dormantDays(w.lastOn(), today).orElse(null),
                own.jobs(),
                own.factor(),
                earned,
                baseline,
                far.whole(),
                far.places(),
                far.ofPhases(),
                by.entrySet().stream()
                        .map(e -> new ByOperation(
                                e.getKey(),
                                e.getValue().size(),
                                sum(e.getValue(), Jobs.Job::likelyMinutes),
                                sum(e.getValue(), Jobs.Job::spentMinutes)))
                        .toList(),
                standstills.stream()
                        .map(e -> new StandstillResponse(
                                e.standstill().since(),
                                e.standstill().until(),
                                e.standstill().days(),
                                e.cause().orElse(null)))
                        .toList(),
                Standstill.daysByCause(standstills).entrySet().stream()
                        .map(e -> new DaysByCause(e.getKey(), e.getValue()))
                        .sorted(Comparator.comparingLong(DaysByCause::days).reversed())
                        .toList());
    }
}
