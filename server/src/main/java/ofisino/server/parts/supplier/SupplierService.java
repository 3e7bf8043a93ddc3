package ofisino.server.parts.supplier;

import java.util.List;
import java.util.UUID;
import ofisino.core.kernel.Currencies;
import ofisino.core.kernel.Texts;
import ofisino.server.identity.Caller;
import ofisino.server.parts.supplier.SupplierMapper.SupplierRow;
import org.springframework.stereotype.Service;

/** Who parts and services come from. */
@Service
class SupplierService {
    private final SupplierMapper mapper;

    SupplierService(SupplierMapper mapper) {
        this.mapper = mapper;
    }

    List<SupplierRow> all(Caller caller) {
        return mapper.all(caller.garageId());
    }

    SupplierRow add(Caller caller, UUID id, String name, String currency, String note) {
        caller.mustOwn();
        var supplier = new SupplierRow(
                id,
                Texts.line("name", name),
                Currencies.of("currency", currency).getCode(),
                Texts.note("note", note),
                0);
        mapper.insert(caller.garageId(), supplier);
        return supplier;
    }
}
