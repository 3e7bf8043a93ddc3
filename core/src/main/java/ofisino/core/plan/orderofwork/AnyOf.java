package ofisino.core.plan.orderofwork;

import java.util.List;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.plan.job.JobMatcher;
import ofisino.core.plan.job.JobNature;

/** One side of a rule: jobs that one of these speaks of. */
record AnyOf(List<JobMatcher> matchers) {
    AnyOf {
        matchers = List.copyOf(matchers);
        if (matchers.isEmpty())
            throw InvalidValue.of(
                    "order-of-work.nothing", "A rule that fits no job orders nothing.", "Say which jobs it is about.");
        if (matchers.stream().anyMatch(JobMatcher::fitsEverything))
            throw InvalidValue.of(
                    "order-of-work.anything",
                    "A rule that fits every job orders nothing.",
                    "Say which jobs it is about.");
    }

    boolean fits(Work<?> work) {
        JobNature nature = work.nature();
        for (JobMatcher m : matchers) if (m.fits(nature)) return true;
        return false;
    }
}
