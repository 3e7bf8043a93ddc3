package ofisino.core.vehicle.inspection;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import ofisino.core.kernel.Aim;
import ofisino.core.kernel.VehicleSystem;
import ofisino.core.vehicle.HowSeen;
import ofisino.core.vehicle.body.Zone;
import ofisino.core.vehicle.inspection.Proposal.Reason;

/**
 * Proposes severity, safety class, aim and how well it was seen from zone and kind alone, so that recording takes three presses.
 * A proposal only ever raises what is usual for the kind: it never makes a defect look harmless.
 *
 * <p>Source: common practice, no source. The thought behind the mounting rule (corrosion within reach of a belt, suspension, steering or
 * jacking mounting counts whatever its size) is found in public inspection manuals, which give distances; none is relied on here.
 */
public final class ProposalRules {
    private ProposalRules() {}

    /**
     * @param lastSeen how the person looked at this zone last, to be proposed again; empty for the first time
     */
    public static Proposal propose(Zone zone, FindingKind kind, Optional<HowSeen> lastSeen) {
        int severity = kind.usualSeverity();
        SafetyClass safety = kind.usualClass();
        Aim aim = kind.usualAim();
        List<Reason> reasons = new ArrayList<>(List.of(Reason.USUAL_FOR_THE_KIND));

        for (Raise raise : raises(zone, kind)) {
            severity = Math.max(severity, raise.severity());
            safety = safety.graver(raise.safetyClass());
            if (safety.standsInTheWay() && aim.compareTo(Aim.ROAD_READY) > 0) aim = Aim.ROAD_READY;
            reasons.add(raise.reason());
        }
        if (kind == FindingKind.DOUBT) reasons.add(Reason.ONLY_A_DOUBT);
        return new Proposal(
                new Severity(severity), safety, lastSeen.orElse(zone.usuallySeen()), aim, zone.system(), reasons);
    }

    private record Raise(Reason reason, int severity, SafetyClass safetyClass) {}

    private static List<Raise> raises(Zone zone, FindingKind kind) {
        List<Raise> raises = new ArrayList<>();
        boolean slight =
                kind == FindingKind.DENT || kind == FindingKind.SURFACE_RUST || kind == FindingKind.CONTAMINATED;
        if (kind.isCorrosion() && zone.nearMounting())
            raises.add(new Raise(
                    Reason.RUST_NEAR_A_MOUNTING, 3, kind == FindingKind.RUST_THROUGH ? SafetyClass.A : SafetyClass.B));
        VehicleSystem system = zone.system();
        if (system == VehicleSystem.STRUCTURE && !slight)
            raises.add(new Raise(Reason.STRUCTURE_IS_WEAKENED, 3, SafetyClass.B));
        if ((system == VehicleSystem.BRAKES
                        || system == VehicleSystem.STEERING_AND_SUSPENSION
                        || system == VehicleSystem.WHEELS_AND_TYRES)
                && !slight)
            raises.add(new Raise(Reason.STOPS_OR_STEERS, 3, grave(kind) ? SafetyClass.A : SafetyClass.B));
        if (system == VehicleSystem.RESTRAINT && !slight) raises.add(new Raise(Reason.HOLDS_PEOPLE, 3, SafetyClass.A));
        if (system == VehicleSystem.FUEL && kind != FindingKind.DENT)
            raises.add(new Raise(
                    Reason.FUEL_CAN_BURN,
                    3,
                    kind == FindingKind.LEAK || kind == FindingKind.PERISHED || grave(kind)
                            ? SafetyClass.A
                            : SafetyClass.B));
        if (system == VehicleSystem.EXHAUST && !slight) raises.add(new Raise(Reason.EXHAUST_GAS, 3, SafetyClass.B));
        if (zone.clearView()
                && (kind == FindingKind.CRACK || kind == FindingKind.BROKEN || kind == FindingKind.MISSING))
            raises.add(new Raise(Reason.CLEAR_VIEW, 3, SafetyClass.B));
        return raises;
    }

    private static boolean grave(FindingKind kind) {
        return switch (kind) {
            case LEAK, SEIZED, CRACK, BROKEN, RUST_THROUGH, MISSING -> true;
            default -> false;
        };
    }
}
