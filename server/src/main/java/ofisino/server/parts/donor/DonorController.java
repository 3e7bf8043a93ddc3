package ofisino.server.parts.donor;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import ofisino.core.kernel.Side;
import ofisino.core.parts.consumable.AmountUnit;
import ofisino.core.parts.donor.Verdict;
import ofisino.core.parts.shelf.Condition;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Roles;
import ofisino.server.parts.donor.DonorMapper.DonorKind;
import ofisino.server.parts.donor.DonorMapper.DonorRow;
import ofisino.server.parts.donor.DonorMapper.PieceRow;
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
@Roles
@RequestMapping("/api")
record DonorController(DonorService service) {
    record DonorFields(
            DonorKind kind,
            String name,
            @Nullable Long costMinor,
            LocalDate boughtOn,
            @Nullable LocalDate goneBy,
            @Nullable LocalDate goneOn,
            @Nullable String note) {}

    record NewDonorRequest(UUID id, UUID placeId, DonorFields fields) {}

    record DonorChangeRequest(DonorFields fields, long version) {}

    /** @param valueMinor what all of it would cost elsewhere */
    record NewPieceRequest(
            UUID id,
            UUID moveId,
            String title,
            @Nullable Side side,
            int quantity,
            @Nullable Condition condition,
            Verdict verdict,
            @Nullable Long valueMinor) {}

    record VerdictRequest(Verdict verdict, @Nullable Long valueMinor, long version) {}

    /** @param shareMinor of what the donor cost; absent where it bears none */
    record PieceResponse(
            @Nullable Long shareMinor, @JsonUnwrapped PieceRow piece) {}

    /**
     * @param netMinor      cash: paid, less what came back
     * @param hopedMinor    asked for what is still for sale: in no sum
     * @param unsharedMinor what no useful piece bears
     * @param toStrip       pieces that are still on it
     */
    record DonorResponse(
            long soldMinor,
            long hopedMinor,
            long netMinor,
            long unsharedMinor,
            int toStrip,
            List<PieceResponse> pieces,
            @JsonUnwrapped DonorRow donor) {}

    /**
     * What to look for on a donor.
     *
     * @param tell       how the right one differs from its sisters
     * @param tools      to take along
     * @param limitMinor what it is expected to cost otherwise: no more than that; absent where nobody said
     */
    record HarvestResponse(
            UUID needId,
            String title,
            Side side,
            int quantity,
            AmountUnit unit,
            List<String> tell,
            List<String> tools,
            @Nullable Long limitMinor) {}

    @GetMapping("/projects/{projectId}/donors")
    List<DonorResponse> of(Caller caller, @PathVariable UUID projectId) {
        return service.of(caller, projectId);
    }

    /** Parts that are to be bought, as one looks for them on a donor. */
    @GetMapping("/projects/{projectId}/harvest")
    List<HarvestResponse> harvest(Caller caller, @PathVariable UUID projectId) {
        return service.harvest(caller, projectId);
    }

    @PostMapping("/projects/{projectId}/donors")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void add(Caller caller, @PathVariable UUID projectId, @RequestBody NewDonorRequest body) {
        service.add(caller, projectId, body.id(), body.placeId(), body.fields());
    }

    @PutMapping("/donors/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void change(Caller caller, @PathVariable UUID id, @RequestBody DonorChangeRequest body) {
        service.change(caller, id, body.fields(), body.version());
    }

    @PostMapping("/donors/{id}/pieces")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void piece(Caller caller, @PathVariable UUID id, @RequestBody NewPieceRequest body) {
        service.piece(caller, id, body);
    }

    @PutMapping("/stock/{id}/verdict")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void judge(Caller caller, @PathVariable UUID id, @RequestBody VerdictRequest body) {
        service.judge(caller, id, body);
    }
}
