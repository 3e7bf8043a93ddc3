package ofisino.server.vehicle.project;

import java.time.Clock;
import java.time.LocalDate;
import java.time.Year;
import java.util.HashSet;
import java.util.List;
import java.util.UUID;
import ofisino.core.kernel.Aim;
import ofisino.core.kernel.Conflict;
import ofisino.core.kernel.Currencies;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.kernel.Texts;
import ofisino.core.vehicle.BodyStyle;
import ofisino.core.vehicle.body.Bodies;
import ofisino.core.vehicle.body.Body;
import ofisino.core.vehicle.equipment.Equipment;
import ofisino.core.vehicle.equipment.Layout;
import ofisino.core.vehicle.identity.VehicleNumber;
import ofisino.server.db.Stored;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Garages;
import ofisino.server.vehicle.BodyChange;
import ofisino.server.vehicle.NewVehicle;
import ofisino.server.vehicle.Projects;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;

/** Vehicles and what is to become of them. */
@Service
record ProjectService(
        ProjectMapper mapper, Bodies bodies, Garages garages, ApplicationEventPublisher events, Clock clock)
        implements Projects {
    /** Benz patented his motor car in 1886 and had built it the year before. */
    private static final int FIRST_CAR = 1885;

    List<Project> all(Caller caller) {
        return mapper.all(caller.garageId());
    }

    Project find(Caller caller, UUID id) {
        return Stored.require(mapper.find(caller.garageId(), id), "project", id);
    }

    /** @param equipment what is known of the vehicle at once */
    Project start(Caller caller, Project wanted, List<Equipment.Fact> equipment) {
        Project checked = checked(caller, wanted);
        mapper.insertVehicle(caller.garageId(), checked);
        mapper.insertProject(caller.garageId(), checked);
        events.publishEvent(new NewVehicle(caller, checked.id(), equipment));
        return find(caller, checked.id());
    }

    Project change(Caller caller, Project wanted) {
        Project checked = checked(caller, wanted);
        if (checked.bodyStyle() != find(caller, wanted.id()).bodyStyle())
            events.publishEvent(BodyChange.to(bodies.of(checked.bodyStyle(), checked.layout()), caller, checked.id()));
        Stored.notStale(mapper.updateProject(caller.garageId(), checked), "project", () -> find(caller, wanted.id()));
        mapper.updateVehicle(caller.garageId(), checked);
        return find(caller, wanted.id());
    }

    /** Which of them goes first. */
    void order(Caller caller, List<UUID> ids) {
        if (new HashSet<>(ids).size() < ids.size())
            throw InvalidValue.at(
                    "ids", "project.order-twice", "A car stands in the order twice.", "Load the page again.");
        ids.forEach(id -> find(caller, id));
        for (int i = 0; i < ids.size(); i++) mapper.putPriority(caller.garageId(), ids.get(i), i);
    }

    void ownPace(Caller caller, UUID id, boolean ownPace) {
        requireOpen(caller, id);
        mapper.putOwnPace(caller.garageId(), id, ownPace);
    }

    @Override
    public void aimAt(Caller caller, UUID id, Aim aim) {
        requireOpen(caller, id);
        mapper.putAim(caller.garageId(), id, aim);
    }

    private Project checked(Caller caller, Project p) {
        int thisYear = Year.now(clock).getValue();
        if (p.builtYear() < FIRST_CAR || p.builtYear() > thisYear + 1)
            throw InvalidValue.at(
                    "builtYear",
                    "vehicle.year",
                    "%d cannot be the year.",
                    "Enter %d to %d.",
                    p.builtYear(),
                    FIRST_CAR,
                    thisYear + 1);
        if ((p.bodyStyle() == BodyStyle.MOTORCYCLE) != (p.layout() == Layout.MOTORCYCLE))
            throw InvalidValue.at(
                    "layout",
                    "vehicle.layout",
                    "A motorcycle has its own layout, and only that.",
                    "Choose where the engine is.");
        LocalDate target = p.targetOn();
        if (target != null && (target.getYear() < 1950 || target.getYear() > thisYear + 50))
            throw InvalidValue.at(
                    "targetOn", "project.target", "The target date (%s) is too far away.", "Check the year.", target);
        return new Project(
                p.id(),
                p.vehicleId(),
                Texts.line("vehicleName", p.vehicleName()),
                p.bodyStyle(),
                p.builtYear(),
                p.layout(),
                p.driverSide(),
                short120("identity", p.identity()),
                Texts.note("note", p.note()),
                p.aim(),
                p.state(),
                p.doubtfulParts(),
                amount(caller, "budget", p.budgetMinor()),
                amount(caller, "monthly", p.monthlyMinor()),
                target,
                p.begunOn(),
                p.ownPace(),
                p.version());
    }

    private static String short120(String field, String text) {
        return text == null || text.isBlank() ? "" : Texts.line(field, text);
    }

    private long amount(Caller caller, String field, long minor) {
        if (minor < 0)
            throw InvalidValue.at(
                    field, field + ".negative", "The amount cannot be negative.", "Enter 0 if there is no limit yet.");
        return Currencies.minor(field, garages.baseCurrency(caller), minor).getAmountMinorLong();
    }

    @Override
    public Project require(Caller caller, UUID projectId) {
        return find(caller, projectId);
    }

    @Override
    public List<Project> inHand(Caller caller) {
        return mapper.all(caller.garageId()).stream()
                .filter(p -> p.state() == State.ACTIVE)
                .toList();
    }

    @Override
    public Project requireOpen(Caller caller, UUID projectId) {
        Project project = require(caller, projectId);
        if (project.state().isOver())
            throw Conflict.of(
                    "project.over",
                    "“%s” is %s; its records stay as they are.",
                    "Set the project to active first.",
                    project.vehicleName(),
                    project.state().name().toLowerCase(java.util.Locale.ROOT));
        return project;
    }

    VehicleNumber number(Caller caller, UUID id) {
        Project p = find(caller, id);
        return VehicleNumber.of(p.identity(), p.builtYear());
    }

    @Override
    public void activate(Caller caller, UUID projectId) {
        if (find(caller, projectId).state() != State.LOOKING)
            throw Conflict.of("project.bought", "This one is yours already.", "Open it instead.");
        mapper.activate(caller.garageId(), projectId);
    }

    @Override
    public void sold(Caller caller, UUID projectId) {
        requireOpen(caller, projectId);
        mapper.sold(caller.garageId(), projectId);
    }

    @Override
    public void reopen(Caller caller, UUID projectId) {
        if (require(caller, projectId).state() == State.FINISHED) mapper.activate(caller.garageId(), projectId);
    }

    @Override
    public Body bodyOf(Project project) {
        return bodies.of(project.bodyStyle(), project.layout());
    }
}
