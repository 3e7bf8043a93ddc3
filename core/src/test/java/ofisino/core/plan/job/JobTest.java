package ofisino.core.plan.job;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import ofisino.core.Seeds;
import ofisino.core.kernel.Conflict;
import ofisino.core.kernel.Effort;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.kernel.Moved;
import ofisino.core.kernel.VehicleSystem;
import ofisino.core.vehicle.finding.FindingState;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The moves of a job and what they do. Common practice, no source. */
class JobTest {
    private static final LocalDate DAY = LocalDate.of(2026, 3, 3);
    private static final UUID INES = new UUID(0, 1);
    private static final UUID TOM = new UUID(0, 2);

    private static Job job(JobState state) {
        return new Job(
                new UUID(1, 0),
                "Renew the caliper",
                new JobNature(Operation.REPLACE, Optional.of(VehicleSystem.BRAKES), Set.of(Detail.BRAKE_TEST)),
                new Effort(60, 90, 121),
                state,
                Optional.empty(),
                Optional.empty());
    }

    @Test
    void eachMoveSaysWhatItDid() {
        Moved<Job, JobEvent> begun = job(JobState.PLANNED).to(JobState.BEGUN, INES, DAY);
        assertThat(begun.events()).containsExactly(new JobEvent.Touched(Optional.of(VehicleSystem.BRAKES)));
        Moved<Job, JobEvent> loose = begun.now().to(JobState.LOOSE, INES, DAY);
        assertThat(loose.events()).as("in hand already").isEmpty();
        Moved<Job, JobEvent> done = loose.now().to(JobState.FINISHED, INES, DAY);
        assertThat(done.events())
                .containsExactly(
                        new JobEvent.Finished(new Job.Ended(Optional.of(INES), DAY)),
                        new JobEvent.Touched(Optional.of(VehicleSystem.BRAKES)));
        Moved<Job, JobEvent> verified = done.now().to(JobState.VERIFIED, TOM, DAY);
        assertThat(verified.events()).containsExactly(new JobEvent.Verified());
        assertThat(verified.now().ended()).contains(new Job.Ended(Optional.of(INES), DAY));
        assertThat(verified.now().to(JobState.BEGUN, TOM, DAY).events())
                .containsExactly(new JobEvent.TakenUpAgain(), new JobEvent.Touched(Optional.of(VehicleSystem.BRAKES)));
    }

    @Test
    void aLookTouchesNothing() {
        Job look = new Job(
                INES,
                "Look",
                new JobNature(Operation.INSPECT, Optional.empty(), Set.of()),
                Effort.exactly(30),
                JobState.PLANNED,
                Optional.empty(),
                Optional.empty());
        assertThat(look.to(JobState.BEGUN, INES, DAY).events()).isEmpty();
    }

    @Test
    void whoFinishedItToday() {
        Job done = job(JobState.BEGUN).to(JobState.FINISHED, INES, DAY).now();
        assertThat(done.isBySameHands(INES, DAY)).isTrue();
        assertThat(done.isBySameHands(TOM, DAY)).isFalse();
        assertThat(done.isBySameHands(INES, DAY.plusDays(1))).isFalse();
        assertThat(job(JobState.FINISHED).isBySameHands(INES, DAY))
                .as("nobody is known to have")
                .isFalse();
        Job loggedLater = new Job(
                done.id(),
                done.title(),
                done.nature(),
                done.effort(),
                done.state(),
                done.ended(),
                Optional.of(DAY.plusDays(1)));
        assertThat(loggedLater.isBySameHands(INES, DAY.plusDays(1)))
                .as("the last session counts")
                .isTrue();
    }

    @Test
    void lateWorkTakesItUp() {
        assertThat(job(JobState.DROPPED).takenUpBy(DAY)).containsExactly(JobState.PLANNED, JobState.BEGUN);
        assertThat(job(JobState.PLANNED).takenUpBy(DAY)).containsExactly(JobState.BEGUN);
        assertThat(job(JobState.LOOSE).takenUpBy(DAY)).isEmpty();
        Job done = job(JobState.BEGUN).to(JobState.FINISHED, INES, DAY).now();
        assertThat(done.takenUpBy(DAY)).isEmpty();
        assertThat(done.takenUpBy(DAY.plusDays(1))).containsExactly(JobState.BEGUN);
    }

    @Test
    void onlyWhatHasNotBegunIsJoined() {
        for (JobState state : JobState.values())
            if (state != JobState.PLANNED && state != JobState.PROPOSED) {
                assertThatThrownBy(() -> job(JobState.PLANNED).join(job(state))).isInstanceOf(Conflict.class);
                assertThatThrownBy(() -> job(state).join(job(JobState.PLANNED))).isInstanceOf(Conflict.class);
            }
        assertThat(job(JobState.PLANNED).join(job(JobState.PROPOSED)).state()).isEqualTo(JobState.PLANNED);
        assertThat(job(JobState.PLANNED).joinedAway().state()).isEqualTo(JobState.DROPPED);
    }

    /** No minute is made, at most the odd one is lost, and what it is stays. */
    @Property(seed = Seeds.OF_THE_DAY)
    void aSplitJobIsAsGraveAndAsLong(@ForAll @IntRange(min = 1, max = 99) int share) {
        Job whole = job(JobState.BEGUN);
        Job.Halves halves = whole.split(INES, "The other side", share);
        assertThat(halves.part().nature()).isEqualTo(whole.nature());
        assertThat(halves.part().state()).isEqualTo(JobState.PLANNED);
        assertThat(halves.rest().state()).isEqualTo(JobState.BEGUN);
        int likely =
                halves.part().effort().likelyMinutes() + halves.rest().effort().likelyMinutes();
        assertThat(likely).isBetween(89, 90);
    }

    @Test
    void nothingOfWhatIsOverIsSplit() {
        assertThatThrownBy(() -> job(JobState.VERIFIED).split(INES, "x", 50)).isInstanceOf(Conflict.class);
        assertThatThrownBy(() -> job(JobState.BEGUN).split(INES, "x", 100)).isInstanceOf(InvalidValue.class);
        assertThatThrownBy(() -> job(JobState.BEGUN).split(INES, " ", 50)).isInstanceOf(InvalidValue.class);
    }

    @ParameterizedTest
    @CsvSource({
        "DECIDED, PLANNED, DECIDED",
        "DECIDED, BEGUN PLANNED, IN_WORK",
        "DECIDED, FINISHED PLANNED, IN_WORK",
        "DECIDED, FINISHED DROPPED, AWAITING_RECHECK",
        "DECIDED, DROPPED, DECIDED",
        "IN_WORK, VERIFIED, AWAITING_RECHECK",
        "IN_WORK, DROPPED, IN_WORK",
        "AWAITING_RECHECK, FINISHED, AWAITING_RECHECK",
        "AWAITING_RECHECK, BEGUN FINISHED, IN_WORK",
        "OPEN, VERIFIED, OPEN",
        "CLOSED, BEGUN, CLOSED",
        "WITHDRAWN, BEGUN, WITHDRAWN"
    })
    void aFindingFollowsItsJobs(FindingState before, String jobs, FindingState after) {
        List<JobState> states =
                List.of(jobs.split(" ")).stream().map(JobState::valueOf).toList();
        assertThat(Closing.following(before, states)).isEqualTo(after);
    }

    /** Whatever its jobs do, a finding is never closed by them. */
    @Property(seed = Seeds.OF_THE_DAY)
    void noJobClosesAFinding(@ForAll FindingState before, @ForAll @Size(max = 5) List<JobState> jobs) {
        FindingState after = Closing.following(before, jobs);
        if (!before.isOver()) assertThat(after.isOver()).isFalse();
    }
}
