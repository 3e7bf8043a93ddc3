package ofisino.server.plan.sentout;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import ofisino.core.kernel.Aim;
import ofisino.core.kernel.Weekdays;
import ofisino.core.plan.sentout.SentOut.State;
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

    /**
     * @param carGoes   the whole vehicle is away meanwhile
     * @param beforeJob has to be done before it can go
     * @param afterJob  waits until it is back
     * @param mask      what is covered before it goes: threads, bearing seats
     * @param openOn    days on which it can be handed over and fetched
     */
    record SentOutRow(
            UUID id,
            UUID projectId,
            String title,
            int pieces,
            int awayDays,
            boolean carGoes,
            Aim aim,
            @Nullable UUID beforeJob,
            @Nullable UUID afterJob,
            List<String> mask,
            Weekdays openOn,
            String carrier,
            State state,
            @Nullable LocalDate sentOn,
            @Nullable LocalDate expectedOn,
            @Nullable LocalDate backOn,
            @Nullable Integer piecesBack,
            String note,
            long version) {}

    /** @param days that the work takes there */
    record OfferRow(
            UUID id,
            UUID sentOutId,
            String carrier,
            long priceMinor,
            int km,
            int minutes,
            int days,
            boolean seen,
            String refused) {}

    record RatesRow(int kmMinor, int hourMinor) {}
}
