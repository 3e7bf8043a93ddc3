package ofisino.core.money.forecast;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Optional;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.kernel.Texts;
import ofisino.core.money.forecast.ForecastPart.ForecastKind;

/**
 * What runs with the calendar: storage, insurance, heating, hire. From today on it is still to come; what was paid is booked.
 *
 * @param perMonthMinor in minor units of the base currency, above 0
 * @param until         its last month; empty for until the road
 */
public record RunningCost(String name, long perMonthMinor, LocalDate from, Optional<LocalDate> until) {
    /** Thirty days and some: a year has twelve. */
    private static final double DAYS_A_MONTH = 365.25 / 12;

    public RunningCost {
        name = Texts.line("name", name);
        if (perMonthMinor <= 0)
            throw InvalidValue.at(
                    "perMonthMinor", "running.nothing", "It costs nothing a month.", "Enter what it costs a month.");
        if (until.isPresent() && until.get().isBefore(from))
            throw InvalidValue.at(
                    "untilOn",
                    "running.days",
                    "It cannot end on %s before it begins on %s.",
                    "Correct one of the two days.",
                    until.get(),
                    from);
    }

    /** By when the road is reached, each no sooner than the one before. */
    public record Road(LocalDate soonest, LocalDate likely, LocalDate latest) {
        public Road {
            if (likely.isBefore(soonest)) likely = soonest;
            if (latest.isBefore(likely)) latest = likely;
        }
    }

    /** What is still to come of it. @param road empty where nobody can say when: then only what has an end is counted */
    public Optional<ForecastPart> toCome(LocalDate today, Optional<Road> road) {
        if (until.isPresent()) {
            long sure = cost(today, until.get());
            return Optional.of(new ForecastPart(ForecastKind.RUNNING, name, Span.of(sure)));
        }
        return road.map(r -> new ForecastPart(
                ForecastKind.RUNNING,
                name,
                new Span(cost(today, r.soonest()), cost(today, r.likely()), cost(today, r.latest()))));
    }

    /** Whether it runs on that day. */
    public boolean isOn(LocalDate day) {
        return !from.isAfter(day) && until.map(last -> !last.isBefore(day)).orElse(true);
    }

    private long cost(LocalDate today, LocalDate end) {
        LocalDate begin = from.isAfter(today) ? from : today;
        long days = Math.max(0, ChronoUnit.DAYS.between(begin, end));
        return Math.round(perMonthMinor * (days / DAYS_A_MONTH));
    }
}
