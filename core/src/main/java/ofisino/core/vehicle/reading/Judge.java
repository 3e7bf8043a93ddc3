package ofisino.core.vehicle.reading;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import ofisino.core.vehicle.reading.Verdict.JudgedBecause;
import ofisino.core.vehicle.reading.Verdict.Outcome;

/** Compares a reading with a limit. What is doubtful is not judged: silence is no proof. */
final class Judge {
    /** What converting and dividing may be off by: a value on the bound lies within it. */
    private static final double ROUNDING = 1e-9;

    private Judge() {}

    /**
     * By each figure that may be the one that counts; one by which no such value exists does not. Where they differ, what the vehicle has is asked for,
     * and nothing is judged.
     */
    public static Verdict judge(Reading reading, Limit limit) {
        List<Verdict> all = Stream.concat(Stream.of(limit), limit.otherwise().stream())
                .map(l -> byOne(reading, l))
                .toList();
        List<Verdict> there =
                all.stream().filter(v -> v.why() != JudgedBecause.ASK_AGAIN).toList();
        if (there.isEmpty()) return all.get(0);
        if (there.stream().map(v -> v.outcome() == Outcome.OUTSIDE).distinct().count() > 1)
            return notJudged(JudgedBecause.WHAT_IT_HAS, limit);
        return there.stream().min(Comparator.comparingDouble(Verdict::margin)).orElseThrow();
    }

    private static Verdict byOne(Reading reading, Limit limit) {
        double value = reading.unit().convert(reading.value(), limit.unit());
        if (value < limit.lowest() || value > limit.highest()) return notJudged(JudgedBecause.ASK_AGAIN, limit);
        if (limit.maker()) return notJudged(JudgedBecause.MAKERS_FIGURE_MISSING, limit);
        if (!reading.canBeShown()) return notJudged(JudgedBecause.INSTRUMENT_RANGE, limit);
        Optional<JudgedBecause> unfit = reading.instrument().flatMap(i -> unfit(i, limit));
        if (unfit.isPresent()) return notJudged(unfit.get(), limit);
        double room = Math.min(
                value - limit.min().orElse(Double.NEGATIVE_INFINITY),
                limit.max().orElse(Double.POSITIVE_INFINITY) - value);
        if (room < -ROUNDING) {
            boolean below = limit.min().isPresent() && value < limit.min().getAsDouble();
            return new Verdict(Outcome.OUTSIDE, below ? JudgedBecause.BELOW : JudgedBecause.ABOVE, room, limit);
        }
        return room < limit.watch()
                ? new Verdict(Outcome.WATCH, JudgedBecause.NEAR_THE_BOUND, room, limit)
                : new Verdict(Outcome.WITHIN, JudgedBecause.ROOM_TO_SPARE, room, limit);
    }

    private static Optional<JudgedBecause> unfit(Reading.Instrument instrument, Limit limit) {
        double from = instrument.unit().convert(instrument.from(), limit.unit());
        double to = instrument.unit().convert(instrument.to(), limit.unit());
        boolean coversBounds = limit.min().stream().allMatch(m -> from <= m && m <= to)
                && limit.max().stream().allMatch(m -> from <= m && m <= to);
        if (!coversBounds) return Optional.of(JudgedBecause.INSTRUMENT_RANGE);
        return isTooCoarse(instrument.step(limit.unit()), limit.resolution())
                ? Optional.of(JudgedBecause.INSTRUMENT_RESOLUTION)
                : Optional.empty();
    }

    /** @param coarsest that can still decide */
    static boolean isTooCoarse(double step, double coarsest) {
        return step > coarsest * (1 + 1e-9);
    }

    private static Verdict notJudged(JudgedBecause why, Limit limit) {
        return new Verdict(Outcome.NOT_JUDGED, why, 0, limit);
    }
}
