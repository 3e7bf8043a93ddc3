package ofisino.server.parts.supplier;

import java.util.List;
import java.util.UUID;
import ofisino.core.kernel.Currencies;
import ofisino.core.kernel.Texts;
import ofisino.core.kernel.Weekdays;
import ofisino.server.db.Stored;
import ofisino.server.identity.Caller;
import ofisino.server.parts.Suppliers;
import ofisino.server.parts.supplier.SupplierMapper.SupplierRow;
import org.springframework.stereotype.Service;

/** Who parts and services come from. */
@Service
record SupplierService(SupplierMapper mapper) implements Suppliers {
    List<SupplierRow> all(Caller caller) {
        return mapper.all(caller.garageId());
    }

    SupplierRow add(Caller caller, UUID id, String name, String currency, String note) {
        var supplier = new SupplierRow(
                id,
                Texts.line("name", name),
                Currencies.of("currency", currency).getCode(),
                Texts.note("note", note),
                Weekdays.ALL,
                0);
        mapper.insert(caller.garageId(), supplier);
        return supplier;
    }

    void putOpenOn(Caller caller, UUID id, Weekdays openOn, long version) {
        Stored.notStale(mapper.putOpenOn(caller.garageId(), id, openOn, version), "supplier", () -> find(caller, id));
    }

    private SupplierRow find(Caller caller, UUID id) {
        return Stored.require(
                all(caller).stream().filter(s -> s.id().equals(id)).findFirst(), "supplier", id);
    }

    @Override
    public Weekdays openOn(Caller caller) {
        return all(caller).stream()
                .map(SupplierRow::openOn)
                .reduce(Weekdays::or)
                .orElse(Weekdays.ALL);
    }
}
