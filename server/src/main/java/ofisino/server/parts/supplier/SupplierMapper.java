package ofisino.server.parts.supplier;

import java.util.List;
import java.util.UUID;
import ofisino.core.kernel.Weekdays;
import org.apache.ibatis.annotations.Mapper;

@Mapper
interface SupplierMapper {
    List<SupplierRow> all(UUID garageId);

    void insert(UUID garageId, SupplierRow supplier);

    int putOpenOn(UUID garageId, UUID id, Weekdays openOn, long version);

    /** @param openOn days on which it takes orders */
    record SupplierRow(UUID id, String name, String currency, String note, Weekdays openOn, long version) {}
}
