package ofisino.core.plan.job;

import java.util.List;
import ofisino.core.kernel.Caution;
import ofisino.core.vehicle.finding.FindingKind;

/** The one thing that a job does. */
public enum Operation {
    STRIP,
    CLEAN,
    BLAST,
    CUT,
    WELD,
    FABRICATE,
    MACHINE,
    DRY_FIT,
    PRIME,
    PAINT,
    COAT,
    ASSEMBLE,
    REPLACE,
    ADJUST,
    WIRE,
    FILL,
    BLEED,
    ALIGN,
    TEST,
    INSPECT;

    /** Whether what was proved before may not hold after it. A test or a look changes nothing. */
    public boolean changesTheVehicle() {
        return this != TEST && this != INSPECT;
    }

    /** Whether it may be done for such a finding: of what the vehicle only does nobody knows the cause, so it is only looked into. */
    public boolean isOpenTo(FindingKind kind) {
        return kind != FindingKind.SYMPTOM || !changesTheVehicle();
    }

    /** Its dangers wherever it is done. Common practice, no source. */
    public List<Caution> cautions() {
        return switch (this) {
            case WELD -> List.of(Caution.WELDING, Caution.GRINDING, Caution.FUEL, Caution.BATTERY);
            case CUT, BLAST, FABRICATE -> List.of(Caution.GRINDING);
            case PRIME, PAINT, COAT -> List.of(Caution.PAINT_FUMES);
            case BLEED -> List.of(Caution.BRAKES, Caution.STANDS);
            case WIRE -> List.of(Caution.BATTERY);
            case ALIGN -> List.of(Caution.STANDS);
            default -> List.of();
        };
    }
}
