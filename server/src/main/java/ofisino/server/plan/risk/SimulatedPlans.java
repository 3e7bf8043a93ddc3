package ofisino.server.plan.risk;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import jakarta.annotation.PreDestroy;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.function.Supplier;
import ofisino.core.plan.problem.Activity;
import ofisino.core.plan.problem.Plan;
import ofisino.core.plan.problem.PlanProblem;
import ofisino.core.plan.risk.Dates;
import ofisino.core.plan.risk.Simulation;
import ofisino.core.plan.risk.Uncertain;
import org.springframework.stereotype.Component;

/**
 * Plans that were run through, or are being run through, by what is to be done on which day: whatever changes asks another question. One at
 * a time, behind, for whoever looks next.
 */
@Component
class SimulatedPlans {
    private static final int MOST = 12;
    private static final long SEED = 1;

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

        private void work() {
            dates = simulation.run(
                    Simulation.RUNS, () -> stopped || Thread.currentThread().isInterrupted());
            if (dates.isEmpty()) stopped = true;
        }
    }

    private final Cache<Asked, Run> runs =
            Caffeine.newBuilder().maximumSize(MOST).executor(Runnable::run).build();
    /** By the very plan: a front page asks of the same one again and again. Holds nothing alive. */
    private final Cache<Plan, Run> lately =
            Caffeine.newBuilder().weakKeys().executor(Runnable::run).build();

    private final ExecutorService behind = Executors.newSingleThreadExecutor(SimulatedPlans::thread);

    private static Thread thread(Runnable run) {
        var thread = new Thread(run, "simulated-plans");
        thread.setDaemon(true);
        thread.setPriority(Thread.MIN_PRIORITY);
        return thread;
    }

    /** The run of a plan; begun now where nobody has. */
    Run of(PlanProblem problem, Plan plan, Supplier<Uncertain> uncertain) {
        Uncertain unknown = uncertain.get();
        LocalDate day = problem.now().atZone(problem.zone()).toLocalDate();
        return runs.get(new Asked(day, problem.activities(), plan, unknown), asked -> {
            var run = new Run(new Simulation(problem, plan, unknown, SEED));
            behind.execute(run::work);
            return run;
        });
    }

    /** The run of a plan as it was last asked for; what nobody knew may have changed since, within a quarter of an hour. */
    Run lately(PlanProblem problem, Plan plan, Supplier<Uncertain> uncertain) {
        Run known = lately.getIfPresent(plan);
        if (known != null) return known;
        Run run = of(problem, plan, uncertain);
        lately.put(plan, run);
        return run;
    }

    @PreDestroy
    void stop() {
        behind.shutdownNow();
    }
}
