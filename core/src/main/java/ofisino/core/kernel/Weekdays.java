package ofisino.core.kernel;

import java.time.DayOfWeek;
import java.util.EnumSet;
import java.util.Set;

/** The days of a week on which a door is open or a place is lent; at least one. */
public record Weekdays(Set<DayOfWeek> days) {
    /** Every day of the week. */
    public static final Weekdays ALL = new Weekdays(EnumSet.allOf(DayOfWeek.class));

    public Weekdays {
        if (days.isEmpty())
            throw InvalidValue.at("days", "weekdays.none", "No day of the week is chosen.", "Choose at least one.");
        days = Set.copyOf(days);
    }

    /** Monday is the lowest of seven bits. */
    public static Weekdays ofBits(int bits) {
        Set<DayOfWeek> found = EnumSet.noneOf(DayOfWeek.class);
        for (DayOfWeek day : DayOfWeek.values()) if ((bits & 1 << day.ordinal()) != 0) found.add(day);
        return new Weekdays(found);
    }

    /** Monday is 1, Tuesday 2, Sunday 64: as it is stored. */
    public int bits() {
        return days.stream().mapToInt(d -> 1 << d.ordinal()).sum();
    }

    /** Days that are in either. */
    public Weekdays or(Weekdays other) {
        return ofBits(bits() | other.bits());
    }

    /** True where no day of the week is left out. */
    public boolean coverEveryDay() {
        return days.size() == DayOfWeek.values().length;
    }
}
