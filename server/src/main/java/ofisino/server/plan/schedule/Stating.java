package ofisino.server.plan.schedule;

import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import ofisino.core.plan.access.AccessLibrary;
import ofisino.core.plan.calendar.Daylight;
import ofisino.core.plan.calendar.TimeWindow;
import ofisino.core.plan.job.HiredTool;
import ofisino.core.plan.job.Precedence;
import ofisino.core.plan.orderofwork.Phase;
import ofisino.core.plan.orderofwork.ProjectPolicy;
import ofisino.core.plan.orderofwork.WayRound;
import ofisino.core.plan.premises.Demands;
import ofisino.core.plan.problem.ActivityId;
import ofisino.core.plan.problem.Shelf;
import ofisino.core.plan.progress.OwnFactor;
import ofisino.server.identity.Caller;
import ofisino.server.parts.Deliveries;
import ofisino.server.parts.Needs;
import ofisino.server.parts.Places;
import ofisino.server.parts.Suppliers;
import ofisino.server.plan.Appointments;
import ofisino.server.plan.CarAccess;
import ofisino.server.plan.DriveOrder;
import ofisino.server.plan.GivenAwayJobs;
import ofisino.server.plan.GivenAwayJobs.JobGivenAway;
import ofisino.server.plan.HiredTools;
import ofisino.server.plan.JobConditions;
import ofisino.server.plan.Jobs;
import ofisino.server.plan.OrderOfWork;
import ofisino.server.plan.OutstandingItems;
import ofisino.server.plan.SelfOpening;
import ofisino.server.plan.SentOutWork;
import ofisino.server.plan.ToHands;
import ofisino.server.plan.WorkPremises;
import ofisino.server.plan.WorkPremises.Allowed;
import ofisino.server.vehicle.Projects.Project;
import org.springframework.stereotype.Component;

/** Fetches what a plan has to know of a project and puts it into a {@link Statement}. */
@Component
class Stating {
    private final Jobs jobs;
    private final JobConditions conditions;
    private final OrderOfWork orderOfWork;
    private final DriveOrder driveOrder;
    private final CarAccess carAccess;
    private final SelfOpening selfOpening;
    private final OutstandingItems outstandingItems;
    private final SentOutWork sentOutWork;
    private final GivenAwayJobs givenAwayJobs;
    private final Appointments appointments;
    private final Needs needs;
    private final LookedIntoFirst lookedIntoFirst;
    private final Deliveries deliveries;
    private final Suppliers suppliers;
    private final Places places;
    private final WorkPremises premises;
    private final HiredTools hiredTools;
    private final ToHands toHands;
    private final AccessLibrary accesses;
    private final Demands demands;
    private final DoorDays doorDays = new DoorDays();
    private final Map<Sunlit, List<TimeWindow>> daylight = new ConcurrentHashMap<>();

    private record Sunlit(ZoneId zone, LocalDate from) {}

    Stating(
            Jobs jobs,
            JobConditions conditions,
            OrderOfWork orderOfWork,
            DriveOrder driveOrder,
            CarAccess carAccess,
            SelfOpening selfOpening,
            OutstandingItems outstandingItems,
            SentOutWork sentOutWork,
            GivenAwayJobs givenAwayJobs,
            Appointments appointments,
            Needs needs,
            LookedIntoFirst lookedIntoFirst,
            Deliveries deliveries,
            Suppliers suppliers,
            Places places,
            WorkPremises premises,
            HiredTools hiredTools,
            ToHands toHands,
            AccessLibrary accesses,
            Demands demands) {
        this.jobs = jobs;
        this.conditions = conditions;
        this.orderOfWork = orderOfWork;
        this.driveOrder = driveOrder;
        this.carAccess = carAccess;
        this.selfOpening = selfOpening;
        this.outstandingItems = outstandingItems;
        this.sentOutWork = sentOutWork;
        this.givenAwayJobs = givenAwayJobs;
        this.appointments = appointments;
        this.needs = needs;
        this.lookedIntoFirst = lookedIntoFirst;
        this.deliveries = deliveries;
        this.suppliers = suppliers;
        this.places = places;
        this.premises = premises;
        this.hiredTools = hiredTools;
        this.toHands = toHands;
        this.accesses = accesses;
        this.demands = demands;
    }

    Statement state(GarageNow garage, Project project, Map<String, LocalDate> pins, boolean ownPace, WayRound way) {
        Caller caller = garage.caller();
        ZoneId zone = garage.zone();
        List<Jobs.Job> all = jobs.of(caller, project.id());
        Map<UUID, JobConditions.Where> where = conditions.byJob(caller, project.id());
        var around = around(garage);
        var statement = new Statement(garage.now(), zone, garage.people(), around)
                .notBefore(outstandingItems.notBefore(caller, project.id()), pins)
                .where(where)
                .warmth(conditions.lowestCelsius(caller, project.id()))
                .hiring(hires(caller, project.id()))
                .under(way.over(phases(caller, project.id(), way.policy())), shelf(around.allowed()));
        if (ownPace) statement.atOwnPace(ownFactor(all));
        List<Jobs.Link> links = links(caller, project.id());
        List<Needs.Need> parts = needs.of(caller, project.id());
        return statement
                .jobs(all, links, carAccess.stripDowns(caller, project.id()))
                .selfOpening(selfOpening.byPiece(caller, project.id()))
                .soon(orderOfWork.soon(caller, project.id()))
                .drives(driveOrder.unsure(caller, project.id()))
                .needs(parts, lookedIntoFirst.of(caller, project.id(), parts, links))
                .trials(trials(caller, project.id()))
                .givenAway(givenAwayJobs.of(caller, project.id()).stream()
                        .collect(Collectors.toMap(JobGivenAway::jobId, JobGivenAway::toCore)))
                .appointments(appointments.ahead(caller, project.id()))
                .sentOut(sentOutWork.open(caller, project.id()));
    }

    /** What there is to work with, of which nothing is asked for yet. */
    Surroundings around(GarageNow garage) {
        Caller caller = garage.caller();
        return new Surroundings(
                garage,
                suppliers.openOn(caller),
                places.toWorkIn(caller),
                premises.of(caller),
                demands,
                () -> daylight(garage.zone(), garage.today()),
                doorDays);
    }

    private Map<UUID, Optional<LocalDate>> trials(Caller caller, UUID projectId) {
        return deliveries.of(caller, projectId).stream()
                .filter(d -> d.bought().isStillToTry())
                .collect(Collectors.toMap(
                        Deliveries.Delivery::needId, d -> d.bought().checkBy(), (first, second) -> second));
    }

    private Map<ActivityId, Phase> phases(Caller caller, UUID projectId, ProjectPolicy policy) {
        return policy.asksForPhases()
                ? orderOfWork.phases(caller, projectId).entrySet().stream()
                        .collect(Collectors.toMap(e -> ActivityId.job(e.getKey()), Map.Entry::getValue))
                : Map.of();
    }

    private Hires hires(Caller caller, UUID projectId) {
        List<HiredTool> hired = hiredTools.of(caller);
        return hired.isEmpty() ? Hires.NONE : new Hires(hired, toHands.byJob(caller, projectId), accesses.tools());
    }

    private Optional<Shelf> shelf(Allowed allowed) {
        return allowed.shelf().isEmpty()
                ? Optional.empty()
                : Optional.of(new Shelf(allowed.shelf().getAsInt(), accesses.fills()));
    }

    /** What persons linked, and what must hold whether they did or not; of the latter nothing that closes a circle. */
    private List<Jobs.Link> links(Caller caller, UUID projectId) {
        List<Jobs.Link> links = new ArrayList<>(jobs.links(caller, projectId));
        Precedence<UUID> order = new Precedence<>(links.stream()
                .map(l -> new Precedence.Link<>(l.before(), l.after()))
                .toList());
        Stream.concat(orderOfWork.binding(caller, projectId).stream(), driveOrder.before(caller, projectId).stream())
                .filter(b -> order.circleClosedBy(b.before(), b.after()).isEmpty())
                .forEach(b -> {
                    order.add(new Precedence.Link<>(b.before(), b.after()));
                    links.add(new Jobs.Link(b.before(), b.after(), null));
                });
        return links;
    }

    /** Learned from the jobs of the project that are finished. */
    static OwnFactor ownFactor(List<Jobs.Job> all) {
        return OwnFactor.of(all.stream()
                .flatMap(j -> OwnFactor.finished(j.state(), j.likelyMinutes(), j.spentMinutes()).stream())
                .toList());
    }

    /** Two years of sunrises take a moment; they are the same for a whole day. */
    private List<TimeWindow> daylight(ZoneId zone, LocalDate today) {
        daylight.keySet().removeIf(s -> s.from().isBefore(today.minusDays(1)));
        return daylight.computeIfAbsent(
                new Sunlit(zone, today),
                s -> Daylight.in(zone).between(today, today.plusDays(Statement.HORIZON.toDays())));
    }
}
