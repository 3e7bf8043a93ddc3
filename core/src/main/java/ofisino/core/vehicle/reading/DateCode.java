package ofisino.core.vehicle.reading;

import java.time.DateTimeException;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.temporal.TemporalAdjusters;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import ofisino.core.kernel.InvalidValue;

/**
 * When a part was made, from what is written on it.
 *
 * <p>Four digits are week and year as on a tyre from 2000 on: week 01 is the first full calendar week, Sunday to Saturday. Source: 49 CFR
 * 574.5, from memory. Three digits are from before 2000 and do not give the decade: they are asked about, never guessed. ISO weeks differ.
 */
public final class DateCode {
    private static final Pattern WEEK_AND_YEAR = Pattern.compile("(\\d{2})(\\d{2})");

    private DateCode() {}

    /**
     * The first day on which it can have been made.
     *
     * @param text a week code or a date
     * @throws InvalidValue when it is none of these, or lies in the future
     */
    public static LocalDate madeOn(String text, LocalDate today) {
        String code = text.strip();
        LocalDate made = parse(code);
        if (made.isAfter(today)) throw refused("date-code.future", "“%s” lies in the future.", "Read it again.", code);
        return made;
    }

    private static LocalDate parse(String code) {
        if (code.matches("\\d{3}"))
            throw refused(
                    "date-code.decade",
                    "“%s” is a code from before 2000 that does not tell the decade.",
                    "Enter the year, for instance from the papers; count it as expired until then.",
                    code);
        try {
            Matcher weekAndYear = WEEK_AND_YEAR.matcher(code);
            if (weekAndYear.matches()) return week(weekAndYear);
            return LocalDate.parse(code);
        } catch (DateTimeException unreadable) {
            throw refused(
                    "date-code.unreadable",
                    "“%s” is no date code.",
                    "Write the four digits at the end of the code on the tyre, or a date like 2019-06-01.",
                    code);
        }
    }

    private static LocalDate week(Matcher code) {
        int week = Integer.parseInt(code.group(1));
        int year = 2000 + Integer.parseInt(code.group(2));
        LocalDate first = LocalDate.of(year, 1, 1)
                .with(TemporalAdjusters.nextOrSame(DayOfWeek.SUNDAY))
                .plusWeeks(week - 1L);
        if (week < 1 || first.getYear() != year) throw new DateTimeException("week " + week);
        return first;
    }

    private static InvalidValue refused(String code, String wrong, String wayOut, Object... values) {
        return InvalidValue.at("made", code, wrong, wayOut, values);
    }
}
