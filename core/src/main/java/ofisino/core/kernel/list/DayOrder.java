package ofisino.core.kernel.list;

import java.time.DateTimeException;
import java.time.LocalDate;
import java.util.Collection;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** In which order a list writes the parts of a day. A day that begins with four figures begins with its year, whatever the list does else. */
public enum DayOrder {
    DAY_FIRST,
    MONTH_FIRST;

    private static final Pattern THREE_NUMBERS =
            Pattern.compile("(\\d{1,4})[^0-9]{1,2}(\\d{1,2})[^0-9]{1,2}(\\d{1,4})([T ].*)?");
    private static final Pattern WITHOUT_SIGNS = Pattern.compile("(\\d{4})(\\d{2})(\\d{2})");
    private static final int MONTHS = 12;
    private static final int FOUR_FIGURES = 1000;
    private static final int CENTURY = 2000;
    private static final int TWO_FIGURES = 100;

    /** The order in which all of them are days; the day first where both are, as most of the world writes. */
    public static DayOrder guessed(Collection<String> days) {
        long dayFirst = days.stream().filter(d -> DAY_FIRST.read(d).isPresent()).count();
        long monthFirst =
                days.stream().filter(d -> MONTH_FIRST.read(d).isPresent()).count();
        return monthFirst > dayFirst ? MONTH_FIRST : DAY_FIRST;
    }

    /** Whether the days themselves do not say in which order they are written: both can be meant of all of them, and mean another day. */
    public static boolean isLeftOpen(Collection<String> days) {
        return days.stream()
                        .allMatch(d -> DAY_FIRST.read(d).isPresent()
                                && MONTH_FIRST.read(d).isPresent())
                && days.stream().anyMatch(d -> !DAY_FIRST.read(d).equals(MONTH_FIRST.read(d)));
    }

    /** Empty where it is no day of the calendar. A year of two figures is one of this century. */
    public Optional<LocalDate> read(String said) {
        String bare = said.strip();
        Matcher together = WITHOUT_SIGNS.matcher(bare);
        if (together.matches()) return day(whole(together, 1), whole(together, 2), whole(together, 3));
        Matcher apart = THREE_NUMBERS.matcher(bare);
        if (!apart.matches()) return Optional.empty();
        int first = whole(apart, 1);
        int second = whole(apart, 2);
        int third = whole(apart, 3);
        if (first >= FOUR_FIGURES) return day(first, second, third);
        int year = third < TWO_FIGURES ? CENTURY + third : third;
        return this == DAY_FIRST ? day(year, second, first) : day(year, first, second);
    }

    private static int whole(Matcher m, int group) {
        return Integer.parseInt(m.group(group));
    }

    private static Optional<LocalDate> day(int year, int month, int day) {
        if (year < FOUR_FIGURES || month > MONTHS) return Optional.empty();
        try {
            return Optional.of(LocalDate.of(year, month, day));
        } catch (DateTimeException noSuchDay) {
            return Optional.empty();
        }
    }
}
