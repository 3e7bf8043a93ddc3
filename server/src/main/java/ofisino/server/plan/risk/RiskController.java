package ofisino.server.plan.risk;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import ofisino.core.kernel.Aim;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Roles;
import ofisino.server.plan.Plans.Subject;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@Roles
@RequestMapping("/api/projects/{projectId}/risk")
record RiskController(RiskService service) {
    enum RiskState {
        /** Not everything has a date: there is no plan to run through. */
        NO_PLAN,
        RUNNING,
        /** Somebody stopped it. */
        STOPPED,
        DONE
    }

    /**
     * One milestone in ten runs of the plan; absent where so many do not reach it within what can be planned.
     *
     * @param planned if all goes as planned
     */
    record RiskDates(
            Aim aim,
            LocalDate planned,
            @Nullable LocalDate oneInTen,
            @Nullable LocalDate fiveInTen,
            @Nullable LocalDate eightInTen,
            @Nullable LocalDate nineInTen) {}

    /** @param correlation of how long it takes with the date, by ranks, 0.1 to 1 */
    record RiskDriver(Subject what, double correlation) {}

    /** @param narrowerDays by which the span from two to eight in ten gets shorter once it is open @param minutes that opening it takes */
    record RiskOpening(Subject what, long narrowerDays, long minutes) {}

    /**
     * @param done     runs, of {@code runs}
     * @param aim      of which drivers and openings are told: the road, where something is left to do for it
     * @param notBefore something that the road asks for is not in the plan: every date may well be later
     */
    record RiskResponse(
            RiskState state,
            int done,
            int runs,
            @Nullable Aim aim,
            boolean notBefore,
            List<RiskDates> dates,
            List<RiskDriver> drivers,
            List<RiskOpening> openings) {}

    /** What is known by now; begins to run the plan through where nobody has. */
    @GetMapping
    RiskResponse of(Caller caller, @PathVariable UUID projectId) {
        return service.of(caller, projectId);
    }

    /** Stops what is being worked out now. */
    @DeleteMapping
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void stop(Caller caller, @PathVariable UUID projectId) {
        service.stop(caller, projectId);
    }
}
