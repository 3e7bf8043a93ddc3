package ofisino.core.vehicle.finding;

import ofisino.core.kernel.Aim;

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

    /** Corrosion of any degree: near a mounting it is a matter of safety whatever its size. */
    public boolean isCorrosion() {
        return this == SURFACE_RUST || this == RUST_THROUGH;
    }
}
