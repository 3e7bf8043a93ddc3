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
import ofisino.core.plan.grouping.Grouping;
import ofisino.core.plan.orderofwork.WayRound;
import ofisino.core.plan.problem.ActivityId;
import ofisino.core.plan.problem.Plan;
import ofisino.core.plan.problem.PlanOutcome;
import ofisino.core.plan.problem.PlanProblem;
import ofisino.core.plan.progress.OwnFactor;
import ofisino.core.plan.tonight.Tonight;
import ofisino.core.plan.whatif.AtOwnPace;
import ofisino.core.plan.whatif.Joining;
import ofisino.core.plan.whatif.LongerSearch.Better;
import ofisino.core.plan.whatif.Sharing;
import ofisino.core.plan.whatif.Splitting;
import ofisino.server.db.PerSnapshot;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Garages;
import ofisino.server.plan.MonthlyMoney;
import ofisino.server.plan.Plans;
import ofisino.server.plan.StripDownsShared;
import ofisino.server.plan.schedule.LongerSearches.Found;
import ofisino.server.plan.schedule.PlanMapper.FollowedRow;
import ofisino.server.plan.schedule.PlanMapper.PinRow;
import ofisino.server.vehicle.Projects;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;

/** States the planning problem of a project from what is recorded, and has core solve it. */
@Service
class PlanService implements Plans {
    private final PlanMapper mapper;
    private final Stating stating;
    private final MonthlyMoney money;
    private final GaragesNow garagesNow;
    private final Projects projects;
    private final Garages garages;
    private final OwnPaces ownPaces;
    private final LongerSearches longerSearches;
    private final ApplicationEventPublisher events;
    private final Clock clock;
    private final KnownAnswers answers = new KnownAnswers();

    PlanService(
            PlanMapper mapper,
            Stating stating,
            MonthlyMoney money,
            GaragesNow garagesNow,
            Projects projects,
            Garages garages,
            OwnPaces ownPaces,
            LongerSearches longerSearches,
            ApplicationEventPublisher events,
            Clock clock) {
        this.mapper = mapper;
        this.stating = stating;
        this.money = money;
        this.garagesNow = garagesNow;
        this.projects = projects;
        this.garages = garages;
        this.ownPaces = ownPaces;
        this.longerSearches = longerSearches;
        this.events = events;
        this.clock = clock;
    }

    private record Asked(Caller caller, UUID projectId) {}

    @Override
    public Planned of(Caller caller, UUID projectId) {
        return PerSnapshot.once(
                new Asked(caller, projectId), () -> planned(caller, projectId, pins(caller, projectId)));
    }

    @Override
    public GarageTime garageTime(Caller caller) {
        List<PlanProblem.Person> withTime = garagesNow.of(caller).people().stream()
                .filter(p -> !p.windows().isEmpty())
                .toList();
        String me = caller.accountId().toString();
        return new GarageTime(withTime.stream().anyMatch(p -> p.id().equals(me)), !withTime.isEmpty());
    }

    @Override
    public OwnWay ownWay(Caller caller, UUID projectId) {
        ZoneId zone = garages.zone(caller);
        LocalDate today = LocalDate.ofInstant(clock.instant(), zone);
        OwnFactor learned = ownPaces.factor(caller, projectId);
        boolean reckoned = projects.require(caller, projectId).ownPace();
        return new OwnWay(
                reckoned ? new OwnFactor(learned.jobs(), 1) : learned,
                ownPaces.of(caller, Optional.empty(), today, zone).turnUp());
    }

    /** The plan as it would be if one activity did not begin before a day; without a day, if it were free again. */
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
        return instead(now, problem);
    }

    /** The plan as it would be if several strip-downs of an access were one. */
    Planned joined(Planned now, List<UUID> stripDowns) {
        PlanProblem problem = Joining.join(
                now.problem(), stripDowns.stream().map(UUID::toString).toList());
        return instead(now, problem);
    }

    /** The plan as it would be if some jobs of a strip-down had one of their own. */
    Planned split(Planned now, UUID stripDown, Set<UUID> leaving) {
        PlanProblem problem = Splitting.split(
                now.problem(),
                stripDown.toString(),
                leaving.stream()
                        .map(j -> ActivityId.job(j))
                        .filter(id -> now.subjects().containsKey(id.value()))
                        .collect(Collectors.toSet()));
        Map<String, Subject> subjects = new HashMap<>(now.subjects());
        problem.activities()
                .forEach(a -> subjects.computeIfAbsent(
                        a.id().value(),
                        copy -> now.subject(Splitting.original(a.id()).value())));
        return solved(problem, subjects, now.doubts(), now.apart(), p -> now.tonight(), p -> Map.of());
    }

    /** The plan as it would be with the hours that the person really takes, or with those that were thought. */
    Planned atPace(Caller caller, UUID projectId, boolean own) {
        return planned(caller, projectId, new Way(pins(caller, projectId), own, policy(caller, projectId)));
    }

    @Override
    public Planned instead(Planned now, PlanProblem problem) {
        return solved(problem, now.subjects(), now.doubts(), now.apart(), p -> now.tonight(), p -> Map.of());
    }

    private Planned planned(Caller caller, UUID projectId, Map<String, LocalDate> pins) {
        boolean ownPace = projects.require(caller, projectId).ownPace();
        return planned(caller, projectId, new Way(pins, ownPace, policy(caller, projectId)));
    }

    /**
     * How a person wants a project planned.
     *
     * @param ownPace with the hours that the person really takes
     */
    private record Way(Map<String, LocalDate> pins, boolean ownPace, WayRound policy) {}

    WayRound policy(Caller caller, UUID projectId) {
        return mapper.policy(caller.garageId(), projectId).orElse(WayRound.USUAL);
    }

    void change(Caller caller, UUID projectId, WayRound policy) {
        projects.requireOpen(caller, projectId);
        mapper.putPolicy(caller.garageId(), projectId, policy);
    }

    /** The plan as it would be the other way round. */
    Planned under(Caller caller, UUID projectId, WayRound policy) {
        boolean ownPace = projects.require(caller, projectId).ownPace();
        return planned(caller, projectId, new Way(pins(caller, projectId), ownPace, policy));
    }

    /** Cars that come first have the evenings, the places and a common purse first; this one has what they leave. */
    private Planned planned(Caller caller, UUID projectId, Way way) {
        Projects.Project mine = projects.require(caller, projectId);
        GarageNow garage = garagesNow.of(caller);
        List<Planned> first = new ArrayList<>();
        for (Projects.Project other : projects.inHand(caller)) {
            if (other.id().equals(projectId)) break;
            var its = new Way(pins(caller, other.id()), other.ownPace(), policy(caller, other.id()));
            first.add(planned(garage, other, its, first));
        }
        return planned(garage, mine, way, first);
    }

    /** When somebody is there. */
    List<TimeWindow> visits(Caller caller) {
        return garagesNow.of(caller).visits();
    }

    private Planned planned(GarageNow garage, Projects.Project project, Way way, List<Planned> first) {
        Statement statement = stating.state(garage, project, way.pins(), way.ownPace(), way.policy());
        Optional<MonthlyMoney.Limit> limit = money.of(garage.caller(), project.id());
        boolean common = limit.filter(MonthlyMoney.Limit::common).isPresent();
        Stated stated = statement.stated(
                limit, Optional.ofNullable(project.targetOn()), followed(garage.caller(), project.id()));
        PlanProblem problem = stated.problem();
        for (Planned other : first) problem = Sharing.behind(other.problem(), other.plan(), problem, common);
        List<PlanProblem.Person> people = problem.people();
        return solved(
                answers.grouped(problem, stated.wishes()),
                stated.subjects(),
                stated.doubts(),
                stated.wishes().apart(),
                plan -> tonight(garage.caller(), people, plan, garage.now(), garage.zone()),
                p -> answers.atOwnPace(p, pace(garage, project)));
    }

    /** What a plan reckons with already does not count twice. */
    private AtOwnPace.Pace pace(GarageNow garage, Projects.Project project) {
        return ownPaces.of(
                garage.caller(),
                project.ownPace() ? Optional.empty() : Optional.of(project.id()),
                garage.today(),
                garage.zone());
    }

    private Planned solved(
            PlanProblem stated,
            Map<String, Subject> subjects,
            Doubts doubts,
            Set<String> apart,
            Function<Plan, Optional<Tonight>> tonight,
            Function<PlanProblem, Map<Aim, Instant>> ownPace) {
        KnownAnswers.Answer answer = answers.untangled(stated);
        Plan plan = answer.plan();
        PlanProblem problem = answer.problem();
        return new Planned(
                problem,
                answer.outcome(),
                plan,
                answer.milestones(),
                tonight.apply(plan),
                subjects,
                answer::latestStarts,
                () -> ownPace.apply(problem),
                doubts,
                apart);
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
            throw InvalidValue.at(
                    "activity",
                    "plan.unknown",
                    "That is not in the plan any more, or its time is not for you to choose.",
                    "Load the page again.");
        LocalDate last = now.problem().horizon().atZone(now.problem().zone()).toLocalDate();
        if (notBefore != null && !notBefore.isBefore(last))
            throw InvalidValue.at(
                    "notBefore", "plan.too-late", "The plan goes until %s.", "Choose a day before that.", last);
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

    /** What a longer search has found by now that is worth changing to. */
    Found found(Planned planned) {
        return longerSearches.of(answers.of(planned.problem()), planned.apart());
    }

    /** From now on the plan that a longer search found is followed. */
    void followBetter(Caller caller, UUID projectId) {
        projects.requireOpen(caller, projectId);
        Better better = found(of(caller, projectId)).better().orElseThrow(PlanService::noLongerBetter);
        follow(caller, projectId, better.plan());
    }

    /** From now on those jobs share their strip-downs that a longer search found to. */
    void shareMore(Caller caller, UUID projectId) {
        projects.requireOpen(caller, projectId);
        Planned planned = of(caller, projectId);
        Grouping.Fewer fewer = found(planned).fewer().orElseThrow(PlanService::noLongerBetter);
        for (Grouping.Join join : fewer.joins())
            events.publishEvent(new StripDownsShared(
                    caller,
                    projectId,
                    join.access(),
                    join.jobs().stream()
                            .map(id -> planned.subject(id.value()).id())
                            .collect(Collectors.toSet())));
    }

    private static Conflict noLongerBetter() {
        return Conflict.of(
                "plan.no-better",
                "Something has changed since, so that plan is no longer better.",
                "Look at the plan as it is now.");
    }

    /** From now on this is the plan; what differs from it later is said. */
    void follow(Caller caller, UUID projectId) {
        projects.requireOpen(caller, projectId);
        Planned planned = of(caller, projectId);
        if (!(planned.outcome() instanceof PlanOutcome.Planned))
            throw Conflict.of(
                    "plan.incomplete",
                    "Not everything has a date, so the plan that you followed stays.",
                    "See what would make it possible.");
        follow(caller, projectId, planned.plan());
    }

    private void follow(Caller caller, UUID projectId, Plan plan) {
        mapper.clearFollowed(caller.garageId(), projectId);
        Followed.rows(plan, clock.instant().truncatedTo(ChronoUnit.MICROS))
                .forEach(row -> mapper.insertFollowed(caller.garageId(), projectId, row));
    }
}
