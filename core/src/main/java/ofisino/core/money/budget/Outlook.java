package ofisino.core.money.budget;

import java.util.Collection;
import java.util.Optional;
import java.util.function.ToLongFunction;
import ofisino.core.kernel.CostRange;

/**
 * What the whole will have cost as a range: what is paid, ordered and priced is sure; what has no price is guessed by the estimates of the
 * findings that ask for it. In minor units of the base currency.
 *
 * @param unpriced    things to buy of which nobody named a price
 * @param unestimated findings without any estimate: the range is so much too low
 */
public record Outlook(long low, long likely, long high, int unpriced, int unestimated) {
    /**
     * A finding that is still to be dealt with.
     *
     * @param cost    what its parts and bought-in work are thought to cost; empty where nobody knows
     * @param guessed the share of that which no price has taken the place of, 0 to 1
     */
    public record ToDo(Optional<CostRange> cost, double guessed) {
        /** Nobody made work of it yet: all of it is a guess. */
        public static ToDo withoutWork(Optional<CostRange> cost) {
            return new ToDo(cost, 1);
        }

        /** Of so many things to buy for it so many have no price. */
        public static ToDo withWork(Optional<CostRange> cost, int needs, int unpriced) {
            return new ToDo(cost, needs == 0 ? 0 : (double) unpriced / needs);
        }

        private boolean lacksAnEstimate() {
            return cost.isEmpty() && guessed > 0;
        }
    }

    /** @param sure spent, ordered, and to be ordered at a price @param unpriced of all that is to be bought */
    public static Outlook of(long sure, Collection<ToDo> findings, int unpriced) {
        return new Outlook(
                sum(sure, findings, CostRange::optimisticMinor),
                sum(sure, findings, CostRange::likelyMinor),
                sum(sure, findings, CostRange::pessimisticMinor),
                unpriced,
                (int) findings.stream().filter(ToDo::lacksAnEstimate).count());
    }

    private static long sum(long sure, Collection<ToDo> findings, ToLongFunction<CostRange> which) {
        double guesses = findings.stream()
                .mapToDouble(f -> f.guessed() * f.cost().map(which::applyAsLong).orElse(0L))
                .sum();
        return Math.addExact(sure, Math.round(guesses));
    }

    /** Whether something of it is a guess. */
    public boolean isGuess() {
        return low < high || unpriced > 0 || unestimated > 0;
    }
}
