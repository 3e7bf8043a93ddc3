package ofisino.server.vehicle.structure;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import ofisino.core.vehicle.structure.ReferencePoint.Advice;
import ofisino.core.vehicle.structure.ReferencePoint.Deviation;
import ofisino.core.vehicle.structure.ReferencePoint.Stage;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Roles;
import ofisino.server.vehicle.structure.StructureMapper.ActualRow;
import ofisino.server.vehicle.structure.StructureMapper.PointRow;
import ofisino.server.vehicle.structure.StructureService.Point;
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
@Roles
@RequestMapping("/api/projects/{projectId}/structure")
record StructureController(StructureService service) {
    record ReferenceStageResponse(Stage stage, double actualMm, LocalDate measuredOn, Deviation deviation) {}

    record ReferencePointResponse(PointRow row, List<ReferenceStageResponse> stages, Advice advice) {
        static ReferencePointResponse of(Point p) {
            return new ReferencePointResponse(
                    p.row(),
                    Arrays.stream(Stage.values())
                            .map(s -> p.actual().get(s))
                            .flatMap(a -> Optional.ofNullable(a).stream())
                            .map(a -> new ReferenceStageResponse(
                                    a.stage(),
                                    a.actualMm(),
                                    a.measuredOn(),
                                    p.row().toCore().deviation(a.actualMm())))
                            .toList(),
                    p.advice());
        }
    }

    @GetMapping
    List<ReferencePointResponse> of(Caller caller, @PathVariable UUID projectId) {
        return service.of(caller, projectId).stream()
                .map(ReferencePointResponse::of)
                .toList();
    }

    @PutMapping("/points")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void keep(Caller caller, @PathVariable UUID projectId, @RequestBody PointRow body) {
        service.keep(caller, projectId, body);
    }

    @PostMapping("/readings")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void measure(Caller caller, @PathVariable UUID projectId, @RequestBody ActualRow body) {
        service.measure(caller, projectId, body);
    }
}
