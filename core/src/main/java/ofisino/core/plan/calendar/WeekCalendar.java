package ofisino.core.plan.calendar;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.format.TextStyle;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import ofisino.core.kernel.InvalidValue;

/** The regular times of one person in the garage. Times of one day do not overlap. */
public record WeekCalendar(List<WeekWindow> windows) {
    private static final WeekWindow FIRST_SESSION = new WeekWindow(DayOfWeek.MONDAY, 18 * 60, 20 * 60);

    public WeekCalendar {
        windows = windows.stream()
                .sorted(Comparator.comparing(WeekWindow::day).thenComparingInt(WeekWindow::fromMinute))
                .toList();
        for (int i = 1; i < windows.size(); i++) {
            WeekWindow before = windows.get(i - 1);
            WeekWindow after = windows.get(i);
            if (before.day() == after.day() && after.fromMinute() < before.toMinute())
                throw InvalidValue.at(
                        "windows",
                        "window.overlap",
                        "Two times on %s overlap.",
                        "Join them into one.",
                        before.day().getDisplayName(TextStyle.FULL, Locale.ENGLISH));
        }
    }

    /** All windows that begin on the days from {@code first} to {@code last}, both inclusive, in order. */
    public List<TimeWindow> between(LocalDate first, LocalDate last, ZoneId zone) {
        List<TimeWindow> found = new ArrayList<>();
        for (LocalDate date = first; !date.isAfter(last); date = date.plusDays(1))
            for (WeekWindow window : windows) if (window.day() == date.getDayOfWeek()) found.add(window.on(date, zone));
        return found;
    }

    /** The same, days with times of their own put in: none on a day off. */
    public List<TimeWindow> between(
            LocalDate first, LocalDate last, ZoneId zone, Map<LocalDate, Optional<WeekWindow>> exceptions) {
        List<TimeWindow> found = new ArrayList<>();
        for (LocalDate date = first; !date.isAfter(last); date = date.plusDays(1)) {
            LocalDate day = date;
            if (exceptions.containsKey(day)) exceptions.get(day).ifPresent(w -> found.add(w.on(day, zone)));
            else found.addAll(between(day, day, zone));
        }
        return found;
    }

    /**
     * With so many more or fewer a week. More come on the first days on which there is none yet, at the hours of the longest; without any, in the
     * evening from six to eight. Of fewer the last of the week are given up, but for one.
     *
     * @param from the day of the week with which it begins
     */
    public WeekCalendar withSessions(int more, DayOfWeek from) {
        if (more < 0)
            return new WeekCalendar(windows.subList(0, Math.max(Math.min(1, windows.size()), windows.size() + more)));
        WeekWindow longest = windows.stream()
                .max(Comparator.comparingInt(w -> w.toMinute() - w.fromMinute()))
                .orElse(FIRST_SESSION);
        List<WeekWindow> all = new ArrayList<>(windows);
        Stream.iterate(from, day -> day.plus(1))
                .limit(DayOfWeek.values().length)
                .filter(day -> windows.stream().noneMatch(w -> w.day() == day))
                .limit(more)
                .forEach(day -> all.add(new WeekWindow(day, longest.fromMinute(), longest.toMinute())));
        return new WeekCalendar(all);
    }

    /** In the garage, in a week without days off. */
    public int minutesPerWeek() {
        return windows.stream().mapToInt(w -> w.toMinute() - w.fromMinute()).sum();
    }
}
