package ofisino.core.plan.job;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import ofisino.core.kernel.Conflict;
import ofisino.core.kernel.Effort;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.kernel.Moved;
import ofisino.core.kernel.Texts;

/**
 * A job and its moves. Each returns the job as it is then, and what that did; whether it may be made is asked of
 * {@link ofisino.core.plan.permit.Permit} before.
 *
 * @param ended        who finished it last, and when; empty where nobody did, or nobody knows
 * @param lastWorkedOn the last session on it; empty where there was none
 */
public record Job(
        UUID id,
        String title,
        JobNature nature,
        Effort effort,
        JobState state,
        Optional<Ended> ended,
        Optional<LocalDate> lastWorkedOn) {
    /** @param by account of the person; empty where nobody knows */
    public record Ended(Optional<UUID> by, LocalDate on) {}

    /** @param rest what is left of it @param part what became a job of its own, after it */
    public record Halves(Job rest, Job part) {}

    /** @throws Conflict when the step is not open from here */
    public Moved<Job, JobEvent> to(JobState wanted, UUID by, LocalDate today) {
        JobState next = state.to(wanted);
        List<JobEvent> events = new ArrayList<>();
        Optional<Ended> end = ended;
        if (next == JobState.FINISHED) {
            end = Optional.of(new Ended(Optional.of(by), today));
            events.add(new JobEvent.Finished(end.get()));
        }
        if (next == JobState.VERIFIED) events.add(new JobEvent.Verified());
        if (state.isDone() && next.isInHand()) events.add(new JobEvent.TakenUpAgain());
        if (next == JobState.DROPPED) events.add(new JobEvent.Dropped());
        if (state == JobState.DROPPED) events.add(new JobEvent.WantedAgain());
        boolean worked = next == JobState.FINISHED || next.isInHand() && !state.isInHand();
        if (worked && nature.operation().changesTheVehicle()) events.add(new JobEvent.Touched(nature.system()));
        return new Moved<>(in(next, end), events);
    }

    /** The states that time logged on that day takes it through, in their order; none where it is in hand, or had not ended by then. */
    public List<JobState> takenUpBy(LocalDate day) {
        if (!state.isTakenUpByWorkOn(day, ended.map(Ended::on))) return List.of();
        return state == JobState.DROPPED ? List.of(JobState.PLANNED, JobState.BEGUN) : List.of(JobState.BEGUN);
    }

    /** One of two: it asks for all that either asks for. The other is dropped. @throws Conflict when one of them has begun */
    public Job join(Job other) {
        if (hasBegun() || other.hasBegun())
            throw Conflict.of("job.begun", "One of these jobs has begun.", "Join only jobs that have not.");
        return new Job(id, title, nature.joinedWith(other.nature), effort, state, ended, lastWorkedOn);
    }

    /** What is left of one that was joined with another. */
    public Job joinedAway() {
        return in(JobState.DROPPED, ended);
    }

    private boolean hasBegun() {
        return state != JobState.PLANNED && state != JobState.PROPOSED;
    }

    /**
     * A share of the hours becomes a job of its own, of the same nature.
     *
     * @param sharePercent 1 to 99
     * @throws Conflict when it is over
     */
    public Halves split(UUID fresh, String itsTitle, int sharePercent) {
        if (sharePercent < 1 || sharePercent > 99)
            throw InvalidValue.at(
                    "sharePercent", "job.share", "%d percent of the hours cannot go.", "Enter 1 to 99.", sharePercent);
        if (state.isOver())
            throw Conflict.of(
                    "job.over",
                    "This job is over: nothing of it is left to split.",
                    "Add a job for what is still to do.");
        return new Halves(
                new Job(id, title, nature, share(100 - sharePercent), state, ended, lastWorkedOn),
                new Job(
                        fresh,
                        Texts.line("title", itsTitle),
                        nature,
                        share(sharePercent),
                        JobState.PLANNED,
                        Optional.empty(),
                        Optional.empty()));
    }

    private Effort share(int percent) {
        return new Effort(
                effort.optimisticMinutes() * percent / 100,
                effort.likelyMinutes() * percent / 100,
                effort.pessimisticMinutes() * percent / 100);
    }

    /** Whether this person finished it, and nobody has slept over it: the last session on it, or its end, was today. */
    public boolean isBySameHands(UUID account, LocalDate today) {
        Optional<LocalDate> last = lastWorkedOn.or(() -> ended.map(Ended::on));
        return ended.flatMap(Ended::by).filter(account::equals).isPresent()
                && last.filter(day -> day.isBefore(today)).isEmpty();
    }

    private Job in(JobState next, Optional<Ended> end) {
        return new Job(id, title, nature, effort, next, end, lastWorkedOn);
    }
}
