package ofisino.core.plan.progress;

import java.util.List;
import java.util.OptionalDouble;
import java.util.stream.IntStream;

/**
 * How much was to be earned by when, by a plan that was kept.
 *
 * <p>Planned value, schedule variance and index: ANSI/PMI 19-006-2019, The Standard for Earned Value Management. Earned schedule, in time instead of
 * in work: W. Lipke, Schedule is Different, The Measurable News, 2003. From memory.
 *
 * @param points at least one, rising in time
 */
public record PlannedValue(List<Point> points) {
    /** @param at since the plan was kept, 0 or more, in any unit of time @param planned all that is to be earned by then, in hours or money */
    public record Point(double at, double planned) {}

    public PlannedValue {
        points = List.copyOf(points);
        if (points.isEmpty() || points.get(0).at() < 0 || points.get(0).planned() < 0 || !rise(points))
            throw new IllegalArgumentException("Not rising: " + points);
    }

    private static boolean rise(List<Point> points) {
        return IntStream.range(1, points.size())
                .allMatch(i -> points.get(i - 1).at() < points.get(i).at()
                        && points.get(i - 1).planned() <= points.get(i).planned());
    }

    /**
     * Where one stands against the plan.
     *
     * @param planned to be earned by now
     * @param earned  what is
     * @param late    so long ago that much was to be earned; below 0 where it is for later; 0 where all that was due by now is earned
     */
    public record Standing(double planned, double earned, double late) {
        /** Schedule variance: below 0 where less is earned than planned. */
        public double variance() {
            return earned - planned;
        }

        /** Schedule performance index: earned for each unit planned; empty while nothing was due. */
        public OptionalDouble index() {
            return planned == 0 ? OptionalDouble.empty() : OptionalDouble.of(earned / planned);
        }
    }

    /** @param now since the plan was kept @param earned by now, in the unit of the plan */
    public Standing standing(double now, double earned) {
        double planned = points.stream()
                .filter(p -> p.at() <= now)
                .mapToDouble(Point::planned)
                .reduce(0, Math::max);
        double late = now - reached(earned);
        return new Standing(planned, earned, earned < planned ? late : Math.min(0, late));
    }

    /** When so much was to be earned, straight between the points. */
    double reached(double earned) {
        var before = new Point(0, 0);
        for (Point next : points) {
            if (next.planned() > earned)
                return before.at()
                        + (next.at() - before.at()) * (earned - before.planned()) / (next.planned() - before.planned());
            before = next;
        }
        return before.at();
    }
}
