package ofisino.server.vehicle.project;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import ofisino.core.kernel.Aim;
import ofisino.core.vehicle.BodyStyle;
import ofisino.core.vehicle.equipment.Layout;
import ofisino.core.vehicle.finding.DoubtfulParts;
import ofisino.server.vehicle.Projects.State;
import org.apache.ibatis.annotations.Mapper;
import org.jspecify.annotations.Nullable;

@Mapper
interface ProjectMapper {
    List<ProjectRow> all(UUID garageId);

    Optional<ProjectRow> find(UUID garageId, UUID id);

    void insertVehicle(UUID garageId, ProjectRow project);

    void insertProject(UUID garageId, ProjectRow project);

    void updateVehicle(UUID garageId, ProjectRow project);

    int updateProject(UUID garageId, ProjectRow project);

    void activate(UUID garageId, UUID id);

    int putPriority(UUID garageId, UUID id, int priority);

    int putOwnPace(UUID garageId, UUID id, boolean ownPace);

    enum DriverSide {
        LEFT,
        RIGHT,
        NONE
    }

    /** @param ownPace its plan reckons with the hours that its person really takes */
    record ProjectRow(
            UUID id,
            UUID vehicleId,
            String vehicleName,
            BodyStyle bodyStyle,
            int builtYear,
            Layout layout,
            DriverSide driverSide,
            String identity,
            String note,
            Aim aim,
            State state,
            DoubtfulParts doubtfulParts,
            long budgetMinor,
            long monthlyMinor,
            @Nullable LocalDate targetOn,
            LocalDate begunOn,
            boolean ownPace,
            long version) {}
}
