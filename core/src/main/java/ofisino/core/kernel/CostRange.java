package ofisino.core.kernel;

/** Estimated cost of parts and bought-in work, in minor units of the garage's currency: optimistic, likely, pessimistic. Own labour is not in it. */
public record CostRange(long optimisticMinor, long likelyMinor, long pessimisticMinor) {
    /** It costs nothing. */
    public static final CostRange NOTHING = new CostRange(0, 0, 0);

    public CostRange {
        if (optimisticMinor < 0)
            throw InvalidValue.at("cost", "cost.negative", "A cost cannot be negative.", "Enter 0 if there is none.");
        if (!(optimisticMinor <= likelyMinor && likelyMinor <= pessimisticMinor))
            throw InvalidValue.at(
                    "cost",
                    "cost.order",
                    "The cost must grow from optimistic over likely to pessimistic.",
                    "Maybe two amounts are swapped.");
    }
}
