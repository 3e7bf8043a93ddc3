package ofisino.core.plan.tonight;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.plan.calendar.FireWatch;
import ofisino.core.plan.calendar.SetUp;

/**
 * An evening as it really is: how long, whether somebody helps, whether it may be loud, where one is, what the weather does.
 *
 * @param minutes of the evening, at most a day
 * @param setUp   how much of it is not for work
 * @param people  in the garage, oneself among them
 * @param quiet   neighbours sleep: nothing is done that they hear
 * @param wet     it rains or snows: nothing is done outdoors
 * @param place   where one is; empty for anywhere
 */
public record Asked(int minutes, SetUp setUp, int people, boolean quiet, boolean wet, Optional<String> place) {
    private static final int LONGEST_MINUTES = 1440;

    public Asked {
        if (minutes < 1 || minutes > LONGEST_MINUTES)
            throw InvalidValue.at(
                    "minutes",
                    "tonight.minutes",
                    "A session has 1 to 1440 minutes, not %d.",
                    "Enter how long it is.",
                    minutes);
        if (people < 1)
            throw InvalidValue.at(
                    "people", "tonight.people", "%d people cannot be there.", "Enter at least 1: yourself.", people);
    }

    /**
     * Something that could be done.
     *
     * @param loud        the neighbours hear it
     * @param leastMinutes of a session that it is worth beginning in; 0 for any
     * @param minutesLeft of its work
     * @param crew        people that it takes
     * @param place       where it is done; empty for anywhere
     * @param outdoors    it needs dry weather
     * @param inOneGo     it cannot be left half done
     * @param hot         the last hour of the evening is the fire watch after it, in which one may clear away
     * @param shut        it is too cold for it now, or outside the hours of the place
     * @param ready       nothing that it waits for is missing: jobs before it, parts, send-outs, its access
     * @param begun       it has been begun already
     * @param latestStart when it must begin at the latest, if known
     */
    public record Work<T>(
            T id,
            boolean loud,
            int leastMinutes,
            int minutesLeft,
            int crew,
            Optional<String> place,
            boolean outdoors,
            boolean inOneGo,
            boolean hot,
            boolean shut,
            boolean ready,
            boolean begun,
            Optional<Instant> latestStart) {}

    /** RankedBecause something stands where it stands in the list. */
    public enum RankedBecause {
        /** It has been begun: finish it before anything else is opened. */
        BEGUN,
        /** It has less than a week to spare. */
        PRESSES,
        /** It can be finished tonight. */
        FITS,
        POSSIBLE
    }

    /** @param minutes that it would take of the evening */
    public record Possible<T>(T id, int minutes, RankedBecause why) {}

    /** What can be done in such an evening, the best first; nothing that waits, is too loud, takes more people, or would not be finished in one go. */
    public <T> List<Possible<T>> rank(List<Work<T>> works, Instant now) {
        List<Possible<T>> found = new ArrayList<>();
        for (Work<T> w : works.stream()
                .filter(this::isPossible)
                .sorted(Comparator.comparing((Work<T> w) -> why(w, now))
                        .thenComparing(w -> w.latestStart().orElse(Instant.MAX)))
                .toList()) found.add(new Possible<>(w.id(), Math.min(usable(w), w.minutesLeft()), why(w, now)));
        return found;
    }

    private boolean isPossible(Work<?> w) {
        return w.ready()
                && !w.shut()
                && w.crew() <= people
                && !(quiet && w.loud())
                && w.leastMinutes() <= minutes
                && !(wet && w.outdoors())
                && (place.isEmpty() || w.place().isEmpty() || w.place().equals(place))
                && usable(w) > 0
                && !(w.inOneGo() && w.minutesLeft() > usable(w));
    }

    private int usable(Work<?> w) {
        int after = setUp.minutes() - setUp.before();
        return minutes - setUp.before() - (w.hot() ? Math.max(after, (int) FireWatch.WATCH.toMinutes()) : after);
    }

    private RankedBecause why(Work<?> w, Instant now) {
        if (w.begun()) return RankedBecause.BEGUN;
        if (w.latestStart().filter(l -> Duration.between(now, l).toDays() < 7).isPresent())
            return RankedBecause.PRESSES;
        return w.minutesLeft() <= usable(w) ? RankedBecause.FITS : RankedBecause.POSSIBLE;
    }
}
