package ofisino.core.plan.solve;

import java.util.Arrays;
import java.util.Optional;

/**
 * What no schedule can be better than: each activity as early as it would be if it had people, places and money for itself. Where more than dates
 * decides (strip-downs that stand open, a plan that is followed, pieces of work that may not all be open), nothing is known, and there is none.
 *
 * <p>Source: the critical path as a bound, Kelley and Walker, Eastern Joint Computer Conference (1959) 160-173.
 */
final class LowerBound {
    private LowerBound() {}

    static Optional<Score> of(Instance in) {
        if (in.refit.length > 0
                || in.mostOpen < in.pieces
                || in.problem.kept().isPresent()
                || Arrays.stream(in.apart).anyMatch(others -> others.length > 0)) return Optional.empty();
        var alone = new ScheduleGeneration(in);
        alone.empty();
        for (int a : in.topological) {
            int earliest = Math.max(in.time.now, in.notBefore[a]);
            for (Instance.Link l : in.before[a]) earliest = Math.max(earliest, alone.end[l.other()] + l.lag());
            alone.start[a] = in.isFixed(a) ? in.fixed[a] : earliest;
            alone.end[a] = alone.earliestPlace.alone(a, alone.start[a]);
        }
        Arrays.fill(alone.placed, true);
        return Optional.of(Score.of(alone));
    }
}
