package ofisino.core.kernel;

/** Build years, both inclusive. */
public record Years(int from, int to) {
    /** Any year in which cars were built. */
    public static final Years ALL = new Years(1885, 9999);

    public Years {
        if (from > to)
            throw InvalidValue.of("years", "The years %d to %d are reversed.", "Put the earlier one first.", from, to);
    }

    /** Both ends belong to it. */
    public boolean contains(int year) {
        return from <= year && year <= to;
    }
}
