package ofisino.core.plan.recipe;

import java.util.List;
import java.util.Optional;
import ofisino.core.kernel.Conflict;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.plan.job.Conditions;
import ofisino.core.plan.job.Job;
import ofisino.core.plan.job.Operation;

/** What is tried, one after the other, on what will not come loose: each when what is milder failed. Common practice, no source. */
public record Ladder(List<Rung> rungs) {
    /** Shorter than that is no soak. */
    private static final int SOAK_MINUTES = 24 * 60;

    /** A rung that was planned. */
    public record Tried(Rung rung, Job job) {}

    public Ladder {
        rungs = List.copyOf(rungs);
    }

    /** Whether such a job soaks what follows it. */
    public static boolean soaks(Operation operation, Conditions conditions) {
        return operation == Operation.CLEAN && conditions.dryMinutes() >= SOAK_MINUTES;
    }

    /**
     * What comes after the highest that was planned; empty at the top.
     *
     * @param soaked what comes before the job soaks it already: the first rung is done by that
     */
    public Optional<Rung> next(List<Tried> tried, boolean soaked) {
        int done =
                tried.stream().mapToInt(t -> rungs.indexOf(t.rung()) + 1).max().orElse(soaked ? 1 : 0);
        return rungs.stream().skip(done).findFirst();
    }

    /**
     * The rung that is planned now.
     *
     * @param stuck the job that it holds up
     * @throws InvalidValue when another comes next
     * @throws Conflict     when the job is over, or something milder is still to be tried
     */
    public Rung climb(String rung, Job stuck, List<Tried> tried, boolean soaked) {
        Rung next = next(tried, soaked)
                .filter(r -> r.id().equals(rung))
                .orElseThrow(() ->
                        InvalidValue.at("rung", "stuck.rung", "That is not what comes next.", "Reload the page."));
        if (stuck.state().isOver())
            throw Conflict.of("stuck.over", "This job is over: nothing of it is stuck any more.", "Reload the page.");
        tried.stream()
                .map(Tried::job)
                .filter(j -> !j.state().isOver())
                .findFirst()
                .ifPresent(milder -> {
                    throw Conflict.of(
                            "stuck.try-first",
                            "Something milder is still to be tried: %s.",
                            "Try it twice, finish it, then take the next.",
                            milder.title());
                });
        return next;
    }
}
