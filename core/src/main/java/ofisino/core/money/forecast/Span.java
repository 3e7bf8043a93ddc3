package ofisino.core.money.forecast;

import ofisino.core.kernel.InvalidValue;

/** From low over likely to high, in minor units of the base currency; less than nothing where more comes in than goes out. */
public record Span(long lowMinor, long likelyMinor, long highMinor) {
    public Span {
        if (!(lowMinor <= likelyMinor && likelyMinor <= highMinor))
            throw InvalidValue.of(
                    "span.order",
                    "From %d over %d to %d does not rise.",
                    "Give the low figure first and the high one last.",
                    lowMinor,
                    likelyMinor,
                    highMinor);
    }

    /** A figure and no range. */
    public static Span of(long minor) {
        return new Span(minor, minor, minor);
    }

    /** What it comes to on average: (low + 4 likely + high) ÷ 6, as in PERT. Averages add up, likely figures do not: what goes wrong costs more than what goes well saves. */
    public long expectedMinor() {
        return Math.round((lowMinor + 4.0 * likelyMinor + highMinor) / 6);
    }

    /** What is still to come of it once so much is spent; never less than nothing, since nobody gets it back. */
    public Span after(long spentMinor) {
        return new Span(
                Math.max(0, lowMinor - spentMinor),
                Math.max(0, likelyMinor - spentMinor),
                Math.max(0, highMinor - spentMinor));
    }

    /** Whether nobody has to guess. */
    public boolean isOneFigure() {
        return lowMinor == highMinor;
    }
}
