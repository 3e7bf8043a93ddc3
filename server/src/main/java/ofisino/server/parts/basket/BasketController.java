package ofisino.server.parts.basket;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import ofisino.core.kernel.Side;
import ofisino.core.parts.consumable.AmountUnit;
import ofisino.core.parts.sourcing.SupplyKind;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Role;
import ofisino.server.identity.Roles;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@Roles(look = Role.OWNER, change = Role.OWNER)
@RequestMapping("/api/projects/{projectId}/baskets")
record BasketController(BasketService service) {
    /**
     * @param hourMinor what an hour of one's own is worth; 0 where nobody said, and then work done twice costs nothing
     * @param leftOut offers that are not compared, and why
     * @param usuallyWrongPercent how many in a hundred are wrong of each kind, as a first guess
     */
    record ShoppingResponse(
            List<WantResponse> wants,
            List<PartOfferResponse> offers,
            List<BasketResponse> baskets,
            long hourMinor,
            List<OfferLeftOut> leftOut,
            Map<SupplyKind, Integer> usuallyWrongPercent) {}

    /** What is bought together. @param needBy when it has to be at the door, so that no milestone gets later; absent where no planned job waits for it */
    record WantResponse(
            UUID id,
            String title,
            Side side,
            int quantity,
            AmountUnit unit,
            List<UUID> needIds,
            @Nullable LocalDate needBy) {}

    /**
     * One offer by itself, in the garage's own currency.
     *
     * @param landed       if it alone came in a parcel
     * @param riskMinor    what is to be feared of it
     * @param depositMinor paid on top, and given back
     * @param lateDays     by which it comes too late for the plan
     */
    record PartOfferResponse(UUID sourceId, ParcelResponse landed, long riskMinor, long depositMinor, int lateDays) {}

    record OfferLeftOut(UUID sourceId, WhyLeftOut why) {}

    enum WhyLeftOut {
        /** In a currency that nobody gave a rate for. */
        NO_RATE,
        /** The seller is avoided. */
        AVOIDED,
        /** It is used, and lives hang on the part or it wears: it is bought new. */
        BOUGHT_NEW
    }

    enum BasketKind {
        CHEAPEST,
        SOONEST,
        FEWEST_PARCELS
    }

    /**
     * @param parcels       landed cost of each, by seller; the seller is absent where nobody sells it
     * @param depositMinor  paid on top, and given back
     * @param spare         what is left over of what is bought
     * @param without       wants that nobody offers, or not enough of
     * @param mayBeDearerByMinor where the search was cut short: what it may be dearer than the best; absent where it is proven the best
     * @param roadReadyOn   absent while not everything has a date
     */
    record BasketResponse(
            BasketKind kind,
            List<PickResponse> picks,
            List<ParcelResponse> parcels,
            long totalMinor,
            long riskMinor,
            long depositMinor,
            List<SpareResponse> spare,
            List<UUID> without,
            int lateDays,
            @Nullable Long mayBeDearerByMinor,
            @Nullable LocalDate roadReadyOn) {}

    /** @param quantity in the unit of the want */
    record SpareResponse(UUID wantId, int quantity) {}

    record PickResponse(UUID sourceId, int count, List<PickedResponse> parts) {}

    /** @param amountMinor what it costs of what is picked, in the seller's currency */
    record PickedResponse(UUID needId, long amountMinor) {}

    record ParcelResponse(
            @Nullable UUID supplierId,
            long goodsMinor,
            long postMinor,
            long dutyMinor,
            long taxMinor,
            long totalMinor) {}

    /** What could be bought where of what is open, three ways beside each other. */
    @GetMapping
    ShoppingResponse of(Caller caller, @PathVariable UUID projectId) {
        return service.of(caller, projectId);
    }
}
