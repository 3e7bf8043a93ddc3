package ofisino.server.vehicle.project;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import ofisino.core.kernel.Aim;
import ofisino.core.vehicle.BodyStyle;
import ofisino.core.vehicle.equipment.Equipment;
import ofisino.core.vehicle.equipment.Layout;
import ofisino.core.vehicle.finding.DoubtfulParts;
import ofisino.core.vehicle.identity.VehicleNumber;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Role;
import ofisino.server.identity.Roles;
import ofisino.server.vehicle.Projects.DriverSide;
import ofisino.server.vehicle.Projects.Project;
import ofisino.server.vehicle.Projects.State;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@Roles(change = Role.OWNER)
@RequestMapping("/api/projects")
record ProjectController(ProjectService service) {
    /** @param equipment what is known of the vehicle at once, as far as anything is */
    record NewProjectRequest(
            UUID id,
            UUID vehicleId,
            BodyStyle bodyStyle,
            LocalDate begunOn,
            ProjectFields fields,
            @Nullable List<Equipment.Fact> equipment) {}

    /** @param bodyStyle absent where it stays */
    record ProjectChangeRequest(
            ProjectFields fields, @Nullable BodyStyle bodyStyle, long version) {}

    /** What can be changed at any time. */
    record ProjectFields(
            String vehicleName,
            int builtYear,
            Layout layout,
            DriverSide driverSide,
            @Nullable String identity,
            @Nullable String note,
            Aim aim,
            State state,
            @Nullable DoubtfulParts doubtfulParts,
            long budgetMinor,
            long monthlyMinor,
            @Nullable LocalDate targetOn) {
        Project row(UUID id, UUID vehicleId, BodyStyle bodyStyle, LocalDate begunOn, long version) {
            return new Project(
                    id,
                    vehicleId,
                    vehicleName,
                    bodyStyle,
                    builtYear,
                    layout,
                    driverSide,
                    identity,
                    note,
                    aim,
                    state,
                    doubtfulParts == null ? DoubtfulParts.REPLACE : doubtfulParts,
                    budgetMinor,
                    monthlyMinor,
                    targetOn,
                    begunOn,
                    false,
                    version);
        }
    }

    /** @param ids all that are worked on, the one that has evenings, places and purse first at the top */
    record ProjectOrderRequest(List<UUID> ids) {}

    record OwnPaceRequest(boolean ownPace) {}

    @PutMapping("/order")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void order(Caller caller, @RequestBody ProjectOrderRequest body) {
        service.order(caller, body.ids());
    }

    /** Whether the plan reckons with the hours that its person really takes. */
    @PutMapping("/{id}/own-pace")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void ownPace(Caller caller, @PathVariable UUID id, @RequestBody OwnPaceRequest body) {
        service.ownPace(caller, id, body.ownPace());
    }

    @GetMapping
    List<Project> all(Caller caller) {
        return service.all(caller);
    }

    @GetMapping("/{id}")
    Project find(Caller caller, @PathVariable UUID id) {
        return service.find(caller, id);
    }

    /** What is odd about the vehicle's number. */
    @GetMapping("/{id}/number")
    VehicleNumber number(Caller caller, @PathVariable UUID id) {
        return service.number(caller, id);
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    Project start(Caller caller, @RequestBody NewProjectRequest body) {
        return service.start(
                caller,
                body.fields().row(body.id(), body.vehicleId(), body.bodyStyle(), body.begunOn(), 0),
                body.equipment() == null ? List.of() : body.equipment());
    }

    @PutMapping("/{id}")
    Project change(Caller caller, @PathVariable UUID id, @RequestBody ProjectChangeRequest body) {
        Project stored = service.find(caller, id);
        return service.change(
                caller,
                body.fields()
                        .row(
                                id,
                                stored.vehicleId(),
                                body.bodyStyle() == null ? stored.bodyStyle() : body.bodyStyle(),
                                stored.begunOn(),
                                body.version()));
    }
}
