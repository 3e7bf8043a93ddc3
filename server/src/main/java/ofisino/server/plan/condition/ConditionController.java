package ofisino.server.plan.condition;

import java.util.List;
import java.util.UUID;
import ofisino.core.plan.job.Conditions;
import ofisino.server.identity.Caller;
import ofisino.server.plan.JobConditions.Where;
import ofisino.server.plan.Jobs;
import ofisino.server.plan.Sequence;
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
@RequestMapping("/api/jobs/{jobId}/conditions")
class ConditionController {
    private final ConditionService service;
    private final Jobs jobs;
    private final Sequence sequence;

    ConditionController(ConditionService service, Jobs jobs, Sequence sequence) {
        this.service = service;
        this.jobs = jobs;
        this.sequence = sequence;
    }

    /** @param withinMinutes so soon it should begin after it; empty for any time @param byRule a rule of the trade says so */
    record Follows(UUID jobId, String title, @Nullable Integer withinMinutes, boolean byRule) {}

    record ConditionsResponse(
            Conditions conditions, @Nullable UUID placeId, List<Follows> follows) {}

    @GetMapping
    ConditionsResponse of(Caller caller, @PathVariable UUID jobId) {
        Jobs.Job job = jobs.require(caller, jobId);
        Where where = service.of(caller, job);
        List<Sequence.Soon> soon = sequence.soon(caller, job.projectId());
        return new ConditionsResponse(
                where.conditions(),
                where.placeId(),
                jobs.links(caller, job.projectId()).stream()
                        .filter(l -> l.after().equals(jobId))
                        .map(l -> follows(caller, l, soon))
                        .toList());
    }

    private Follows follows(Caller caller, Jobs.Link link, List<Sequence.Soon> soon) {
        String title = jobs.require(caller, link.before()).title();
        return soon.stream()
                .filter(s -> s.before().equals(link.before()) && s.after().equals(link.after()))
                .findFirst()
                .map(s -> new Follows(link.before(), title, (int) s.within().toMinutes(), s.byRule()))
                .orElse(new Follows(link.before(), title, null, false));
    }

    @PutMapping
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void put(Caller caller, @PathVariable UUID jobId, @RequestBody Where body) {
        service.put(caller, jobId, body);
    }
}
