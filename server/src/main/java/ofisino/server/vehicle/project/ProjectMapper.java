package ofisino.server.vehicle.project;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import ofisino.core.kernel.Aim;
import ofisino.server.vehicle.Projects.Project;
import org.apache.ibatis.annotations.Mapper;

@Mapper
interface ProjectMapper {
    List<Project> all(UUID garageId);

    Optional<Project> find(UUID garageId, UUID id);

    void insertVehicle(UUID garageId, Project project);

    void insertProject(UUID garageId, Project project);

    void updateVehicle(UUID garageId, Project project);

    int updateProject(UUID garageId, Project project);

    void activate(UUID garageId, UUID id);

    void sold(UUID garageId, UUID id);

    int putPriority(UUID garageId, UUID id, int priority);

    int putAim(UUID garageId, UUID id, Aim aim);

    int putOwnPace(UUID garageId, UUID id, boolean ownPace);
}
