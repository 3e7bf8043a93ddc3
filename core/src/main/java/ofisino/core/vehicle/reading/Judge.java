package ofisino.core.vehicle.reading;

import java.util.Optional;
import ofisino.core.vehicle.reading.Verdict.Outcome;
import ofisino.core.vehicle.reading.Verdict.Why;

/** Compares a reading with a limit. What is doubtful is not judged: silence is no proof. */
public final class Judge {
    /** What converting and dividing may be off by: a value on the bound lies within it. */
    private static final double ROUNDING = 1e-9;

    private Judge() {}

    public static Verdict judge(Reading reading, Limit limit) {
        double value = reading.unit().convert(reading.value(), limit.unit());
        if (value < limit.lowest() || value > limit.highest()) return notJudged(Why.ASK_AGAIN, limit);
        if (limit.maker()) return notJudged(Why.MAKERS_FIGURE_MISSING, limit);
        Optional<Why> unfit = reading.instrument().flatMap(i -> unfit(i, limit));
        if (unfit.isPresent()) return notJudged(unfit.get(), limit);
        double room = Math.min(
                value - limit.min().orElse(Double.NEGATIVE_INFINITY),
                limit.max().orElse(Double.POSITIVE_INFINITY) - value);
        if (room < -ROUNDING) {
            boolean below = limit.min().isPresent() && value < limit.min().getAsDouble();
            return new Verdict(Outcome.OUTSIDE, below ? Why.BELOW : Why.ABOVE, room, limit);
        }
        return room < limit.watch()
                ? new Verdict(Outcome.WATCH, Why.NEAR_THE_BOUND, room, limit)
                : new Verdict(Outcome.WITHIN, Why.ROOM_TO_SPARE, room, limit);
    }

    private static Optional<Why> unfit(Reading.Instrument instrument, Limit limit) {
        double from = instrument.unit().convert(instrument.from(), limit.unit());
        double to = instrument.unit().convert(instrument.to(), limit.unit());
        double step = instrument.unit().convert(instrument.from() + instrument.resolution(), limit.unit()) - from;
        boolean coversBounds = limit.min().stream().allMatch(m -> from <= m && m <= to)
                && limit.max().stream().allMatch(m -> from <= m && m <= to);
        if (!coversBounds) return Optional.of(Why.INSTRUMENT_RANGE);
        return Math.abs(step) > limit.resolution() * (1 + 1e-9)
                ? Optional.of(Why.INSTRUMENT_RESOLUTION)
                : Optional.empty();
    }

    private static Verdict notJudged(Why why, Limit limit) {
        return new Verdict(Outcome.NOT_JUDGED, why, 0, limit);
    }
}
