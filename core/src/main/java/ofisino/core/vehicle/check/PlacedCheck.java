package ofisino.core.vehicle.check;

import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import ofisino.core.kernel.Caution;
import ofisino.core.vehicle.HowSeen;
import ofisino.core.vehicle.body.Zone;

/**
 * A check at one place of one vehicle.
 *
 * @param zone empty for papers and road
 */
public record PlacedCheck(Check check, Optional<Zone> zone) {
    /** Known costly traps count twice. */
    public int weight() {
        return check.weight() * (zone.filter(Zone::costlyTrap).isPresent() ? 2 : 1);
    }

    /** The usual dangers of doing it here, to be read before. Common practice, no source. */
    public Set<Caution> cautions() {
        Set<Caution> found = EnumSet.noneOf(Caution.class);
        if (check.seen() == HowSeen.ON_STANDS) found.add(Caution.STANDS);
        boolean opened = check.seen() == HowSeen.OPENED;
        zone.map(Zone::system).ifPresent(system -> {
            switch (system) {
                case BRAKES -> {
                    if (opened) found.addAll(Set.of(Caution.STANDS, Caution.ASBESTOS));
                }
                case FUEL -> found.add(Caution.FUEL);
                case COOLING -> found.add(Caution.HOT_COOLANT);
                case EXHAUST, ENGINE -> {
                    if (check.method() == Check.Method.OPERATE || check.method() == Check.Method.MEASURE)
                        found.add(Caution.EXHAUST_GAS);
                }
                case RESTRAINT -> found.add(Caution.RESTRAINT);
                default -> {}
            }
        });
        if (check.places().contains("battery-tray")) found.add(Caution.BATTERY);
        if (place().equals(Catalogue.ROAD)) found.addAll(Set.of(Caution.BRAKES, Caution.EXHAUST_GAS));
        return found;
    }

    /** Where it is done: the zone's id, or {@code papers} or {@code road}. */
    public String place() {
        return zone.map(Zone::id).orElseGet(() -> check.places().iterator().next());
    }
}
