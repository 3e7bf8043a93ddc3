package ofisino.core.money.forecast;

import ofisino.core.kernel.InvalidValue;

/**
 * One line of what a project will have cost, in minor units of the base currency.
 *
 * @param about of a guess and of what is undecided the finding, of what is forgotten the prompt, of what runs its name; else empty
 */
public record ForecastPart(ForecastKind kind, String about, Span cost) {
    /** From what is sure to what nobody knows. */
    public enum ForecastKind {
        SPENT,
        /** Ordered, and not paid. */
        ORDERED,
        /** To be bought, at a price that somebody named. */
        PRICED,
        /** Agreed with whoever does a job, and not paid. */
        QUOTED,
        /** To be bought for a finding that has its jobs, without a price. */
        UNPRICED,
        /** A finding of which nobody made jobs yet. */
        UNDECIDED,
        /** What places may hide that nobody has seen. */
        UNSEEN,
        /** What always comes on top and nobody writes down. */
        FORGOTTEN,
        /** What runs with the calendar until the road. */
        RUNNING;

        /** Nobody has to guess. */
        public boolean isSure() {
            return this == SPENT || this == ORDERED || this == PRICED || this == QUOTED;
        }

        /** Of what the car itself still asks for, on which the forgotten hangs. */
        boolean isToCome() {
            return this == PRICED || this == UNPRICED || this == UNDECIDED;
        }
    }

    public ForecastPart {
        if (kind.isSure() && !cost.isOneFigure())
            throw InvalidValue.of("forecast.sure", "%s is a sum and no range: %s.", "Give one figure.", kind, cost);
    }

    /** A figure that is known. */
    public static ForecastPart sure(ForecastKind kind, long minor) {
        return new ForecastPart(kind, "", Span.of(minor));
    }
}
