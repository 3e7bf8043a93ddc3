package ofisino.server.money.buying;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import ofisino.core.money.buying.BuyingCosts;
import ofisino.core.money.buying.Comparables.Comparable;
import ofisino.core.money.buying.Purpose;
import ofisino.core.money.buying.Title;
import ofisino.core.money.buying.TitleFactor;
import org.apache.ibatis.annotations.Mapper;
import org.jspecify.annotations.Nullable;

@Mapper
interface BuyingMapper {
    Optional<BuyingRow> find(UUID garageId, UUID projectId);

    void insert(UUID garageId, UUID projectId, BuyingRow row);

    int update(UUID garageId, UUID projectId, BuyingRow row);

    List<ComparableRow> comparables(UUID garageId, UUID projectId);

    void insertComparable(UUID garageId, UUID projectId, ComparableRow row);

    int deleteComparable(UUID garageId, UUID projectId, UUID id);

    Optional<OutcomeRow> outcome(UUID garageId, UUID projectId);

    void insertOutcome(UUID garageId, UUID projectId, OutcomeRow row);

    int deleteOutcome(UUID garageId, UUID projectId);

    enum Outcome {
        BOUGHT,
        LEFT
    }

    /** Shares in hundredths of a percent, amounts in minor units. @param donorMinor what its parts alone fetch or save */
    record BuyingRow(
            @Nullable Long askedMinor,
            int askedLess,
            Title title,
            int titleLow,
            int titleHigh,
            long ownHourMinor,
            long allowanceMinor,
            long marginMinor,
            int feeShare,
            long feeMinor,
            long freightMinor,
            long insuranceMinor,
            int dutyShare,
            int taxShare,
            long inlandMinor,
            long registrationMinor,
            String rarity,
            @Nullable Long donorMinor,
            long version) {
        /** Before anybody said anything. An asked price is seldom what is paid: a tenth less, common practice. */
        static final BuyingRow NOTHING_SAID =
                new BuyingRow(null, 1_000, Title.CLEAN, 10_000, 10_000, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, "", null, 0);

        TitleFactor factor() {
            return new TitleFactor(titleLow, titleHigh);
        }

        BuyingCosts costs() {
            return new BuyingCosts(
                    feeShare,
                    feeMinor,
                    freightMinor,
                    insuranceMinor,
                    dutyShare,
                    taxShare,
                    inlandMinor,
                    registrationMinor);
        }
    }

    record ComparableRow(UUID id, String title, long minor, boolean sold, LocalDate seenOn) {
        Comparable toCore() {
            return new Comparable(title, minor, sold, seenOn);
        }
    }

    record OutcomeRow(
            Outcome outcome,
            @Nullable Long priceMinor,
            long ceilingMinor,
            LocalDate decidedOn,
            @Nullable Purpose purpose,
            String reason) {}
}
