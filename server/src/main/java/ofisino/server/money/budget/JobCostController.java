package ofisino.server.money.budget;

import java.util.List;
import java.util.UUID;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Role;
import ofisino.server.identity.Roles;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@Roles(look = Role.OWNER, change = Role.OWNER)
@RequestMapping("/api/projects/{projectId}/job-costs")
record JobCostController(JobCostService service) {
    /** The three amounts of one job, and what it cost more than was thought. */
    record JobCostLine(
            UUID jobId,
            String title,
            boolean done,
            long thoughtMinor,
            long askedMinor,
            long paidMinor,
            long dearerMinor) {}

    /**
     * @param jobs   those with an amount, the largest differences of what is done first
     * @param told   jobs that are done and were thought of, which the sums are of
     * @param factor by what to multiply the next thought; absent while nothing tells
     */
    record JobCostsResponse(
            String currency,
            List<JobCostLine> jobs,
            int told,
            long thoughtMinor,
            long paidMinor,
            @Nullable Double factor) {}

    @GetMapping
    JobCostsResponse of(Caller caller, @PathVariable UUID projectId) {
        return service.of(caller, projectId);
    }
}
