package ofisino.core.plan.scope;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import ofisino.core.kernel.Aim;

/**
 * What falls in and out of the scope when the aim of a project, or of one of its zones, changes: known before it is done.
 *
 * @param in   items that are asked for then and are not now
 * @param out  the other way round
 */
public record AimChange<I>(Side<I> in, Side<I> out) {
    /** @param minutes own work @param minor money, in minor units of the base currency */
    public record Side<I>(List<I> items, long minutes, long minor) {
        public Side {
            items = List.copyOf(items);
        }

        /** @return empty when nobody has time in the garage */
        public Optional<Double> weeks(long minutesAWeek) {
            return minutesAWeek == 0 ? Optional.empty() : Optional.of((double) minutes / minutesAWeek);
        }
    }

    /** A job, or a finding without jobs. */
    public record Item<I>(I id, Optional<String> zone, Aim aim, long minutes, long minor) {}

    /** The aim of a project and of the zones that differ. */
    public record Aims(Aim project, Map<String, Aim> byZone) {
        public Aims {
            byZone = Map.copyOf(byZone);
        }

        /** Whether work of this aim at this zone is wanted. @param zone empty where it belongs to the whole vehicle */
        public boolean asksFor(Optional<String> zone, Aim work) {
            return zone.map(byZone::get)
                    .flatMap(Optional::ofNullable)
                    .orElse(project)
                    .needs(work);
        }
    }

    /** What comes in and what falls out when the aims change. */
    public static <I> AimChange<I> of(Collection<Item<I>> items, Aims before, Aims after) {
        return new AimChange<>(side(items, before, after), side(items, after, before));
    }

    private static <I> Side<I> side(Collection<Item<I>> items, Aims without, Aims with) {
        List<I> found = new ArrayList<>();
        long minutes = 0;
        long minor = 0;
        for (Item<I> item : items)
            if (with.asksFor(item.zone(), item.aim()) && !without.asksFor(item.zone(), item.aim())) {
                found.add(item.id());
                minutes += item.minutes();
                minor += item.minor();
            }
        return new Side<>(found, minutes, minor);
    }
}
