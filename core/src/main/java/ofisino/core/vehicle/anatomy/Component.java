package ofisino.core.vehicle.anatomy;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import ofisino.core.kernel.Caution;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.kernel.VehicleSystem;
import ofisino.core.vehicle.BodyStyle;
import ofisino.core.vehicle.body.Zone;
import ofisino.core.vehicle.equipment.Applies;
import ofisino.core.vehicle.equipment.Equipment;
import ofisino.core.vehicle.finding.FindingKind;

/**
 * A thing that a vehicle is made of, as a restorer names and replaces it. Common practice, no source.
 *
 * @param id         stored with findings and needs, never renamed
 * @param places     where it is found, on either side: {@code "rear-brakes"}
 * @param behind     accesses through which it is reached, the first that the vehicle has; none: as it stands; empty: as is usual at its place
 * @param count      how many at one such place, of a pair at one wheel, at least 1
 * @param single     one of them is done without the others
 * @param handed     left and right are not the same part
 * @param axlePair   replaced on both wheels of an axle at once
 * @param axleSet    sold as a set for both wheels
 * @param leadDays   usual days from order to arrival
 * @param readBy     ids of the limits that it is measured by
 * @param hazards    dangers of the thing itself
 * @param fasteners  that hold it and on which lives hang: tightened to a figure each time it is put on
 * @param comesWith  ids of what is new each time it is done: seals, split pins, clips
 * @param applies    on which vehicles it is
 */
public record Component(
        String id,
        String name,
        VehicleSystem system,
        Set<String> places,
        Optional<List<String>> behind,
        Nature nature,
        int count,
        boolean single,
        boolean handed,
        boolean axlePair,
        boolean axleSet,
        Life life,
        Price price,
        int leadDays,
        Set<String> readBy,
        List<Caution> hazards,
        List<String> fasteners,
        List<String> comesWith,
        Applies applies) {
    public Component {
        places = Set.copyOf(places);
        behind = behind.map(List::copyOf);
        readBy = Set.copyOf(readBy);
        hazards = List.copyOf(hazards);
        fasteners = List.copyOf(fasteners);
        comesWith = List.copyOf(comesWith);
        if (places.isEmpty() || count < 1)
            throw InvalidValue.of(
                    "component.nowhere", "%s is nowhere on the vehicle.", "Name a place and how many are there.", id);
    }

    /** The same under another name. */
    Component named(String other) {
        return new Component(
                id, other, system, places, behind, nature, count, single, handed, axlePair, axleSet, life, price,
                leadDays, readBy, hazards, fasteners, comesWith, applies);
    }

    /** How many are bought when it is done: of a pair those of both wheels, of a set one. */
    public int piecesOn(Equipment vehicle) {
        return (single ? 1 : count) * wheelsOf(vehicle);
    }

    /** On how many wheels it is done at once, each with what comes with it. What cars have too, a motorcycle has on one wheel. */
    public int wheelsOf(Equipment vehicle) {
        boolean oneWheel = vehicle.make().body() == BodyStyle.MOTORCYCLE
                && applies.fits().bodies().size() > 1;
        return axlePair && !axleSet && !oneWheel ? 2 : 1;
    }

    /** Whether it is no thing but what the vehicle does when something is wrong. */
    public boolean isSymptom() {
        return nature.kinds().contains(FindingKind.SYMPTOM);
    }

    /** Whether there is one in front and one behind, which its name does not tell apart. */
    public boolean isAtBothEnds() {
        return places.stream().anyMatch(p -> p.contains("front"))
                && places.stream().anyMatch(p -> p.contains("rear"));
    }

    /** Whether it can be found there. @param place without its side */
    public boolean isAt(String place) {
        return places.contains(place);
    }

    /** Of which system it is there: what is wrong where it brakes, steers, holds people or carries fuel is never milder for a name. */
    public VehicleSystem systemAt(VehicleSystem place) {
        return place.neverTemporary() && !system.neverTemporary() ? place : system;
    }

    /** @throws InvalidValue when the vehicle has none, or when it is elsewhere */
    public void mustBeAt(Zone zone, Equipment vehicle) {
        if (!isAt(zone.place()) || !mayBeOn(vehicle))
            throw InvalidValue.at(
                    "component",
                    "component.elsewhere",
                    "%s is none of what is at this place.",
                    "Choose one from the list, or leave it open.",
                    name);
    }

    /** @throws InvalidValue when that cannot be wrong with it */
    public void mustBeAbleToHave(FindingKind kind) {
        if (!nature.kinds().contains(kind))
            throw InvalidValue.at(
                    "kind",
                    "component.kind",
                    "That cannot be wrong with it: %s.",
                    "Choose one of those offered.",
                    name);
    }

    /** Whether it may be on the vehicle: what nobody ruled out counts as there. */
    public boolean mayBeOn(Equipment vehicle) {
        return applies.to(vehicle);
    }
}
