package ofisino.server.plan.schedule;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import ofisino.core.kernel.Aim;
import ofisino.core.parts.sourcing.NeedState;
import ofisino.core.parts.sourcing.OrderDates;
import ofisino.core.plan.calendar.TimeWindow;
import ofisino.core.plan.job.Precedence;
import ofisino.core.plan.schedule.Activity;
import ofisino.core.plan.schedule.ActivityId;
import ofisino.core.plan.schedule.HeldBy;
import ofisino.core.plan.schedule.Plan;
import ofisino.core.plan.schedule.PlanOutcome;
import ofisino.core.plan.schedule.PlanProblem;
import ofisino.core.plan.schedule.SerialPass;
import ofisino.core.plan.tonight.Tonight;
import ofisino.server.db.OneSnapshot;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Garages;
import ofisino.server.parts.Needs;
import ofisino.server.parts.Needs.Need;
import ofisino.server.plan.Calendars;
import ofisino.server.plan.Debts;
import ofisino.server.plan.Jobs;
import ofisino.server.plan.Jobs.Job;
import ofisino.server.plan.Plans;
import ofisino.server.plan.Plans.Subject.Kind;
import ofisino.server.plan.Ways;
import ofisino.server.vehicle.Projects;
import org.springframework.stereotype.Service;

/** States the planning problem of a project from what is recorded, and has core solve it. */
@Service
class PlanService implements Plans {
    private static final Duration HORIZON = Duration.ofDays(730);
    private static final int SLOT_MINUTES = 15;

    private final Jobs jobs;
    private final Needs needs;
    private final Ways ways;
    private final Debts debts;
    private final Calendars calendars;
    private final Projects projects;
    private final Garages garages;
    private final Clock clock;

    PlanService(
            Jobs jobs,
            Needs needs,
            Ways ways,
            Debts debts,
            Calendars calendars,
            Projects projects,
            Garages garages,
            Clock clock) {
        this.jobs = jobs;
        this.needs = needs;
        this.ways = ways;
        this.debts = debts;
        this.calendars = calendars;
        this.projects = projects;
        this.garages = garages;
        this.clock = clock;
    }

    @Override
    @OneSnapshot
    public Planned of(Caller caller, UUID projectId) {
        projects.require(caller, projectId);
        var statement = new Statement(caller, projectId);
        PlanProblem problem = statement.problem();
        PlanOutcome outcome = SerialPass.plan(problem);
        Plan plan = planOf(outcome);
        List<Milestone> milestones = new ArrayList<>();
        for (Aim aim : Aim.values())
            HeldBy.milestone(problem, plan, aim).ifPresent(reached -> milestones.add(new Milestone(aim, reached)));
        return new Planned(outcome, plan, milestones, statement.tonight(plan), statement.subjects);
    }

    private static Plan planOf(PlanOutcome outcome) {
        if (outcome instanceof PlanOutcome.Planned planned) return planned.plan();
        if (outcome instanceof PlanOutcome.Infeasible infeasible) return infeasible.plan();
        return new Plan(Map.of());
    }

    /** The problem of one project at one moment. */
    private final class Statement {
        private final Caller caller;
        private final ZoneId zone;
        private final Instant now = clock.instant();
        private final Map<String, Subject> subjects = new LinkedHashMap<>();
        private final List<PlanProblem.Person> people;
        private final List<Activity> activities = new ArrayList<>();
        private final List<PlanProblem.Link> problemLinks = new ArrayList<>();
        private final Map<UUID, Job> open;
        /** Jobs for good that what they are spared for comes before. */
        private final Map<UUID, LocalDate> spare;

        Statement(Caller caller, UUID projectId) {
            this.caller = caller;
            this.zone = garages.zone(caller);
            this.people = people();
            this.spare = debts.notBefore(caller, projectId);
            this.open = jobs.of(caller, projectId).stream()
                    .filter(j -> !j.state().isOver())
                    .collect(Collectors.toMap(Job::id, j -> j, (a, b) -> a, LinkedHashMap::new));
            open.values().forEach(this::addJob);
            for (Jobs.Link link : jobs.links(caller, projectId))
                if (open.containsKey(link.before()) && open.containsKey(link.after()))
                    problemLinks.add(PlanProblem.Link.of(jobKey(link.before()), jobKey(link.after())));
            for (Need need : needs.of(caller, projectId))
                if (need.jobId() != null
                        && open.containsKey(need.jobId())
                        && !need.state().isAvailable()) addArrival(need);
            Precedence<ActivityId> ofJobs = new Precedence<>(problemLinks.stream()
                    .map(l -> new Precedence.Link<>(l.before(), l.after()))
                    .toList());
            ways.stays(caller, projectId).forEach(stay -> addStay(stay, ofJobs));
        }

        /** A way in is opened before its jobs and closed after them, inside whatever it needs. */
        private void addStay(Ways.Stay stay, Precedence<ActivityId> ofJobs) {
            List<UUID> left = stay.jobs().stream().filter(open::containsKey).toList();
            if (left.isEmpty() && !stay.open()) return;
            Aim aim = left.stream()
                    .map(j -> open.get(j).aim())
                    .min(Aim::compareTo)
                    .orElse(Aim.RUNNER);
            String strip = "strip:" + stay.id();
            String refit = "refit:" + stay.id();
            if (!stay.open()) add(strip, Kind.STRIP, Activity.Kind.STRIP, stay, aim, stay.stripMinutes());
            add(refit, Kind.REFIT, Activity.Kind.REFIT, stay, aim, stay.refitMinutes());
            if (!stay.open()) problemLinks.add(PlanProblem.Link.of(strip, refit));
            for (UUID job : left) {
                if (!stay.open()) problemLinks.add(PlanProblem.Link.of(strip, jobKey(job)));
                problemLinks.add(PlanProblem.Link.of(jobKey(job), refit));
            }
            if (!stay.open()) // before what they all wait for nothing is gained by opening
            for (ActivityId before : ofJobs.beforeAll(
                    left.stream().map(j -> new ActivityId(jobKey(j))).toList()))
                    problemLinks.add(new PlanProblem.Link(before, new ActivityId(strip), Duration.ZERO));
            for (UUID outer : stay.inside()) {
                if (subjects.containsKey("strip:" + outer) && !stay.open())
                    problemLinks.add(PlanProblem.Link.of("strip:" + outer, strip));
                if (subjects.containsKey("refit:" + outer))
                    problemLinks.add(PlanProblem.Link.of(refit, "refit:" + outer));
            }
        }

        private void add(String key, Kind kind, Activity.Kind activity, Ways.Stay stay, Aim aim, int minutes) {
            subjects.put(key, new Subject(kind, stay.id(), stay.name()));
            activities.add(new Activity(
                    new ActivityId(key),
                    activity,
                    aim,
                    Math.max(1, slots(minutes)),
                    new Activity.Crew(1, candidates()),
                    Activity.Timing.FREE,
                    Activity.Demand.NONE,
                    List.of(),
                    Set.of(),
                    false));
        }

        private static int slots(int minutes) {
            return (minutes + SLOT_MINUTES - 1) / SLOT_MINUTES;
        }

        private List<String> candidates() {
            return people.stream().map(PlanProblem.Person::id).toList();
        }

        PlanProblem problem() {
            return PlanProblem.simple(now, now.plus(HORIZON), zone, people, activities, problemLinks);
        }

        /** Everybody with time in the garage; where nobody has any, the asking person, who then has none. */
        private List<PlanProblem.Person> people() {
            LocalDate today = now.atZone(zone).toLocalDate();
            List<PlanProblem.Person> withTime = calendars.everybody(caller).entrySet().stream()
                    .map(e -> new PlanProblem.Person(
                            e.getKey().toString(), e.getValue().between(today, today.plusDays(HORIZON.toDays()), zone)))
                    .toList();
            return withTime.isEmpty()
                    ? List.of(new PlanProblem.Person(caller.accountId().toString(), List.of()))
                    : withTime;
        }

        private void addJob(Job job) {
            subjects.put(jobKey(job.id()), new Subject(Kind.JOB, job.id(), job.title()));
            int left = Math.max(SLOT_MINUTES, job.likelyMinutes() - job.spentMinutes());
            int slots = slots(left);
            Activity activity = Activity.job(jobKey(job.id()), job.aim(), slots, new Activity.Crew(1, candidates()));
            LocalDate spared = spare.get(job.id());
            if (spared != null)
                activity = activity.with(
                        Activity.Timing.FREE.notBefore(spared.atStartOfDay(zone).toInstant()));
            activities.add(job.state().isInHand() ? activity.goingOn(slots) : activity);
        }

        /** A part on its way is there on its day, looked at the day after next; one not ordered takes its time from now. */
        private void addArrival(Need need) {
            Job job = open.get(need.jobId());
            String key = "need:" + need.id();
            Activity activity;
            Kind kind;
            if (need.state() == NeedState.ORDERED && need.expectedOn() != null) {
                Instant usable = need.expectedOn()
                        .plusDays(OrderDates.USUAL_CHECK_DAYS)
                        .atStartOfDay(zone)
                        .toInstant();
                activity = Activity.order(key, job.aim(), Duration.ZERO).with(Activity.Timing.FREE.notBefore(usable));
                kind = Kind.ORDER;
            } else if (need.state() == NeedState.RECEIVED) {
                activity = Activity.order(key, job.aim(), Duration.ZERO);
                kind = Kind.ARRIVED;
            } else {
                activity = Activity.order(
                        key,
                        job.aim(),
                        Duration.ofDays(
                                OrderDates.withUsualCheck(need.leadDays()).totalDays()));
                kind = Kind.NEED;
            }
            subjects.put(key, new Subject(kind, need.id(), need.title()));
            activities.add(activity);
            problemLinks.add(PlanProblem.Link.of(key, jobKey(job.id())));
        }

        Optional<Tonight> tonight(Plan plan) {
            String me = caller.accountId().toString();
            List<TimeWindow> mine = people.stream()
                    .filter(p -> p.id().equals(me))
                    .findFirst()
                    .map(PlanProblem.Person::windows)
                    .orElse(List.of());
            Set<ActivityId> work = plan.activities().values().stream()
                    .filter(s -> s.people().contains(me))
                    .map(Plan.Scheduled::id)
                    .collect(Collectors.toSet());
            return Tonight.next(plan, work, mine, now, zone);
        }

        private static String jobKey(UUID id) {
            return "job:" + id;
        }
    }
}
