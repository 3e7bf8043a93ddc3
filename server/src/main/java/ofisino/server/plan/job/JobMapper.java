package ofisino.server.plan.job;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import ofisino.core.kernel.Aim;
import ofisino.core.kernel.Effort;
import ofisino.core.kernel.VehicleSystem;
import ofisino.core.plan.job.Detail;
import ofisino.core.plan.job.Job;
import ofisino.core.plan.job.JobNature;
import ofisino.core.plan.job.JobState;
import ofisino.core.plan.job.Operation;
import ofisino.core.plan.scope.Growth;
import org.apache.ibatis.annotations.Mapper;
import org.jspecify.annotations.Nullable;

@Mapper
interface JobMapper {
    List<JobRow> of(UUID garageId, UUID projectId);

    Optional<JobRow> find(UUID garageId, UUID id);

    void insert(UUID garageId, JobRow job);

    int update(UUID garageId, JobRow job);

    void ended(UUID garageId, UUID id, @Nullable UUID by, LocalDate on);

    List<LinkRow> links(UUID garageId, UUID projectId);

    void insertLink(UUID garageId, UUID beforeId, UUID afterId);

    int putWithin(UUID garageId, UUID beforeId, UUID afterId, @Nullable Integer withinMinutes);

    void deleteLink(UUID garageId, UUID beforeId, UUID afterId);

    List<FindingLinkRow> findingLinks(UUID garageId, UUID projectId);

    void insertFindingLink(UUID garageId, UUID jobId, UUID findingId);

    void insertChain(UUID garageId, ChainRow chain);

    List<ChainRow> chains(UUID garageId, UUID projectId);

    /** @param system empty where nobody knows @param spentMinutes logged on evenings @param lastWorkedOn the last of them */
    record JobRow(
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
            List<String> details,
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

        Set<Detail> detailSet() {
            return details.stream().map(Detail::valueOf).collect(Collectors.toSet());
        }

        JobNature nature() {
            return new JobNature(operation, Optional.ofNullable(system), detailSet());
        }

        Job toCore() {
            return new Job(
                    id,
                    title,
                    nature(),
                    new Effort(optimisticMinutes, likelyMinutes, pessimisticMinutes),
                    state,
                    Optional.ofNullable(finishedOn).map(on -> new Job.Ended(Optional.ofNullable(finishedBy), on)),
                    Optional.ofNullable(lastWorkedOn));
        }

        /** What the core says of the job, with what only this row knows. @param known version that the person saw */
        JobRow with(Job job, String itsCode, long known) {
            JobNature is = job.nature();
            return new JobRow(
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
                    is.details().stream().map(Enum::name).sorted().toList(),
                    pieces,
                    cause,
                    halfOpen,
                    job.state(),
                    note,
                    spentMinutes,
                    lastWorkedOn,
                    job.ended().flatMap(Job.Ended::by).orElse(null),
                    job.ended().map(Job.Ended::on).orElse(null),
                    known);
        }

        /** Last day on which it was worked on or ended; absent where it was not. */
        @Nullable
        LocalDate workedOn() {
            return Stream.of(Optional.ofNullable(lastWorkedOn), Optional.ofNullable(finishedOn))
                    .flatMap(Optional::stream)
                    .max(LocalDate::compareTo)
                    .orElse(null);
        }
    }

    record LinkRow(UUID beforeId, UUID afterId, @Nullable Integer withinMinutes) {
        boolean joins(UUID before, UUID after) {
            return beforeId.equals(before) && afterId.equals(after);
        }
    }

    record FindingLinkRow(UUID jobId, UUID findingId) {}

    record ChainRow(UUID id, UUID projectId, String title, String recipe) {}
}
