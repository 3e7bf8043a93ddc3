package ofisino.core.kernel;

/**
 * Estimated labour in whole minutes: optimistic, likely, pessimistic. Person-time, not elapsed time; that needs a calendar.
 *
 * @param optimisticMinutes  0 up to likely
 * @param likelyMinutes      between the two
 * @param pessimisticMinutes at least likely, at most 2000 hours
 */
public record Effort(int optimisticMinutes, int likelyMinutes, int pessimisticMinutes) {
    public static final int MOST_MINUTES = 2000 * 60;

    /** Nothing to do. */
    public static final Effort NONE = new Effort(0, 0, 0);

    public Effort {
        if (optimisticMinutes < 0)
            throw InvalidValue.at(
                    "effort", "effort.negative", "%d min cannot be an effort.", "Enter 0 or more.", optimisticMinutes);
        if (!(optimisticMinutes <= likelyMinutes && likelyMinutes <= pessimisticMinutes))
            throw InvalidValue.at(
                    "effort",
                    "effort.order",
                    "The effort must grow from optimistic (%d min) over likely (%d min) to pessimistic (%d min).",
                    "Maybe two values are swapped.",
                    optimisticMinutes,
                    likelyMinutes,
                    pessimisticMinutes);
        if (pessimisticMinutes > MOST_MINUTES)
            throw InvalidValue.at(
                    "effort",
                    "effort.too-much",
                    "The effort (%d h) is more than 2000 hours for one job.",
                    "Split the job.",
                    pessimisticMinutes / 60);
    }

    /** Both, one after the other. @throws InvalidValue when they are more than 2000 hours */
    public Effort plus(Effort other) {
        return new Effort(
                optimisticMinutes + other.optimisticMinutes,
                likelyMinutes + other.likelyMinutes,
                pessimisticMinutes + other.pessimisticMinutes);
    }

    /** An estimate without a spread. */
    public static Effort exactly(int minutes) {
        return new Effort(minutes, minutes, minutes);
    }
}
