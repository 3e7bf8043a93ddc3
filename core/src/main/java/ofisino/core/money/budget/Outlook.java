package ofisino.core.money.budget;

import java.util.Collection;
import java.util.Optional;
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
     * @param cost     what its parts and bought-in work are thought to cost; empty where nobody knows
     * @param needs    things to buy for it; 0 while nobody made work of it
     * @param unpriced of these, how many have no price
     */
    public record ToDo(Optional<CostRange> cost, int needs, int unpriced) {
        /** The share of its estimate that no price has taken the place of, 0 to 1. */
        double guessed(boolean hasWork) {
            if (!hasWork) return 1;
            return needs == 0 ? 0 : (double) unpriced / needs;
        }
    }

    /**
     * @param sure       spent, ordered, and to be ordered at a price
     * @param withWork   findings of which work was made: their things to buy are known
     * @param withoutWork findings of which none was made: their whole estimate is a guess
     * @param unpriced   of all that is to be bought
     */
    public static Outlook of(long sure, Collection<ToDo> withWork, Collection<ToDo> withoutWork, int unpriced) {
        double low = 0;
        double likely = 0;
        double high = 0;
        int unestimated = 0;
        for (boolean hasWork : new boolean[] {true, false})
            for (ToDo f : hasWork ? withWork : withoutWork) {
                double share = f.guessed(hasWork);
                if (f.cost().isEmpty() && share > 0) unestimated++;
                CostRange cost = f.cost().orElse(CostRange.NOTHING);
                low += share * cost.optimisticMinor();
                likely += share * cost.likelyMinor();
                high += share * cost.pessimisticMinor();
            }
        return new Outlook(
                Math.addExact(sure, Math.round(low)),
                Math.addExact(sure, Math.round(likely)),
                Math.addExact(sure, Math.round(high)),
                unpriced,
                unestimated);
    }

    /** Whether something of it is a guess. */
    public boolean isGuess() {
        return low < high || unpriced > 0 || unestimated > 0;
    }
}
