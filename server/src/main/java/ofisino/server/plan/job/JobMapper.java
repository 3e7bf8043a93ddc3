package ofisino.server.plan.job;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import ofisino.core.kernel.Aim;
import ofisino.server.db.Stored;
import ofisino.server.plan.Jobs.Job;
import org.apache.ibatis.annotations.Mapper;
import org.jspecify.annotations.Nullable;

@Mapper
interface JobMapper {
    List<Job> of(UUID garageId, UUID projectId);

    Optional<Job> find(UUID garageId, UUID id);

    /** @throws ofisino.core.kernel.NotFound when the garage has no such job */
    default Job require(UUID garageId, UUID id) {
        return Stored.require(find(garageId, id), "job", id);
    }

    void insert(UUID garageId, Job job);

    int update(UUID garageId, Job job);

    void ended(UUID garageId, UUID id, @Nullable UUID by, LocalDate on);

    void neededFor(UUID garageId, UUID id, Aim aim);

    List<LinkRow> links(UUID garageId, UUID projectId);

    void insertLink(UUID garageId, UUID beforeId, UUID afterId);

    int putWithin(UUID garageId, UUID beforeId, UUID afterId, @Nullable Integer withinMinutes);

    void deleteLink(UUID garageId, UUID beforeId, UUID afterId);

    List<FindingLinkRow> findingLinks(UUID garageId, UUID projectId);

    /** With a job that is not dropped. */
    List<UUID> findingsWithJobs(UUID garageId, UUID projectId);

    void insertFindingLink(UUID garageId, UUID jobId, UUID findingId);

    void deleteFindingLink(UUID garageId, UUID jobId, UUID findingId);

    void insertChain(UUID garageId, ChainRow chain);

    List<ChainRow> chains(UUID garageId, UUID projectId);

    record LinkRow(UUID beforeId, UUID afterId, @Nullable Integer withinMinutes) {
        boolean joins(UUID before, UUID after) {
            return beforeId.equals(before) && afterId.equals(after);
        }
    }

    record FindingLinkRow(UUID jobId, UUID findingId) {}

    record ChainRow(UUID id, UUID projectId, String title, String recipe) {}
}
