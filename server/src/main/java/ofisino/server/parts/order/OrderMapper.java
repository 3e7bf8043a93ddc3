package ofisino.server.parts.order;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import ofisino.server.parts.Orders;
import ofisino.server.parts.Orders.Terms;
import org.apache.ibatis.annotations.Mapper;
import org.jspecify.annotations.Nullable;

@Mapper
interface OrderMapper {
    List<OrderRow> of(UUID garageId, UUID projectId);

    Optional<OrderRow> find(UUID garageId, UUID id);

    List<LineRow> lines(UUID garageId, UUID projectId);

    List<OrderRow> all(UUID garageId);

    List<LineRow> allLines(UUID garageId);

    void insert(UUID garageId, OrderRow order);

    void insertLine(UUID garageId, UUID orderId, NewLine line);

    record NewLine(UUID needId, long amountMinor, @Nullable Integer returnDays, int sparePieces) {}

    record OrderRow(UUID id, UUID projectId, String supplier, Terms terms) {}

    record LineRow(UUID orderId, Orders.Order.Line line) {}
}
