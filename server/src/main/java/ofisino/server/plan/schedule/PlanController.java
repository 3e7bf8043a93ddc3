package ofisino.server.plan.schedule;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import ofisino.core.kernel.Aim;
import ofisino.core.plan.calendar.TimeWindow;
import ofisino.core.plan.explain.Balance;
import ofisino.core.plan.orderofwork.Phase;
import ofisino.core.plan.orderofwork.ProjectPolicy;
import ofisino.core.plan.orderofwork.WayRound;
import ofisino.core.plan.problem.Reason;
import ofisino.core.plan.solve.Blocks;
import ofisino.core.plan.tonight.Asked;
import ofisino.core.plan.whatif.Relaxations.Relaxation;
import ofisino.core.plan.whatif.Sooner;
import ofisino.server.history.ChangesNothing;
import ofisino.server.identity.AtLeast;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Role;
import ofisino.server.identity.Roles;
import ofisino.server.plan.Calendars;
import ofisino.server.plan.Plans;
import ofisino.server.plan.Plans.Subject;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@Roles
@RequestMapping("/api/projects/{projectId}/plan")
record PlanController(
        PlanService service,
        PlanAnswers answers,
        PlanComparisons comparisons,
        TonightAnswers tonight,
        Calendars calendars) {
    /** @param subject what forbids it, where that is a job or a part */
    record LimitResponse(
            Reason.ReasonKind kind, Instant until, @Nullable Subject subject) {}

    /**
     * @param key         names it when it is moved
     * @param latestStart may it be begun without any milestone getting later
     * @param notBefore   a person moved it there
     * @param followed    its start in the plan that is followed, where that is on another day
     * @param movable     a person may say on which day it begins at the soonest
     * @param place       where it is worked, if a person said so
     * @param planB       what is done instead if it fails, if a person said so
     */
    record ActivityResponse(
            String key,
            Subject subject,
            @Nullable Subject place,
            Instant start,
            Instant end,
            List<TimeWindow> stretches,
            List<UUID> people,
            List<LimitResponse> reasons,
            @Nullable Instant latestStart,
            @Nullable LocalDate notBefore,
            @Nullable Instant followed,
            boolean movable,
            @Nullable PlanB planB) {}

    /** @param decideBy the last day on which it can still be chosen without any milestone getting later; absent while not everything has a date */
    record PlanB(String what, long costMinor, @Nullable LocalDate decideBy) {}

    /** @param notBefore it waits for something without a sure date, so that it may come later @param spareDays until the target; negative when it is missed */
    /** @param finish if every session is kept @param finishAtOwnPace absent where none can be said @param beyondAtOwnPace it is past the horizon */
    record MilestoneResponse(
            Aim aim,
            Instant finish,
            @Nullable Instant finishAtOwnPace,
            boolean beyondAtOwnPace,
            Subject holder,
            List<Subject> chain,
            boolean notBefore,
            @Nullable Integer spareDays) {}

    record UnplacedResponse(Subject subject, LimitResponse limit) {}

    /**
     * @param from        when something of it is worked on first; absent where nothing of it has a date
     * @param last        what of it comes last
     * @param minutesLeft of its jobs and of opening and closing for them
     * @param jobsLeft    that are not over
     * @param undated     of these, how many have no date
     * @param toBuyMinor  what their parts that are still to order are thought to cost
     * @param unvalued    how many of these parts have no price
     */
    record PhaseResponse(
            Phase phase,
            @Nullable Instant from,
            @Nullable Instant to,
            @Nullable Subject last,
            int minutesLeft,
            int minutesDone,
            int jobsLeft,
            int undated,
            long toBuyMinor,
            int unvalued) {}

    /**
     * @param phases     in their order, those that the project has
     * @param circle     jobs that wait for one another; empty where there is none
     * @param windows    the asking person's times in the garage as far as the plan goes
     * @param hasTime    somebody has set times in the garage
     * @param money      a point for each day on which something changes; empty without a limit a month
     * @param loose      what should have followed soon and does not
     * @param hires      tools that are hired for some of the work
     * @param waiting    what has no date, or only a hoped-for one, and why
     * @param policy     what matters first, and how much is open meanwhile
     * @param followedAt when somebody said that this is the plan
     * @param withoutDate aims of which something has no place in the plan
     * @param search     behind it, for one that is better
     */
    record PlanResponse(
            List<ActivityResponse> activities,
            List<PhaseResponse> phases,
            List<MilestoneResponse> milestones,
            List<UnplacedResponse> unplaced,
            List<Subject> circle,
            List<TimeWindow> windows,
            boolean hasTime,
            List<Balance.Point> money,
            List<LooseResponse> loose,
            PaceOfPlan pace,
            WayRound policy,
            List<HireResponse> hires,
            List<Plans.Waiting> waiting,
            @Nullable Instant followedAt,
            List<Aim> withoutDate,
            LongerSearches.SearchState search,
            @Nullable BetterResponse better,
            @Nullable FewerResponse fewer) {}

    /** @param costMinor of all days together */
    record HireResponse(String tool, List<LocalDate> days, long costMinor) {}

    /** A plan that a longer search found. @param aim the first milestone that is on another day */
    record BetterResponse(Aim aim, LocalDate before, LocalDate after) {}

    /** What a longer search would open once more seldom, with no milestone later. @param accesses the outermost first */
    record FewerResponse(List<String> accesses, long savedMinutes) {}

    record LooseResponse(Subject before, Subject after, long withinMinutes, long gapMinutes, Blocks.LooseBecause why) {}

    /**
     * @param own    the plan reckons with the factor
     * @param jobs   that it was learned from
     * @param turnUp how often the asking person comes
     */
    record PaceOfPlan(boolean own, int jobs, double factor, TurnUpResponse turnUp) {}

    /** @param meant times of the last half year that have passed @param came of them @param rate by which the plan reckons */
    record TurnUpResponse(int meant, int came, double rate) {}

    record MoveRequest(String activity, @Nullable LocalDate notBefore) {}

    record SplitStripDownRequest(UUID stripDown, Set<UUID> jobs) {}

    record JoinedStripDownsRequest(List<UUID> stripDowns) {}

    record MilestoneMove(
            Aim aim, @Nullable Instant before, @Nullable Instant after) {}

    record Moved(Subject subject, Instant before, Instant after) {}

    /** @param possible everything still has a date */
    record MoveResponse(boolean possible, List<MilestoneMove> milestones, List<Moved> moved) {}

    record PinRequest(UUID id, String activity, LocalDate notBefore) {}

    @GetMapping
    PlanResponse plan(Caller caller, @PathVariable UUID projectId) {
        return answers.plan(caller, projectId);
    }

    /** What would come of it; changes nothing. */
    @ChangesNothing
    @PostMapping("/preview")
    MoveResponse preview(Caller caller, @PathVariable UUID projectId, @RequestBody MoveRequest body) {
        return comparisons.move(caller, projectId, body.activity(), body.notBefore());
    }

    /** @param leaving the jobs that have to wait anyway @param because the fixed time that it waits for */
    record SplitProposalResponse(UUID stripDown, List<Subject> leaving, Subject because) {}

    /** What should be opened twice, so that not all of its jobs wait for a fixed time. */
    @GetMapping("/splits")
    List<SplitProposalResponse> splits(Caller caller, @PathVariable UUID projectId) {
        return answers.splits(caller, projectId);
    }

    /** What would come of opening an access once instead of several times; changes nothing. */
    @ChangesNothing
    @PostMapping("/preview-joined")
    MoveResponse previewJoined(Caller caller, @PathVariable UUID projectId, @RequestBody JoinedStripDownsRequest body) {
        return comparisons.joined(caller, projectId, body.stripDowns());
    }

    /** What would come of opening it once more for some of its jobs; changes nothing. */
    @ChangesNothing
    @PostMapping("/preview-split")
    MoveResponse previewSplit(Caller caller, @PathVariable UUID projectId, @RequestBody SplitStripDownRequest body) {
        return comparisons.split(caller, projectId, body.stripDown(), body.jobs());
    }

    /** @param place of which somebody lends more, for the kind that is about room */
    record SoonerResponse(Sooner.SoonerKind kind, @Nullable Subject place, MoveResponse move) {}

    /** What more hours or borrowed room would bring; changes nothing. */
    @GetMapping("/sooner")
    List<SoonerResponse> sooner(Caller caller, @PathVariable UUID projectId) {
        return comparisons.sooner(caller, projectId);
    }

    record SentOutRequest(UUID job, int days, long costMinor) {}

    /** What would come of giving a job to somebody else; changes nothing. */
    @ChangesNothing
    @PostMapping("/preview-sent-out")
    MoveResponse previewSentOut(Caller caller, @PathVariable UUID projectId, @RequestBody SentOutRequest body) {
        return comparisons.sentOut(caller, projectId, body.job(), body.days(), body.costMinor());
    }

    /** What would come of reckoning with the hours that the person really takes, or not; changes nothing. */
    @GetMapping("/at-pace")
    MoveResponse atPace(Caller caller, @PathVariable UUID projectId, @RequestParam boolean own) {
        return comparisons.pace(caller, projectId, own);
    }

    /** What would come of going about it another way round; changes nothing. */
    @GetMapping("/under")
    MoveResponse under(
            Caller caller,
            @PathVariable UUID projectId,
            @RequestParam ProjectPolicy policy,
            @RequestParam(defaultValue = "1") int mostOpen) {
        return comparisons.under(caller, projectId, new WayRound(policy, mostOpen));
    }

    /** @param mostOpen pieces of work open at once, where the car is kept rolling; one where nobody says */
    record PolicyRequest(ProjectPolicy policy, @Nullable Integer mostOpen) {}

    @PutMapping("/policy")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void policy(Caller caller, @PathVariable UUID projectId, @RequestBody PolicyRequest body) {
        service.change(caller, projectId, new WayRound(body.policy(), body.mostOpen() == null ? 1 : body.mostOpen()));
    }

    /** The least that would make the plan possible: of each kind one change, one of them in money. */
    @AtLeast(Role.OWNER)
    @GetMapping("/mending")
    List<Relaxation> mending(Caller caller, @PathVariable UUID projectId) {
        return answers.mending(caller, projectId);
    }

    /** @param why it stands there in the list */
    record PossibleResponse(Subject subject, int minutes, Asked.RankedBecause why) {}

    /** What can really be done in such an evening, the best first. */
    @GetMapping("/tonight")
    List<PossibleResponse> tonight(
            Caller caller,
            @PathVariable UUID projectId,
            @RequestParam int minutes,
            @RequestParam int people,
            @RequestParam boolean quiet,
            @RequestParam boolean wet,
            @RequestParam @Nullable UUID place) {
        return tonight.of(
                caller,
                projectId,
                new Asked(
                        minutes,
                        calendars.setUp(caller),
                        people,
                        quiet,
                        wet,
                        Optional.ofNullable(place).map(Surroundings::placeKey)));
    }

    @PutMapping("/pins")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void pin(Caller caller, @PathVariable UUID projectId, @RequestBody PinRequest body) {
        service.pin(caller, projectId, body.id(), body.activity(), body.notBefore());
    }

    @DeleteMapping("/pins/{activity}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void unpin(Caller caller, @PathVariable UUID projectId, @PathVariable String activity) {
        service.unpin(caller, projectId, activity);
    }

    /** Takes what a longer search found. */
    @PostMapping("/follow-better")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void followBetter(Caller caller, @PathVariable UUID projectId) {
        service.followBetter(caller, projectId);
    }

    /** Opens once what a longer search found to need opening no oftener. */
    @PostMapping("/share-more")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void shareMore(Caller caller, @PathVariable UUID projectId) {
        service.shareMore(caller, projectId);
    }

    @PostMapping("/follow")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void follow(Caller caller, @PathVariable UUID projectId) {
        service.follow(caller, projectId);
    }
}
