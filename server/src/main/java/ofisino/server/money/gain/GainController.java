package ofisino.server.money.gain;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.util.List;
import java.util.UUID;
import ofisino.core.money.gain.BeforeAfter.Better;
import ofisino.core.money.gain.Gain.Verdict;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Role;
import ofisino.server.identity.Roles;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@Roles(look = Role.OWNER, change = Role.OWNER)
@RequestMapping("/api")
record GainController(GainService service) {
    /**
     * What was measured before a piece of work and after it.
     *
     * @param jobId      the work that is to have brought it; its money and hours are set against it
     * @param title      what was measured
     * @param alike      both were measured alike
     * @param conditions how it was measured, in a person's own words
     */
    record GainFields(
            UUID id,
            @Nullable UUID jobId,
            String title,
            String unit,
            Better better,
            boolean alike,
            String conditions,
            List<Double> before,
            List<Double> after) {}

    /** Runs that were measured since; either may be empty. */
    record MoreRuns(List<Double> before, List<Double> after) {}

    /**
     * @param by        the difference, above 0 where it is better now
     * @param low       in 19 of 20 cases it is no less
     * @param enough    runs before, and as many after, that would tell; absent where it is told or hundreds would not
     * @param paidMinor what is booked on the job
     * @param minutes   worked on it
     * @param eachMinor what each unit of it cost; absent where nothing is gained for sure, or nothing was paid
     */
    record GainJudged(
            @JsonUnwrapped GainFields said,
            double by,
            double low,
            double high,
            Verdict verdict,
            @Nullable Integer enough,
            long paidMinor,
            long minutes,
            @Nullable Long eachMinor) {}

    record GainsResponse(String currency, List<GainJudged> gains) {}

    @GetMapping("/projects/{projectId}/gains")
    GainsResponse of(Caller caller, @PathVariable UUID projectId) {
        return service.of(caller, projectId);
    }

    @PostMapping("/projects/{projectId}/gains")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void add(Caller caller, @PathVariable UUID projectId, @RequestBody GainFields body) {
        service.add(caller, projectId, body);
    }

    @PostMapping("/projects/{projectId}/gains/{id}/runs")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void measure(Caller caller, @PathVariable UUID projectId, @PathVariable UUID id, @RequestBody MoreRuns body) {
        service.measure(caller, projectId, id, body);
    }

    @DeleteMapping("/projects/{projectId}/gains/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(Caller caller, @PathVariable UUID projectId, @PathVariable UUID id) {
        service.remove(caller, projectId, id);
    }
}
