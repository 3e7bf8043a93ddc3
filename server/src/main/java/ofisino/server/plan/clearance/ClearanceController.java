package ofisino.server.plan.clearance;

import java.util.List;
import java.util.UUID;
import ofisino.core.plan.clearance.Passage;
import ofisino.server.identity.AtLeast;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Role;
import ofisino.server.identity.Roles;
import ofisino.server.plan.clearance.ClearanceMapper.PassageRow;
import ofisino.server.plan.clearance.ClearanceMapper.SizeChangeRow;
import ofisino.server.plan.clearance.ClearanceMapper.SizeRow;
import ofisino.server.plan.clearance.ClearanceService.Cleared;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@Roles
@RequestMapping("/api")
record ClearanceController(ClearanceService service) {
    record AfterJob(UUID job, Passage.Verdict verdict) {}

    /** @param trap the first job after which it does not go through @param waysOut jobs that could be done on the other side */
    record ThroughResponse(
            PassageRow passage,
            Passage.@Nullable Verdict now,
            List<AfterJob> after,
            @Nullable UUID trap,
            List<UUID> waysOut) {
        static ThroughResponse of(ClearanceService.Through t) {
            return new ThroughResponse(
                    t.passage(),
                    t.path().map(Passage.Path::now).orElse(null),
                    t.path().map(Passage.Path::steps).orElse(List.of()).stream()
                            .map(s -> new AfterJob(UUID.fromString(s.change().jobId()), s.verdict()))
                            .toList(),
                    t.path()
                            .flatMap(Passage.Path::trap)
                            .map(s -> UUID.fromString(s.change().jobId()))
                            .orElse(null),
                    t.path().map(Passage.Path::waysOut).orElse(List.of()).stream()
                            .map(UUID::fromString)
                            .toList());
        }
    }

    record ClearanceResponse(@Nullable SizeRow size, List<SizeChangeRow> changes, List<ThroughResponse> passages) {}

    @GetMapping("/projects/{projectId}/clearance")
    ClearanceResponse of(Caller caller, @PathVariable UUID projectId) {
        Cleared c = service.of(caller, projectId);
        return new ClearanceResponse(
                c.size().orElse(null),
                c.changes(),
                c.passages().stream().map(ThroughResponse::of).toList());
    }

    @PutMapping("/projects/{projectId}/clearance/size")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void measure(Caller caller, @PathVariable UUID projectId, @RequestBody SizeRow body) {
        service.measure(caller, projectId, body);
    }

    @AtLeast(Role.OWNER)
    @PutMapping("/clearance/changes")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void change(Caller caller, @RequestBody SizeChangeRow body) {
        service.change(caller, body);
    }

    @AtLeast(Role.OWNER)
    @PutMapping("/clearance/passages")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void keepPassage(Caller caller, @RequestBody PassageRow body) {
        service.keepPassage(caller, body);
    }

    @AtLeast(Role.OWNER)
    @DeleteMapping("/clearance/passages/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void dropPassage(Caller caller, @PathVariable UUID id) {
        service.dropPassage(caller, id);
    }

    /** Whether a part goes into a space of the vehicle. */
    @GetMapping("/clearance/part")
    Passage.Verdict part(
            Caller caller, @RequestParam int spaceMm, @RequestParam int partMm, @RequestParam int marginMm) {
        return Passage.part(spaceMm, partMm, marginMm);
    }
}
