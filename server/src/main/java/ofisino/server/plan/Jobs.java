package ofisino.server.plan;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import ofisino.core.kernel.Aim;
import ofisino.core.kernel.Caution;
import ofisino.core.kernel.Effort;
import ofisino.core.kernel.VehicleSystem;
import ofisino.core.plan.job.Detail;
import ofisino.core.plan.job.HowFar;
import ofisino.core.plan.job.JobNature;
import ofisino.core.plan.job.JobState;
import ofisino.core.plan.job.Operation;
import ofisino.core.plan.permit.Move;
import ofisino.core.plan.permit.Obstacle;
import ofisino.core.plan.scope.Growth;
import ofisino.server.identity.Caller;
import org.jspecify.annotations.Nullable;

/** The door to jobs. */
public interface Jobs {
    List<Job> of(Caller caller, UUID projectId);

    /** @throws ofisino.core.kernel.NotFound when the garage has no such job */
    Job require(Caller caller, UUID jobId);

    /** Lets one job wait for another; refuses a circle and names it. A link that is there stays. */
    void link(Caller caller, UUID before, UUID after);

    /** The usual dangers of a job: those of its recipe and those of its operation. */
    Set<Caution> cautions(Caller caller, UUID jobId);

    /** The usual dangers of all of these together. */
    Set<Caution> cautions(Caller caller, UUID projectId, Set<UUID> jobs);

    /** What stands in the way of a move; empty when it may. */
    List<Obstacle> obstacles(Caller caller, UUID jobId, Move move);

    List<Link> links(Caller caller, UUID projectId);

    /** By job, the findings that it deals with. */
    Map<UUID, List<UUID>> findingsByJob(Caller caller, UUID projectId);

    /** The findings that some job deals with. */
    Set<UUID> findingsWithJobs(Caller caller, UUID projectId);

    /** Work was done on a job that had not begun, or was over: it is in hand now. */
    void workedOn(Caller caller, UUID jobId, LocalDate day);

    /** It is finished, unless something stands in the way of that: then it stays as it is. @return what does */
    List<Obstacle> finish(Caller caller, UUID jobId);

    /** A job that comes from no recipe. */
    void add(Caller caller, UUID projectId, NewJob job);

    /** @param findings that it deals with @param cause for which it came on top */
    record NewJob(
            UUID id,
            String title,
            JobNature nature,
            @Nullable Aim aim,
            Effort effort,
            List<UUID> findings,
            Growth.Cause cause) {}

    /** It is not done after all; what is over stays as it is. */
    void drop(Caller caller, UUID jobId);

    /** It was thought cured and is not: a job that is over begins again. */
    void takeUpAgain(Caller caller, UUID jobId);

    /** By job, the system that it is of; jobs of none are left out. */
    static Map<UUID, VehicleSystem> systemsOf(List<Job> jobs) {
        return jobs.stream().filter(j -> j.system() != null).collect(Collectors.toMap(Job::id, Job::system));
    }

    /**
     * {@code after} waits for {@code before}.
     *
     * @param withinMinutes so soon it should begin after it, where a person said so
     */
    record Link(UUID before, UUID after, @Nullable Integer withinMinutes) {}

    /** @param system empty where nobody knows @param spentMinutes logged on evenings @param lastWorkedOn the last of them */
    record Job(
            UUID id,
            UUID projectId,
            @Nullable UUID chainId,
            int position,
            String code,
            String title,
            Operation operation,
            @Nullable String zone,
            @Nullable VehicleSystem system,
            Aim aim,
            int optimisticMinutes,
            int likelyMinutes,
            int pessimisticMinutes,
            Set<Detail> details,
            int pieces,
            Growth.Cause cause,
            String halfOpen,
            JobState state,
            String note,
            int spentMinutes,
            @Nullable LocalDate lastWorkedOn,
            @Nullable UUID finishedBy,
            @Nullable LocalDate finishedOn,
            long version) {

        /** The same of that system as a whole. */
        public Job ofSystem(VehicleSystem whole) {
            ofisino.core.plan.job.Job job = toCore();
            return with(
                    new ofisino.core.plan.job.Job(
                            id,
                            title,
                            new JobNature(operation, Optional.of(whole), details),
                            job.effort(),
                            state,
                            job.ended(),
                            job.lastWorkedOn()),
                    code,
                    version);
        }

        /** A person wrote it; it comes from no recipe. */
        public boolean isOwn() {
            return chainId == null;
        }

        public JobNature nature() {
            return new JobNature(operation, Optional.ofNullable(system), details);
        }

        public ofisino.core.plan.job.Job toCore() {
            return new ofisino.core.plan.job.Job(
                    id,
                    title,
                    nature(),
                    new Effort(optimisticMinutes, likelyMinutes, pessimisticMinutes),
                    state,
                    Optional.ofNullable(finishedOn)
                            .map(on -> new ofisino.core.plan.job.Job.Ended(Optional.ofNullable(finishedBy), on)),
                    Optional.ofNullable(lastWorkedOn));
        }

        /** What the core says of the job, with what only this row knows. @param known version that the person saw */
        public Job with(ofisino.core.plan.job.Job job, String itsCode, long known) {
            JobNature is = job.nature();
            return new Job(
                    job.id(),
                    projectId,
                    chainId,
                    position,
                    itsCode,
                    job.title(),
                    is.operation(),
                    is.system().isEmpty() ? null : zone,
                    is.system().orElse(null),
                    aim,
                    job.effort().optimisticMinutes(),
                    job.effort().likelyMinutes(),
                    job.effort().pessimisticMinutes(),
                    is.details(),
                    pieces,
                    cause,
                    halfOpen,
                    job.state(),
                    note,
                    spentMinutes,
                    lastWorkedOn,
                    job.ended().flatMap(ofisino.core.plan.job.Job.Ended::by).orElse(null),
                    job.ended().map(ofisino.core.plan.job.Job.Ended::on).orElse(null),
                    known);
        }

        /** Of the likely effort. */
        public int leftMinutes() {
            return state.leftOf(likelyMinutes, spentMinutes);
        }

        /** @param byOthers somebody else does it */
        public HowFar.Work work(boolean byOthers) {
            return new HowFar.Work(state, likelyMinutes, spentMinutes, byOthers);
        }

        /** Last day on which it was worked on or ended; absent where it was not. */
        @Nullable
        public LocalDate workedOn() {
            return Stream.of(Optional.ofNullable(lastWorkedOn), Optional.ofNullable(finishedOn))
                    .flatMap(Optional::stream)
                    .max(LocalDate::compareTo)
                    .orElse(null);
        }

        /** The piece of work that it is a step of, or the job itself. */
        public UUID piece() {
            return chainId == null ? id : chainId;
        }
    }
}
