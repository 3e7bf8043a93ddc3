package ofisino.server.roadready.today;

import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import ofisino.core.kernel.Caution;
import ofisino.core.money.budget.MoneyDue;
import ofisino.core.money.budget.MoneyDue.MoneyDueKind;
import ofisino.core.roadready.gate.Blocker;
import ofisino.core.roadready.gate.Gate;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Roles;
import ofisino.server.logbook.WorkSessions.Note;
import ofisino.server.parts.PartTasks.Task;
import ofisino.server.plan.Plans.Subject;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@Roles
@RequestMapping("/api/projects/{projectId}/today")
record TodayController(TodayService service) {
    /**
     * @param on      when everything needed for the road is planned to be done if every session is kept
     * @param onAtOwnPace the same as often as people come and as long as they take; absent where none can be said
     * @param eightInTen by when eight in ten runs of the plan reach it; absent until that is known, or where it is not within what can be planned
     * @param beyondAtOwnPace at that pace it is not within what can be planned
     * @param holder  what holds that date
     * @param holdsUntil when the holder is there or done
     * @param chain   from the last job back to today
     * @param notBefore something that the road asks for is not in the plan: it may well be later
     */
    record Road(
            LocalDate on,
            @Nullable LocalDate onAtOwnPace,
            @Nullable LocalDate eightInTen,
            boolean beyondAtOwnPace,
            Subject holder,
            LocalDate holdsUntil,
            List<Subject> chain,
            @Nullable LocalDate target,
            boolean notBefore) {}

    record Fetch(
            UUID needId,
            String title,
            @Nullable String placeCode,
            @Nullable String placeName) {}

    /**
     * @param id     of the job, or of the strip-down that is opened or closed
     * @param access that is opened or closed; absent for a job
     * @param code   of a job; empty for a strip-down
     * @param people that it takes at once
     * @param place  where a person said it is done
     * @param elsewhere that is not the garage: one has to pack
     * @param tools  beyond those on the bench
     * @param hired  of these, what is hired
     */
    record TonightJob(
            Subject.Kind kind,
            UUID id,
            @Nullable String access,
            String code,
            String title,
            int minutes,
            int people,
            @Nullable String place,
            boolean elsewhere,
            List<String> tools,
            List<String> hired,
            List<Fetch> fetch) {}

    /** @param minutes for work @param setUpMinutes besides, to set up and to clear away @param cautions of all of its steps */
    record TonightResponse(
            LocalDate day, int minutes, int setUpMinutes, Set<Caution> cautions, List<TonightJob> jobs) {}

    /** @param from the seller, or what a deposit was left on @param by last day of a deposit, or the day by which a refund was to be here */
    record MoneyBack(MoneyDueKind kind, String from, long baseMinor, LocalDate by) {
        static MoneyBack of(MoneyDue due) {
            return new MoneyBack(due.kind(), due.from(), due.minor(), due.by());
        }
    }

    /**
     * @param planComplete false when something could not be planned: the plan says what
     * @param road         absent when nothing is left to do for the road, and where it has no date
     * @param roadWithoutDate something that the road needs has no place in the plan
     * @param hasOwnTime   the asking person has set times in the garage
     * @param tonight      absent where nothing of them is left to this car
     * @param inTheWay     what stands between the car and the road, the gravest first; empty means that nothing recorded does and all evidence
     *     is there, not that the car is safe or legal
     * @param parts        what is to be done about parts, the most pressing first
     * @param onHold       parts for which something is still to be known; they are ordered then
     * @param moneyBack    what comes back only if somebody sees to it, the soonest first; nothing for who sees no money
     * @param nextGate     the first gate that is shut; absent when the road is open
     * @param beforeNextGate how much keeps it shut
     * @param openJobs     jobs that are not over
     * @param outstandingDue temporary repairs whose time has come
     * @param dangerousWithoutWork findings of class A and B that no job deals with: while there are any, no date is a date
     * @param leftThisMonthMinor absent where nothing was set aside for a month
     * @param withoutWork findings that the road asks for and no job deals with: the date leaves them out
     */
    record TodayResponse(
            LocalDate today,
            boolean planComplete,
            @Nullable Road road,
            boolean roadWithoutDate,
            boolean hasOwnTime,
            @Nullable TonightResponse tonight,
            List<Note> notes,
            List<Task> parts,
            int onHold,
            String currency,
            @Nullable Long leftThisMonthMinor,
            long leftOfBudgetMinor,
            List<MoneyBack> moneyBack,
            List<Blocker> inTheWay,
            @Nullable Gate nextGate,
            int beforeNextGate,
            List<UUID> withoutWork,
            int dangerousWithoutWork,
            int openJobs,
            long outstandingDue) {}

    @GetMapping
    TodayResponse today(Caller caller, @PathVariable UUID projectId) {
        return service.today(caller, projectId);
    }
}
