package ofisino.core.vehicle.check;

import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import ofisino.core.kernel.Caution;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.kernel.VehicleSystem;
import ofisino.core.vehicle.HowSeen;
import ofisino.core.vehicle.body.Zone;
import ofisino.core.vehicle.finding.FindingKind;
import ofisino.core.vehicle.finding.SafetyClass;
import ofisino.core.vehicle.finding.SafetyRules;

/**
 * A check at one place of one vehicle.
 *
 * @param zone      empty for papers and road
 * @param also      the other places that this one look answers for
 * @param suspicion what happened to the vehicle asks for at least this class when it fails
 */
public record PlacedCheck(Check check, Optional<Zone> zone, List<Zone> also, Optional<SafetyClass> suspicion) {
    /** At one place, with nothing that happened to the vehicle. */
    public PlacedCheck(Check check, Optional<Zone> zone) {
        this(check, zone, List.of(), Optional.empty());
    }

    public PlacedCheck {
        also = List.copyOf(also);
    }

    /** The same, at least this grave if it fails. */
    public PlacedCheck suspected(SafetyClass atLeast) {
        return new PlacedCheck(
                check, zone, also, Optional.of(suspicion.map(atLeast::graver).orElse(atLeast)));
    }

    /** Known costly traps count twice. */
    public int weight() {
        return check.weight() * (zone.filter(Zone::costlyTrap).isPresent() ? 2 : 1);
    }

    /** Where it is done, and the other places that it answers for. */
    public List<String> places() {
        return Stream.concat(Stream.of(place()), also.stream().map(Zone::id)).toList();
    }

    /** Where a defect that it finds lies: its zone, or the vehicle as a whole. */
    public Zone foundIn() {
        return zone.orElseGet(() -> Zone.whole(check.system().orElseThrow()));
    }

    /** Of the zone where its finding would lie. */
    public VehicleSystem system() {
        return foundIn().system();
    }

    /** Class of the finding when it fails here: the graver of what the check and its places say. */
    public SafetyClass ifBad() {
        return also.stream().map(z -> at(z).classOf(check.kind())).reduce(classOf(check.kind()), SafetyClass::graver);
    }

    private PlacedCheck at(Zone other) {
        return new PlacedCheck(check, Optional.of(other), List.of(), suspicion);
    }

    /**
     * The same where its fault was found.
     *
     * @throws InvalidValue when that is none of its places
     */
    public PlacedCheck foundAt(String zoneId) {
        if (zoneId.equals(place())) return zone.map(this::at).orElse(this);
        return also.stream()
                .filter(z -> z.id().equals(zoneId))
                .findFirst()
                .map(this::at)
                .orElseThrow(() -> InvalidValue.at(
                        "foundAt",
                        "check.found-at",
                        "That is none of the places of this check.",
                        "Choose one of them."));
    }

    /** Class of a finding of that kind made at this check here. */
    public SafetyClass classOf(FindingKind kind) {
        SafetyClass usual = check.ifBad().graver(SafetyRules.classOf(foundIn(), kind));
        return suspicion.map(usual::graver).orElse(usual);
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
