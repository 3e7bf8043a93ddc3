package ofisino.server.roadready.faultcodes;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Mapper;
import org.jspecify.annotations.Nullable;

@Mapper
interface FaultCodeMapper {
    /** In the order in which they were taken. */
    List<ScanRow> scans(UUID garageId, UUID projectId);

    List<CodeRow> codes(UUID garageId, UUID projectId);

    void insertScan(UUID garageId, UUID projectId, ScanRow scan);

    void insertCode(UUID garageId, CodeRow code);

    List<CauseRow> causes(UUID garageId, UUID projectId);

    void insertCause(UUID garageId, UUID projectId, CauseRow cause);

    int updateCause(UUID garageId, UUID projectId, CauseRow cause);

    record ScanRow(UUID id, LocalDate scannedOn, boolean afterDrive, String note) {}

    record CodeRow(UUID scanId, String module, String code) {}

    /** @param jobId what cures it; it is taken up again when the code comes back */
    record CauseRow(
            String module,
            String code,
            String cause,
            @Nullable UUID jobId,
            long version) {}
}
