package ofisino.server.plan.givenaway;

import java.util.List;
import java.util.UUID;
import ofisino.server.plan.GivenAwayJobs.JobGivenAway;
import org.apache.ibatis.annotations.Mapper;

@Mapper
interface GivenAwayMapper {
    List<JobGivenAway> of(UUID garageId, UUID projectId);

    /** @return 0 where it is given away already */
    int insert(UUID garageId, JobGivenAway job);

    int update(UUID garageId, JobGivenAway job);

    int delete(UUID garageId, UUID jobId);

    /** Where the other job is not given away, it is now as this one was. */
    void move(UUID garageId, UUID from, UUID to);
}
