package ofisino.server.money.forecast;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import ofisino.core.kernel.Aim;
import ofisino.core.kernel.Currencies;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.money.forecast.Forecast;
import ofisino.core.money.forecast.ForecastPart;
import ofisino.core.money.forecast.ForecastPart.ForecastKind;
import ofisino.core.money.forecast.Forgotten;
import ofisino.core.money.forecast.KeptForecast;
import ofisino.core.money.forecast.RunningCost;
import ofisino.core.money.forecast.RunningCost.Road;
import ofisino.core.money.forecast.Span;
import ofisino.core.money.forecast.StillToDo;
import ofisino.core.plan.problem.PlanOutcome;
import ofisino.core.plan.risk.Chance;
import ofisino.core.plan.risk.Dates;
import ofisino.core.plan.risk.TotalDraws;
import ofisino.core.vehicle.finding.Finding;
import ofisino.server.db.Stored;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Garages;
import ofisino.server.money.Entries;
import ofisino.server.money.Forecasts;
import ofisino.server.money.Ledger;
import ofisino.server.money.forecast.ForecastController.ForecastLine;
import ofisino.server.money.forecast.ForecastController.ForecastResponse;
import ofisino.server.money.forecast.ForecastController.RunningSaid;
import ofisino.server.money.forecast.ForecastController.TotalInTen;
import ofisino.server.money.forecast.ForecastMapper.AllowanceRow;
import ofisino.server.money.forecast.ForecastMapper.RunningRow;
import ofisino.server.parts.Needs;
import ofisino.server.parts.Needs.Need;
import ofisino.server.plan.Plans;
import ofisino.server.plan.Plans.Planned;
import ofisino.server.plan.RoadDates;
import ofisino.server.vehicle.Findings;
import ofisino.server.vehicle.Projects;
import org.springframework.stereotype.Service;

/** What a project will have cost in the end. */
@Service
class ForecastService implements Forecasts {
    private static final long SEED = 1;
    private static final int EIGHT = 8;

    private final ForecastMapper mapper;
    private final Projects projects;
    private final Ledger ledger;
    private final Entries entries;
    private final Findings findings;
    private final FindingsToDo toDo;
    private final UnseenPlaces unseenPlaces;
    private final Needs needs;
    private final Plans plans;
    private final RoadDates roadDates;
    private final Forgotten forgotten;
    private final Garages garages;
    private final Clock clock;
    /** By all that is drawn: a page asks again and again. */
    private final Cache<Map<String, Chance>, TotalDraws> drawn =
            Caffeine.newBuilder().maximumSize(8).executor(Runnable::run).build();

    ForecastService(
            ForecastMapper mapper,
            Projects projects,
            Ledger ledger,
            Entries entries,
            Findings findings,
            FindingsToDo toDo,
            UnseenPlaces unseenPlaces,
            Needs needs,
            Plans plans,
            RoadDates roadDates,
            Forgotten forgotten,
            Garages garages,
            Clock clock) {
        this.mapper = mapper;
        this.projects = projects;
        this.ledger = ledger;
        this.entries = entries;
        this.findings = findings;
        this.toDo = toDo;
        this.unseenPlaces = unseenPlaces;
        this.needs = needs;
        this.plans = plans;
        this.roadDates = roadDates;
        this.forgotten = forgotten;
        this.garages = garages;
        this.clock = clock;
    }

    /** All that an answer is made of. */
    private record Reckoned(
            Forecast forecast,
            TotalDraws draws,
            Map<String, Finding> findings,
            Map<String, Long> setAside,
            List<RunningRow> running,
            boolean roadUnknown,
            int unseenPlaces,
            String currency) {}

    private Reckoned reckon(Caller caller, UUID projectId) {
        return reckon(caller, projectId, Otherwise.AS_PLANNED, () -> road(caller, projectId));
    }

    private Reckoned reckon(Caller caller, UUID projectId, Otherwise way, Supplier<Optional<Road>> roadOf) {
        Projects.Project project = projects.require(caller, projectId);
        Ledger.Standing money = ledger.standing(caller, projectId);
        List<Finding> all = findings.of(caller, projectId);
        List<Need> every = needs.of(caller, projectId);
        List<Need> needed = every.stream()
                .filter(n -> n.jobId() == null || !way.leftOut().contains(n.jobId()))
                .map(n -> way.prices().containsKey(n.id())
                        ? n.thoughtOf(way.prices().get(n.id()), n.leadDays())
                        : n)
                .toList();
        Map<String, Long> setAside = mapper.allowances(caller.garageId(), projectId).stream()
                .collect(Collectors.toMap(AllowanceRow::what, AllowanceRow::minor));
        List<RunningRow> running = mapper.running(caller.garageId(), projectId);
        Optional<Road> road = running.isEmpty() ? Optional.empty() : roadOf.get();
        Map<String, Chance> hidden = unseenPlaces.of(caller, project);
        LocalDate today = day(caller);
        Forecast forecast = StillToDo.forecast(
                        money.position()
                                .without(
                                        Need.toBuy(every).minor()
                                                - Need.toBuy(needed).minor(),
                                        way.leftOut().stream()
                                                .mapToLong(job -> money.agreed().getOrDefault(job, 0L))
                                                .sum()),
                        toDo.of(caller, project, all, needed, way),
                        Need.toBuy(needed).unvalued() + unpriced(money, way))
                .and(way.more())
                .with(forgotten, setAside)
                .and(running.stream()
                        .flatMap(r -> r.toCore().toCome(today, road).stream())
                        .toList())
                .and(unseen(hidden));
        return new Reckoned(
                forecast,
                drawn.get(forecast.chances(hidden), chances -> TotalDraws.totalsOf(chances, SEED)),
                all.stream().collect(Collectors.toMap(f -> f.id().toString(), f -> f)),
                setAside,
                running,
                road.isEmpty() && running.stream().anyMatch(r -> r.untilOn() == null),
                hidden.size(),
                money.currency());
    }

    /** Jobs that others do, at a price that nobody knows yet. */
    private static int unpriced(Ledger.Standing money, Otherwise way) {
        return (int) money.agreed().entrySet().stream()
                .filter(a -> a.getValue() == 0 && !way.leftOut().contains(a.getKey()))
                .count();
    }

    @Override
    public OtherCost otherwise(Caller caller, UUID projectId, Otherwise way, Planned planned, Optional<Dates> runs) {
        Reckoned r = reckon(
                caller, projectId, way, () -> road(caller, planned, runs.flatMap(d -> d.inTen(Aim.ROAD_READY, EIGHT))));
        return new OtherCost(r.forecast(), r.draws());
    }

    private LocalDate day(Caller caller) {
        return LocalDate.now(clock.withZone(garages.zone(caller)));
    }

    ForecastResponse answer(Caller caller, UUID projectId) {
        Reckoned r = reckon(caller, projectId);
        Forecast forecast = r.forecast();
        return new ForecastResponse(
                r.currency(),
                forecast.lowMinor(),
                forecast.likelyMinor(),
                forecast.highMinor(),
                forecast.expectedMinor(),
                forecast.isGuess(),
                forecast.unpriced(),
                forecast.unestimated(),
                r.roadUnknown(),
                r.unseenPlaces(),
                new TotalInTen(inTen(r.draws(), 1), inTen(r.draws(), 5), inTen(r.draws(), 8), inTen(r.draws(), 9)),
                forecast.parts().stream()
                        .map(p -> line(p, r.findings(), r.setAside()))
                        .toList(),
                r.running().stream()
                        .map(c -> new RunningSaid(c.id(), c.name(), c.perMonthMinor(), c.fromOn(), c.untilOn()))
                        .toList());
    }

    /** As it is today, with what is drafted: it is paid, only nobody has booked it yet. */
    KeptForecast today(Caller caller, UUID projectId) {
        Reckoned r = reckon(caller, projectId);
        long drafted = entries.drafts(caller, projectId).baseMinor();
        Forecast all = r.forecast().and(List.of(ForecastPart.sure(ForecastKind.SPENT, drafted)));
        Span total = r.forecast().ends(r.draws());
        return KeptForecast.of(day(caller), all, total.lowMinor() + drafted, total.highMinor() + drafted);
    }

    @Override
    public FinalCost of(Caller caller, UUID projectId) {
        Reckoned r = reckon(caller, projectId);
        return new FinalCost(r.forecast().ends(r.draws()), r.forecast().unestimated());
    }

    String currency(Caller caller) {
        return garages.baseCurrency(caller).getCode();
    }

    @Override
    public List<RunningCost> running(Caller caller, UUID projectId) {
        return mapper.running(caller.garageId(), projectId).stream()
                .map(RunningRow::toCore)
                .toList();
    }

    private static long inTen(TotalDraws draws, int tenths) {
        return Math.round(draws.inTen(tenths));
    }

    /** One line for all places: from two to eight in ten of the draws, with what they hide on average between. */
    private List<ForecastPart> unseen(Map<String, Chance> hidden) {
        if (hidden.isEmpty()) return List.of();
        TotalDraws draws = drawn.get(hidden, chances -> TotalDraws.totalsOf(chances, SEED));
        long low = inTen(draws, 2);
        long high = inTen(draws, 8);
        long likely = Math.max(low, Math.min(high, Math.round(draws.mean())));
        return List.of(new ForecastPart(ForecastKind.UNSEEN, "", new Span(low, likely, high)));
    }

    private Optional<Road> road(Caller caller, UUID projectId) {
        Planned planned = plans.of(caller, projectId);
        return road(caller, planned, roadDates.eightInTen(caller, projectId, planned, Aim.ROAD_READY));
    }

    /** If every session is kept; at the people's own pace; in eight of ten runs, where that is known. */
    private Optional<Road> road(Caller caller, Planned planned, Optional<Instant> eightInTen) {
        ZoneId zone = garages.zone(caller);
        if (!(planned.outcome() instanceof PlanOutcome.Planned)) return Optional.empty();
        return planned.milestones().stream()
                .filter(m -> m.aim() == Aim.ROAD_READY)
                .findFirst()
                .map(m -> {
                    Instant kept = m.reached().finish();
                    Instant own = planned.atOwnPace(Aim.ROAD_READY).orElse(kept);
                    return new Road(day(kept, zone), day(own, zone), day(eightInTen.orElse(own), zone));
                });
    }

    private static LocalDate day(Instant at, ZoneId zone) {
        return at.atZone(zone).toLocalDate();
    }

    private static ForecastLine line(ForecastPart p, Map<String, Finding> findings, Map<String, Long> setAside) {
        Optional<Finding> finding = Optional.ofNullable(findings.get(p.about()));
        return new ForecastLine(
                p.kind(),
                finding.isPresent() ? "" : p.about(),
                finding.map(Finding::id).orElse(null),
                p.cost().lowMinor(),
                p.cost().likelyMinor(),
                p.cost().highMinor(),
                p.kind() == ForecastKind.FORGOTTEN && setAside.containsKey(p.about()));
    }

    void setAside(Caller caller, UUID projectId, String what, UUID id, long minor) {
        projects.requireOpen(caller, projectId);
        if (minor < 0)
            throw InvalidValue.at(
                    "minor", "forgotten.negative", "Less than nothing cannot be set aside.", "Enter 0 for nothing.");
        Currencies.minor("minor", garages.baseCurrency(caller), minor);
        mapper.putAllowance(caller.garageId(), projectId, new AllowanceRow(id, forgotten.checked(what), minor));
    }

    void asUsual(Caller caller, UUID projectId, String what) {
        projects.requireOpen(caller, projectId);
        mapper.deleteAllowance(caller.garageId(), projectId, forgotten.checked(what));
    }

    void addRunning(Caller caller, UUID projectId, RunningSaid said) {
        projects.requireOpen(caller, projectId);
        Currencies.minor("perMonthMinor", garages.baseCurrency(caller), said.perMonthMinor());
        var row = new RunningRow(said.id(), said.name(), said.perMonthMinor(), said.fromOn(), said.untilOn());
        row.toCore();
        mapper.insertRunning(caller.garageId(), projectId, row);
    }

    void removeRunning(Caller caller, UUID id) {
        UUID project = Stored.require(mapper.projectOf(caller.garageId(), id), "running cost", id);
        projects.requireOpen(caller, project);
        mapper.deleteRunning(caller.garageId(), id);
    }
}
