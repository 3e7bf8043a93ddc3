package ofisino.core.vehicle.check;

import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.kernel.Texts;
import ofisino.core.kernel.VehicleSystem;
import ofisino.core.vehicle.HowSeen;
import ofisino.core.vehicle.equipment.Applies;
import ofisino.core.vehicle.equipment.Equipment;
import ofisino.core.vehicle.finding.FindingKind;
import ofisino.core.vehicle.finding.SafetyClass;

/**
 * One thing to look at, tap, work or measure on a vehicle. Common practice, no source, where its limit does not bring one.
 *
 * @param id        stored with every answer, never renamed
 * @param theme     the part of the catalogue it stands in: {@code "structure"}
 * @param places    zones without their side, or {@code papers} and {@code road}; never empty
 * @param how       what to do
 * @param good      what is acceptable
 * @param means     what a failure usually means
 * @param endangers what a failure puts at risk
 * @param ifBad     safety class of the finding when it fails
 * @param kind      the finding proposed when it fails
 * @param once      one look answers it for the whole vehicle: a pair of lamps, four tyres of one build
 * @param seen      how well the place must be seen for the check to count
 * @param applies   on which vehicles it is asked
 * @param system    of the finding where the check has no zone that says it; only for papers and road, and always there
 * @param of        ids of the components, or of what the vehicle does, that it is about; the first that is at the place is meant
 * @param limit     id of what a measured value is compared with; only where something is measured, and always there
 */
public record Check(
        String id,
        String theme,
        Set<String> places,
        Method method,
        String how,
        String good,
        String means,
        String endangers,
        SafetyClass ifBad,
        FindingKind kind,
        HowSeen seen,
        boolean once,
        Applies applies,
        Optional<VehicleSystem> system,
        List<String> of,
        Optional<String> limit) {

    /** What one does at it. */
    public enum Method {
        LOOK,
        TAP,
        MEASURE,
        OPERATE,
        SMELL
    }

    public Check {
        how = Texts.note("how", how);
        places = Set.copyOf(places);
        of = List.copyOf(of);
        if (places.isEmpty())
            throw InvalidValue.of("check.places", "Check %s is to be done nowhere.", "Name at least one occasion.", id);
        boolean unplaced = places.contains(Catalogue.PAPERS) || places.contains(Catalogue.ROAD);
        if (unplaced && places.size() > 1 || unplaced != system.isPresent())
            throw InvalidValue.of(
                    "check.system",
                    "Check %s names a system although it is not done at papers or road alone, or names none there.",
                    "Add or remove the system.",
                    id);
        if (limit.isPresent() != (method == Method.MEASURE))
            throw InvalidValue.of(
                    "check.limit",
                    "Check %s measures without a limit, or has one without measuring.",
                    "Add or remove what its value is compared with.",
                    id);
    }

    /** It is asked: what it is about is on the vehicle as far as anybody knows. */
    boolean isAskedOf(Equipment vehicle) {
        return applies.usuallyTo(vehicle);
    }

    /** It may have to be asked, once somebody says what the vehicle has. */
    boolean isBehindAQuestionOf(Equipment vehicle) {
        return applies.to(vehicle) && !isAskedOf(vehicle);
    }

    /** Ways of looking that are good enough for this check. */
    public Set<HowSeen> settledBy() {
        return EnumSet.range(seen, HowSeen.OPENED);
    }

    /** The finding that an answer proposes; none for what is good or was not seen. */
    public Optional<FindingKind> finding(Answer.Seen answer) {
        return switch (answer) {
            case BAD -> Optional.of(kind);
            case DOUBTFUL -> Optional.of(FindingKind.DOUBT);
            case MISSING -> Optional.of(FindingKind.MISSING);
            case GOOD, COVERED, NOT_OPENED, NO_REACH, NO_CURRENT, NOT_ALLOWED -> Optional.empty();
        };
    }

    /**
     * How much it counts for what is not seen yet: 8 for a check whose failure forbids driving, 4 before the road, 2 soon, 1 cosmetic.
     * Common practice, no source.
     */
    public int weight() {
        return switch (ifBad) {
            case A -> 8;
            case B -> 4;
            case C -> 2;
            case D -> 1;
        };
    }
}
