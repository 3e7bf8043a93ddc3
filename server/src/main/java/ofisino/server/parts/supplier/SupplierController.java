package ofisino.server.parts.supplier;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.util.List;
import java.util.UUID;
import ofisino.core.kernel.Weekdays;
import ofisino.core.parts.order.SellerRecord;
import ofisino.server.identity.AtLeast;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Role;
import ofisino.server.identity.Roles;
import ofisino.server.parts.Suppliers.ParcelTerms;
import ofisino.server.parts.Suppliers.Supplier;
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
@RequestMapping("/api/suppliers")
record SupplierController(SupplierService service) {
    record NewSupplierRequest(
            UUID id, String name, String currency, @Nullable String note) {}

    record ParcelRequest(@JsonUnwrapped ParcelTerms parcel, long version) {}

    record OpenOnRequest(Weekdays openOn, long version) {}

    /** @param reason why nothing more is bought there; asked for where it is to be avoided */
    record AvoidRequest(boolean avoid, @Nullable String reason, long version) {}

    /** @param isToAvoid so many failed that one had better buy somewhere else */
    record SellerRecordResponse(
            UUID supplierId, @JsonUnwrapped SellerRecord record, boolean isToAvoid) {}

    @GetMapping
    List<Supplier> all(Caller caller) {
        return service.all(caller);
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    Supplier add(Caller caller, @RequestBody NewSupplierRequest body) {
        return service.add(caller, body.id(), body.name(), body.currency(), body.note());
    }

    @PutMapping("/{id}/open-on")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void openOn(Caller caller, @PathVariable UUID id, @RequestBody OpenOnRequest body) {
        service.putOpenOn(caller, id, body.openOn(), body.version());
    }

    @PutMapping("/{id}/parcel")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void parcel(Caller caller, @PathVariable UUID id, @RequestBody ParcelRequest body) {
        service.putParcel(caller, id, body.parcel(), body.version());
    }

    /** What the deliveries of each were like: the owner's own business, and in nothing that is given out. */
    @GetMapping("/records")
    @AtLeast(Role.OWNER)
    List<SellerRecordResponse> records(Caller caller) {
        return service.records(caller).entrySet().stream()
                .map(e -> new SellerRecordResponse(
                        e.getKey(), e.getValue(), e.getValue().isToAvoid()))
                .toList();
    }

    @PutMapping("/{id}/avoid")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void avoid(Caller caller, @PathVariable UUID id, @RequestBody AvoidRequest body) {
        service.putAvoid(caller, id, body.avoid(), body.reason(), body.version());
    }
}
