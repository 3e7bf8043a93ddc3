package ofisino.core.plan.access;

import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import ofisino.core.kernel.VehicleSystem;
import ofisino.core.plan.job.Detail;
import ofisino.core.plan.job.JobNature;
import ofisino.core.plan.job.Operation;

/** A state of the vehicle that some work needs and some accesses exclude. */
public enum CarState {
    /** It stands on its wheels and can be pushed or driven out of the bay. */
    ROLLING,
    /** The engine can run. */
    RUNNING,
    /** The electrical system is live. */
    POWERED,
    /** It may stand in the rain. */
    WATERTIGHT,
    /** What stops it is whole: nothing of it is stripped, its circuit is closed. */
    BRAKED,
    /** Its clutch circuit is closed. */
    CLUTCHED,
    /** Whoever drives it sits fast. */
    SEATED,
    /** Its tank is on and fuel is in it: only then a leak shows. */
    FUEL_IN,
    /** Its coolant circuit is closed and full. */
    COOLANT_IN,
    /** Its head is on and what drives its camshaft is closed: only then a clearance can be set. */
    ENGINE_CLOSED;

    /** The states that a job needs. Common practice, no source. */
    public static Set<CarState> of(JobNature job) {
        Operation operation = job.operation();
        Set<Detail> details = job.details();
        Set<CarState> found = EnumSet.noneOf(CarState.class);
        if (operation == Operation.ALIGN || details.contains(Detail.RIDE_HEIGHT)) found.add(ROLLING);
        if (details.contains(Detail.ROAD_TEST) || details.contains(Detail.DRIVE))
            found.addAll(EnumSet.of(ROLLING, RUNNING, POWERED, BRAKED, SEATED));
        if (details.contains(Detail.BRAKE_TEST) || isBledOrSet(job, VehicleSystem.BRAKES)) found.add(BRAKED);
        if (isBledOrSet(job, VehicleSystem.TRANSMISSION)) found.add(CLUTCHED);
        if (operation == Operation.ADJUST && isOf(job, VehicleSystem.ENGINE)) found.add(ENGINE_CLOSED);
        if (details.contains(Detail.AS_FOUND)) found.addAll(asFound(job.system()));
        if (details.contains(Detail.FIRST_START) || details.contains(Detail.RUNS))
            found.addAll(EnumSet.of(RUNNING, POWERED));
        if (details.contains(Detail.NEEDS_POWER)) found.add(POWERED);
        if (details.contains(Detail.WATER_TEST)) found.add(WATERTIGHT);
        if (details.contains(Detail.FUEL_LEAK_TEST)) found.add(FUEL_IN);
        if (details.contains(Detail.PRESSURE_TEST)) found.add(COOLANT_IN);
        return found;
    }

    /** Where nobody knows what a fault is of, nothing may be apart. */
    private static Set<CarState> asFound(Optional<VehicleSystem> system) {
        return system.<Set<CarState>>map(s -> switch (s) {
                    case ENGINE, COOLING, EXHAUST -> EnumSet.of(RUNNING, POWERED, COOLANT_IN);
                    case FUEL -> EnumSet.of(RUNNING, POWERED, FUEL_IN);
                    case ELECTRICAL -> EnumSet.of(POWERED);
                    case BRAKES -> EnumSet.of(ROLLING, BRAKED);
                    case TRANSMISSION -> EnumSet.of(ROLLING, CLUTCHED);
                    case STEERING_AND_SUSPENSION, WHEELS_AND_TYRES -> EnumSet.of(ROLLING);
                    case STRUCTURE, BODY, GLASS_AND_SEALS, TRIM, RESTRAINT, PAPERS -> EnumSet.noneOf(CarState.class);
                })
                .orElse(EnumSet.of(ROLLING, RUNNING, POWERED, BRAKED, CLUTCHED, FUEL_IN, COOLANT_IN));
    }

    /** Of whatever system a bleeding is, air comes in again where a circuit is open. */
    private static boolean isBledOrSet(JobNature job, VehicleSystem system) {
        return job.operation() == Operation.BLEED && job.system().isEmpty()
                || (job.operation() == Operation.BLEED || job.operation() == Operation.ADJUST) && isOf(job, system);
    }

    private static boolean isOf(JobNature job, VehicleSystem system) {
        return job.system().equals(Optional.of(system));
    }
}
