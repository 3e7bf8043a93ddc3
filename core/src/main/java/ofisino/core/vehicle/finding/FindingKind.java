package ofisino.core.vehicle.finding;

import java.util.EnumSet;
import java.util.Set;
import ofisino.core.kernel.Aim;
import ofisino.core.kernel.VehicleSystem;

/** What is wrong, in the words of the trade, each with the severity it has where nothing makes it worse. */
public enum FindingKind {
    SURFACE_RUST(2, SafetyClass.D, Aim.DRIVER),
    RUST_THROUGH(3, SafetyClass.C, Aim.ROAD_READY),
    CRACK(3, SafetyClass.C, Aim.ROAD_READY),
    DENT(2, SafetyClass.D, Aim.DRIVER),
    OLD_REPAIR(3, SafetyClass.C, Aim.ROAD_READY),
    LEAK(3, SafetyClass.C, Aim.ROAD_READY),
    SEIZED(4, SafetyClass.B, Aim.RUNNER),
    WORN(3, SafetyClass.C, Aim.ROAD_READY),
    PERISHED(2, SafetyClass.C, Aim.ROAD_READY),
    BROKEN(3, SafetyClass.C, Aim.ROAD_READY),
    MISSING(2, SafetyClass.C, Aim.DRIVER),
    DEAD_ELECTRICAL(2, SafetyClass.C, Aim.ROAD_READY),
    CONTAMINATED(2, SafetyClass.C, Aim.RUNNER),
    /** What the vehicle does when something is wrong, before anybody knows what. */
    SYMPTOM(3, SafetyClass.C, Aim.ROAD_READY),
    DOUBT(2, SafetyClass.C, Aim.ROAD_READY);

    private static final Set<VehicleSystem> WITHOUT_CURRENT =
            EnumSet.of(VehicleSystem.STRUCTURE, VehicleSystem.BODY, VehicleSystem.TRIM, VehicleSystem.GLASS_AND_SEALS);

    private final int usualSeverity;
    private final SafetyClass usualClass;
    private final Aim usualAim;

    FindingKind(int usualSeverity, SafetyClass usualClass, Aim usualAim) {
        this.usualSeverity = usualSeverity;
        this.usualClass = usualClass;
        this.usualAim = usualAim;
    }

    int usualSeverity() {
        return usualSeverity;
    }

    SafetyClass usualClass() {
        return usualClass;
    }

    Aim usualAim() {
        return usualAim;
    }

    /** Of which system it is where nobody named the thing: what carries no current is not what is dead there, and no glass rusts through. */
    public VehicleSystem systemAt(VehicleSystem place) {
        if (this == RUST_THROUGH && place == VehicleSystem.GLASS_AND_SEALS) return VehicleSystem.BODY;
        return this == DEAD_ELECTRICAL && WITHOUT_CURRENT.contains(place) ? VehicleSystem.ELECTRICAL : place;
    }

    /** Corrosion of any degree: near a mounting it is a matter of safety whatever its size. */
    public boolean isCorrosion() {
        return this == SURFACE_RUST || this == RUST_THROUGH;
    }
}
