package ofisino.core.plan.whatif;

import java.util.Collection;
import java.util.EnumSet;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import ofisino.core.kernel.VehicleSystem;
import ofisino.core.plan.job.JobNature;
import ofisino.core.plan.job.Operation;
import ofisino.core.plan.problem.ActivityId;
import ofisino.core.plan.whatif.BareMetal.Open;

/**
 * What the other jobs of a vehicle are to a body that is stripped and painted whole.
 *
 * @param onMetal     they come between the two
 * @param localStrips stripping the whole takes their place: rust cleaned off in places
 * @param localCoats  the one coat takes their place
 * @param off         they take off what hangs on the body
 * @param on          they put such things on
 * @param begun       those of all these that are begun: nothing is put before them any more
 */
record BodyJobs(
        Set<ActivityId> onMetal,
        Set<ActivityId> localStrips,
        Set<ActivityId> localCoats,
        Set<ActivityId> off,
        Set<ActivityId> on,
        Set<ActivityId> begun) {
    private static final Set<VehicleSystem> BODY = EnumSet.of(VehicleSystem.BODY, VehicleSystem.STRUCTURE);
    private static final Set<Operation> ON_METAL = EnumSet.of(
            Operation.CLEAN, Operation.BLAST, Operation.CUT, Operation.WELD, Operation.FABRICATE, Operation.DRY_FIT);
    private static final Set<VehicleSystem> HANGS_ON_IT =
            EnumSet.of(VehicleSystem.GLASS_AND_SEALS, VehicleSystem.TRIM, VehicleSystem.RESTRAINT);
    private static final Set<Operation> PUTS_ON = EnumSet.of(Operation.REPLACE, Operation.ASSEMBLE);
    private static final Set<Operation> STRIPS = EnumSet.of(Operation.CLEAN, Operation.BLAST);
    private static final Set<Operation> COATS = EnumSet.of(Operation.PRIME, Operation.PAINT);

    BodyJobs {
        onMetal = Set.copyOf(onMetal);
        localStrips = Set.copyOf(localStrips);
        localCoats = Set.copyOf(localCoats);
        off = Set.copyOf(off);
        on = Set.copyOf(on);
        begun = Set.copyOf(begun);
    }

    /** Whoever does a job and whether it is begun or not, its order matters; only what nobody has touched is left to the whole. */
    static BodyJobs of(Collection<Open> open) {
        Set<ActivityId> strips = ids(open, j -> j.isUntouched() && isLocalStrip(j.nature()));
        return new BodyJobs(
                ids(open, j -> isOnMetal(j.nature()) && !strips.contains(j.id())),
                strips,
                ids(open, j -> j.isUntouched() && isLocalCoat(j.nature())),
                ids(open, j -> hangsOnIt(j.nature()) && j.nature().operation() == Operation.STRIP),
                ids(
                        open,
                        j -> hangsOnIt(j.nature())
                                && PUTS_ON.contains(j.nature().operation())),
                ids(open, Open::begun));
    }

    private static Set<ActivityId> ids(Collection<Open> open, Predicate<Open> which) {
        return open.stream().filter(which).map(Open::id).collect(Collectors.toSet());
    }

    /** It is done to bare metal of the body. */
    static boolean isOnMetal(JobNature nature) {
        return isOf(nature, BODY) && ON_METAL.contains(nature.operation());
    }

    /** It only takes one place to bare metal; where it does more, cracks looked for for instance, it is done all the same. */
    static boolean isLocalStrip(JobNature nature) {
        return isOf(nature, BODY)
                && STRIPS.contains(nature.operation())
                && nature.details().isEmpty();
    }

    /** It only colours one place of the body; where it does more, a datum read again, wires put back, it is done all the same. */
    static boolean isLocalCoat(JobNature nature) {
        return isOf(nature, Set.of(VehicleSystem.BODY))
                && COATS.contains(nature.operation())
                && nature.details().isEmpty();
    }

    /** A place or a job of that system belongs to what is stripped. */
    static boolean isOfBody(VehicleSystem system) {
        return BODY.contains(system);
    }

    private static boolean hangsOnIt(JobNature nature) {
        return isOf(nature, HANGS_ON_IT);
    }

    private static boolean isOf(JobNature nature, Set<VehicleSystem> systems) {
        return nature.system().filter(systems::contains).isPresent();
    }
}
