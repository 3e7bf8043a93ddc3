package ofisino.server.vehicle.event;

import java.util.List;
import java.util.UUID;
import ofisino.core.vehicle.event.Event;
import org.apache.ibatis.annotations.Mapper;

@Mapper
interface EventMapper {
    List<EventRow> of(UUID garageId, UUID projectId);

    void insert(UUID garageId, UUID projectId, EventRow event);

    record EventRow(UUID id, Event event, String note) {}
}
