package ofisino.server.plan.schedule;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.BiFunction;
import ofisino.core.kernel.Aim;
import ofisino.core.parts.order.TriedOn;
import ofisino.core.parts.sourcing.NeedState;
import ofisino.core.parts.sourcing.OrderDates;
import ofisino.core.plan.calendar.TimeWindow;
import ofisino.core.plan.problem.Activity;
import ofisino.core.plan.problem.ActivityId;
import ofisino.core.plan.problem.PlanProblem;
import ofisino.server.parts.Needs.Need;
import ofisino.server.plan.Jobs.Job;
import ofisino.server.plan.Plans.Subject;
import ofisino.server.plan.Plans.Subject.Kind;

/** Parts in the statement of a plan: when each can be used at the soonest, and what waits for it. */
final class StatedArrivals {
    final List<Activity> activities = new ArrayList<>();
    final List<PlanProblem.Link> links = new ArrayList<>();
    private final ZoneId zone;
    private final Map<UUID, Job> open;
    private final Map<String, Subject> subjects;
    private final List<TimeWindow> suppliersOpen;

    /** @param open jobs that are not over @param subjects what each name stands for; is added to */
    StatedArrivals(ZoneId zone, Map<UUID, Job> open, Map<String, Subject> subjects, List<TimeWindow> suppliersOpen) {
        this.zone = zone;
        this.open = open;
        this.subjects = subjects;
        this.suppliersOpen = suppliersOpen;
    }

    /** @param lookedIntoFirst by part, the jobs that tell whether it is needed at all */
    void add(List<Need> needs, Map<UUID, List<UUID>> lookedIntoFirst) {
        needs.stream()
                .filter(this::isAwaited)
                .forEach(n -> add(
                        n,
                        lookedIntoFirst.getOrDefault(n.id(), List.of()).stream()
                                .filter(open::containsKey)
                                .toList()));
    }

    /**
     * What only the vehicle tells, told while the seller still takes it back, and before its job begins.
     *
     * @param untilByNeed the last day for it; empty where nobody knows
     * @param needed      states of the vehicle that every work on it needs
     * @param pin         of a name and its timing, the timing as a person moved it
     */
    void addTrials(
            List<Need> needs,
            Map<UUID, Optional<LocalDate>> untilByNeed,
            Activity.Crew one,
            Set<String> needed,
            BiFunction<String, Activity.Timing, Activity.Timing> pin) {
        needs.stream()
                .filter(n -> untilByNeed.containsKey(n.id()))
                .forEach(n -> addTrial(n, untilByNeed.get(n.id()), one, needed, pin));
    }

    private void addTrial(
            Need need,
            Optional<LocalDate> until,
            Activity.Crew one,
            Set<String> needed,
            BiFunction<String, Activity.Timing, Activity.Timing> pin) {
        Optional<Job> job = Optional.ofNullable(need.jobId()).map(open::get);
        String key = ActivityId.trial(need.id()).value();
        Optional<Instant> deadline =
                until.map(day -> day.plusDays(1).atStartOfDay(zone).toInstant());
        subjects.put(key, new Subject(Kind.TRIAL, need.id(), "Try it on: %s".formatted(need.title())));
        activities.add(
                Activity.job(key, job.map(Job::aim).orElse(Aim.SHOW), Statement.slots(TriedOn.USUAL_MINUTES), one)
                        .with(pin.apply(key, Activity.Timing.FREE.until(deadline)))
                        .needing(needed));
        job.ifPresent(
                j -> links.add(PlanProblem.Link.of(key, ActivityId.job(j.id()).value())));
    }

    boolean isAwaited(Need need) {
        return need.jobId() != null
                && open.containsKey(need.jobId())
                && need.state().isLacking();
    }

    /** A part on its way is there on its day, looked at the day after next; one not ordered takes its time from the day of ordering, or of the answer. */
    private void add(Need need, List<UUID> lookedIntoFirst) {
        Job job = open.get(need.jobId());
        String key = ActivityId.need(need.id()).value();
        boolean coming = need.state() == NeedState.ORDERED && need.expectedOn() != null;
        boolean here = need.state() == NeedState.RECEIVED;
        Kind kind = coming ? Kind.ORDER : here ? Kind.ARRIVED : Kind.NEED;
        Duration wait = coming || here
                ? Duration.ZERO
                : Duration.ofDays(OrderDates.withUsualCheck(need.leadDays()).totalDays());
        Activity order = Activity.order(key, job.aim(), wait);
        if (kind == Kind.NEED) order = order.with(order.timing().whileOpen(suppliersOpen));
        if (coming)
            order = order.with(Activity.Timing.FREE.notBefore(need.expectedOn()
                    .plusDays(OrderDates.USUAL_CHECK_DAYS)
                    .atStartOfDay(zone)
                    .toInstant()));
        else if (need.answerBy() != null)
            order = order.with(
                    order.timing().notBefore(need.answerBy().atStartOfDay(zone).toInstant()));
        if (!coming && !here && need.estimateMinor() > 0)
            order = order.with(List.of(new Activity.Due(need.estimateMinor(), Activity.Due.When.START)));
        subjects.put(key, new Subject(kind, need.id(), need.title()));
        activities.add(order);
        if (kind == Kind.NEED)
            lookedIntoFirst.forEach(before ->
                    links.add(PlanProblem.Link.of(ActivityId.job(before).value(), key)));
        links.add(PlanProblem.Link.of(key, ActivityId.job(job.id()).value()));
    }
}
