package ofisino.core.plan.solve;

import java.util.List;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import java.util.function.Supplier;
import ofisino.core.plan.problem.PlanOutcome;
import ofisino.core.plan.problem.PlanProblem;

/**
 * Plans. The answer is the best of what the search found, of the plan that is followed where it still keeps all rules, and of the first serial
 * pass. Deterministic: the budget is a number of schedules.
 */
public final class Planner {
    /** Milestones must be reached so much sooner before the plan that is followed is given up for another. */
    public static final int WORTH_DAYS = 2;

    /** So many times fewer schedules show whether it is the blocks that do not fit. */
    private static final int FIRST_LOOK = 4;

    private final BooleanSupplier stopped;
    private Optional<Setting> known = Optional.empty();

    /** Searches to the end of each budget. */
    public Planner() {
        this(() -> false);
    }

    /** @param stopped asked before each schedule; from then on the best so far is the answer, which so depends on when it was asked */
    public Planner(BooleanSupplier stopped) {
        this.stopped = stopped;
    }

    /**
     * @param schedules how many schedules may be made; at least 1
     * @param seed      of the draws
     */
    public record Budget(int schedules, long seed) {
        /** As many schedules as a small garage is answered with in a second. */
        public static final Budget USUAL = new Budget(5000, 1);

        public Budget {
            if (schedules < 1) throw new IllegalArgumentException("At least one schedule, not " + schedules);
        }

        Budget part(int times) {
            return new Budget(1 + schedules / times, seed);
        }
    }

    /** The same problem and budget always give the same plan. @return the plan, or what cannot be planned and why */
    public static PlanOutcome plan(PlanProblem problem, Budget budget) {
        return new Planner().next(problem, budget);
    }

    /** The same, quicker where it follows a problem that differs in its work alone. */
    public PlanOutcome next(PlanProblem problem, Budget budget) {
        Setting here = known.filter(s -> s.areOf(problem)).orElseGet(() -> new Setting(problem));
        known = Optional.of(here);
        var blocks = new Blocks(problem, here);
        PlanOutcome whole = blocks.unfold(planWhole(() -> blocks.instance(here), budget));
        if (whole instanceof PlanOutcome.Planned || blocks.isEmpty()) return whole;
        Supplier<Instance> separate = () -> new Instance(problem, here);
        boolean worthIt = planWhole(separate, budget.part(FIRST_LOOK)) instanceof PlanOutcome.Planned;
        PlanOutcome apart = worthIt ? planWhole(separate, budget) : whole;
        return apart instanceof PlanOutcome.Planned ? apart : whole;
    }

    private PlanOutcome planWhole(Supplier<Instance> instance, Budget budget) {
        try {
            return plan(instance.get(), budget);
        } catch (Circle circle) {
            return new PlanOutcome.Circular(circle.activities());
        }
    }

    private PlanOutcome plan(Instance in, Budget budget) {
        var search = new Search(in, budget, stopped);
        Optional<int[]> followed = in.problem.kept().map(k -> KeptPlan.listOf(in, k));
        ScheduleGeneration best = search.best(followed.map(List::of).orElse(List.of()));
        Optional<ScheduleGeneration> kept = in.problem.kept().flatMap(k -> KeptPlan.stillHolds(in, k));
        if (kept.isPresent()) {
            Score ofKept = Score.of(kept.get());
            if (!search.score().isFeasible() || !search.score().gainsDays(ofKept, WORTH_DAYS, in.milestones.length))
                return PlanReader.of(kept.get());
        }
        return PlanReader.of(best);
    }
}
