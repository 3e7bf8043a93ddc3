package ofisino.core.plan.job;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import ofisino.core.kernel.Conflict;
import ofisino.core.vehicle.finding.Decision;
import ofisino.core.vehicle.finding.FindingState;
import ofisino.core.vehicle.finding.SafetyClass;

/** Whether the work on a finding lets it close after a second look. Common practice, no source. */
public final class Closing {
    private Closing() {}

    /** A job that deals with the finding. */
    public record Work(String title, String code, Operation operation, JobState state) {}

    /** @return why a finding may not close yet; empty when it may */
    public static Optional<Conflict> missing(SafetyClass safety, Decision decision, List<Work> jobs) {
        if (!safety.standsInTheWay()) return Optional.empty();
        Optional<Work> unverified = jobs.stream()
                .filter(j -> j.state() != JobState.VERIFIED && j.state() != JobState.DROPPED)
                .findFirst();
        if (unverified.isPresent())
            return unverified.map(j -> notYet("Verify “%2$s” (%3$s) first.", safety, j.title(), j.code()));
        boolean toBeMended = decision != Decision.INVESTIGATE;
        return jobs.stream()
                        .anyMatch(j -> j.state() == JobState.VERIFIED
                                && (!toBeMended || j.operation().changesTheVehicle()))
                ? Optional.empty()
                : Optional.of(notYet(
                        "So far it has only been inspected. Plan the job that repairs it, or take up the one that was dropped.",
                        safety));
    }

    private static Conflict notYet(String wayOut, Object... values) {
        return Conflict.of(
                "finding.not-verified", "A class %1$s finding closes only by verified work.", wayOut, values);
    }

    /** Where the jobs that deal with a finding put it: in work with the first, to be looked at again after the last, back with one taken up again. */
    public static FindingState following(FindingState finding, Collection<JobState> jobs) {
        boolean allOver = jobs.stream().allMatch(JobState::isOver);
        boolean someDone = jobs.stream().anyMatch(JobState::isDone);
        boolean someWorked = someDone || jobs.stream().anyMatch(JobState::isInHand);
        return switch (finding) {
            case DECIDED, IN_WORK -> {
                if (allOver && someDone) yield FindingState.AWAITING_RECHECK;
                yield someWorked && !allOver ? FindingState.IN_WORK : finding;
            }
            case AWAITING_RECHECK -> allOver ? finding : FindingState.IN_WORK;
            case OPEN, CLOSED, WITHDRAWN -> finding;
        };
    }
}
