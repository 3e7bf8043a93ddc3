package ofisino.server.plan.schedule;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import ofisino.core.kernel.Aim;
import ofisino.core.kernel.Conflict;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.plan.calendar.TimeWindow;
import ofisino.core.plan.schedule.ActivityId;
import ofisino.core.plan.schedule.HeldBy;
import ofisino.core.plan.schedule.Joining;
import ofisino.core.plan.schedule.Plan;
import ofisino.core.plan.schedule.PlanOutcome;
import ofisino.core.plan.schedule.PlanProblem;
import ofisino.core.plan.schedule.Splitting;
import ofisino.core.plan.tonight.Tonight;
import ofisino.server.db.OneSnapshot;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Garages;
import ofisino.server.parts.Needs;
import ofisino.server.plan.Appointments;
import ofisino.server.plan.Calendars;
import ofisino.server.plan.Debts;
import ofisino.server.plan.Jobs;
import ofisino.server.plan.MonthlyMoney;
import ofisino.server.plan.Plans;
import ofisino.server.plan.SendOuts;
import ofisino.server.plan.Ways;
import ofisino.server.plan.schedule.PlanMapper.FollowedRow;
import ofisino.server.plan.schedule.PlanMapper.PinRow;
import ofisino.server.vehicle.Projects;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** States the planning problem of a project from what is recorded, and has core solve it. */
@Service
class PlanService implements Plans {
    private final PlanMapper mapper;
    private final Jobs jobs;
    private final Needs needs;
    private final Ways ways;
    private final Debts debts;
    private final SendOuts sendOuts;
    private final Appointments appointments;
    private final MonthlyMoney money;
    private final Calendars calendars;
    private final Projects projects;
    private final Garages garages;
    private final Clock clock;
    private final KnownAnswers answers = new KnownAnswers();

    PlanService(
            PlanMapper mapper,
            Jobs jobs,
            Needs needs,
            Ways ways,
            Debts debts,
            SendOuts sendOuts,
            Appointments appointments,
            MonthlyMoney money,
            Calendars calendars,
            Projects projects,
            Garages garages,
            Clock clock) {
        this.mapper = mapper;
        this.jobs = jobs;
        this.needs = needs;
        this.ways = ways;
        this.debts = debts;
        this.sendOuts = sendOuts;
        this.appointments = appointments;
        this.money = money;
        this.calendars = calendars;
        this.projects = projects;
        this.garages = garages;
        this.clock = clock;
    }

    @Override
    @OneSnapshot
    public Planned of(Caller caller, UUID projectId) {
        return planned(caller, projectId, pins(caller, projectId));
    }

    /** The plan as it would be if one activity did not begin before a day; without a day, if it were free again. */
    @OneSnapshot
    Planned moved(Caller caller, UUID projectId, Planned now, String activity, @Nullable LocalDate notBefore) {
        mustBeMovable(now, activity, notBefore);
        Map<String, LocalDate> pins = new HashMap<>(pins(caller, projectId));
        if (notBefore == null || pins.containsKey(activity)) {
            if (notBefore == null) pins.remove(activity);
            else pins.put(activity, notBefore);
            return planned(caller, projectId, pins);
        }
        Instant from = notBefore.atStartOfDay(now.problem().zone()).toInstant();
        PlanProblem problem = now.problem()
                .withActivities(now.problem().activities().stream()
                        .map(a -> a.id().value().equals(activity)
                                ? a.with(a.timing().notSooner(from))
                                : a)
                        .toList());
        return solved(problem, now.subjects(), p -> now.tonight());
    }

    /** The plan as it would be if several stays of a way in were one. */
    Planned joined(Planned now, List<UUID> stays) {
        PlanProblem problem =
                Joining.join(now.problem(), stays.stream().map(UUID::toString).toList());
        return solved(problem, now.subjects(), p -> now.tonight());
    }

    /** The plan as it would be if some jobs of a stay had one of their own. */
    Planned split(Planned now, UUID stay, Set<UUID> leaving) {
        PlanProblem problem = Splitting.split(
                now.problem(),
                stay.toString(),
                leaving.stream()
                        .map(j -> new ActivityId(Statement.jobKey(j)))
                        .filter(id -> now.subjects().containsKey(id.value()))
                        .collect(Collectors.toSet()));
        Map<String, Subject> subjects = new HashMap<>(now.subjects());
        problem.activities()
                .forEach(a -> subjects.computeIfAbsent(
                        a.id().value(),
                        copy -> now.subject(Splitting.original(a.id()).value())));
        return solved(problem, subjects, p -> now.tonight());
    }

    /** Cars that were begun sooner have the evenings first; this one has what they leave. */
    private Planned planned(Caller caller, UUID projectId, Map<String, LocalDate> pins) {
        Projects.Project mine = projects.require(caller, projectId);
        ZoneId zone = garages.zone(caller);
        Instant now = nextSlot(clock.instant());
        List<PlanProblem.Person> people = people(caller, now.atZone(zone).toLocalDate());
        for (Projects.Project other : projects.inHand(caller)) {
            if (other.id().equals(projectId)) break;
            people = without(
                    people,
                    planned(caller, other, pins(caller, other.id()), people, zone, now)
                            .plan());
        }
        return planned(caller, mine, pins, people, zone, now);
    }

    /** Plans go by slots; so the same question, asked again within one, is the same. */
    private static Instant nextSlot(Instant now) {
        long slot = PlanProblem.SLOT.toSeconds();
        return Instant.ofEpochSecond(-Math.floorDiv(-now.getEpochSecond(), slot) * slot);
    }

    private static List<PlanProblem.Person> without(List<PlanProblem.Person> people, Plan plan) {
        return people.stream()
                .map(p -> new PlanProblem.Person(
                        p.id(),
                        TimeWindow.without(
                                p.windows(),
                                plan.activities().values().stream()
                                        .filter(s -> s.people().contains(p.id()))
                                        .flatMap(s -> s.stays().stream())
                                        .toList())))
                .toList();
    }

    private Planned planned(
            Caller caller,
            Projects.Project project,
            Map<String, LocalDate> pins,
            List<PlanProblem.Person> people,
            ZoneId zone,
            Instant now) {
        UUID projectId = project.id();
        List<SendOuts.Open> away = sendOuts.open(caller, projectId);
        var statement = new Statement(now, zone, people)
                .notBefore(debts.notBefore(caller, projectId), pins)
                .sendOuts(away)
                .jobs(jobs.of(caller, projectId), jobs.links(caller, projectId), ways.stays(caller, projectId))
                .needs(needs.of(caller, projectId))
                .appointments(appointments.ahead(caller, projectId))
                .away(away);
        PlanProblem problem = statement.problem(
                money.of(caller, projectId), Optional.ofNullable(project.targetOn()), followed(caller, projectId));
        return solved(problem, statement.subjects(), plan -> tonight(caller, people, plan, now, zone));
    }

    private Planned solved(
            PlanProblem problem, Map<String, Subject> subjects, Function<Plan, Optional<Tonight>> tonight) {
        PlanOutcome outcome = answers.of(problem);
        if (outcome instanceof PlanOutcome.Circular) {
            PlanOutcome overlapping = answers.of(Statement.overlapping(problem));
            if (!(overlapping instanceof PlanOutcome.Circular)) outcome = overlapping;
        }
        Plan plan = planOf(outcome);
        List<Milestone> milestones = new ArrayList<>();
        for (Aim aim : Aim.values())
            HeldBy.milestone(problem, plan, aim).ifPresent(reached -> milestones.add(new Milestone(aim, reached)));
        return new Planned(problem, outcome, plan, milestones, tonight.apply(plan), subjects);
    }

    private static Plan planOf(PlanOutcome outcome) {
        if (outcome instanceof PlanOutcome.Planned planned) return planned.plan();
        if (outcome instanceof PlanOutcome.Infeasible infeasible) return infeasible.plan();
        return new Plan(Map.of());
    }

    /** Everybody with time in the garage; where nobody has any, the asking person, who then has none. */
    private List<PlanProblem.Person> people(Caller caller, LocalDate today) {
        List<PlanProblem.Person> withTime =
                calendars.everybody(caller, today, today.plusDays(Statement.HORIZON.toDays())).entrySet().stream()
                        .map(e -> new PlanProblem.Person(e.getKey().toString(), e.getValue()))
                        .toList();
        return withTime.isEmpty()
                ? List.of(new PlanProblem.Person(caller.accountId().toString(), List.of()))
                : withTime;
    }

    private static Optional<Tonight> tonight(
            Caller caller, List<PlanProblem.Person> people, Plan plan, Instant now, ZoneId zone) {
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

    Map<String, LocalDate> pins(Caller caller, UUID projectId) {
        return mapper.pins(caller.garageId(), projectId).stream()
                .collect(Collectors.toMap(PinRow::activity, PinRow::notBefore));
    }

    /** Moves an activity: it does not begin before that day, whatever else would allow. */
    void pin(Caller caller, UUID projectId, UUID id, String activity, LocalDate notBefore) {
        projects.requireOpen(caller, projectId);
        mustBeMovable(of(caller, projectId), activity, notBefore);
        mapper.putPin(caller.garageId(), projectId, new PinRow(id, activity, notBefore));
    }

    private static void mustBeMovable(Planned now, String activity, @Nullable LocalDate notBefore) {
        Subject subject = now.subjects().get(activity);
        if (subject == null || !subject.kind().isMovable())
            throw InvalidValue.of(
                    "activity",
                    "plan.unknown",
                    "That is not in the plan any more, or its time is not for you to choose. Load the page again.");
        LocalDate last = now.problem().horizon().atZone(now.problem().zone()).toLocalDate();
        if (notBefore != null && !notBefore.isBefore(last))
            throw InvalidValue.of(
                    "notBefore", "plan.too-late", "The plan goes until %s. Choose a day before that.".formatted(last));
    }

    void unpin(Caller caller, UUID projectId, String activity) {
        projects.requireOpen(caller, projectId);
        mapper.deletePin(caller.garageId(), projectId, activity);
    }

    private Optional<Plan> followed(Caller caller, UUID projectId) {
        List<FollowedRow> rows = mapper.followed(caller.garageId(), projectId);
        return rows.isEmpty() ? Optional.empty() : Optional.of(Followed.plan(rows));
    }

    Optional<Instant> followedAt(Caller caller, UUID projectId) {
        return mapper.followed(caller.garageId(), projectId).stream()
                .findFirst()
                .map(FollowedRow::followedAt);
    }

    /** From now on this is the plan; what differs from it later is said. */
    void follow(Caller caller, UUID projectId) {
        projects.requireOpen(caller, projectId);
        Planned planned = of(caller, projectId);
        if (!(planned.outcome() instanceof PlanOutcome.Planned))
            throw new Conflict(
                    "plan.incomplete",
                    "Not everything has a date, so the plan that you followed stays. See what would make it possible.");
        mapper.clearFollowed(caller.garageId(), projectId);
        Followed.rows(planned.plan(), clock.instant().truncatedTo(ChronoUnit.MICROS))
                .forEach(row -> mapper.insertFollowed(caller.garageId(), projectId, row));
    }
}
