package ofisino.core.plan.referee;

import java.time.Duration;
import java.time.Instant;
import java.util.stream.IntStream;
import ofisino.core.plan.problem.Activity;
import ofisino.core.plan.problem.PlanProblem;

/** The time of a small garage in quarters of an hour from now, for its referee. */
record Quarters(PlanProblem problem) {
    private static final int MINUTES = 15;

    /** Those in which anybody can work or a place is taken. */
    int[] live() {
        return IntStream.concat(
                        problem.people().stream()
                                .flatMap(p -> p.windows().stream())
                                .flatMapToInt(w -> IntStream.range(slot(w.from()), slot(w.to()))),
                        problem.places().stream()
                                .flatMap(p -> p.taken().stream())
                                .mapToInt(t -> slot(t.when().from())))
                .distinct()
                .sorted()
                .toArray();
    }

    int slot(Instant instant) {
        return (int) (Duration.between(problem.now(), instant).toMinutes() / MINUTES);
    }

    static int of(Duration duration) {
        return (int) (duration.toMinutes() / MINUTES);
    }

    boolean isIn(String person, int slot) {
        return problem.people().stream()
                .filter(p -> p.id().equals(person))
                .flatMap(p -> p.windows().stream())
                .anyMatch(w -> slot(w.from()) <= slot && slot < slot(w.to()));
    }

    boolean isOpen(Activity activity, int slot) {
        return activity.timing().open().stream().anyMatch(o -> slot(o.from()) <= slot && slot < slot(o.to()));
    }

    int left(PlanProblem.Capacity capacity, int slot) {
        return capacity.units()
                - capacity.taken().stream()
                        .filter(t -> slot(t.when().from()) <= slot
                                && slot < slot(t.when().to()))
                        .mapToInt(PlanProblem.Capacity.Taken::units)
                        .sum();
    }

    int dayShift() {
        return problem.now().atZone(problem.zone()).toLocalTime().toSecondOfDay() / 60 / MINUTES;
    }
}
