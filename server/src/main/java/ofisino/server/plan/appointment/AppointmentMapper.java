package ofisino.server.plan.appointment;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import ofisino.server.plan.Appointments.Appointment;
import org.apache.ibatis.annotations.Mapper;

@Mapper
interface AppointmentMapper {
    List<Appointment> ahead(UUID garageId, UUID projectId, Instant from);

    void insert(UUID garageId, UUID projectId, Appointment appointment);

    int delete(UUID garageId, UUID projectId, UUID id);
}
