package ofisino.server.money.otherway;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import ofisino.core.kernel.Aim;
import ofisino.core.parts.consumable.AmountUnit;
import ofisino.core.parts.sourcing.SupplyKind;
import ofisino.core.plan.job.Operation;
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
@RequestMapping("/api/projects/{projectId}/other-ways")
record OtherWayController(OtherWayService service) {
    /** A job that somebody else does. @param costMinor what he asks, in the base currency */
    record GivenAwayJob(UUID jobId, int days, long costMinor) {}

    /** Somebody else does it. @param costMinor what they ask, in the base currency */
    record DoneByOthers(int days, long costMinor) {}

    /** The whole body at bare metal and painted. @param strip absent where one does it oneself @param coat the same for the paint */
    record BareMetalFields(
            @Nullable DoneByOthers strip, @Nullable DoneByOthers coat) {}

    /**
     * @param stripMinutes  of one's own; absent where somebody else does it
     * @param shownMinutes  what comes to light, on average
     * @param materialMinor in the base currency; absent where nobody knows the price level any more
     */
    record BareMetalTakes(
            @Nullable Integer stripMinutes,
            int shownMinutes,
            @Nullable Integer coatMinutes,
            @Nullable Long materialMinor) {}

    /** @param standard only what this asks for is done @param sessionsMore a week, less than nothing for fewer @param boughtAs how parts are bought wherever somebody offers such; absent for as planned @param bareMetal absent for only where the body is bad */
    record OtherWayFields(
            UUID id,
            String name,
            @Nullable Aim standard,
            int sessionsMore,
            @Nullable SupplyKind boughtAs,
            @Nullable BareMetalFields bareMetal,
            List<GivenAwayJob> givenAway) {}

    /** All open jobs of one kind that somebody else does. @param days for all of them @param costMinor for all of them, in the base currency */
    record GivenAwayKind(Operation operation, int days, long costMinor) {}

    /** @param allOf besides the jobs that are named one by one */
    record NewWayRequest(
            UUID id,
            String name,
            @Nullable Aim standard,
            int sessionsMore,
            @Nullable SupplyKind boughtAs,
            @Nullable BareMetalFields bareMetal,
            List<GivenAwayJob> givenAway,
            @Nullable List<GivenAwayKind> allOf) {
        NewWayRequest {
            allOf = allOf == null ? List.of() : List.copyOf(allOf);
        }

        OtherWayFields with(List<GivenAwayJob> all) {
            return new OtherWayFields(id, name, standard, sessionsMore, boughtAs, bareMetal, all);
        }
    }

    /** @param fiveInTen half of the runs are ready by then @param eightInTen absent while it is worked out, or where so many do not reach it */
    record WayDates(
            Aim aim,
            LocalDate planned,
            @Nullable LocalDate fiveInTen,
            @Nullable LocalDate eightInTen) {}

    /** @param lowMinor in one of ten draws no more @param expectedMinor on average @param highMinor in nine of ten no more */
    record WayCost(long lowMinor, long expectedMinor, long highMinor) {}

    /**
     * Against the way it is planned, with the same luck.
     *
     * @param daysOne  no later than by so many days in one of ten runs; less than nothing where it is sooner
     * @param daysFive in half of them
     * @param daysNine in nine of ten
     * @param minorOne no dearer than by so much in one of ten draws
     */
    record WayDifference(
            @Nullable Long daysOne,
            @Nullable Long daysFive,
            @Nullable Long daysNine,
            long minorOne,
            long minorFive,
            long minorNine) {}

    /**
     * A part that is bought of the other kind; amounts in the base currency.
     *
     * @param quantity     in its unit
     * @param thoughtMinor what is thought of it now; 0 where nobody thought of a price
     * @param landedMinor  its share of the parcel at the door
     * @param leadDays     from order to door
     */
    record PartBoughtSo(
            String title, int quantity, AmountUnit unit, long thoughtMinor, long landedMinor, int leadDays) {}

    /**
     * One way to do the car.
     *
     * @param said        absent for the way it is planned
     * @param undated     titles of what has no date this way
     * @param ownMinutes  of work that is left for oneself
     * @param leftOut     titles of the jobs that are not done
     * @param bought      parts that are bought of the other kind
     * @param bareMetal   what the whole body takes, where it is done
     * @param notBefore   something that the road asks for is not in the plan: every date may well be later
     */
    record WayBeside(
            @Nullable OtherWayFields said,
            List<String> undated,
            long ownMinutes,
            List<String> leftOut,
            List<PartBoughtSo> bought,
            @Nullable BareMetalTakes bareMetal,
            boolean notBefore,
            List<WayDates> dates,
            WayCost cost,
            @Nullable WayDifference difference) {}

    /** @param done runs of {@code runs}, of the one that is worked out @param finished nothing is worked out any more */
    record OtherWaysResponse(
            String currency, int done, int runs, boolean finished, WayBeside asPlanned, List<WayBeside> others) {}

    /** All ways beside each other; begins to run them through where nobody has. */
    @GetMapping
    OtherWaysResponse of(Caller caller, @PathVariable UUID projectId) {
        return service.of(caller, projectId);
    }

    @PostMapping
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void add(Caller caller, @PathVariable UUID projectId, @RequestBody NewWayRequest body) {
        service.add(caller, projectId, body);
    }

    /** Makes it the plan. */
    @PostMapping("/{id}/kept")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void keep(Caller caller, @PathVariable UUID projectId, @PathVariable UUID id) {
        service.keep(caller, projectId, id);
    }

    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(Caller caller, @PathVariable UUID projectId, @PathVariable UUID id) {
        service.remove(caller, projectId, id);
    }
}
