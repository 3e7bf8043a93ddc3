package ofisino.server.money.budget;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import ofisino.core.money.ledger.EntryKind;
import ofisino.core.money.ledger.Split;
import ofisino.core.plan.job.JobState;
import ofisino.server.identity.Caller;
import ofisino.server.money.Entries.Posted;
import ofisino.server.money.budget.MoneyController.AgreedPrice;
import ofisino.server.plan.GivenAwayJobs;
import ofisino.server.plan.Jobs;
import org.springframework.stereotype.Component;

/** What was agreed with those who do jobs, less what is paid of it. */
@Component
record AgreedPrices(GivenAwayJobs givenAway, Jobs jobs) {
    /** What was booked on a job as a service counts against its price; what it cost more is no credit for another. */
    List<AgreedPrice> unpaid(Caller caller, UUID projectId, List<Posted> posted) {
        List<GivenAwayJobs.JobGivenAway> given = givenAway.of(caller, projectId);
        if (given.isEmpty()) return List.of();
        Map<UUID, Jobs.Job> wanted = jobs.of(caller, projectId).stream()
                .filter(j -> j.state() != JobState.DROPPED)
                .collect(Collectors.toMap(Jobs.Job::id, j -> j));
        Map<UUID, Long> paid = Split.byJob(
                posted.stream().filter(e -> e.kind() == EntryKind.SERVICE).flatMap(e -> e.splits().stream()));
        return given.stream()
                .filter(g -> wanted.containsKey(g.jobId()))
                .flatMap(g -> open(g, wanted.get(g.jobId()), paid.getOrDefault(g.jobId(), 0L)).stream())
                .toList();
    }

    private static Optional<AgreedPrice> open(GivenAwayJobs.JobGivenAway given, Jobs.Job job, long paidMinor) {
        long owed = given.toCore().owedMinor(paidMinor);
        boolean unpriced = given.toCore().isUnpriced(paidMinor);
        return owed > 0 || unpriced ? Optional.of(new AgreedPrice(job.id(), job.title(), owed)) : Optional.empty();
    }
}
