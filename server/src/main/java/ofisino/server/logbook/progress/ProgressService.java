package ofisino.server.logbook.progress;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.UUID;
import java.util.stream.Collectors;
import ofisino.core.plan.job.JobState;
import ofisino.core.plan.job.Operation;
import ofisino.core.plan.progress.OwnFactor;
import ofisino.core.plan.progress.Pace;
import ofisino.server.db.OneSnapshot;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Garages;
import ofisino.server.logbook.progress.ProgressController.ByOperation;
import ofisino.server.logbook.progress.ProgressController.PaceResponse;
import ofisino.server.logbook.progress.ProgressMapper.Worked;
import ofisino.server.plan.Jobs;
import org.springframework.stereotype.Service;

/** How it goes: hours against the calendar, and against what was thought. */
@Service
class ProgressService {
    private final ProgressMapper mapper;
    private final Jobs jobs;
    private final Garages garages;
    private final Clock clock;

    ProgressService(ProgressMapper mapper, Jobs jobs, Garages garages, Clock clock) {
        this.mapper = mapper;
        this.jobs = jobs;
        this.garages = garages;
        this.clock = clock;
    }

    @OneSnapshot
    Optional<PaceResponse> of(Caller caller, UUID projectId) {
        List<Jobs.Job> finished = jobs.of(caller, projectId).stream()
                .filter(j -> j.state().isOver() && j.state() != JobState.DROPPED)
                .filter(j -> j.likelyMinutes() > 0 && j.spentMinutes() > 0)
                .toList();
        LocalDate today = LocalDate.now(clock.withZone(garages.zone(caller)));
        return mapper.worked(caller.garageId(), projectId).map(w -> answer(w, finished, today));
    }

    private static PaceResponse answer(Worked w, List<Jobs.Job> finished, LocalDate today) {
        Pace pace = Pace.between(w.firstOn(), w.lastOn(), w.minutes());
        OwnFactor own = OwnFactor.of(finished.stream()
                .map(j -> new OwnFactor.Finished(j.likelyMinutes(), j.spentMinutes()))
                .toList());
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
                by.entrySet().stream()
                        .map(e -> new ByOperation(
                                e.getKey(),
                                e.getValue().size(),
                                e.getValue().stream()
                                        .mapToLong(Jobs.Job::likelyMinutes)
                                        .sum(),
                                e.getValue().stream()
                                        .mapToLong(Jobs.Job::spentMinutes)
                                        .sum()))
                        .toList());
    }
}
