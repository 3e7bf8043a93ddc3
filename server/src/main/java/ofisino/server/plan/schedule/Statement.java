package ofisino.server.plan.schedule;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import ofisino.core.kernel.Aim;
import ofisino.core.parts.sourcing.NeedState;
import ofisino.core.plan.access.CarState;
import ofisino.core.plan.job.Conditions;
import ofisino.core.plan.problem.Activity;
import ofisino.core.plan.problem.ActivityId;
import ofisino.core.plan.problem.Plan;
import ofisino.core.plan.problem.PlanProblem;
import ofisino.core.plan.problem.Policy;
import ofisino.core.plan.problem.Shelf;
import ofisino.core.plan.progress.OwnFactor;
import ofisino.core.plan.sentout.GivenAway;
import ofisino.core.plan.whatif.Sooner;
import ofisino.core.plan.whatif.Undated;
import ofisino.server.parts.Needs.Need;
import ofisino.server.plan.Appointments.Appointment;
import ofisino.server.plan.CarAccess;
import ofisino.server.plan.DriveOrder;
import ofisino.server.plan.JobConditions;
import ofisino.server.plan.Jobs;
import ofisino.server.plan.Jobs.Job;
import ofisino.server.plan.MonthlyMoney;
import ofisino.server.plan.OrderOfWork;
import ofisino.server.plan.Plans;
import ofisino.server.plan.Plans.Subject;
import ofisino.server.plan.Plans.Subject.Kind;
import ofisino.server.plan.SentOutWork;

/** The planning problem of one project at one moment, put together from what is recorded. Its parts may be named in any order. */
final class Statement {
    static final Duration HORIZON = Duration.ofDays(730);
    private static final int SLOT_MINUTES = (int) PlanProblem.SLOT.toMinutes();
    private static final int MONTHS = 24;
    /** While the whole vehicle is away nothing is done on it. */
    private static final String HERE = "HERE";

    private final Instant now;
    private final ZoneId zone;
    private final Crews crews;
    private final Map<String, Subject> subjects = new LinkedHashMap<>();
    private final List<Activity> activities = new ArrayList<>();
    private final List<PlanProblem.Link> links = new ArrayList<>();
    private final List<PlanProblem.StripDown> stripDowns = new ArrayList<>();
    private final List<PlanProblem.Exclusion> exclusions = new ArrayList<>();
    private final Map<UUID, Job> open = new LinkedHashMap<>();
    private Map<UUID, LocalDate> spared = Map.of();
    private Map<String, LocalDate> pinned = Map.of();
    private final Surroundings around;
    private Map<UUID, JobConditions.Where> conditions = Map.of();
    private Map<UUID, Integer> lowest = Map.of();
    private Hires hires = Hires.NONE;
    private Policy policy = Policy.of(List.of(Aim.values()));
    private Optional<Shelf> shelf = Optional.empty();
    private Optional<OwnFactor> ownFactor = Optional.empty();
    private Map<UUID, GivenAway> givenAway = Map.of();
    private boolean carGoes;
    private List<Job> jobs = List.of();
    private List<Jobs.Link> jobLinks = List.of();
    private List<CarAccess.Unclosed> unclosed = List.of();
    private Map<UUID, Set<String>> selfOpening = Map.of();
    private List<OrderOfWork.Soon> soon = List.of();
    private DriveOrder.Unsure drives = DriveOrder.Unsure.NOTHING;
    private List<Need> needs = List.of();
    private Map<UUID, List<UUID>> lookedFirst = Map.of();
    private Map<UUID, Optional<LocalDate>> trials = Map.of();
    private List<Appointment> appointments = List.of();
    private List<SentOutWork.Open> sentOut = List.of();
    private final Waits waits;

    Statement(Instant now, ZoneId zone, List<PlanProblem.Person> people, Surroundings around) {
        this.around = around;
        this.now = now;
        this.zone = zone;
        this.crews = new Crews(people);
        this.waits = new Waits(today());
    }

    /** Permanent jobs that come after what they are spared for, and what a person moved by hand. */
    Statement notBefore(Map<UUID, LocalDate> sparedJobs, Map<String, LocalDate> pins) {
        spared = sparedJobs;
        pinned = pins;
        return this;
    }

    /** Hours as the person really takes them, not as they were thought. */
    Statement atOwnPace(OwnFactor factor) {
        ownFactor = Optional.of(factor);
        return this;
    }

    /** Where and how jobs are worked. */
    Statement where(Map<UUID, JobConditions.Where> byJob) {
        conditions = byJob;
        return this;
    }

    /** By job, the degrees Celsius that what it puts on asks for until it has cured. */
    Statement warmth(Map<UUID, Integer> celsiusByJob) {
        lowest = celsiusByJob;
        return this;
    }

    /** Which work needs a tool that is hired. */
    Statement hiring(Hires all) {
        hires = all;
        return this;
    }

    /** What matters first, and what room there is for what is taken off. */
    Statement under(Policy its, Optional<Shelf> room) {
        policy = its;
        shelf = room;
        return this;
    }

    /** By piece of work, the accesses that it opens and closes itself. */
    Statement selfOpening(Map<UUID, Set<String>> byPiece) {
        selfOpening = byPiece;
        return this;
    }

    /** What should follow soon, on links that are there. */
    Statement soon(List<OrderOfWork.Soon> all) {
        soon = all;
        return this;
    }

    /** Jobs that are not over, with what follows what, and the accesses that they need. */
    Statement jobs(List<Job> all, List<Jobs.Link> links, List<CarAccess.Unclosed> stripDowns) {
        jobs = all;
        jobLinks = links;
        unclosed = stripDowns;
        return this;
    }

    /** What no sure day can be said of. */
    Statement drives(DriveOrder.Unsure unsure) {
        drives = unsure;
        return this;
    }

    /** @param lookedIntoFirst by part, the jobs that tell whether it is needed at all */
    Statement needs(List<Need> all, Map<UUID, List<UUID>> lookedIntoFirst) {
        needs = all;
        lookedFirst = lookedIntoFirst;
        return this;
    }

    /** @param untilByNeed by part that is to be tried on the vehicle, the last day of that; the end of the plan where nobody knows it */
    Statement trials(Map<UUID, Optional<LocalDate>> untilByNeed) {
        trials = untilByNeed;
        return this;
    }

    /** Jobs that somebody else does: they take days, and nobody's hours. */
    Statement givenAway(Map<UUID, GivenAway> byJob) {
        givenAway = byJob;
        return this;
    }

    Statement appointments(List<Appointment> all) {
        appointments = all;
        return this;
    }

    /** What is away can be used on the day after the one on which it is reckoned with; what is to go takes its days. */
    Statement sentOut(List<SentOutWork.Open> all) {
        sentOut = all;
        return this;
    }

    private void assemble() {
        carGoes = sentOut.stream().anyMatch(s -> s.what().carGoes());
        addJobs();
        soon.forEach(this::shouldFollow);
        drives.undated().forEach(id -> waits.shut(ActivityId.job(id)));
        drives.unseen().forEach(id -> waits.unseen(ActivityId.job(id)));
        var arrivals = new StatedArrivals(zone, open, subjects, around.suppliersOpen());
        arrivals.add(needs, lookedFirst);
        arrivals.addTrials(needs, trials, crews.exactly(1), carGoes ? Set.of(HERE) : Set.of(), this::pin);
        activities.addAll(arrivals.activities);
        links.addAll(arrivals.links);
        needs.stream()
                .filter(n -> arrivals.isAwaited(n) && n.state() == NeedState.HELD && n.essential())
                .forEach(n -> waits.forAnswer(ActivityId.job(n.jobId()), n));
        appointments.forEach(this::addAppointment);
        sentOut.forEach(this::addSentOut);
    }

    private void shouldFollow(OrderOfWork.Soon s) {
        var before = ActivityId.job(s.before());
        var after = ActivityId.job(s.after());
        links.replaceAll(l -> l.before().equals(before) && l.after().equals(after)
                ? new PlanProblem.Link(before, after, l.lag(), Optional.of(s.within()))
                : l);
    }

    private void addJobs() {
        jobs.stream().filter(j -> !j.state().isOver()).forEach(j -> open.put(j.id(), j));
        Map<UUID, Set<CarState>> excluded = new HashMap<>();
        for (CarAccess.Unclosed stripDown : unclosed)
            for (UUID job : stripDown.jobs())
                excluded.computeIfAbsent(job, j -> EnumSet.noneOf(CarState.class))
                        .addAll(stripDown.excludes());
        boolean toRun = open.values().stream().anyMatch(j -> j.aim() == Aim.RUNNER);
        open.values().forEach(j -> addJob(j, toRun, excluded.getOrDefault(j.id(), Set.of())));
        for (Jobs.Link link : jobLinks)
            if (open.containsKey(link.before()) && open.containsKey(link.after()))
                links.add(PlanProblem.Link.of(
                        ActivityId.job(link.before()).value(),
                        ActivityId.job(link.after()).value()));
        var access = new StatedAccess(
                jobs, open, crews, subjects, carGoes ? Set.of(HERE) : Set.of(), this::pin, this::hiredFor);
        access.add(unclosed);
        activities.addAll(access.activities);
        stripDowns.addAll(access.stripDowns);
        exclusions.addAll(access.exclusions);
    }

    private LocalDate today() {
        return now.atZone(zone).toLocalDate();
    }

    private void addAppointment(Appointment a) {
        if (a.startsAt().isBefore(now)) return; // it begins within this quarter of an hour
        ActivityId id = ActivityId.appointment(a.id());
        String key = id.value();
        subjects.put(key, new Subject(Kind.APPOINTMENT, a.id(), a.what().title()));
        activities.add(new Activity(
                id,
                Activity.ActivityKind.APPOINTMENT,
                a.what().aim(),
                0,
                Activity.Crew.NOBODY,
                Activity.Timing.FREE
                        .waiting(Duration.ofMinutes(a.what().minutes()))
                        .startingAt(a.startsAt()),
                Activity.Demand.NONE,
                List.of(),
                a.what().needsRolling() ? Set.of(CarState.ROLLING.name()) : Set.of(),
                false));
        if (a.what().afterJob() != null && open.containsKey(a.what().afterJob()))
            links.add(PlanProblem.Link.of(ActivityId.job(a.what().afterJob()).value(), key));
    }

    private void addSentOut(SentOutWork.Open s) {
        SentOutWork.ToSend what = s.what();
        ActivityId id = ActivityId.sentOut(s.id());
        String key = id.value();
        subjects.put(key, new Subject(Kind.SENT_OUT, s.id(), what.title()));
        boolean gone = s.backOn() != null;
        Duration wait = gone
                ? Duration.between(
                        now, s.backOn().plusDays(1).atStartOfDay(zone).toInstant())
                : Duration.ofDays(what.awayDays());
        activities.add(new Activity(
                id,
                Activity.ActivityKind.SENT_OUT,
                what.aim(),
                0,
                Activity.Crew.NOBODY,
                pin(key, Activity.Timing.FREE.waiting(wait)).whileOpen(gone ? List.of() : around.openOn(what.openOn())),
                Activity.Demand.NONE,
                List.of(),
                Set.of(),
                gone));
        if (what.beforeJob() != null && !gone && open.containsKey(what.beforeJob()))
            links.add(PlanProblem.Link.of(ActivityId.job(what.beforeJob()).value(), key));
        if (what.afterJob() != null && open.containsKey(what.afterJob()))
            links.add(PlanProblem.Link.of(key, ActivityId.job(what.afterJob()).value()));
        if (what.carGoes()) exclusions.add(new PlanProblem.Exclusion(key, HERE));
    }

    /** What has a date; and what waits for something, with why. To be asked once. */
    Stated stated(Optional<MonthlyMoney.Limit> money, Optional<LocalDate> target, Optional<Plan> followed) {
        assemble();
        subjects.putAll(around.subjects());
        crews.missing().forEach(m -> subjects.put(m, new Subject(Kind.HELPER, Surroundings.NOTHING, "")));
        PlanProblem all = problem(money, target, followed);
        Undated.Rest rest = waits.rest(all);
        var doubts = new Plans.Doubts(waits.named(all, rest.leftOut(), subjects), drives.askMore());
        var wishes = new Stated.Wishes(
                apart(),
                Pieces.thatOpen(jobs, selfOpening, rest.problem()),
                Pieces.thatLook(open.values()),
                Pieces.beforeClosing(open.values(), rest.problem()));
        return new Stated(rest.problem(), doubts, subjects, wishes);
    }

    private Set<String> apart() {
        return unclosed.stream()
                .filter(CarAccess.Unclosed::apart)
                .map(o -> o.id().toString())
                .collect(Collectors.toSet());
    }

    private PlanProblem problem(
            Optional<MonthlyMoney.Limit> money, Optional<LocalDate> target, Optional<Plan> followed) {
        return new PlanProblem(
                now,
                now.plus(HORIZON),
                zone,
                crews.people(),
                around.places(),
                around.resources(),
                activities,
                links,
                stripDowns,
                exclusions,
                shelf,
                money.map(m -> PlanProblem.Purse.monthly(m.leftMinor(), m.monthlyMinor(), today(), MONTHS)),
                policy,
                target,
                Pieces.leftOf(jobs, open.keySet()),
                followed);
    }

    private void addJob(Job job, boolean toRun, Set<CarState> excludedByItsAccess) {
        String key = ActivityId.job(job.id()).value();
        subjects.put(key, new Subject(Kind.JOB, job.id(), job.title()));
        int slots = slots(Math.max(SLOT_MINUTES, minutes(job) - job.spentMinutes()));
        var where = conditions.getOrDefault(job.id(), new JobConditions.Where(Conditions.USUAL, null));
        Set<String> states = CarState.of(job.nature()).stream()
                .filter(s -> !excludedByItsAccess.contains(s))
                .map(Enum::name)
                .collect(Collectors.toCollection(java.util.HashSet::new));
        if (carGoes) states.add(HERE);
        Activity.Timing timing = pin(key, Activity.Timing.FREE)
                .waiting(Duration.ofMinutes(where.conditions().dryMinutes()));
        if (where.conditions().inOneGo()) timing = timing.inOneSitting();
        if (spared.containsKey(job.id()))
            timing = timing.notBefore(spared.get(job.id()).atStartOfDay(zone).toInstant());
        Activity activity = Activity.job(
                        key,
                        job.nature().neededFor(job.aim(), toRun),
                        slots,
                        crews.exactly(where.conditions().people()))
                .with(timing)
                .with(demand(job, where))
                .needing(states);
        activities.add(Optional.ofNullable(givenAway.get(job.id()))
                .map(g -> Sooner.byOthers(activity, g.leftOn(today()), g.costMinor()))
                .orElseGet(() -> job.state().isInHand() ? activity.goingOn(slots) : activity));
    }

    private int minutes(Job job) {
        return ownFactor.map(f -> f.own(job.likelyMinutes())).orElse(job.likelyMinutes());
    }

    private Activity.Demand demand(Job job, JobConditions.Where where) {
        Optional<String> place = around.place(where.placeId());
        boolean keeps = where.conditions().keepsPlace() && place.isPresent();
        Integer celsius = lowest.get(job.id());
        Map<String, Integer> needed = new HashMap<>(around.hired(hires.ofJob(job.id())));
        needed.putAll(
                around.neededBy(job.nature(), where, celsius == null ? OptionalInt.empty() : OptionalInt.of(celsius)));
        return new Activity.Demand(place, needed, keeps, keeps);
    }

    private Activity.Demand hiredFor(String access) {
        return new Activity.Demand(Optional.empty(), around.hired(hires.ofAccess(access)), false, false);
    }

    private Activity.Timing pin(String key, Activity.Timing timing) {
        LocalDate day = pinned.get(key);
        return day == null ? timing : timing.notBefore(day.atStartOfDay(zone).toInstant());
    }

    static int slots(int minutes) {
        return (minutes + SLOT_MINUTES - 1) / SLOT_MINUTES;
    }
}
