package ofisino.server.plan.schedule;

import jakarta.annotation.PreDestroy;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicReference;
import java.util.function.BooleanSupplier;
import ofisino.core.plan.grouping.Grouping;
import ofisino.core.plan.problem.PlanOutcome;
import ofisino.core.plan.solve.Planner;
import ofisino.core.plan.whatif.LongerSearch;
import ofisino.core.plan.whatif.LongerSearch.Better;
import ofisino.server.plan.schedule.KnownAnswers.Answer;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/**
 * Goes on searching behind a plan that somebody looks at: one search at a time, the latest question alone, and only until
 * another one is asked. What it finds is offered and changes nothing by itself.
 */
@Component
class LongerSearches {
    /** Whoever works through his plan changes it every few seconds. */
    private static final int PAUSE_SECONDS = 2;
    /** Schedules of each step; a longer search begins with the shorter one, so that the first finds most. */
    private static final int[] STEPS = {1000, 5000};
    /** Activities times schedules: a large plan is not searched for minutes. */
    private static final int EFFORT = 750_000;

    /** Schedules of each trial of another way of sharing, and activities to plan anew in all of them. */
    private static final Planner.Budget TRIAL = new Planner.Budget(30, 1);

    private static final int TRIALS_EFFORT = 60_000;

    private static final Logger LOG = LoggerFactory.getLogger(LongerSearches.class);

    /** How far the search behind a plan is. */
    enum SearchState {
        GOES_ON,
        OVER,
        /** Not begun, or left for another plan. */
        LEFT
    }

    /** @param better a plan that is sooner @param fewer what may be opened once more seldom */
    record Found(Optional<Better> better, Optional<Grouping.Fewer> fewer, SearchState search) {
        static final Found NOTHING = new Found(Optional.empty(), Optional.empty(), SearchState.LEFT);
    }

    private final boolean on;
    private final ScheduledExecutorService behind = Executors.newSingleThreadScheduledExecutor(LongerSearches::thread);
    private final AtomicReference<Answer> wanted = new AtomicReference<>();

    LongerSearches(@Value("${ofisino.longer-search:true}") boolean on) {
        this.on = on;
    }

    private static Thread thread(Runnable search) {
        var thread = new Thread(search, "longer-search");
        thread.setDaemon(true);
        thread.setPriority(Thread.MIN_PRIORITY);
        return thread;
    }

    /**
     * What is found by now of a plan; begins to search where nobody has.
     *
     * @param apart strip-downs that a person wants by themselves
     */
    Found of(Answer answer, Set<String> apart) {
        if (on && answer.outcome() instanceof PlanOutcome.Planned && answer.claimSearch()) {
            wanted.set(answer);
            answer.searches(SearchState.GOES_ON);
            behind.schedule(() -> search(answer, apart), PAUSE_SECONDS, TimeUnit.SECONDS);
        }
        return answer.found();
    }

    private void search(Answer answer, Set<String> apart) {
        BooleanSupplier stopped = () -> wanted.get() != answer;
        boolean whole = false;
        try {
            searchSooner(answer, stopped);
            Grouping.further(answer.problem(), apart, TRIAL, TRIALS_EFFORT, stopped)
                    .ifPresent(answer::foundFewer);
            whole = !stopped.getAsBoolean();
        } catch (RuntimeException e) {
            LOG.error("The search for a sooner plan failed", e);
        } finally {
            answer.searches(whole ? SearchState.OVER : SearchState.LEFT);
        }
    }

    private static void searchSooner(Answer answer, BooleanSupplier stopped) {
        for (int step : STEPS) {
            if (stopped.getAsBoolean() || answer.found().better().isPresent()) return;
            int schedules = Math.min(
                    step, EFFORT / Math.max(1, answer.problem().activities().size()));
            LongerSearch.better(answer.problem(), answer.plan(), new Planner.Budget(schedules, 1), stopped)
                    .ifPresent(answer::foundBetter);
        }
    }

    @PreDestroy
    void stop() {
        behind.shutdownNow();
    }
}
