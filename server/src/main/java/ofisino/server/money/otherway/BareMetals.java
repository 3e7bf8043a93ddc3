package ofisino.server.money.otherway;

import java.nio.charset.StandardCharsets;
import java.util.Collection;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import ofisino.core.kernel.Currencies;
import ofisino.core.kernel.Effort;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.parts.consumable.Consumable;
import ofisino.core.parts.consumable.Consumables;
import ofisino.core.plan.access.AccessLibrary;
import ofisino.core.plan.job.Precedence;
import ofisino.core.plan.problem.ActivityId;
import ofisino.core.plan.sentout.DaysAway;
import ofisino.core.plan.whatif.BareMetal;
import ofisino.core.plan.whatif.BareMetal.ByOthers;
import ofisino.core.plan.whatif.BareMetal.Open;
import ofisino.core.plan.whatif.BareMetal.Part;
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

    /** Of the same way the same job each time that one looks. */
    static UUID idOf(UUID wayId, Part part) {
        return UUID.nameUUIDFromBytes((wayId + " " + part).getBytes(StandardCharsets.UTF_8));
    }

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
        List<Open> open = open(caller, projectId);
        List<WorkAsks.Asked> asked =
                asks.of(caller, Stream.of(Part.values()).map(this::work).toList());
        Map<Part, Task> tasks = new EnumMap<>(Part.class);
        for (Part part : Part.values()) {
            Estimate own = own(caller, project, part);
            if (own.effort().likelyMinutes() == 0) continue;
            WorkAsks.Asked its = asked.get(part.ordinal());
            tasks.put(
                    part,
                    new Task(
                            ActivityId.job(idOf(wayId, part)),
                            part.aim(open, project.aim()),
                            own.effort().likelyMinutes(),
                            its.demand(),
                            its.resources(),
                            own.material()
                                    .costs(garages.workshopHourMinor(caller).orElse(0L))
                                    .likelyMinor(),
                            others(part, said).map(o -> new ByOthers(new DaysAway(o.days()), o.costMinor()))));
        }
        return BareMetal.of(
                tasks, open, byTrade(caller, projectId, wayId), accesses.fills().keySet());
    }

    private List<Open> open(Caller caller, UUID projectId) {
        Set<UUID> given = givenAwayJobs.ids(caller, projectId);
        return jobs.of(caller, projectId).stream()
                .filter(j -> !j.state().isOver())
                .map(j -> new Open(
                        ActivityId.job(j.id()), j.nature(), j.aim(), j.state().isInHand(), given.contains(j.id())))
                .toList();
    }

    private static Optional<DoneByOthers> others(Part part, BareMetalFields said) {
        return switch (part) {
            case STRIP -> Optional.ofNullable(said.strip());
            case SHOWN -> Optional.empty();
            case COAT -> Optional.ofNullable(said.coat());
        };
    }

    private WorkAsks.Work work(Part part) {
        BareMetalUsual.PartJob job = usually.job(part);
        OptionalInt coldest = job.buys()
                .flatMap(BareMetalUsual.Bought::of)
                .flatMap(consumables::find)
                .map(Consumable::lowest)
                .orElse(OptionalInt.empty());
        return new WorkAsks.Work(job.nature(), coldest);
    }

    /** Of the three and the jobs that are there. */
    private List<Precedence.Link<ActivityId>> byTrade(Caller caller, UUID projectId, UUID wayId) {
        List<OrderOfWork.ThoughtOf> more = Stream.of(Part.values())
                .map(part -> new OrderOfWork.ThoughtOf(
                        idOf(wayId, part), usually.job(part).nature()))
                .toList();
        Set<UUID> its = more.stream().map(OrderOfWork.ThoughtOf::id).collect(Collectors.toSet());
        return orderOfWork.binding(caller, projectId, more).stream()
                .filter(b -> its.contains(b.before()) || its.contains(b.after()))
                .map(b -> new Precedence.Link<>(ActivityId.job(b.before()), ActivityId.job(b.after())))
                .toList();
    }

    /** What a part takes of oneself. */
    Estimate own(Caller caller, Projects.Project project, Part part) {
        return switch (part) {
            case STRIP -> usually.of(project.bodyStyle()).strip();
            case SHOWN -> new Estimate(shown(caller, project), NO_MATERIAL);
            case COAT -> usually.of(project.bodyStyle()).coat();
        };
    }

    private Effort shown(Caller caller, Projects.Project project) {
        Body body = projects.bodyOf(project);
        Collection<UnseenPlace> places = inspection.unseen(caller, project.id()).byPlace().entrySet().stream()
                .flatMap(e -> body.zone(e.getKey()).stream()
                        .map(zone -> new UnseenPlace(zone, e.getValue().share())))
                .toList();
        return BareMetalUsual.toShow(places, usual);
    }

    BareMetalTakes takes(Caller caller, BareMetal whole) {
        return new BareMetalTakes(
                ownMinutes(whole.strip()),
                whole.shown().map(Task::minutes).orElse(0),
                ownMinutes(whole.coat()),
                garages.workshopHourMinor(caller).isEmpty() ? null : whole.materialMinor());
    }

    private static @Nullable Integer ownMinutes(Task task) {
        return task.byOthers().isPresent() ? null : task.minutes();
    }
}
