package ofisino.core.plan.calendar;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import ofisino.core.kernel.InvalidValue;

/**
 * What a session takes before its first step and after its last: changing, light and heater, tools out; sweeping up, tools back, lids on.
 *
 * @param minutes of both together, 0 to 120
 */
public record SetUp(int minutes) {
    /** Common practice, no source: in a place of one's own; out of doors half an hour, which by quarters of an hour is the same. */
    public static final SetUp USUAL = new SetUp(20);

    private static final int MOST = 120;
    private static final int QUARTER = 15;

    public SetUp {
        if (minutes < 0 || minutes > MOST)
            throw InvalidValue.at(
                    "setUpMinutes",
                    "set-up.range",
                    "Setting up and clearing away do not take %d min.",
                    "Give 0 to %d minutes.",
                    minutes,
                    MOST);
    }

    /** What is left of sessions for work, by whole quarters of an hour; a session that is too short is none. */
    public List<TimeWindow> workIn(List<TimeWindow> sessions) {
        int before = quarters(before());
        int after = quarters(minutes) - before;
        return sessions.stream()
                .filter(s -> Duration.between(s.from(), s.to()).toMinutes() >= before + after + QUARTER)
                .map(s -> new TimeWindow(later(s.from(), before), later(s.to(), -after)))
                .toList();
    }

    /** Minutes before the first step. */
    public int before() {
        return minutes / 2;
    }

    private static int quarters(int minutes) {
        return (minutes + QUARTER - 1) / QUARTER * QUARTER;
    }

    private static Instant later(Instant instant, int minutes) {
        return instant.plus(Duration.ofMinutes(minutes));
    }
}
