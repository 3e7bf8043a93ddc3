package ofisino.core.plan.job;

import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import ofisino.core.kernel.Aim;
import ofisino.core.kernel.Conflict;
import ofisino.core.kernel.VehicleSystem;

/**
 * What a job is to the rules of order, of safety and of the road.
 *
 * @param system empty where nobody knows: it counts like the gravest
 */
public record JobNature(Operation operation, Optional<VehicleSystem> system, Set<Detail> details) {
    private static final Set<Detail> STARTS_OR_DRIVES =
            EnumSet.of(Detail.FIRST_START, Detail.RUNS, Detail.DRIVE, Detail.ROAD_TEST);

    public JobNature {
        details = Set.copyOf(details);
    }

    /**
     * Once begun it stays what it is: what it has to answer for before it ends cannot be edited away. Details may be added.
     *
     * @throws Conflict when a job in that state may not become the other
     */
    public void mayBecome(JobNature changed, JobState state) {
        boolean begun = state.isInHand() || state.isDone();
        boolean same =
                changed.operation == operation && changed.system.equals(system) && changed.details.containsAll(details);
        if (begun && !same)
            throw Conflict.of(
                    "job.begun-as-it-is",
                    "This job has begun: what it does and where stays as it is.",
                    "Was it other work? Add a job for that, and drop this one.");
    }

    /** It sparks or burns on the vehicle: welding, cutting, heat. What is made on the bench is none. */
    public boolean isHot() {
        return operation == Operation.WELD || operation == Operation.CUT || details.contains(Detail.HEAT);
    }

    /** It starts or drives the vehicle: the list for the road is asked before it begins. */
    public boolean startsOrDrives() {
        return details.stream().anyMatch(STARTS_OR_DRIVES::contains);
    }

    /**
     * What it is needed for: a vehicle that is to run does not before it has been run, whatever the finding behind the job asks for.
     *
     * @param own   of the job
     * @param toRun something else is to be done so that it runs
     */
    public Aim neededFor(Aim own, boolean toRun) {
        boolean runs = details.contains(Detail.FIRST_START) || details.contains(Detail.RUNS);
        return runs && toRun ? Aim.RUNNER : own;
    }

    /** Of two jobs made into one: it asks for all that either asks for. */
    public JobNature joinedWith(JobNature other) {
        Set<Detail> both = EnumSet.noneOf(Detail.class);
        both.addAll(details);
        both.addAll(other.details);
        return new JobNature(
                operation.changesTheVehicle() ? operation : other.operation,
                system.equals(other.system) ? system : Optional.empty(),
                both);
    }
}
