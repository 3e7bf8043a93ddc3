package ofisino.core.plan.access;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import ofisino.core.kernel.InvalidValue;

/**
 * What to do when a fixed day needs the vehicle on its wheels while a circuit is empty and a part is still on its way. Common practice, no
 * source; what brakes, steers or burns is never closed for the time being.
 */
public final class FluidChoice {
    private FluidChoice() {}

    /** What can be done with a circuit that is empty when the car is needed. */
    public enum FluidMove {
        /** The circuit is filled in time: nothing to choose. */
        NO_CONFLICT,
        /** Leave it open and move the fixed day. */
        MOVE_THE_DAY,
        /** Fill what was let out back in, marked temporary, and let it out again when the part is here. */
        CLOSE_WITH_THE_OLD
    }

    /**
     * @param drains       how often the circuit is let out in all
     * @param newLitres    of new fluid, opened for good
     * @param wastedLitres of new fluid that would run out again
     * @param owed         it is owed to the car until the part is in
     */
    public record Choice(
            FluidMove kind,
            Optional<LocalDate> day,
            int drains,
            double newLitres,
            double wastedLitres,
            boolean outstanding) {}

    /**
     * @param litres   that the circuit holds
     * @param partOn   when the part is here
     * @param fixedOn  the day that needs the vehicle
     * @param nextOn   the next such day
     * @return the choices that are open, the one that wastes least first
     */
    public static List<Choice> open(
            Circuit circuit, double litres, LocalDate partOn, LocalDate fixedOn, LocalDate nextOn) {
        if (nextOn.isBefore(fixedOn))
            throw InvalidValue.at(
                    "nextOn",
                    "fluid.next",
                    "The next day (%s) comes before the fixed one (%s).",
                    "Enter a later day.",
                    nextOn,
                    fixedOn);
        if (partOn.isBefore(fixedOn))
            return List.of(new Choice(FluidMove.NO_CONFLICT, Optional.of(fixedOn), 1, litres, 0, false));
        List<Choice> choices = new ArrayList<>();
        if (!circuit.neverTemporary())
            choices.add(new Choice(FluidMove.CLOSE_WITH_THE_OLD, Optional.of(fixedOn), 2, litres, 0, true));
        choices.add(new Choice(FluidMove.MOVE_THE_DAY, Optional.of(nextOn), 1, litres, 0, false));
        return choices;
    }
}
