package ofisino.server.parts.supplier;

import java.util.List;
import java.util.UUID;
import ofisino.core.kernel.Weekdays;
import ofisino.server.parts.Suppliers.ParcelTerms;
import ofisino.server.parts.Suppliers.Supplier;
import org.apache.ibatis.annotations.Mapper;

@Mapper
interface SupplierMapper {
    List<Supplier> all(UUID garageId);

    void insert(UUID garageId, Supplier supplier);

    int putOpenOn(UUID garageId, UUID id, Weekdays openOn, long version);

    int putParcel(UUID garageId, UUID id, ParcelTerms parcel, long version);

    int putAvoid(UUID garageId, UUID id, boolean avoid, String reason, long version);
}
