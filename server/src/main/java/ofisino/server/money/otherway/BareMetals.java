package ofisino.server.money.otherway;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.UUID;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import ofisino.core.kernel.Aim;
import ofisino.core.kernel.Currencies;
import ofisino.core.kernel.Effort;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.parts.consumable.Consumable;
import ofisino.core.parts.consumable.Consumables;
import ofisino.core.plan.access.AccessLibrary;
import ofisino.core.plan.job.JobNature;
import ofisino.core.plan.job.Precedence;
import ofisino.core.plan.problem.ActivityId;
import ofisino.core.plan.sentout.DaysAway;
import ofisino.core.plan.whatif.BareMetal;
import ofisino.core.plan.whatif.BareMetal.ByOthers;
import ofisino.core.plan.whatif.BareMetal.Task;
import ofisino.core.plan.whatif.BareMetalUsual;
import ofisino.core.plan.whatif.BareMetalUsual.UnseenPlace;
import ofisino.core.vehicle.body.Body;
import ofisino.core.vehicle.estimate.Estimate;
import ofisino.core.vehicle.estimate.Estimate.Material;
import ofisino.core.vehicle.estimate.Estimates;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Garages;
import ofisino.server.money.otherway.OtherWayController.BareMetalFields;
import ofisino.server.money.otherway.OtherWayController.BareMetalTakes;
import ofisino.server.money.otherway.OtherWayController.DoneByOthers;
import ofisino.server.plan.GivenAwayJobs;
import ofisino.server.plan.Jobs;
import ofisino.server.plan.Jobs.Job;
import ofisino.server.plan.OrderOfWork;
import ofisino.server.plan.WorkAsks;
import ofisino.server.vehicle.Inspection;
import ofisino.server.vehicle.Projects;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** The whole body at bare metal and painted anew, as a way to do a car: what it takes. */
@Component
record BareMetals(
        Projects projects,
        Jobs jobs,
        GivenAwayJobs givenAwayJobs,
        WorkAsks asks,
        OrderOfWork orderOfWork,
        AccessLibrary accesses,
        Inspection inspection,
        Consumables consumables,
        Estimates usual,
        BareMetalUsual usually,
        Garages garages) {
    /** What places hide is reckoned with whether one looks or not. */
    private static final Material NO_MATERIAL = new Material(0, 0, 0);

    /** The consumable by which a body gets its colour. */
    static final String COLOUR = "colour";

    /** @throws InvalidValue when nobody can say what the material costs, or a price is none */
    void mustBePriced(Caller caller, BareMetalFields said) {
        Stream.of(Optional.ofNullable(said.strip()), Optional.ofNullable(said.coat()))
                .flatMap(Optional::stream)
                .forEach(o -> Currencies.minor("costMinor", garages.baseCurrency(caller), o.costMinor()));
        if (garages.workshopHourMinor(caller).isEmpty())
            throw InvalidValue.at(
                    "bareMetal",
                    "way.no-price-level",
                    "What the material for a whole body costs nobody can say yet.",
                    "Say under Garage what a workshop asks for an hour: it carries the price level.");
    }

    BareMetal of(Caller caller, UUID projectId, UUID wayId, BareMetalFields said) {
        Projects.Project project = projects.require(caller, projectId);
        BareMetalUsual.Takes whole = usually.of(project.bodyStyle());
        Effort shown = shown(caller, project);
        Set<UUID> given = givenAwayJobs.ids(caller, projectId);
        List<Job> open = jobs.of(caller, projectId).stream()
                .filter(j -> !j.state().isOver() && !j.state().isInHand() && !given.contains(j.id()))
                .toList();
        return new BareMetal(
                task(caller, BareMetalPart.STRIP, wayId, Aim.ROAD_READY, whole.strip(), said.strip()),
                shown.likelyMinutes() == 0
                        ? Optional.empty()
                        : Optional.of(task(
                                caller,
                                BareMetalPart.SHOWN,
                                wayId,
                                Aim.ROAD_READY,
                                new Estimate(shown, NO_MATERIAL),
                                null)),
                task(caller, BareMetalPart.COAT, wayId, painted(open, project), whole.coat(), said.coat()),
                ids(open, BareMetal::isOnMetal),
                ids(open, BareMetal::isLocalStrip),
                ids(open, BareMetal::isLocalCoat),
                byTrade(caller, projectId, wayId),
                accesses.fills().keySet());
    }

    /** Of the three and the jobs that are there. */
    private List<Precedence.Link<ActivityId>> byTrade(Caller caller, UUID projectId, UUID wayId) {
        List<OrderOfWork.ThoughtOf> more = Stream.of(BareMetalPart.values())
                .map(part -> new OrderOfWork.ThoughtOf(part.of(wayId), part.nature))
                .toList();
        Set<UUID> its = more.stream().map(OrderOfWork.ThoughtOf::id).collect(Collectors.toSet());
        return orderOfWork.binding(caller, projectId, more).stream()
                .filter(b -> its.contains(b.before()) || its.contains(b.after()))
                .map(b -> new Precedence.Link<>(ActivityId.job(b.before()), ActivityId.job(b.after())))
                .toList();
    }

    /** As far as the local coats would bring the car. */
    private static Aim painted(List<Job> open, Projects.Project project) {
        return open.stream()
                .filter(j -> BareMetal.isLocalCoat(j.nature()))
                .map(Job::aim)
                .max(Aim::compareTo)
                .orElse(project.aim());
    }

    private Task task(
            Caller caller, BareMetalPart part, UUID wayId, Aim aim, Estimate own, @Nullable DoneByOthers others) {
        OptionalInt coldest = part == BareMetalPart.COAT
                ? consumables.find(COLOUR).map(Consumable::lowest).orElse(OptionalInt.empty())
                : OptionalInt.empty();
        WorkAsks.Asked asked = asks.of(caller, part.nature, coldest);
        return new Task(
                ActivityId.job(part.of(wayId)),
                aim,
                own.effort().likelyMinutes(),
                asked.demand(),
                asked.resources(),
                own.material()
                        .costs(garages.workshopHourMinor(caller).orElse(0L))
                        .likelyMinor(),
                Optional.ofNullable(others).map(o -> new ByOthers(new DaysAway(o.days()), o.costMinor())));
    }

    private static Set<ActivityId> ids(List<Job> jobs, Predicate<JobNature> which) {
        return jobs.stream()
                .filter(j -> which.test(j.nature()))
                .map(j -> ActivityId.job(j.id()))
                .collect(Collectors.toSet());
    }

    /** Of one part what it takes of oneself. */
    Effort effort(Caller caller, UUID projectId, BareMetalPart part) {
        Projects.Project project = projects.require(caller, projectId);
        return switch (part) {
            case STRIP -> usually.of(project.bodyStyle()).strip().effort();
            case SHOWN -> shown(caller, project);
            case COAT -> usually.of(project.bodyStyle()).coat().effort();
        };
    }

    private Effort shown(Caller caller, Projects.Project project) {
        Body body = projects.bodyOf(project);
        Collection<UnseenPlace> places = inspection.unseen(caller, project.id()).byPlace().entrySet().stream()
                .flatMap(e -> body.zone(e.getKey()).stream()
                        .filter(zone -> BareMetal.isOfBody(zone.system()))
                        .map(zone -> new UnseenPlace(zone, e.getValue().share())))
                .toList();
        return BareMetalUsual.toShow(places, usual);
    }

    static BareMetalTakes takes(BareMetal whole) {
        return new BareMetalTakes(
                own(whole.strip()),
                whole.shown().map(Task::minutes).orElse(0),
                own(whole.coat()),
                whole.materialMinor());
    }

    private static @Nullable Integer own(Task task) {
        return task.byOthers().isPresent() ? null : task.minutes();
    }
}
