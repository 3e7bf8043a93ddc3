package ofisino.server.plan.appointment;

import java.util.List;
import java.util.UUID;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Roles;
import ofisino.server.plan.Appointments.Appointment;
import ofisino.server.plan.appointment.AppointmentService.Fixed;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@Roles
@RequestMapping("/api/projects/{projectId}/appointments")
record AppointmentController(AppointmentService service) {
    @GetMapping
    List<Appointment> ahead(Caller caller, @PathVariable UUID projectId) {
        return service.ahead(caller, projectId);
    }

    @PostMapping
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void add(Caller caller, @PathVariable UUID projectId, @RequestBody Fixed body) {
        service.add(caller, projectId, body);
    }

    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(Caller caller, @PathVariable UUID projectId, @PathVariable UUID id) {
        service.remove(caller, projectId, id);
    }
}
