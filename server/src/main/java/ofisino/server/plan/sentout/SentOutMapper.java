package ofisino.server.plan.sentout;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import ofisino.core.plan.sentout.Offer;
import ofisino.core.plan.sentout.SentOut.State;
import ofisino.server.plan.SentOutWork.ToSend;
import org.apache.ibatis.annotations.Mapper;
import org.jspecify.annotations.Nullable;

@Mapper
interface SentOutMapper {
    List<SentOutRow> of(UUID garageId, UUID projectId);

    Optional<SentOutRow> find(UUID garageId, UUID id);

    void insert(UUID garageId, SentOutRow sentOut);

    int update(UUID garageId, SentOutRow sentOut);

    List<OfferRow> offers(UUID garageId, UUID projectId);

    void insertOffer(UUID garageId, OfferRow offer);

    Optional<RatesRow> rates(UUID garageId);

    void putRates(UUID garageId, RatesRow rates);

    record SentOutRow(
            UUID id,
            UUID projectId,
            String carrier,
            State state,
            @Nullable LocalDate sentOn,
            @Nullable LocalDate expectedOn,
            @Nullable LocalDate backOn,
            @Nullable Integer piecesBack,
            String note,
            long version,
            @JsonUnwrapped ToSend what) {}

    record OfferRow(UUID id, UUID sentOutId, @JsonUnwrapped Offer terms) {}

    record RatesRow(int thousandKmMinor, int hourMinor) {}
}
