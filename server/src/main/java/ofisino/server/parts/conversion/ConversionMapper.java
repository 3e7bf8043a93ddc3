package ofisino.server.parts.conversion;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import ofisino.core.parts.sourcing.ConversionState;
import org.apache.ibatis.annotations.Mapper;
import org.jspecify.annotations.Nullable;

@Mapper
interface ConversionMapper {
    List<ConversionRow> of(UUID garageId, UUID projectId);

    Optional<ConversionRow> find(UUID garageId, UUID id);

    List<PackRow> packs(UUID garageId, UUID projectId);

    void insert(UUID garageId, ConversionRow conversion);

    int decide(UUID garageId, UUID id, ConversionState state, long version);

    void put(UUID garageId, UUID conversionId, UUID needId, boolean isReplaced);

    /** @param jobId its first step @param wayBack how it is undone @param answerBy when it is to be decided */
    record ConversionRow(
            UUID id,
            UUID projectId,
            @Nullable UUID jobId,
            String name,
            String wayBack,
            ConversionState state,
            @Nullable LocalDate answerBy,
            long version) {}

    /** @param isReplaced the conversion takes its place; else it belongs to the pack */
    record PackRow(UUID conversionId, UUID needId, boolean isReplaced) {}
}
