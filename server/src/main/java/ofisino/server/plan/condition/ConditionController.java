package ofisino.server.plan.condition;

import java.util.List;
import java.util.UUID;
import ofisino.core.plan.job.Conditions;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Roles;
import ofisino.server.plan.JobConditions.Where;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@Roles
@RequestMapping("/api/jobs/{jobId}/conditions")
record ConditionController(ConditionService service) {
    /** @param withinMinutes so soon it should begin after it; empty for any time @param byRule a rule of the trade says so */
    record Follows(UUID jobId, String title, @Nullable Integer withinMinutes, boolean byRule) {}

    /** @param lowestCelsius what it puts on does not cure below that, nights too; absent where cold does not matter */
    record ConditionsResponse(
            Conditions conditions,
            @Nullable UUID placeId,
            @Nullable Integer lowestCelsius,
            List<Follows> follows) {}

    @GetMapping
    ConditionsResponse of(Caller caller, @PathVariable UUID jobId) {
        return service.of(caller, jobId);
    }

    @PutMapping
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void put(Caller caller, @PathVariable UUID jobId, @RequestBody Where body) {
        service.put(caller, jobId, body);
    }
}
