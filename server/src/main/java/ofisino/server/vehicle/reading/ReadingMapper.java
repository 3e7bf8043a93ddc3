package ofisino.server.vehicle.reading;

import java.time.LocalDate;
import java.util.List;
import java.util.OptionalDouble;
import java.util.UUID;
import ofisino.core.kernel.Source;
import ofisino.core.vehicle.reading.OwnFigure;
import ofisino.core.vehicle.reading.OwnMeasurand;
import ofisino.core.vehicle.reading.Reading;
import ofisino.core.vehicle.reading.SourceKind;
import ofisino.core.vehicle.reading.Unit;
import org.apache.ibatis.annotations.Mapper;
import org.jspecify.annotations.Nullable;

@Mapper
interface ReadingMapper {
    /** In the order in which they were taken. */
    List<ReadingRow> of(UUID garageId, UUID projectId);

    void insert(UUID garageId, UUID projectId, UUID accountId, ReadingRow reading);

    List<InstrumentRow> instruments(UUID garageId);

    void insertInstrument(UUID garageId, InstrumentRow instrument);

    List<FigureRow> figures(UUID garageId, UUID projectId);

    void insertFigure(UUID garageId, UUID projectId, FigureRow figure);

    int updateFigure(UUID garageId, FigureRow figure);

    List<OwnMeasurand> measurands(UUID garageId, UUID projectId);

    void insertMeasurand(UUID garageId, UUID projectId, OwnMeasurand measurand);

    int deleteMeasurand(UUID garageId, UUID id);

    int deleteFigures(UUID garageId, UUID projectId, String limitId);

    /** @return 0 when there is no such reading that still counts */
    int markWrong(UUID garageId, UUID id, String because);

    /** @param value absent for what is entered as the date on which it was made @param measurer who read it @param wrongBecause why it counts no more */
    record ReadingRow(
            UUID id,
            String limitId,
            String place,
            String spot,
            @Nullable Double value,
            Unit unit,
            @Nullable LocalDate madeOn,
            @Nullable UUID instrumentId,
            LocalDate readOn,
            String note,
            String measurer,
            @Nullable String wrongBecause) {}

    record InstrumentRow(UUID id, String name, Unit unit, double readsFrom, double readsTo, double resolution) {
        Reading.Instrument toCore() {
            return new Reading.Instrument(name, unit, readsFrom, readsTo, resolution);
        }
    }

    record FigureRow(
            UUID id,
            String limitId,
            SourceKind sourceKind,
            @Nullable Double least,
            @Nullable Double most,
            String document,
            boolean compared,
            long version) {
        OwnFigure toCore() {
            return new OwnFigure(sourceKind, bound(least), bound(most), new Source(document, "", "", compared));
        }

        private static OptionalDouble bound(@Nullable Double value) {
            return value == null ? OptionalDouble.empty() : OptionalDouble.of(value);
        }

        FigureRow withId(UUID known) {
            return new FigureRow(known, limitId, sourceKind, least, most, document, compared, version);
        }
    }
}
