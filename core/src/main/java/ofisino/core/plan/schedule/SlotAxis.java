package ofisino.core.plan.schedule;

import java.time.Duration;
import java.time.Instant;

/** Numbers the quarters of an hour from a first instant on. */
record SlotAxis(Instant origin, int slots) {
    static final Duration SLOT = Duration.ofMinutes(15);

    static SlotAxis of(PlanProblem problem) {
        long quarter = SLOT.toSeconds();
        Instant origin = Instant.ofEpochSecond(Math.floorDiv(problem.now().getEpochSecond(), quarter) * quarter);
        return new SlotAxis(
                origin, (int) (Duration.between(origin, problem.horizon()).toSeconds() / quarter));
    }

    Instant at(int slot) {
        return origin.plus(SLOT.multipliedBy(slot));
    }

    /** The first slot that begins at or after the instant; negative in the past. */
    int atOrAfter(Instant instant) {
        long seconds = Duration.between(origin, instant).toSeconds();
        return (int) Math.min(Integer.MAX_VALUE, -Math.floorDiv(-seconds, SLOT.toSeconds()));
    }
}
