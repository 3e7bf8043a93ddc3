package ofisino.server.parts.supplier;

import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Mapper;

@Mapper
interface SupplierMapper {
    List<SupplierRow> all(UUID garageId);

    void insert(UUID garageId, SupplierRow supplier);

    record SupplierRow(UUID id, String name, String currency, String note, long version) {}
}
