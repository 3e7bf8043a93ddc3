package ofisino.core.vehicle.finding;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import ofisino.core.kernel.VehicleSystem;
import ofisino.core.vehicle.body.Zone;

/**
 * How grave a defect is by what it is and where it is: the one place that knows. A check, a reading, a rust grade or an event may make a
 * finding graver ({@link Safety#demand}); nothing makes it milder but a person with a reason, and never below {@link #floor}.
 *
 * <p>Source: common practice, no source. The thought behind the mounting rule (corrosion within reach of a belt, suspension, steering or
 * jacking mounting counts whatever its size; rust that has not weakened the metal is watched) is found in public inspection manuals,
 * which give distances; none is relied on here. A hole in an outer panel that bears nothing fails there only for a sharp edge (from
 * memory, unverified): soon, not before the road. A lamp that does not work or is broken fails (Directive 2014/45/EU, Annex I, item 4;
 * from memory, unverified): before the road.
 */
public final class SafetyRules {
    private SafetyRules() {}

    /** What the place makes of a defect of that kind, beyond what is usual for the kind. */
    record Raise(Proposal.Reason reason, int severity, SafetyClass safetyClass) {}

    /** Class of a defect from kind, system and zone alone. */
    public static SafetyClass classOf(Zone zone, FindingKind kind) {
        SafetyClass gravest = kind.usualClass();
        for (Raise raise : raises(zone, kind)) gravest = gravest.graver(raise.safetyClass());
        return gravest;
    }

    /** Nobody may put a finding of this kind in this system below it, whatever the reason. */
    public static Optional<SafetyClass> floor(FindingKind kind, VehicleSystem system) {
        return switch (system) {
            case RESTRAINT -> Optional.of(SafetyClass.B);
            case BRAKES, STEERING_AND_SUSPENSION, FUEL ->
                grave(kind) || kind == FindingKind.SYMPTOM ? Optional.of(SafetyClass.B) : Optional.empty();
            default -> Optional.empty();
        };
    }

    static List<Raise> raises(Zone zone, FindingKind kind) {
        List<Raise> raises = new ArrayList<>();
        if (kind.isCorrosion() && zone.nearMounting())
            raises.add(
                    kind == FindingKind.RUST_THROUGH
                            ? new Raise(Proposal.Reason.RUST_NEAR_A_MOUNTING, 3, SafetyClass.A)
                            : new Raise(Proposal.Reason.WATCH_THE_MOUNTING, 2, SafetyClass.C));
        VehicleSystem system = zone.system();
        boolean slight = isSlight(kind);
        switch (system) {
            case STRUCTURE -> {
                if (weakens(kind)) raises.add(new Raise(Proposal.Reason.STRUCTURE_IS_WEAKENED, 3, SafetyClass.B));
            }
            case BRAKES, STEERING_AND_SUSPENSION, WHEELS_AND_TYRES -> {
                if (kind == FindingKind.SURFACE_RUST)
                    raises.add(new Raise(Proposal.Reason.STOPS_OR_STEERS, 2, SafetyClass.C));
                else if (kind != FindingKind.CONTAMINATED || system == VehicleSystem.BRAKES)
                    raises.add(new Raise(Proposal.Reason.STOPS_OR_STEERS, 3, classWhere(system, kind)));
            }
            case RESTRAINT ->
                raises.add(new Raise(Proposal.Reason.HOLDS_PEOPLE, 3, slight ? SafetyClass.B : SafetyClass.A));
            case FUEL -> {
                if (kind == FindingKind.SURFACE_RUST)
                    raises.add(new Raise(Proposal.Reason.FUEL_CAN_BURN, 2, SafetyClass.C));
                else if (kind != FindingKind.DENT)
                    raises.add(new Raise(
                            Proposal.Reason.FUEL_CAN_BURN, 3, letsFuelOut(kind) ? SafetyClass.A : SafetyClass.B));
            }
            case EXHAUST -> {
                if (!slight) raises.add(new Raise(Proposal.Reason.EXHAUST_GAS, 3, SafetyClass.B));
            }
            default -> {}
        }
        boolean damaged = kind == FindingKind.CRACK || kind == FindingKind.BROKEN || kind == FindingKind.MISSING;
        if (zone.flags().contains(Zone.Flag.VIEW) && damaged)
            raises.add(new Raise(Proposal.Reason.CLEAR_VIEW, 3, SafetyClass.B));
        if (zone.flags().contains(Zone.Flag.LIGHTS) && (damaged || kind == FindingKind.DEAD_ELECTRICAL))
            raises.add(new Raise(Proposal.Reason.TO_SEE_AND_BE_SEEN, 3, SafetyClass.B));
        return raises;
    }

    /** Brakes that do what they should not, nobody knows why, count as failed. */
    private static SafetyClass classWhere(VehicleSystem system, FindingKind kind) {
        boolean failed = grave(kind) || kind == FindingKind.SYMPTOM && system == VehicleSystem.BRAKES;
        return failed ? SafetyClass.A : SafetyClass.B;
    }

    private static boolean isSlight(FindingKind kind) {
        return kind == FindingKind.DENT || kind == FindingKind.SURFACE_RUST || kind == FindingKind.CONTAMINATED;
    }

    /** Metal, not what is fixed to it: a dead battery on its tray weakens nothing. */
    private static boolean weakens(FindingKind kind) {
        return switch (kind) {
            case RUST_THROUGH, CRACK, OLD_REPAIR, BROKEN, MISSING, WORN, SEIZED, LEAK, PERISHED, DOUBT -> true;
            case SURFACE_RUST, DENT, CONTAMINATED, DEAD_ELECTRICAL, SYMPTOM -> false;
        };
    }

    /** A choke that sticks is a nuisance; what lets fuel or its vapour out can burn. */
    private static boolean letsFuelOut(FindingKind kind) {
        return switch (kind) {
            case LEAK, CRACK, BROKEN, RUST_THROUGH, MISSING, PERISHED, SYMPTOM -> true;
            default -> false;
        };
    }

    private static boolean grave(FindingKind kind) {
        return switch (kind) {
            case LEAK, SEIZED, CRACK, BROKEN, RUST_THROUGH, MISSING -> true;
            default -> false;
        };
    }
}
