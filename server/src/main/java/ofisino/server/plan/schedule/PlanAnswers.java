package ofisino.server.plan.schedule;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import ofisino.core.kernel.Aim;
import ofisino.core.plan.calendar.TimeWindow;
import ofisino.core.plan.explain.Balance;
import ofisino.core.plan.explain.HiredDays;
import ofisino.core.plan.fallback.Fallback;
import ofisino.core.plan.grouping.Grouping;
import ofisino.core.plan.job.HiredTool;
import ofisino.core.plan.problem.Activity;
import ofisino.core.plan.problem.ActivityId;
import ofisino.core.plan.problem.Plan;
import ofisino.core.plan.problem.Plan.Scheduled;
import ofisino.core.plan.problem.PlanOutcome;
import ofisino.core.plan.problem.PlanProblem;
import ofisino.core.plan.problem.Reason;
import ofisino.core.plan.progress.OwnFactor;
import ofisino.core.plan.progress.TurnUp;
import ofisino.core.plan.solve.Blocks;
import ofisino.core.plan.whatif.Relaxations;
import ofisino.core.plan.whatif.SplitProposals;
import ofisino.server.identity.Caller;
import ofisino.server.plan.Fallbacks;
import ofisino.server.plan.HiredTools;
import ofisino.server.plan.Plans.Milestone;
import ofisino.server.plan.Plans.Planned;
import ofisino.server.plan.Plans.Subject;
import ofisino.server.plan.schedule.LongerSearches.Found;
import ofisino.server.plan.schedule.PlanController.ActivityResponse;
import ofisino.server.plan.schedule.PlanController.BetterResponse;
import ofisino.server.plan.schedule.PlanController.FewerResponse;
import ofisino.server.plan.schedule.PlanController.HireResponse;
import ofisino.server.plan.schedule.PlanController.LimitResponse;
import ofisino.server.plan.schedule.PlanController.LooseResponse;
import ofisino.server.plan.schedule.PlanController.MilestoneResponse;
import ofisino.server.plan.schedule.PlanController.PaceOfPlan;
import ofisino.server.plan.schedule.PlanController.PlanB;
import ofisino.server.plan.schedule.PlanController.PlanResponse;
import ofisino.server.plan.schedule.PlanController.SplitProposalResponse;
import ofisino.server.plan.schedule.PlanController.TurnUpResponse;
import ofisino.server.plan.schedule.PlanController.UnplacedResponse;
import ofisino.server.vehicle.Projects;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** Puts a plan beside what one asks of it: the plan that is followed, the latest starts, the money, what would make it possible. */
@Service
record PlanAnswers(
        PlanService service,
        PhasesOfPlan phases,
        Projects projects,
        OwnPaces ownPaces,
        Fallbacks fallbacks,
        HiredTools hiredTools) {
    PlanResponse plan(Caller caller, UUID projectId) {
        Planned planned = service.of(caller, projectId);
        Map<ActivityId, Instant> latest = planned.latestStarts();
        Map<String, LocalDate> pins = service.pins(caller, projectId);
        ZoneId zone = planned.problem().zone();
        Map<ActivityId, Instant> followed =
                planned.problem().kept().map(k -> planned.plan().movedFrom(k, zone)).orElse(List.of()).stream()
                        .collect(Collectors.toMap(Plan.Moved::id, Plan.Moved::before));
        Map<ActivityId, Subject> places = planned.problem().activities().stream()
                .filter(a -> a.demand().place().isPresent())
                .collect(Collectors.toMap(
                        Activity::id, a -> planned.subject(a.demand().place().orElseThrow())));
        var beside = new Beside(places, latest, pins, followed, fallbacks.of(caller, projectId));
        Found found = service.found(planned);
        return new PlanResponse(
                planned.plan().activities().values().stream()
                        .map(s -> activity(planned, beside, s))
                        .toList(),
                phases.of(caller, projectId, planned),
                planned.milestones().stream()
                        .map(m -> milestone(planned, m, zone))
                        .toList(),
                unplaced(planned),
                planned.outcome() instanceof PlanOutcome.Circular c
                        ? c.circle().stream().map(id -> subject(planned, id)).toList()
                        : List.of(),
                windows(caller, planned),
                service.garageTime(caller).anybodys(),
                Balance.of(planned.problem(), planned.plan()),
                Blocks.loose(planned.problem(), planned.plan()).stream()
                        .map(l -> loose(planned, l))
                        .toList(),
                pace(caller, projectId, day(planned.problem().now(), zone), zone),
                service.policy(caller, projectId),
                hires(caller, planned),
                planned.doubts().waiting(),
                service.followedAt(caller, projectId).orElse(null),
                Stream.of(Aim.values()).filter(planned::isWithoutDate).toList(),
                found.search(),
                found.better()
                        .map(b -> new BetterResponse(b.aim(), b.before(), b.after()))
                        .orElse(null),
                found.fewer().map(f -> fewer(planned, f)).orElse(null));
    }

    private static FewerResponse fewer(Planned planned, Grouping.Fewer fewer) {
        Map<String, String> named = planned.problem().stripDowns().stream()
                .collect(Collectors.toMap(
                        PlanProblem.StripDown::access,
                        o -> Objects.toString(subject(planned, o.refit()).access(), o.access()),
                        (one, same) -> one));
        return new FewerResponse(
                fewer.joins().stream()
                        .map(j -> named.get(j.access()))
                        .distinct()
                        .toList(),
                fewer.saved().toMinutes());
    }

    private static LooseResponse loose(Planned planned, Blocks.Loose l) {
        return new LooseResponse(
                subject(planned, l.before()),
                subject(planned, l.after()),
                l.within().toMinutes(),
                l.gap().toMinutes(),
                l.why());
    }

    private List<HireResponse> hires(Caller caller, Planned planned) {
        Map<UUID, HiredTool> tools = hiredTools.of(caller).stream().collect(Collectors.toMap(HiredTool::id, t -> t));
        return HiredDays.of(planned.problem(), planned.plan()).entrySet().stream()
                .filter(e -> !e.getValue().isEmpty())
                .flatMap(e -> Optional.ofNullable(
                                tools.get(planned.subject(e.getKey()).id()))
                        .stream()
                        .map(t -> new HireResponse(
                                t.name(),
                                List.copyOf(e.getValue()),
                                t.perDayMinor() * e.getValue().size())))
                .toList();
    }

    private PaceOfPlan pace(Caller caller, UUID projectId, LocalDate today, ZoneId zone) {
        OwnFactor own = ownPaces.factor(caller, projectId);
        TurnUp turnUp = ownPaces.turnUp(caller, today, zone);
        return new PaceOfPlan(
                projects.require(caller, projectId).ownPace(),
                own.jobs(),
                own.factor(),
                new TurnUpResponse(turnUp.meant(), turnUp.came(), turnUp.rate()));
    }

    /** What stands beside the activities of a plan. */
    private record Beside(
            Map<ActivityId, Subject> places,
            Map<ActivityId, Instant> latest,
            Map<String, LocalDate> pins,
            Map<ActivityId, Instant> followed,
            Map<UUID, Fallback> fallbacks) {}

    private static ActivityResponse activity(Planned planned, Beside beside, Scheduled s) {
        Subject subject = subject(planned, s.id());
        Instant latest = beside.latest().get(s.id());
        Fallback fallback =
                subject.kind() == Subject.Kind.JOB ? beside.fallbacks().get(subject.id()) : null;
        return new ActivityResponse(
                s.id().value(),
                subject,
                beside.places().get(s.id()),
                s.start(),
                s.end(),
                s.stretches(),
                s.people().stream().map(UUID::fromString).toList(),
                s.reasons().stream().map(l -> limit(planned, l)).toList(),
                latest,
                beside.pins().get(s.id().value()),
                beside.followed().get(s.id()),
                subject.kind().isMovable(),
                fallback == null
                        ? null
                        : planB(fallback, s, latest, planned.problem().zone()));
    }

    /** Chosen so late that it is in place when the job would have to be over. */
    private static PlanB planB(Fallback f, Scheduled s, @Nullable Instant latest, ZoneId zone) {
        LocalDate decideBy =
                latest == null ? null : f.decideBy(day(latest.plus(Duration.between(s.start(), s.end())), zone));
        return new PlanB(f.what(), f.costMinor(), decideBy);
    }

    private static MilestoneResponse milestone(Planned planned, Milestone m, ZoneId zone) {
        Optional<Instant> own = planned.atOwnPace(m.aim());
        Instant said = own.orElse(m.reached().finish());
        return new MilestoneResponse(
                m.aim(),
                m.reached().finish(),
                own.orElse(null),
                planned.isBeyondAtOwnPace(m.aim()),
                subject(planned, m.reached().holder()),
                m.reached().chain().stream().map(id -> subject(planned, id)).toList(),
                planned.isNotBefore(m.aim()),
                planned.problem()
                        .target()
                        .map(t -> (int) ChronoUnit.DAYS.between(day(said, zone), t))
                        .orElse(null));
    }

    private static List<UnplacedResponse> unplaced(Planned planned) {
        return planned.outcome() instanceof PlanOutcome.Infeasible i
                ? i.unplaced().stream()
                        .map(u -> new UnplacedResponse(subject(planned, u.id()), limit(planned, u.limit())))
                        .toList()
                : List.of();
    }

    private static List<TimeWindow> windows(Caller caller, Planned planned) {
        Instant last = planned.plan().activities().values().stream()
                .map(Scheduled::end)
                .max(Instant::compareTo)
                .orElse(planned.problem().now());
        return planned.problem().people().stream()
                .filter(p -> p.id().equals(caller.accountId().toString()))
                .flatMap(p -> p.windows().stream())
                .filter(w -> w.to().isAfter(planned.problem().now()) && w.from().isBefore(last))
                .toList();
    }

    List<Relaxations.Relaxation> mending(Caller caller, UUID projectId) {
        Planned planned = service.of(caller, projectId);
        return planned.outcome() instanceof PlanOutcome.Infeasible ? Relaxations.least(planned.problem()) : List.of();
    }

    /** Accesses that wait for a fixed time though only some of their jobs have to. */
    List<SplitProposalResponse> splits(Caller caller, UUID projectId) {
        Planned planned = service.of(caller, projectId);
        return SplitProposals.of(planned.problem(), planned.plan()).stream()
                .map(p -> new SplitProposalResponse(
                        UUID.fromString(p.stripDown()),
                        p.leaving().stream().map(id -> subject(planned, id)).toList(),
                        subject(planned, p.because())))
                .toList();
    }

    private static LimitResponse limit(Planned planned, Reason limit) {
        return new LimitResponse(limit.kind(), limit.until(), planned.subjects().get(limit.id()));
    }

    private static Subject subject(Planned planned, ActivityId id) {
        return planned.subject(id.value());
    }

    private static LocalDate day(Instant instant, ZoneId zone) {
        return instant.atZone(zone).toLocalDate();
    }
}
