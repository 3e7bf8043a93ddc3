package ofisino.server.plan.givenaway;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Role;
import ofisino.server.identity.Roles;
import ofisino.server.plan.GivenAwayJobs.JobGivenAway;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@Roles(change = Role.OWNER)
@RequestMapping("/api")
record GivenAwayController(GivenAwayService service) {
    @GetMapping("/projects/{projectId}/given-away")
    List<JobGivenAway> of(Caller caller, @PathVariable UUID projectId) {
        return service.of(caller, projectId);
    }

    /** @param backOn the day that was promised, once it was handed over @param version 0 where it was not given away before */
    record GiveAwayRequest(
            String toWhom,
            int days,
            long costMinor,
            @Nullable LocalDate backOn,
            long version) {}

    @PutMapping("/jobs/{jobId}/given-away")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void give(Caller caller, @PathVariable UUID jobId, @RequestBody GiveAwayRequest body) {
        service.give(
                caller,
                new JobGivenAway(jobId, body.toWhom(), body.days(), body.costMinor(), body.backOn(), body.version()));
    }

    @DeleteMapping("/jobs/{jobId}/given-away")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void takeBack(Caller caller, @PathVariable UUID jobId) {
        service.takeBack(caller, jobId);
    }
}
