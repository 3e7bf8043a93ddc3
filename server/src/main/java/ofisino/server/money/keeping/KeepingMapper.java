package ofisino.server.money.keeping;

import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.money.forecast.Span;
import ofisino.core.money.keeping.SellingCosts;
import org.apache.ibatis.annotations.Mapper;
import org.jspecify.annotations.Nullable;

@Mapper
interface KeepingMapper {
    Optional<KeepingRow> find(UUID garageId, UUID projectId);

    void insert(UUID garageId, UUID projectId, KeepingRow row);

    int update(UUID garageId, UUID projectId, KeepingRow row);

    /**
     * Amounts in minor units. Of three figures all are said or none.
     *
     * @param nowLow       what it fetches as it stands
     * @param finishedLow  what it fetches when finished; null for what like vehicles fetched
     * @param sellingShare of the price, in hundredths of a percent
     * @param hourMinor    what an hour would cost if it were paid
     * @param km           driven since it was bought
     */
    record KeepingRow(
            @Nullable Long nowLow,
            @Nullable Long nowLikely,
            @Nullable Long nowHigh,
            @Nullable Long finishedLow,
            @Nullable Long finishedLikely,
            @Nullable Long finishedHigh,
            int sellingShare,
            long sellingMinor,
            long hourMinor,
            int km,
            long version) {
        static final KeepingRow NOTHING_SAID = new KeepingRow(null, null, null, null, null, null, 0, 0, 0, 0, 0);

        Optional<Span> now() {
            return span("nowLikely", nowLow, nowLikely, nowHigh);
        }

        Optional<Span> finished() {
            return span("finishedLikely", finishedLow, finishedLikely, finishedHigh);
        }

        SellingCosts selling() {
            return new SellingCosts(sellingShare, sellingMinor);
        }

        private static Optional<Span> span(
                String field, @Nullable Long low, @Nullable Long likely, @Nullable Long high) {
            if (low == null && likely == null && high == null) return Optional.empty();
            if (low == null || likely == null || high == null || low < 0)
                throw InvalidValue.at(
                        field,
                        "keeping.range",
                        "A value is said from low over likely to high.",
                        "Enter three figures from 0 on, or none.");
            return Optional.of(new Span(low, likely, high));
        }

        Stream<Long> amounts() {
            return Stream.of(
                    nowHigh == null ? 0 : nowHigh, finishedHigh == null ? 0 : finishedHigh, sellingMinor, hourMinor);
        }
    }
}
