package ofisino.server.logbook.progress;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.UUID;
import ofisino.core.plan.job.HowFar;
import ofisino.core.plan.job.Operation;
import ofisino.core.plan.orderofwork.Phase;
import ofisino.core.plan.progress.Standstill.Cause;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Roles;
import ofisino.server.logbook.progress.ProgressMapper.StandstillRow;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@Roles
@RequestMapping("/api/projects/{projectId}/progress")
record ProgressController(ProgressService service) {
    /** Of finished jobs. */
    record ByOperation(Operation operation, int jobs, long likelyMinutes, long spentMinutes) {}

    /**
     * Minutes that were thought for the jobs that are done, and what those took.
     *
     * @param wholeMinutes         thought for all jobs that are not dropped
     * @param restLikeSoFarMinutes what the others take if they go like those that are done
     */
    record EarnedMinutes(
            long wholeMinutes,
            long earnedMinutes,
            long spentMinutes,
            long restAsThoughtMinutes,
            long restLikeSoFarMinutes,
            long endLikeSoFarMinutes) {}

    /**
     * Against the plan that was kept.
     *
     * @param plannedMinutes of what was to be finished by today, as thought then
     * @param earnedMinutes  of what is finished
     * @param lateDays       so long ago that much was to be finished; below 0 where one is ahead
     * @param overdue        titles of what was to be finished by today
     */
    record AgainstPlan(
            LocalDate keptOn, long plannedMinutes, long earnedMinutes, long lateDays, List<String> overdue) {}

    /** How far some work is. @param percent of what was thought, earned by the state of each job */
    record HowFarResponse(@JsonUnwrapped HowFar far, int percent) {
        static HowFarResponse of(Collection<HowFar.Work> work) {
            HowFar far = HowFar.of(work);
            return new HowFarResponse(far, far.earnedPercent());
        }
    }

    record PlaceProgress(String zone, @JsonUnwrapped HowFarResponse far) {}

    record PhaseProgress(Phase phase, @JsonUnwrapped HowFarResponse far) {}

    /**
     * @param months      of the calendar, begun ones counted
     * @param dormantDays without an evening, once they are many
     * @param standstills stretches of 30 days and more without an evening
     * @param earned      absent while no job is done
     * @param baseline    absent where no plan with dates was kept
     * @param factor      by what one's own hours differ from what was thought likely
     */
    record PaceResponse(
            LocalDate firstOn,
            LocalDate lastOn,
            long minutes,
            int months,
            double hoursPerMonth,
            @Nullable Long dormantDays,
            int finishedJobs,
            double factor,
            @Nullable EarnedMinutes earned,
            @Nullable AgainstPlan baseline,
            HowFarResponse whole,
            List<PlaceProgress> places,
            List<PhaseProgress> phases,
            List<ByOperation> byOperation,
            List<StandstillResponse> standstills,
            List<DaysByCause> daysByCause) {}

    /** @param since the day of the last evening before it @param until that of the next one, or today */
    record StandstillResponse(
            LocalDate since,
            LocalDate until,
            long days,
            @Nullable Cause cause) {}

    record DaysByCause(Cause cause, long days) {}

    /** @param since the day of the last evening before it */
    record CauseRequest(LocalDate since, Cause cause) {}

    /** Nothing (204) while nobody has worked on it. */
    @GetMapping
    ResponseEntity<PaceResponse> of(Caller caller, @PathVariable UUID projectId) {
        return service.of(caller, projectId)
                .map(ResponseEntity::ok)
                .orElse(ResponseEntity.noContent().build());
    }

    @PutMapping("/standstills")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void explain(Caller caller, @PathVariable UUID projectId, @RequestBody CauseRequest body) {
        service.explain(caller, projectId, new StandstillRow(body.since(), body.cause()));
    }
}
