package ofisino.core.plan.solve;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.SplittableRandom;

/**
 * Looks for a better schedule with a budget that is a number of schedules, never time, so that the same question has the same answer. First the
 * priority rules, serial and parallel, each improved forwards and backwards; then lists drawn at random but in favour of the latest finish; then
 * lists that are joined from two good ones.
 *
 * <p>Sources: biased sampling by regret, Drexl, Management Science 37 (1991) 1590-1602; joining of lists at two points, Hartmann, Naval
 * Research Logistics 45 (1998) 733-750; improvement after joining, Valls, Ballestín and Quintanilla, EJOR 185 (2008) 495-508.
 */
final class Search {
    private static final int POPULATION = 40;
    /** It goes through all slots, and with many activities costs more schedules than it is worth. */
    private static final int MOST_FOR_PARALLEL = 250;

    private static final double SHARE_OF_DRAWING = 0.15;
    private static final double SWAPS = 0.03;

    private final Instance in;
    private final PriorityRules rules;
    private final ScheduleGeneration pass;
    private final Backward backward;
    private final SplittableRandom dice;
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

    Search(Instance in, int budget, long seed) {
        this.in = in;
        this.rules = new PriorityRules(in);
        this.pass = new ScheduleGeneration(in);
        this.backward = new Backward(in);
        this.budget = budget;
        this.dice = new SplittableRandom(seed);
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
        while (!spent() && used < budget * SHARE_OF_DRAWING) improved(drawn(preference));
        while (!spent() && in.size > 1) improved(joined());
        if (!score().isFeasible() && in.problem.purse().isPresent()) stretched();
        Candidate best = population.get(0);
        if (best.access() == Way.PARALLEL) pass.parallel(best.made());
        else pass.serial(best.made(), best.access() == Way.STRETCHED);
        return pass;
    }

    /** Nothing fits: half as many schedules again, in which work may wait for the money that its end makes due. */
    private void stretched() {
        stretch = true;
        budget += budget / 2 + 1;
        for (PriorityRules.Rule rule : PriorityRules.Rule.values()) if (!spent()) improved(rules.list(rule));
        // where money never held anything back, that is not what is missing
        while (!spent() && !score().isFeasible() && in.size > 1 && pass.hasStretched()) improved(joined());
    }

    Score score() {
        return population.get(0).score();
    }

    private boolean spent() {
        return used >= budget;
    }

    /** A forward pass, and backwards and forwards again while that gains something. */
    private void improved(int[] list) {
        Score score = forward(list);
        while (!spent()) {
            used++;
            int[] again = rules.ascending(backward.latestStarts(pass, rules));
            if (spent()) return;
            Score next = forward(rules.feasible(again));
            if (next.compareTo(score) >= 0) return;
            score = next;
        }
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

    /** Keeps the best, no two alike. */
    private void remember(Candidate c) {
        for (Candidate other : population) if (other.score().equals(c.score())) return;
        if (population.size() < POPULATION
                || c.score().compareTo(population.get(population.size() - 1).score()) < 0) {
            population.add(c);
            population.sort(Comparator.comparing(Candidate::score));
            if (population.size() > POPULATION) population.remove(population.size() - 1);
        }
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
        int[] mother = population.get(pick()).list();
        int[] father = population.get(pick()).list();
        int from = dice.nextInt(in.size);
        int to = from + dice.nextInt(in.size - from);
        boolean[] in1 = new boolean[in.size];
        int[] list = new int[in.size];
        int count = 0;
        for (; count < from; count++) in1[list[count] = mother[count]] = true;
        for (int i = 0; count < to && i < in.size; i++) if (!in1[father[i]]) in1[list[count++] = father[i]] = true;
        for (int a : mother) if (!in1[a]) in1[list[count++] = a] = true;
        for (int i = 0; i + 1 < in.size; i++)
            if (dice.nextDouble() < SWAPS) {
                int j = Math.min(in.size - 1, i + 1 + dice.nextInt(3));
                int other = list[i];
                list[i] = list[j];
                list[j] = other;
            }
        return Arrays.equals(list, mother) ? drawn(list) : rules.feasible(list);
    }

    /** The better of two. */
    private int pick() {
        return Math.min(dice.nextInt(population.size()), dice.nextInt(population.size()));
    }
}
