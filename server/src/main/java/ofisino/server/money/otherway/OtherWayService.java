package ofisino.server.money.otherway;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import ofisino.core.kernel.Conflict;
import ofisino.core.kernel.Currencies;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.kernel.NotFound;
import ofisino.core.money.forecast.ForecastPart;
import ofisino.core.money.forecast.ForecastPart.ForecastKind;
import ofisino.core.plan.problem.ActivityId;
import ofisino.core.plan.risk.Simulation;
import ofisino.core.plan.sentout.DaysAway;
import ofisino.core.plan.whatif.BoughtAs;
import ofisino.core.plan.whatif.OtherWay;
import ofisino.core.plan.whatif.OtherWay.GivenAway;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Garages;
import ofisino.server.money.Forecasts;
import ofisino.server.money.Forecasts.OtherCost;
import ofisino.server.money.Forecasts.Otherwise;
import ofisino.server.money.otherway.OtherWayController.BareMetalTakes;
import ofisino.server.money.otherway.OtherWayController.GivenAwayJob;
import ofisino.server.money.otherway.OtherWayController.GivenAwayKind;
import ofisino.server.money.otherway.OtherWayController.NewWayRequest;
import ofisino.server.money.otherway.OtherWayController.OtherWayFields;
import ofisino.server.money.otherway.OtherWayController.OtherWaysResponse;
import ofisino.server.money.otherway.OtherWayMapper.GivenAwayRow;
import ofisino.server.money.otherway.OtherWayMapper.WayRow;
import ofisino.server.parts.Needs;
import ofisino.server.parts.PartsOtherwise;
import ofisino.server.parts.PartsOtherwise.BoughtSo;
import ofisino.server.plan.Calendars;
import ofisino.server.plan.GivenAwayJobs;
import ofisino.server.plan.Jobs;
import ofisino.server.plan.Plans;
import ofisino.server.plan.Plans.Planned;
import ofisino.server.plan.RoadDates;
import ofisino.server.plan.RoadDates.Runs;
import ofisino.server.vehicle.Projects;
import org.springframework.stereotype.Service;

/** The way a car is planned, and others beside it: what each costs, when it is ready, and how sure the difference is. */
@Service
record OtherWayService(
        OtherWayMapper mapper,
        Projects projects,
        Plans plans,
        PlannedOtherwise otherPlans,
        RoadDates roadDates,
        Forecasts forecasts,
        Jobs jobs,
        GivenAwayJobs givenAwayJobs,
        PartsOtherwise partsOtherwise,
        BareMetals bareMetals,
        KeptBareMetal keptBareMetal,
        Needs needs,
        Calendars calendars,
        Garages garages) {
    /** Nobody weighs more against each other. */
    private static final int MOST = 3;

    OtherWaysResponse of(Caller caller, UUID projectId) {
        Planned now = plans.of(caller, projectId);
        var asPlanned = lookedAt(caller, projectId, now, Otherwise.AS_PLANNED, List.of(), Optional.empty());
        List<OtherWayFields> said = said(caller, projectId);
        List<WayLookedAt> others = said.stream()
                .map(fields -> lookedAt(caller, projectId, now, fields))
                .toList();
        List<Runs> runs = Stream.concat(Stream.of(asPlanned), others.stream())
                .flatMap(w -> w.runs().stream())
                .toList();
        Optional<Runs> working =
                runs.stream().filter(r -> r.dates().isEmpty() && !r.stopped()).findFirst();
        Map<UUID, String> titles =
                jobs.of(caller, projectId).stream().collect(Collectors.toMap(Jobs.Job::id, Jobs.Job::title));
        var beside = new WaysBeside(asPlanned, titles, garages.zone(caller));
        return new OtherWaysResponse(
                garages.baseCurrency(caller).getCode(),
                working.map(Runs::done).orElse(Simulation.RUNS),
                Simulation.RUNS,
                working.isEmpty(),
                beside.asPlanned(),
                IntStream.range(0, said.size())
                        .mapToObj(i -> beside.other(said.get(i), others.get(i)))
                        .toList());
    }

    private WayLookedAt lookedAt(Caller caller, UUID projectId, Planned now, OtherWayFields fields) {
        List<BoughtSo> bought = bought(caller, projectId, fields);
        OtherWay way = toCore(caller, projectId, fields, bought);
        List<ForecastPart> more = new ArrayList<>();
        more.add(ForecastPart.sure(ForecastKind.QUOTED, way.pricesMinor(now.problem())));
        way.bareMetal().ifPresent(b -> more.add(ForecastPart.sure(ForecastKind.PRICED, b.materialMinor())));
        return lookedAt(
                caller,
                projectId,
                otherPlans.of(now, way),
                new Otherwise(
                        jobs(now, way.leftOut(now.problem())),
                        way.standard(),
                        bought.stream().collect(Collectors.toMap(b -> b.need().id(), BoughtSo::landedMinor)),
                        more),
                bought,
                way.bareMetal().map(b -> bareMetals.takes(caller, b)));
    }

    private List<BoughtSo> bought(Caller caller, UUID projectId, OtherWayFields fields) {
        return fields.boughtAs() == null ? List.of() : partsOtherwise.of(caller, projectId, fields.boughtAs());
    }

    private static Set<UUID> jobs(Planned now, Set<ActivityId> activities) {
        return activities.stream()
                .map(id -> now.subject(id.value()))
                .filter(s -> s.kind() == Plans.Subject.Kind.JOB)
                .map(Plans.Subject::id)
                .collect(Collectors.toSet());
    }

    private WayLookedAt lookedAt(
            Caller caller,
            UUID projectId,
            Planned plan,
            Otherwise way,
            List<BoughtSo> bought,
            Optional<BareMetalTakes> bareMetal) {
        Optional<Runs> runs = roadDates.runs(caller, projectId, plan);
        OtherCost cost = forecasts.otherwise(caller, projectId, way, plan, runs.flatMap(Runs::dates));
        return new WayLookedAt(plan, runs, cost, way.leftOut(), bought, bareMetal);
    }

    private List<OtherWayFields> said(Caller caller, UUID projectId) {
        Map<UUID, List<GivenAwayJob>> givenAway = mapper.givenAway(caller.garageId(), projectId).stream()
                .collect(Collectors.groupingBy(
                        GivenAwayRow::wayId,
                        Collectors.mapping(
                                g -> new GivenAwayJob(g.jobId(), g.days(), g.costMinor()), Collectors.toList())));
        return mapper.of(caller.garageId(), projectId).stream()
                .map(w -> w.fields(givenAway.getOrDefault(w.id(), List.of())))
                .filter(OtherWayService::isStillAnother)
                .toList();
    }

    /** The job that it gave away may be gone since. */
    private static boolean isStillAnother(OtherWayFields w) {
        return w.standard() != null
                || w.sessionsMore() != 0
                || w.boughtAs() != null
                || w.bareMetal() != null
                || !w.givenAway().isEmpty();
    }

    private OtherWay toCore(Caller caller, UUID projectId, OtherWayFields f, List<BoughtSo> bought) {
        return new OtherWay(
                Optional.ofNullable(f.standard()),
                f.sessionsMore(),
                f.givenAway().stream()
                        .map(g -> new GivenAway(ActivityId.job(g.jobId()), new DaysAway(g.days()), g.costMinor()))
                        .toList(),
                Optional.ofNullable(f.boughtAs())
                        .map(kind -> new BoughtAs(
                                kind,
                                bought.stream()
                                        .collect(Collectors.toMap(
                                                b -> ActivityId.need(b.need().id()), BoughtSo::leadDays)))),
                Optional.ofNullable(f.bareMetal()).map(b -> bareMetals.of(caller, projectId, f.id(), b)));
    }

    void add(Caller caller, UUID projectId, NewWayRequest asked) {
        projects.requireOpen(caller, projectId);
        OtherWayFields fields = asked.with(Stream.concat(
                        asked.givenAway().stream(),
                        asked.allOf().stream().flatMap(kind -> all(caller, projectId, asked, kind).stream()))
                .toList());
        toCore(caller, projectId, fields, List.of());
        if (fields.bareMetal() != null) bareMetals.mustBePriced(caller, fields.bareMetal());
        if (fields.boughtAs() != null && bought(caller, projectId, fields).isEmpty())
            throw InvalidValue.at(
                    "boughtAs",
                    "way.not-offered",
                    "Nobody offers a part so that is still to be ordered.",
                    "Note what is offered under Parts first, or leave the parts as planned.");
        for (GivenAwayJob g : fields.givenAway()) {
            Currencies.minor("costMinor", garages.baseCurrency(caller), g.costMinor());
            if (!jobs.require(caller, g.jobId()).projectId().equals(projectId)) throw new NotFound("job", g.jobId());
        }
        if (said(caller, projectId).size() >= MOST)
            throw Conflict.of(
                    "way.many",
                    "%d ways stand beside the plan already.",
                    "Remove one first: more than that nobody weighs against each other.",
                    MOST);
        mapper.insert(caller.garageId(), projectId, WayRow.of(fields));
        for (GivenAwayJob g : fields.givenAway())
            mapper.insertGivenAway(
                    caller.garageId(), new GivenAwayRow(fields.id(), g.jobId(), g.days(), g.costMinor()));
    }

    /** The open jobs of a kind that nobody else does yet and that are not named by themselves. */
    private List<GivenAwayJob> all(Caller caller, UUID projectId, NewWayRequest asked, GivenAwayKind kind) {
        Set<UUID> not = new HashSet<>(givenAwayJobs.ids(caller, projectId));
        asked.givenAway().forEach(g -> not.add(g.jobId()));
        List<UUID> its = jobs.of(caller, projectId).stream()
                .filter(j -> j.operation() == kind.operation() && !j.state().isOver())
                .map(Jobs.Job::id)
                .filter(id -> !not.contains(id))
                .toList();
        List<GivenAway> together = GivenAway.together(
                its.stream().map(ActivityId::job).toList(), new DaysAway(kind.days()), kind.costMinor());
        return IntStream.range(0, its.size())
                .mapToObj(i -> new GivenAwayJob(
                        its.get(i),
                        together.get(i).away().days(),
                        together.get(i).costMinor()))
                .toList();
    }

    /** The car is done this way from now on: what the standard does not ask for is dropped; what is over, or given away already, stays as it is. */
    void keep(Caller caller, UUID projectId, UUID id) {
        projects.requireOpen(caller, projectId);
        OtherWayFields way = said(caller, projectId).stream()
                .filter(w -> w.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new NotFound("way", id));
        Planned now = plans.of(caller, projectId);
        Set<UUID> leftOut = jobs(now, toCore(caller, projectId, way, List.of()).leftOut(now.problem()));
        if (way.bareMetal() != null) keptBareMetal.keep(caller, projectId, id, way.bareMetal(), now.problem());
        leftOut.forEach(job -> jobs.drop(caller, job));
        if (way.standard() != null) projects.aimAt(caller, projectId, way.standard());
        partsOtherwise(caller, projectId, way);
        if (way.sessionsMore() != 0) calendars.comeMore(caller, way.sessionsMore());
        Set<UUID> given = givenAwayJobs.ids(caller, projectId);
        for (GivenAwayJob g : way.givenAway())
            if (!given.contains(g.jobId())
                    && !jobs.require(caller, g.jobId()).state().isOver())
                givenAwayJobs.give(
                        caller, new GivenAwayJobs.JobGivenAway(g.jobId(), "", g.days(), g.costMinor(), null, 0));
        remove(caller, projectId, id);
    }

    /** Thought of as they are offered, until they are ordered. */
    private void partsOtherwise(Caller caller, UUID projectId, OtherWayFields way) {
        for (BoughtSo b : bought(caller, projectId, way))
            if (b.need().state().isToOrder()) needs.save(caller, b.need().thoughtOf(b.landedMinor(), b.leadDays()));
    }

    void remove(Caller caller, UUID projectId, UUID id) {
        projects.requireOpen(caller, projectId);
        if (mapper.delete(caller.garageId(), projectId, id) == 0) throw new NotFound("way", id);
    }
}
