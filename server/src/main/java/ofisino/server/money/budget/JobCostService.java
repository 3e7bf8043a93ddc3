package ofisino.server.money.budget;

import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import ofisino.core.money.budget.JobCost;
import ofisino.core.money.ledger.Split;
import ofisino.core.plan.job.JobState;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Garages;
import ofisino.server.money.budget.JobCostController.JobCostLine;
import ofisino.server.money.budget.JobCostController.JobCostsResponse;
import ofisino.server.money.budget.PositionService.Due;
import ofisino.server.parts.Needs;
import ofisino.server.plan.GivenAwayJobs;
import ofisino.server.plan.GivenAwayJobs.JobGivenAway;
import ofisino.server.plan.Jobs;
import org.springframework.stereotype.Service;

/** What each job was thought to cost, what was asked and what was paid: the next thought learns from it. */
@Service
record JobCostService(PositionService positions, Needs needs, GivenAwayJobs givenAwayJobs, Jobs jobs, Garages garages) {
    JobCostsResponse of(Caller caller, UUID projectId) {
        Map<UUID, Long> agreed = givenAwayJobs.of(caller, projectId).stream()
                .collect(Collectors.toMap(JobGivenAway::jobId, JobGivenAway::costMinor));
        Map<UUID, Long> thought =
                sums(needs.of(caller, projectId).stream().map(n -> new Due(n.jobId(), n.estimateMinor())));
        Map<UUID, Long> asked = sums(positions.asked(caller, projectId).stream());
        Map<UUID, Long> paid = Split.byJob(positions.lines(caller, projectId).spent().stream());
        Map<Jobs.Job, JobCost> costs = new LinkedHashMap<>();
        for (Jobs.Job j : jobs.of(caller, projectId)) {
            if (j.state() == JobState.DROPPED) continue;
            long byOthers = agreed.getOrDefault(j.id(), 0L);
            var cost = new JobCost(
                    thought.getOrDefault(j.id(), 0L) + byOthers,
                    asked.getOrDefault(j.id(), 0L) + byOthers,
                    paid.getOrDefault(j.id(), 0L),
                    j.state().isDone());
            if (cost.thoughtMinor() != 0 || cost.askedMinor() != 0 || cost.paidMinor() != 0) costs.put(j, cost);
        }
        JobCost told = JobCost.told(costs.values());
        OptionalDouble factor = JobCost.factor(costs.values());
        return new JobCostsResponse(
                garages.baseCurrency(caller).getCode(),
                costs.entrySet().stream()
                        .map(e -> line(e.getKey(), e.getValue()))
                        .sorted(Comparator.comparing(JobCostLine::done)
                                .thenComparing(l -> Math.abs(l.dearerMinor()))
                                .reversed())
                        .toList(),
                (int) costs.values().stream().filter(JobCost::tells).count(),
                told.thoughtMinor(),
                told.paidMinor(),
                factor.isPresent() ? factor.getAsDouble() : null);
    }

    private static JobCostLine line(Jobs.Job job, JobCost cost) {
        return new JobCostLine(
                job.id(),
                job.title(),
                cost.done(),
                cost.thoughtMinor(),
                cost.askedMinor(),
                cost.paidMinor(),
                cost.dearerMinor());
    }

    private static Map<UUID, Long> sums(Stream<Due> amounts) {
        return amounts.flatMap(d -> Optional.ofNullable(d.jobId()).map(job -> Map.entry(job, d.baseMinor())).stream())
                .collect(Collectors.toMap(Map.Entry::getKey, Map.Entry::getValue, Math::addExact));
    }
}
