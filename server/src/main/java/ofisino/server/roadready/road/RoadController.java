package ofisino.server.roadready.road;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import ofisino.core.kernel.Source;
import ofisino.core.kernel.VehicleSystem;
import ofisino.core.roadready.gate.Blocker;
import ofisino.core.roadready.gate.Gate;
import ofisino.core.roadready.gate.Gates;
import ofisino.core.roadready.gate.Proof;
import ofisino.core.roadready.gate.Proofs;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Roles;
import ofisino.server.roadready.RoadGates;
import ofisino.server.roadready.road.RoadMapper.FastenerFields;
import ofisino.server.roadready.road.RoadMapper.FastenerRow;
import ofisino.server.roadready.road.RoadMapper.ProofFields;
import ofisino.server.roadready.road.RoadMapper.ProofRow;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
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
@RequestMapping("/api")
record RoadController(RoadService service, RoadGates road) {
    /**
     * @param open     nothing recorded keeps it shut, and all evidence is there
     * @param blockers how many, those of the gates before it included
     * @param row      this gate and those before it
     */
    record GateResponse(Gate gate, boolean open, int blockers, Set<Gate> row) {}

    /**
     * A proof that this vehicle asks for.
     *
     * @param gate    absent where it is only owed
     * @param afterKm owed so many kilometres after the start
     * @param next    of what is owed, the one to do next
     * @param records all that were made, the latest last
     */
    record ProofResponse(
            String id,
            String name,
            String how,
            @Nullable Gate gate,
            @Nullable Integer afterKm,
            boolean next,
            VehicleSystem system,
            Proof.@Nullable Value value,
            boolean until,
            Source source,
            boolean stands,
            List<ProofRow> records) {}

    /** @param blockers the gravest first; empty means that nothing recorded stands in the way and all evidence is there, not that it is safe or legal */
    record RoadResponse(
            List<GateResponse> gates,
            List<Blocker> blockers,
            List<ProofResponse> proofs,
            List<FastenerRow> fasteners) {}

    record ProofRequest(UUID id, @JsonUnwrapped ProofFields said) {}

    record FastenerRequest(
            UUID id, long version, @JsonUnwrapped FastenerFields said) {}

    @GetMapping("/projects/{projectId}/road")
    RoadResponse road(Caller caller, @PathVariable UUID projectId) {
        Gates gates = road.gates(caller, projectId);
        return new RoadResponse(
                Arrays.stream(Gate.values())
                        .map(g -> new GateResponse(
                                g, gates.isOpen(g), gates.before(g).size(), g.withThoseBefore()))
                        .toList(),
                gates.all(),
                proofs(caller, projectId, gates),
                service.fasteners(caller, projectId));
    }

    private List<ProofResponse> proofs(Caller caller, UUID projectId, Gates gates) {
        List<Proof> asked = service.asked(caller, projectId);
        List<ProofRow> recorded = service.recorded(caller, projectId);
        Set<String> standing = recorded.stream()
                .filter(p -> p.voidedBy() == null)
                .map(p -> p.said().proof())
                .collect(Collectors.toCollection(HashSet::new));
        gates.all().stream()
                .filter(b -> b.remedy().kind() == Blocker.Remedy.Kind.PROOF)
                .forEach(b -> standing.remove(b.remedy().id()));
        String next = Proofs.nextOutstanding(asked, standing).map(Proof::id).orElse("");
        return asked.stream()
                .map(p -> new ProofResponse(
                        p.id(),
                        p.name(),
                        p.how(),
                        p.gate().orElse(null),
                        p.afterKm().isPresent() ? p.afterKm().getAsInt() : null,
                        p.id().equals(next),
                        p.system(),
                        p.value().orElse(null),
                        p.until(),
                        p.source(),
                        standing.contains(p.id()),
                        recorded.stream()
                                .filter(r -> r.said().proof().equals(p.id()))
                                .toList()))
                .toList();
    }

    @PostMapping("/projects/{projectId}/proofs")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void record(Caller caller, @PathVariable UUID projectId, @RequestBody ProofRequest body) {
        service.record(caller, projectId, body.id(), body.said());
    }

    @DeleteMapping("/proofs/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void takeBack(Caller caller, @PathVariable UUID id) {
        service.takeBack(caller, id);
    }

    @PutMapping("/projects/{projectId}/fasteners")
    FastenerRow put(Caller caller, @PathVariable UUID projectId, @RequestBody FastenerRequest body) {
        return service.put(caller, projectId, body.id(), body.version(), body.said());
    }

    @DeleteMapping("/fasteners/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(Caller caller, @PathVariable UUID id) {
        service.remove(caller, id);
    }
}
