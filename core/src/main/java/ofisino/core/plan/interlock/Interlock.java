package ofisino.core.plan.interlock;

import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import ofisino.core.kernel.Caution;
import ofisino.core.kernel.VehicleSystem;
import ofisino.core.plan.job.Detail;
import ofisino.core.plan.job.Operation;

/**
 * What has to be so before the first step of a job. Each is confirmed by itself, by somebody, at a time; there is none for all. Common practice,
 * no source; the maker's manual and local codes come first.
 */
public enum Interlock {
    /** Battery off, and the wait that the maker states. */
    ISOLATED,
    /** On stands that are rated for it, chocked, and pushed against. */
    SUPPORTED,
    DRAINED,
    /** Looked into, smelt and blown through: drained is not empty. */
    PROVED_EMPTY,
    FUEL_AWAY,
    VENTILATED,
    EXTINGUISHER,
    EYES_AND_HANDS,
    /** A sign at the key: do not start. */
    DO_NOT_RUN,
    DO_NOT_DRIVE,
    /** Seat (cone, ball or flat) and thread of the nuts belong to these rims. */
    NUT_SEAT;

    /** @param cautions the usual dangers of the job, of its recipe and its operation */
    public static Set<Interlock> of(
            Operation operation, Set<Detail> details, Optional<VehicleSystem> system, Set<Caution> cautions) {
        Set<Interlock> found = EnumSet.noneOf(Interlock.class);
        VehicleSystem of = system.orElse(VehicleSystem.TRIM);
        if (operation == Operation.WELD || operation == Operation.CUT)
            found.addAll(EnumSet.of(FUEL_AWAY, VENTILATED, EXTINGUISHER, EYES_AND_HANDS));
        if (operation == Operation.WELD) found.add(ISOLATED);
        if (of == VehicleSystem.FUEL && operation != Operation.INSPECT && operation != Operation.FILL)
            found.addAll(EnumSet.of(DRAINED, VENTILATED, EXTINGUISHER));
        if (of == VehicleSystem.FUEL
                && (operation == Operation.WELD || operation == Operation.CUT || operation == Operation.BLAST))
            found.add(PROVED_EMPTY);
        if (of == VehicleSystem.RESTRAINT) found.add(ISOLATED);
        if (of == VehicleSystem.BRAKES || of == VehicleSystem.STEERING_AND_SUSPENSION) found.add(DO_NOT_DRIVE);
        if (cautions.contains(Caution.STANDS)) found.add(SUPPORTED);
        if (cautions.contains(Caution.PAINT_FUMES) || cautions.contains(Caution.EXHAUST_GAS)) found.add(VENTILATED);
        if (cautions.contains(Caution.GRINDING)
                || cautions.contains(Caution.SPRINGS)
                || cautions.contains(Caution.GLASS)) found.add(EYES_AND_HANDS);
        if (details.contains(Detail.FIRST_START)) found.addAll(EnumSet.of(EXTINGUISHER, VENTILATED, DO_NOT_DRIVE));
        if (of == VehicleSystem.WHEELS_AND_TYRES && (operation == Operation.REPLACE || operation == Operation.ASSEMBLE))
            found.add(NUT_SEAT);
        if (details.contains(Detail.ISOLATE)) found.add(DO_NOT_RUN);
        if (details.contains(Detail.NEEDS_POWER)) found.remove(ISOLATED);
        return found;
    }

    /** Cleaner and fuel leave residue and vapour: this one is never taken from an earlier day. */
    public boolean isOnlyForToday() {
        return this != DRAINED && this != ISOLATED && this != NUT_SEAT;
    }
}
