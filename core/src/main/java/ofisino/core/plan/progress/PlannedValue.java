package ofisino.core.plan.progress;

import java.util.List;
import java.util.stream.IntStream;

/**
 * How much was to be earned by when, by a plan that was kept.
 *
 * <p>Planned value: ANSI/PMI 19-006-2019, The Standard for Earned Value Management. Earned schedule, what one is behind in time instead of in work:
 * W. Lipke, Schedule is Different, The Measurable News, 2003. From memory.
 *
 * @param points at least one, rising in time
 */
record PlannedValue(List<Point> points) {
    /** @param at since the plan was kept, 0 or more, in any unit of time @param planned all that is to be earned by then, in hours or money */
    record Point(double at, double planned) {}

    PlannedValue {
        points = List.copyOf(points);
        if (points.isEmpty() || points.get(0).at() < 0 || points.get(0).planned() < 0 || !rise(points))
            throw new IllegalArgumentException("Not rising: " + points);
    }

    private static boolean rise(List<Point> points) {
        return IntStream.range(1, points.size())
                .allMatch(i -> points.get(i - 1).at() < points.get(i).at()
                        && points.get(i - 1).planned() <= points.get(i).planned());
    }

    /** All that was to be earned by then. */
    double dueBy(double now) {
        return points.stream()
                .filter(p -> p.at() <= now)
                .mapToDouble(Point::planned)
                .reduce(0, Math::max);
    }

    /** So long ago that much was to be earned; below 0 where it is for later; 0 where all that was due by now is earned. */
    double late(double now, double earned) {
        double late = now - reached(earned);
        return earned < dueBy(now) ? late : Math.min(0, late);
    }

    /** When so much was to be earned, straight between the points. */
    private double reached(double earned) {
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
