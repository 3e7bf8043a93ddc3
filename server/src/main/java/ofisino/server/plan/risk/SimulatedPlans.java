package ofisino.server.plan.risk;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import jakarta.annotation.PreDestroy;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.ForkJoinPool;
import java.util.concurrent.ForkJoinWorkerThread;
import java.util.function.BooleanSupplier;
import java.util.function.Supplier;
import ofisino.core.plan.problem.Activity;
import ofisino.core.plan.problem.Plan;
import ofisino.core.plan.problem.PlanProblem;
import ofisino.core.plan.risk.Dates;
import ofisino.core.plan.risk.Simulation;
import ofisino.core.plan.risk.Uncertain;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/**
 * Plans that were run through, or are being run through, by what is to be done on which day: whatever changes asks another question. One at
 * a time, behind, for whoever looks next.
 */
@Component
class SimulatedPlans {
    /** The plan, three ways beside it, and another car: each of 400 activities takes megabytes. */
    private static final int MOST = 5;

    private static final long SEED = 1;
    private static final int PROCESSORS = 2;

    /** The work and its order, of one day: the quarter of an hour in which it is asked changes no date that one could act upon. */
    private record Asked(LocalDate day, List<Activity> activities, Plan plan, Uncertain uncertain) {}

    /** One plan that is run through. */
    static final class Run {
        private final Simulation simulation;
        private volatile boolean stopped;
        private volatile Optional<Dates> dates = Optional.empty();

        private Run(Simulation simulation) {
            this.simulation = simulation;
        }

        int done() {
            return simulation.done();
        }

        /** It is not worked out any further. */
        void stop() {
            stopped = true;
        }

        boolean isStopped() {
            return stopped;
        }

        /** Empty until it is done. */
        Optional<Dates> dates() {
            return dates;
        }

        private void work(BooleanSupplier closing) {
            dates = simulation.run(Simulation.RUNS, () -> stopped || closing.getAsBoolean());
            if (dates.isEmpty()) stopped = true;
        }
    }

    private final Cache<Asked, Run> runs =
            Caffeine.newBuilder().maximumSize(MOST).executor(Runnable::run).build();
    /** By the very plan: a front page asks of the same one again and again. Holds nothing alive. */
    private final Cache<Plan, Run> lately =
            Caffeine.newBuilder().weakKeys().executor(Runnable::run).build();

    /** Its own, so that whoever works at a page comes first. */
    private final ForkJoinPool behind = new ForkJoinPool(PROCESSORS, SimulatedPlans::thread, null, false);

    private final boolean on;
    private volatile boolean closing;

    /** @param on whether a page that only mentions a date begins to work it out */
    SimulatedPlans(@Value("${ofisino.longer-search:true}") boolean on) {
        this.on = on;
    }

    private static ForkJoinWorkerThread thread(ForkJoinPool pool) {
        ForkJoinWorkerThread thread = ForkJoinPool.defaultForkJoinWorkerThreadFactory.newThread(pool);
        thread.setName("simulated-plans");
        thread.setPriority(Thread.MIN_PRIORITY);
        return thread;
    }

    /** The run of a plan; begun now where nobody has. */
    Run of(PlanProblem problem, Plan plan, Supplier<Uncertain> uncertain) {
        Uncertain unknown = uncertain.get();
        return runs.get(asked(problem, plan, unknown), asked -> {
            var run = new Run(new Simulation(problem, plan, unknown, SEED));
            behind.execute(() -> run.work(() -> closing));
            return run;
        });
    }

    /** The run of a plan as it was last asked for; what nobody knew may have changed since, within a quarter of an hour. */
    Optional<Run> lately(PlanProblem problem, Plan plan, Supplier<Uncertain> uncertain) {
        Run known = lately.getIfPresent(plan);
        if (known != null) return Optional.of(known);
        Optional<Run> run = on
                ? Optional.of(of(problem, plan, uncertain))
                : Optional.ofNullable(runs.getIfPresent(asked(problem, plan, uncertain.get())));
        run.ifPresent(r -> lately.put(plan, r));
        return run;
    }

    private static Asked asked(PlanProblem problem, Plan plan, Uncertain unknown) {
        LocalDate day = problem.now().atZone(problem.zone()).toLocalDate();
        return new Asked(day, problem.activities(), plan, unknown);
    }

    @PreDestroy
    void close() {
        closing = true;
        behind.shutdownNow();
    }
}
