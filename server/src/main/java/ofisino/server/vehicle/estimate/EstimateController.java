package ofisino.server.vehicle.estimate;

import java.util.Arrays;
import java.util.List;
import java.util.UUID;
import ofisino.core.kernel.CostRange;
import ofisino.core.kernel.Effort;
import ofisino.core.vehicle.corrosion.Blistering;
import ofisino.core.vehicle.corrosion.Corrosion;
import ofisino.core.vehicle.corrosion.CorrosionRules.Judgement;
import ofisino.core.vehicle.corrosion.RustGrade;
import ofisino.core.vehicle.estimate.Hands;
import ofisino.core.vehicle.estimate.Payer;
import ofisino.server.identity.AtLeast;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Role;
import ofisino.server.identity.Roles;
import ofisino.server.vehicle.estimate.EstimateMapper.EstimateRow;
import ofisino.server.vehicle.estimate.EstimateService.Estimated;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@Roles(look = Role.OWNER, change = Role.OWNER)
@RequestMapping("/api")
record EstimateController(EstimateService service) {
    /** What a person says; what is left open is proposed. */
    record EstimateFields(
            @Nullable Effort effort,
            @Nullable CostRange cost,
            @Nullable Corrosion rust,
            @Nullable Payer payer,
            @Nullable String payerNote) {
        EstimateRow row(UUID findingId, long version) {
            return new EstimateRow(
                    findingId,
                    effort == null ? null : effort.optimisticMinutes(),
                    effort == null ? null : effort.likelyMinutes(),
                    effort == null ? null : effort.pessimisticMinutes(),
                    cost == null ? null : cost.optimisticMinor(),
                    cost == null ? null : cost.likelyMinor(),
                    cost == null ? null : cost.pessimisticMinor(),
                    rust == null ? null : rust.grade(),
                    rust == null
                            ? null
                            : rust.blisters().map(Blistering::quantity).orElse(null),
                    rust == null ? null : rust.blisters().map(Blistering::size).orElse(null),
                    rust == null ? null : rust.lengthMillimetres(),
                    rust == null ? null : rust.widthMillimetres(),
                    rust != null && rust.perforated(),
                    rust == null || rust.mountingMillimetres().isEmpty()
                            ? null
                            : rust.mountingMillimetres().getAsInt(),
                    payer,
                    payerNote == null ? "" : payerNote.strip(),
                    version);
        }
    }

    record EstimateRequest(EstimateFields fields, long version) {}

    /** @param said what a person said; absent while all is proposed @param judgement what the graded rust means */
    record FindingEstimateResponse(
            UUID findingId,
            Effort effort,
            @Nullable CostRange cost,
            @Nullable EstimateFields said,
            @Nullable Judgement judgement,
            boolean specialist,
            List<Hands.HandsBecause> hands,
            long version) {
        static FindingEstimateResponse of(Estimated e) {
            return new FindingEstimateResponse(
                    e.estimate().findingId(),
                    e.estimate().effort(),
                    e.estimate().cost().orElse(null),
                    e.said().map(FindingEstimateResponse::said).orElse(null),
                    e.judgement().orElse(null),
                    e.hands().asksForSpecialist(),
                    e.hands().why(),
                    e.said().map(EstimateRow::version).orElse(0L));
        }

        private static EstimateFields said(EstimateRow row) {
            return new EstimateFields(
                    row.effort().orElse(null),
                    row.cost().orElse(null),
                    row.corrosion().orElse(null),
                    row.payer(),
                    row.payerNote());
        }
    }

    /** @param foundAfterOpening hours behind what was opened, as a share of those seen at first; 0.3 for 3 h behind 10 h */
    record EstimatesResponse(List<FindingEstimateResponse> estimates, double foundAfterStripDown) {}

    /** @param rustedPercent the share of the area that the degree stands for */
    record RustGradeResponse(RustGrade grade, double rustedPercent) {}

    @AtLeast(Role.VIEWER)
    @GetMapping("/rust-grades")
    List<RustGradeResponse> rustGrades() {
        return Arrays.stream(RustGrade.values())
                .map(g -> new RustGradeResponse(g, g.rustedPercent()))
                .toList();
    }

    @GetMapping("/projects/{projectId}/estimates")
    EstimatesResponse all(Caller caller, @PathVariable UUID projectId) {
        EstimateService.All all = service.all(caller, projectId);
        return new EstimatesResponse(
                all.estimates().stream().map(FindingEstimateResponse::of).toList(), all.foundAfterStripDown());
    }

    /** What may be decided for a finding. */
    @AtLeast(Role.VIEWER)
    @GetMapping("/findings/{id}/choices")
    List<EstimateService.DecisionChoice> choices(Caller caller, @PathVariable UUID id) {
        return service.choices(caller, id);
    }

    @PutMapping("/findings/{id}/estimate")
    FindingEstimateResponse say(Caller caller, @PathVariable UUID id, @RequestBody EstimateRequest body) {
        return FindingEstimateResponse.of(service.say(caller, body.fields().row(id, body.version())));
    }
}
