package ofisino.core.plan.job;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import ofisino.core.vehicle.finding.Decision;
import ofisino.core.vehicle.finding.FindingState;
import ofisino.core.vehicle.finding.SafetyClass;

/** Whether the work on a finding lets it close after a second look. Common practice, no source. */
public final class Closing {
    private Closing() {}

    /** A job that deals with the finding. */
    public record Work(String title, String code, Operation operation, JobState state) {}

    /** @return what has to be done first, a sentence; empty when the finding may close */
    public static Optional<String> missing(SafetyClass safety, Decision decision, List<Work> jobs) {
        if (!safety.standsInTheWay()) return Optional.empty();
        Optional<String> unverified = jobs.stream()
                .filter(j -> j.state() != JobState.VERIFIED && j.state() != JobState.DROPPED)
                .findFirst()
                .map(j -> "Verify “%s” (%s) first.".formatted(j.title(), j.code()));
        if (unverified.isPresent()) return unverified.map(sentence -> only(safety) + sentence);
        boolean toBeMended = decision != Decision.INVESTIGATE;
        return jobs.stream()
                        .anyMatch(j -> j.state() == JobState.VERIFIED
                                && (!toBeMended || j.operation().changesTheVehicle()))
                ? Optional.empty()
                : Optional.of(
                        only(safety)
                                + "So far it has only been inspected. Plan the job that repairs it, or take up the one that was dropped.");
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

    private static String only(SafetyClass safety) {
        return "A class %s finding closes only by verified work. ".formatted(safety);
    }
}
