package ofisino.core.plan.solve;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.function.BooleanSupplier;

/**
 * Looks for a better schedule with a budget that is a number of schedules, never time, so that the same question has the same answer. First the
 * priority rules, serial and parallel, each improved forwards and backwards; then lists drawn at random but in favour of the latest finish; then
 * lists that are joined from two good ones, or are a good one with a stretch of it in disorder.
 *
 * <p>Sources: biased sampling by regret, Drexl, Management Science 37 (1991) 1590-1602; joining of lists at two points, Hartmann, Naval
 * Research Logistics 45 (1998) 733-750; improvement after joining, Valls, Ballestín and Quintanilla, EJOR 185 (2008) 495-508.
 */
final class Search {
    private static final int POPULATION = 30;
    /** It goes through all slots, and with many activities costs more schedules than it is worth. */
    private static final int MOST_FOR_PARALLEL = 250;

    /** So many, whatever the budget: a longer search begins with the shorter one, and is never worse. */
    private static final int DRAWN = 5;

    private static final double SHARE_SHUFFLED = 0.6;
    /** Activities; in a small project at most half of it. */
    private static final int WIDEST_SHUFFLE = 30;

    private static final int SWAPS = 2;
    private static final int DRAWS_FOR_A_PARENT = 4;

    private final Instance in;
    private final PriorityRules rules;
    private final ScheduleGeneration pass;
    private final Backward backward;
    private final SplittableRandom dice;
    private final BooleanSupplier stopped;
    private final Optional<Score> bound;
    private int budget;
    private boolean stretch;
    private int used;
    /** The best first. */
    private final List<Candidate> population = new ArrayList<>();

    /** @param made the list from which it comes out again @param list the same by start, to be joined with others */
    private record Candidate(int[] made, int[] list, Score score, Way access) {}

    private enum Way {
        SERIAL,
        PARALLEL,
        /** Serial, begun work waiting for money. */
        STRETCHED
    }

    Search(Instance in, Planner.Budget budget, BooleanSupplier stopped) {
        this.in = in;
        this.rules = new PriorityRules(in);
        this.pass = new ScheduleGeneration(in);
        this.backward = new Backward(in);
        this.budget = budget.schedules();
        this.dice = new SplittableRandom(budget.seed());
        this.stopped = stopped;
        this.bound = LowerBound.of(in);
    }

    /**
     * The best schedule, made once more.
     *
     * @param more lists that are tried first, such as that of the plan that is followed
     */
    ScheduleGeneration best(List<int[]> more) {
        for (int[] list : more) improved(list);
        for (PriorityRules.Rule rule : PriorityRules.Rule.values()) {
            if (spent()) break;
            improved(rules.list(rule));
            if (!spent() && in.size <= MOST_FOR_PARALLEL) parallel(rules.list(rule));
        }
        int[] preference = rules.list(PriorityRules.Rule.LATEST_FINISH);
        for (int i = 0; i < DRAWN && !spent(); i++) improved(drawn(preference));
        while (!spent() && in.size > 1) {
            if (standsStill()) startAnew(preference);
            else improved(dice.nextDouble() < SHARE_SHUFFLED ? shuffled() : joined());
        }
        if (!score().isFeasible() && in.problem.purse().isPresent()) stretched();
        Candidate best = population.get(0);
        if (best.access() == Way.PARALLEL) pass.parallel(best.made());
        else pass.serial(best.made(), best.access() == Way.STRETCHED);
        return pass;
    }

    /** As many as are kept, and all as good. */
    private boolean standsStill() {
        return population.size() == POPULATION
                && population
                        .get(0)
                        .score()
                        .equals(population.get(POPULATION - 1).score());
    }

    /** Keeps one, and draws others. */
    private void startAnew(int[] preference) {
        population.subList(1, population.size()).clear();
        for (int i = 0; i < DRAWN && !spent(); i++) improved(drawn(preference));
    }

    /** Nothing fits: half as many schedules again, in which work may wait for the money that its end makes due. */
    private void stretched() {
        stretch = true;
        budget += budget / 2 + 1;
        for (PriorityRules.Rule rule : PriorityRules.Rule.values()) if (!spent()) improved(rules.list(rule));
        // where money never held anything back, that is not what is missing
        while (!spent() && !score().isFeasible() && in.size > 1 && pass.earliestPlace.hasStretched) improved(joined());
    }

    Score score() {
        return population.get(0).score();
    }

    private boolean spent() {
        return used >= budget || used > 0 && (stopped.getAsBoolean() || isAtBound());
    }

    /** Nothing better is to be found. */
    private boolean isAtBound() {
        return bound.isPresent() && !population.isEmpty() && score().compareTo(bound.get()) <= 0;
    }

    /** A forward pass, and of what is worth keeping backwards and forwards again while that gains something. */
    private void improved(int[] list) {
        Score score = forward(list);
        while (!spent() && isAmongTheBest(score)) {
            used++;
            int[] again = rules.ascending(backward.latestStarts(pass, rules));
            if (spent()) return;
            Score next = forward(rules.feasible(again));
            if (next.compareTo(score) >= 0) return;
            score = next;
        }
    }

    private boolean isAmongTheBest(Score score) {
        return population.size() < POPULATION
                || score.compareTo(population.get(population.size() - 1).score()) <= 0;
    }

    private Score forward(int[] list) {
        used++;
        pass.serial(list, stretch);
        Score score = Score.of(pass);
        remember(new Candidate(
                list, rules.feasible(rules.ascending(starts())), score, stretch ? Way.STRETCHED : Way.SERIAL));
        return score;
    }

    private void parallel(int[] list) {
        used++;
        pass.parallel(list);
        Score score = Score.of(pass);
        int[] byStart = rules.feasible(rules.ascending(starts()));
        remember(new Candidate(list, byStart, score, Way.PARALLEL));
        forward(byStart);
    }

    /** By start, what has no place at the end. */
    private int[] starts() {
        int[] starts = pass.start.clone();
        for (int a = 0; a < in.size; a++) if (!pass.placed[a]) starts[a] = Integer.MAX_VALUE;
        return starts;
    }

    /** Keeps the best, no list twice. Of equally good ones the newer comes first, so that the search does not stand still. */
    private void remember(Candidate c) {
        int place = 0;
        while (place < population.size() && population.get(place).score().compareTo(c.score()) < 0) place++;
        if (place == POPULATION) return;
        for (int i = place; i < population.size() && population.get(i).score().equals(c.score()); i++)
            if (Arrays.equals(population.get(i).list(), c.list())) return;
        population.add(place, c);
        if (population.size() > POPULATION) population.remove(POPULATION);
    }

    /** Drawn from those whose turn it may be, the nearer to the best the likelier. */
    private int[] drawn(int[] preference) {
        int[] open = new int[in.size];
        List<Integer> ready = new ArrayList<>();
        int[] rank = new int[in.size];
        for (int i = 0; i < in.size; i++) rank[preference[i]] = i;
        for (int a = 0; a < in.size; a++) {
            open[a] = in.before[a].length;
            if (open[a] == 0) ready.add(a);
        }
        int[] list = new int[in.size];
        for (int i = 0; i < in.size; i++) {
            int a = ready.remove(byRegret(ready, rank));
            list[i] = a;
            for (Instance.Link l : in.after[a]) if (--open[l.other()] == 0) ready.add(l.other());
        }
        return list;
    }

    private int byRegret(List<Integer> ready, int[] rank) {
        int worst = 0;
        for (int a : ready) worst = Math.max(worst, rank[a]);
        double sum = 0;
        double[] weight = new double[ready.size()];
        for (int i = 0; i < weight.length; i++) {
            double regret = (worst - rank[ready.get(i)]) + 1.0;
            sum += weight[i] = regret * regret;
        }
        double at = dice.nextDouble() * sum;
        for (int i = 0; i < weight.length; i++) if ((at -= weight[i]) < 0) return i;
        return weight.length - 1;
    }

    private int[] joined() {
        int[] mother = parent().list();
        int[] father = parent().list();
        int from = dice.nextInt(in.size);
        int to = from + dice.nextInt(in.size - from);
        boolean[] in1 = new boolean[in.size];
        int[] list = new int[in.size];
        int count = 0;
        for (; count < from; count++) in1[list[count] = mother[count]] = true;
        for (int i = 0; count < to && i < in.size; i++) if (!in1[father[i]]) in1[list[count++] = father[i]] = true;
        for (int a : mother) if (!in1[a]) in1[list[count++] = a] = true;
        for (int s = 0; s < SWAPS; s++) {
            int i = dice.nextInt(in.size);
            swap(list, i, Math.min(in.size - 1, i + 1 + dice.nextInt(3)));
        }
        return Arrays.equals(list, mother) ? drawn(list) : rules.feasible(list);
    }

    /** One of the best, with a stretch of it in disorder. */
    private int[] shuffled() {
        int[] list = parent().list().clone();
        int width = Math.min(in.size, 3 + dice.nextInt(Math.max(1, Math.min(in.size / 2, WIDEST_SHUFFLE))));
        int from = dice.nextInt(in.size - width + 1);
        for (int i = from + width - 1; i > from; i--) {
            swap(list, i, from + dice.nextInt(i - from + 1));
        }
        return rules.feasible(list);
    }

    private static void swap(int[] list, int i, int j) {
        int other = list[i];
        list[i] = list[j];
        list[j] = other;
    }

    /** The best of some. */
    private Candidate parent() {
        int best = population.size() - 1;
        for (int i = 0; i < DRAWS_FOR_A_PARENT; i++) best = Math.min(best, dice.nextInt(population.size()));
        return population.get(best);
    }
}
