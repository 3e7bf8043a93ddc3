package ofisino.core.money.budget;

import java.time.LocalDate;
import java.util.Collection;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import ofisino.core.kernel.InvalidValue;

/**
 * The money of a stretch of time, in minor units of one currency: what had been spent before, what went to each group meanwhile, and what
 * had been spent after it. Always opening + groups = closing.
 *
 * @param from    its first day
 * @param to      its last day
 * @param opening spent before it
 * @param groups  what went to each, the most first
 * @param closing spent by its end
 */
public record Period(LocalDate from, LocalDate to, long opening, List<Group> groups, long closing) {
    /** One amount that was booked. @param on the day of paying @param group what it belongs to */
    public record Booked(LocalDate on, String group, long minor) {}

    /** Together, of one group; below 0 where more came in than went out. */
    public record Group(String name, long minor) {}

    public Period {
        groups = List.copyOf(groups);
        mustBeDays(from, to);
        if (Math.addExact(opening, sum(groups)) != closing)
            throw InvalidValue.of(
                    "period.sum", "%d and the groups are not %d.", "Add up the groups anew.", opening, closing);
    }

    /** Adds up what was booked by a day, whichever order it is in. */
    public static Period of(Collection<Booked> all, LocalDate from, LocalDate to) {
        mustBeDays(from, to);
        long opening = 0;
        Map<String, Long> sums = new LinkedHashMap<>();
        for (Booked b : all)
            if (b.on().isBefore(from)) opening = Math.addExact(opening, b.minor());
            else if (!b.on().isAfter(to)) sums.merge(b.group(), b.minor(), Math::addExact);
        List<Group> groups = sums.entrySet().stream()
                .map(e -> new Group(e.getKey(), e.getValue()))
                .sorted(Comparator.comparingLong(Group::minor).reversed().thenComparing(Group::name))
                .toList();
        return new Period(from, to, opening, groups, Math.addExact(opening, sum(groups)));
    }

    private static long sum(List<Group> groups) {
        return groups.stream().mapToLong(Group::minor).reduce(0, Math::addExact);
    }

    private static void mustBeDays(LocalDate from, LocalDate to) {
        if (to.isBefore(from))
            throw InvalidValue.at(
                    "to", "period.days", "It cannot end on %s before it begins on %s.", "Swap the two days.", to, from);
    }
}
