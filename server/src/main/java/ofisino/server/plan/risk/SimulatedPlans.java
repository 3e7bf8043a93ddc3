package ofisino.server.plan.risk;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import jakarta.annotation.PreDestroy;
import java.time.Duration;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.Executor;
import java.util.concurrent.ForkJoinPool;
import java.util.concurrent.ForkJoinWorkerThread;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.Supplier;
import ofisino.core.plan.problem.Activity;
import ofisino.core.plan.problem.Plan;
import ofisino.core.plan.problem.PlanProblem;
import ofisino.core.plan.risk.Simulation;
import ofisino.core.plan.risk.Uncertain;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/**
 * Plans that were run through, or are being run through, by what is to be done on which day: whatever changes asks another question. Behind
 * the pages, for whoever looks next; a plan of a car that was changed since, and that no page waits for, is left.
 */
@Component
class SimulatedPlans {
    /** The plan, three ways beside it, and another car: each of 400 activities takes megabytes. */
    private static final int MOST = 5;

    private static final long SEED = 1;
    private static final int PROCESSORS = 2;
    /** A page that waits asks again within this. */
    private static final Duration PATIENCE = Duration.ofSeconds(5);

    /** The work and its order, of one day: the quarter of an hour in which it is asked changes no date that one could act upon. */
    private record Asked(LocalDate day, List<Activity> activities, Plan plan, Uncertain uncertain) {}

    private final Cache<Asked, Run> runs =
            Caffeine.newBuilder().maximumSize(MOST).executor(Runnable::run).build();
    /** By the very plan: a front page asks of the same one again and again. Holds nothing alive. */
    private final Cache<Plan, Run> lately = Caffeine.newBuilder()
            .weakKeys()
            .weakValues()
            .executor(Runnable::run)
            .build();

    /** By car: the number of the run that was asked for last. */
    private final Map<UUID, Integer> newest = new ConcurrentHashMap<>();

    private final AtomicInteger begun = new AtomicInteger();
    private final Executor behind;
    private final Duration patience;
    private final boolean on;
    private volatile boolean closing;

    /** @param on whether a page that only mentions a date begins to work it out */
    @Autowired
    SimulatedPlans(@Value("${ofisino.longer-search:true}") boolean on) {
        // its own processors, so that whoever works at a page comes first
        this(on, new ForkJoinPool(PROCESSORS, SimulatedPlans::thread, null, false), PATIENCE);
    }

    /** @param patience so long after it was last asked for a plan counts as one that somebody waits for */
    SimulatedPlans(boolean on, Executor behind, Duration patience) {
        this.on = on;
        this.behind = behind;
        this.patience = patience;
    }

    private static ForkJoinWorkerThread thread(ForkJoinPool pool) {
        ForkJoinWorkerThread thread = ForkJoinPool.defaultForkJoinWorkerThreadFactory.newThread(pool);
        thread.setName("simulated-plans");
        thread.setPriority(Thread.MIN_PRIORITY);
        return thread;
    }

    /** The run of a plan of a car; begun now where nobody has. */
    Run of(UUID car, PlanProblem problem, Plan plan, Supplier<Uncertain> uncertain) {
        Uncertain unknown = uncertain.get();
        Run run = runs.asMap()
                .compute(
                        asked(problem, plan, unknown),
                        (asked, known) -> known == null || known.isLeft() ? begin(car, problem, plan, unknown) : known);
        return asked(car, run);
    }

    private Run asked(UUID car, Run run) {
        newest.put(car, run.number());
        run.noteAsked();
        return run;
    }

    private Run begin(UUID car, PlanProblem problem, Plan plan, Uncertain unknown) {
        int number = begun.incrementAndGet();
        newest.put(car, number); // before it works: it asks
        var run = new Run(number, new Simulation(problem, plan, unknown, SEED), patience);
        behind.execute(() -> run.work(() -> closing, () -> newest.get(car) != number));
        return run;
    }

    /** The run of a plan as it was last asked for; what nobody knew may have changed since, within a quarter of an hour. */
    Optional<Run> lately(UUID car, PlanProblem problem, Plan plan, Supplier<Uncertain> uncertain) {
        Run known = lately.getIfPresent(plan);
        if (known != null && !known.isLeft()) {
            return Optional.of(asked(car, known));
        }
        Optional<Run> run = on
                ? Optional.of(of(car, problem, plan, uncertain))
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
        if (behind instanceof ForkJoinPool pool) pool.shutdownNow();
    }
}
