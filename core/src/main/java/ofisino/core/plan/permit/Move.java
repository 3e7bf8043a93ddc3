package ofisino.core.plan.permit;

import java.util.Optional;
import ofisino.core.plan.job.JobState;

/** What somebody wants to do with a job and needs leave for. */
public enum Move {
    BEGIN,
    FINISH,
    VERIFY;

    /** Which leave a step asks for; empty where it asks for none. */
    public static Optional<Move> of(JobState from, JobState wanted) {
        return switch (wanted) {
            case FINISHED -> Optional.of(FINISH);
            case VERIFIED -> Optional.of(VERIFY);
            default -> wanted.isInHand() && !from.isInHand() ? Optional.of(BEGIN) : Optional.empty();
        };
    }
}
