package ofisino.core.money.forecast;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import ofisino.core.kernel.CostRange;
import ofisino.core.money.budget.Position;
import ofisino.core.money.forecast.ForecastPart.ForecastKind;

/**
 * A finding that is still to be dealt with.
 *
 * @param finding its id
 * @param cost    what its parts and bought-in work are thought to cost; empty where nobody knows
 * @param hasJobs work was made of it
 * @param guessed the share of the cost that no price has taken the place of, 0 to 1
 */
public record StillToDo(String finding, Optional<CostRange> cost, boolean hasJobs, double guessed) {
    /** Nobody made work of it yet: all of it is a guess. */
    public static StillToDo withoutJobs(String finding, Optional<CostRange> cost) {
        return new StillToDo(finding, cost, false, 1);
    }

    /** Of so many things to buy for it so many have no price. */
    public static StillToDo withJobs(String finding, Optional<CostRange> cost, int needs, int unpriced) {
        return new StillToDo(finding, cost, true, needs == 0 ? 0 : (double) unpriced / needs);
    }

    /** What is sure, and these. @param unpriced of all that is to be bought */
    public static Forecast forecast(Position position, Collection<StillToDo> findings, int unpriced) {
        var sure = new Forecast(
                List.of(
                        ForecastPart.sure(ForecastKind.SPENT, position.spent()),
                        ForecastPart.sure(ForecastKind.ORDERED, position.orderedNotPaid()),
                        ForecastPart.sure(ForecastKind.PRICED, position.toOrder()),
                        ForecastPart.sure(ForecastKind.QUOTED, position.agreed())),
                unpriced,
                (int) findings.stream().filter(StillToDo::lacksAnEstimate).count());
        return sure.and(findings.stream().flatMap(f -> f.part().stream()).toList());
    }

    private boolean lacksAnEstimate() {
        return cost.isEmpty() && guessed > 0;
    }

    private Optional<ForecastPart> part() {
        return cost.filter(c -> guessed > 0 && c.pessimisticMinor() > 0)
                .map(c -> new ForecastPart(
                        hasJobs ? ForecastKind.UNPRICED : ForecastKind.UNDECIDED,
                        finding,
                        new Span(share(c.optimisticMinor()), share(c.likelyMinor()), share(c.pessimisticMinor()))));
    }

    private long share(long minor) {
        return Math.round(guessed * minor);
    }
}
