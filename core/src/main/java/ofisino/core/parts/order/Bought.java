package ofisino.core.parts.order;

import java.time.LocalDate;
import java.util.Optional;
import java.util.OptionalInt;

/**
 * One line of an order, and what came of it by now.
 *
 * @param expectedOn when the seller last said it comes
 * @param returnDays that the seller gives; empty where nobody knows
 * @param sentOn     it is on its way back
 * @param isTriedOn  such a thing is tried on the vehicle before it is kept
 * @param triedOn    and that was done, or it is fitted
 */
public record Bought(
        LocalDate expectedOn,
        Optional<LocalDate> arrivedOn,
        OptionalInt returnDays,
        Optional<LineOutcome> outcome,
        Optional<LocalDate> sentOn,
        boolean isTriedOn,
        boolean triedOn) {
    /** Until when it may go back; empty while it has not come, or nobody knows. */
    public Optional<ReturnWindow> window() {
        return returnDays.isEmpty()
                ? Optional.empty()
                : arrivedOn.map(day -> new ReturnWindow(day, returnDays.getAsInt()));
    }

    /** What a person has to do about it today or soon; empty where nothing is. */
    public Optional<PartTask> task(LocalDate today) {
        if (outcome.filter(LineOutcome::isFailed).isPresent())
            return sentOn.isPresent()
                    ? Optional.empty()
                    : Optional.of(new PartTask(PartTask.TaskKind.SEND_BACK, window().map(ReturnWindow::lastDay)));
        if (outcome.isEmpty() && arrivedOn.isPresent())
            return Optional.of(new PartTask(PartTask.TaskKind.CHECK_IN, checkBy()));
        if (outcome.isEmpty())
            return expectedOn.isBefore(today)
                    ? Optional.of(new PartTask(PartTask.TaskKind.CHASE, Optional.of(expectedOn)))
                    : Optional.empty();
        return isStillToTry() ? Optional.of(new PartTask(PartTask.TaskKind.TRY_ON, checkBy())) : Optional.empty();
    }

    /** It lies in the garage, looked at and right, and only on the vehicle it shows whether it fits. */
    public boolean isStillToTry() {
        return outcome.filter(LineOutcome.RIGHT::equals).isPresent() && isTriedOn && !triedOn;
    }

    /** Until when it is to be looked at and tried, so that it can still go back; empty where nobody knows. */
    public Optional<LocalDate> checkBy() {
        return window().map(ReturnWindow::checkBy);
    }
}
