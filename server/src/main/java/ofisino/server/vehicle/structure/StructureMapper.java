package ofisino.server.vehicle.structure;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import ofisino.core.vehicle.structure.ReferencePoint;
import ofisino.core.vehicle.structure.ReferencePoint.Against;
import ofisino.core.vehicle.structure.ReferencePoint.Stage;
import org.apache.ibatis.annotations.Mapper;

@Mapper
interface StructureMapper {
    List<PointRow> points(UUID garageId, UUID projectId);

    Optional<PointRow> find(UUID garageId, UUID projectId, UUID id);

    void insertPoint(UUID garageId, UUID projectId, PointRow point);

    int updatePoint(UUID garageId, UUID projectId, PointRow point);

    /** In the order in which they were recorded. */
    List<ActualRow> actual(UUID garageId, UUID projectId);

    void insertActual(UUID garageId, ActualRow actual);

    /** @param reference the document and page, or the neighbour */
    record PointRow(
            UUID id,
            String zone,
            String name,
            double expectedMm,
            double toleranceMm,
            Against against,
            String reference,
            boolean reliable,
            long version) {
        ReferencePoint toCore() {
            return new ReferencePoint(name, expectedMm, toleranceMm, against, reliable);
        }
    }

    record ActualRow(UUID id, UUID pointId, Stage stage, double actualMm, LocalDate measuredOn) {}
}
