package ofisino.core.roadready.gate;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import ofisino.core.kernel.Aim;
import ofisino.core.kernel.VehicleSystem;
import ofisino.core.plan.job.Detail;
import ofisino.core.plan.job.Operation;
import ofisino.core.vehicle.finding.SafetyClass;

/**
 * What a vehicle is let through, in a row. Each gate has the conditions of those before it, and asks only for what can be had before it: no
 * kilometres before the road, no inspection before the drive to it. What comes after a start is owed, and never stands before it. Common
 * practice, no source: the classes and gates are Ofisino's own; the local rule governs.
 */
public enum Gate {
    /** Rolled by hand on flat ground. */
    PUSHED,
    /** Beside being pushed: it may stand on stands for it. */
    FIRST_START,
    /** A few metres under its own power. */
    FIRST_MOVE(PUSHED, FIRST_START),
    PRIVATE_GROUND(FIRST_MOVE),
    /** Or the drive to a booked inspection, as the papers allow. */
    ROAD_TEST(PRIVATE_GROUND),
    ROAD(ROAD_TEST),
    /** Away from home and help. */
    TRIP(ROAD),
    /** Handed to somebody else as fit for the road. */
    SALE(ROAD);

    private final Gate[] directlyBefore;

    Gate(Gate... directlyBefore) {
        this.directlyBefore = directlyBefore;
    }

    /** This gate and all that come before it. */
    public Set<Gate> withThoseBefore() {
        Set<Gate> found = EnumSet.noneOf(Gate.class);
        Deque<Gate> todo = new ArrayDeque<>(Set.of(this));
        while (!todo.isEmpty()) {
            Gate gate = todo.pop();
            if (found.add(gate)) todo.addAll(List.of(gate.directlyBefore));
        }
        return found;
    }

    /** The gate that has to be open before such a job begins; empty where it neither starts, drives nor loads the vehicle. */
    public static Optional<Gate> askedBy(Operation operation, Set<Detail> details) {
        if (details.contains(Detail.ROAD_TEST)) return Optional.of(ROAD_TEST);
        if (details.contains(Detail.DRIVE)) return Optional.of(PRIVATE_GROUND);
        if (details.contains(Detail.FIRST_START) || details.contains(Detail.RUNS)) return Optional.of(FIRST_START);
        return Optional.empty();
    }

    /** The gate that is open when a restoration has come that far. */
    static Gate reachedWith(Aim aim) {
        return aim == Aim.RUNNER ? PRIVATE_GROUND : ROAD;
    }

    /** Whether it lets the vehicle move under its own power. */
    public boolean drives() {
        return withThoseBefore().contains(FIRST_MOVE);
    }

    /** The first gate that a defect, or something that nobody knows, of that class in that system keeps shut. C and D keep none shut. */
    static Gate shutBy(SafetyClass safety, VehicleSystem system) {
        if (!safety.standsInTheWay()) throw new IllegalArgumentException("class " + safety + " shuts no gate");
        return switch (system) {
            case PAPERS -> ROAD;
            case FUEL -> FIRST_START;
            case BRAKES, STEERING_AND_SUSPENSION, WHEELS_AND_TYRES, RESTRAINT, STRUCTURE, TRANSMISSION ->
                safety == SafetyClass.A ? FIRST_MOVE : ROAD_TEST;
            case ENGINE, COOLING, EXHAUST, ELECTRICAL -> safety == SafetyClass.A ? FIRST_START : ROAD_TEST;
            case BODY, GLASS_AND_SEALS, TRIM -> safety == SafetyClass.A ? PRIVATE_GROUND : ROAD_TEST;
        };
    }

    /** The first gate that work left apart in that system keeps shut; unknown systems count like the gravest. */
    static Gate shutByWorkIn(VehicleSystem system) {
        return switch (system) {
            case BODY, GLASS_AND_SEALS, TRIM -> ROAD_TEST;
            case PAPERS -> ROAD;
            case ENGINE, COOLING, EXHAUST, ELECTRICAL, FUEL -> FIRST_START;
            case BRAKES, STEERING_AND_SUSPENSION, WHEELS_AND_TYRES, RESTRAINT, STRUCTURE, TRANSMISSION -> FIRST_MOVE;
        };
    }
}
