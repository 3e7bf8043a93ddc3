package ofisino.core.plan.job;

import java.util.Optional;
import ofisino.core.kernel.VehicleSystem;

/** What a move did with a job, for those who have to follow it. */
public sealed interface JobEvent {
    /** Its parts are fitted. */
    record Finished(Job.Ended ended) implements JobEvent {}

    record Verified() implements JobEvent {}

    /** It had ended, and is worked on again: what was recorded of its end holds no longer. */
    record TakenUpAgain() implements JobEvent {}

    /** It is not done after all: what was to be bought for it is not bought. */
    record Dropped() implements JobEvent {}

    /** It was dropped, and is done after all. */
    record WantedAgain() implements JobEvent {}

    /** The vehicle is not as it was. @param system empty where nobody knows: it may be any */
    record Touched(Optional<VehicleSystem> system) implements JobEvent {}
}
