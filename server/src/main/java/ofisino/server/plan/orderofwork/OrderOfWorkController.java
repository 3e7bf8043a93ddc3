package ofisino.server.plan.orderofwork;

import java.util.List;
import java.util.UUID;
import ofisino.core.plan.orderofwork.Enablers;
import ofisino.core.plan.orderofwork.OrderOfWorkRule;
import ofisino.core.plan.orderofwork.OrderOfWorkRules;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Roles;
import ofisino.server.plan.Jobs;
import ofisino.server.plan.orderofwork.OrderOfWorkMapper.WaiverRow;
import ofisino.server.plan.orderofwork.OrderOfWorkService.Ordered;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@Roles
@RequestMapping("/api/projects/{projectId}/order-of-work")
record OrderOfWorkController(OrderOfWorkService service) {
    /** @param gate what comes after cannot be undone */
    record EdgeResponse(String rule, UUID before, UUID after, boolean must, boolean gate, String reason) {
        static EdgeResponse of(OrderOfWorkRules.Edge<UUID> e) {
            OrderOfWorkRule r = e.rule();
            return new EdgeResponse(r.id(), e.before(), e.after(), r.must(), r.gate(), r.reason());
        }
    }

    record RefusedResponse(EdgeResponse edge, List<UUID> circle) {}

    record MissingResponse(String rule, UUID job, String reason) {}

    /** @param tells jobs that come after the test */
    record EnablerResponse(UUID first, UUID test, int minutes, int tells) {
        static EnablerResponse of(Enablers.Enabler<UUID> e) {
            return new EnablerResponse(e.first(), e.test(), e.minutes(), e.tells());
        }
    }

    record OrderOfWorkResponse(
            List<EdgeResponse> proposed,
            List<RefusedResponse> refused,
            List<MissingResponse> missing,
            List<WaiverRow> waivers,
            List<EnablerResponse> enablers) {}

    @GetMapping
    OrderOfWorkResponse of(Caller caller, @PathVariable UUID projectId) {
        Ordered o = service.of(caller, projectId);
        return new OrderOfWorkResponse(
                o.proposed().edges().stream().map(EdgeResponse::of).toList(),
                o.proposed().refused().stream()
                        .map(r -> new RefusedResponse(EdgeResponse.of(r.edge()), r.circle()))
                        .toList(),
                o.proposed().missing().stream()
                        .map(m -> new MissingResponse(
                                m.rule().id(), m.job(), m.rule().reason()))
                        .toList(),
                o.waivers(),
                o.enablers().stream().map(EnablerResponse::of).toList());
    }

    record AcceptedEdge(UUID before, UUID after) {}

    record AcceptanceOfOrderRequest(List<AcceptedEdge> edges) {}

    @PostMapping("/accept")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void accept(Caller caller, @PathVariable UUID projectId, @RequestBody AcceptanceOfOrderRequest body) {
        service.accept(
                caller,
                projectId,
                body.edges().stream()
                        .map(e -> new Jobs.Link(e.before(), e.after(), null))
                        .toList());
    }

    @PostMapping("/waive")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void waive(Caller caller, @PathVariable UUID projectId, @RequestBody WaiverRow body) {
        service.waive(caller, projectId, body);
    }

    @PostMapping("/take-back")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void takeBack(Caller caller, @PathVariable UUID projectId, @RequestBody WaiverRow body) {
        service.takeBack(caller, projectId, body);
    }
}
