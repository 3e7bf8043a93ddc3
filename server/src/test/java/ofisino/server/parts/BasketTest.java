package ofisino.server.parts;

import static ofisino.server.testing.TestGarage.map;
import static ofisino.server.testing.Trading.offer;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import ofisino.server.testing.TestApplication;
import ofisino.server.testing.TestGarage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** What is offered for what is needed, and three ways to buy it. */
@ExtendWith(TestApplication.class)
class BasketTest {
    /** By hand: at the dear seller 62.00 free of post, at the cheap one 40.00 and 9.50 post, three weeks later. */
    @Test
    void theCheapestAndTheSoonestStandBesideEachOther(TestGarage garage) {
        UUID project = garage.project();
        garage.free(map("day", "SATURDAY", "fromMinute", 540, "toMinute", 780));
        UUID job = garage.job(project, "Fit the water pump");
        UUID pump = garage.need(project, job, "Water pump");
        UUID dear = garage.supplier("EUR");
        UUID cheap = garage.supplier("EUR");
        garage.owner()
                .put(
                        "/api/suppliers/" + cheap + "/parcel",
                        map("postMinor", 950, "dutyPerMille", 0, "taxPerMille", 0, "version", 0))
                .ok();
        UUID quick = source(garage, project, dear, 6200, 2, 0, Map.of(pump, 1));
        UUID slow = source(garage, project, cheap, 4000, 40, 0, Map.of(pump, 1));

        JsonNode shopping = garage.owner().get(baskets(project)).ok();
        assertThat(shopping.path("wants")).hasSize(1);
        JsonNode cheapest = basket(shopping, "CHEAPEST");
        assertThat(cheapest.path("picks").get(0).path("sourceId").asString()).isEqualTo(slow.toString());
        assertThat(cheapest.path("totalMinor").asLong()).isEqualTo(4950);
        assertThat(cheapest.path("parcels").get(0).path("postMinor").asLong()).isEqualTo(950);
        JsonNode soonest = basket(shopping, "SOONEST");
        assertThat(soonest.path("picks").get(0).path("sourceId").asString()).isEqualTo(quick.toString());
        assertThat(soonest.path("totalMinor").asLong()).isEqualTo(6200);
        assertThat(cheapest.path("lateDays").asInt())
                .isGreaterThan(soonest.path("lateDays").asInt());
        assertThat(cheapest.has("mayBeDearerByMinor")).isFalse();
    }

    /** By hand: kit 50.00 for both, 30.00 and 28.00 one by one. */
    @Test
    void aKitIsForSeveralNeeds(TestGarage garage) {
        UUID project = garage.project();
        UUID job = garage.job(project, "Water pump");
        UUID pump = garage.need(project, job, "Water pump");
        UUID gasket = garage.need(project, job, "Water pump gasket");
        UUID seller = garage.supplier("EUR");
        source(garage, project, seller, 3000, 3, 0, Map.of(pump, 1));
        source(garage, project, seller, 2800, 3, 0, Map.of(gasket, 1));
        UUID kit = source(garage, project, seller, 5000, 3, 0, Map.of(pump, 1, gasket, 1));
        JsonNode picks =
                basket(garage.owner().get(baskets(project)).ok(), "CHEAPEST").path("picks");
        assertThat(picks).hasSize(1);
        assertThat(picks.get(0).path("sourceId").asString()).isEqualTo(kit.toString());
        assertThat(picks.get(0)
                        .path("parts")
                        .valueStream()
                        .map(p -> p.path("amountMinor").asLong()))
                .as("each was expected to cost as much as the other")
                .containsExactly(2500L, 2500L);
    }

    /** By hand: 5 wanted, two packs of 4 leave 3; a deposit of 15.00 on each is due and no cost. */
    @Test
    void whatIsLeftOverAndWhatComesBackStandBesideTheSum(TestGarage garage) {
        UUID project = garage.project();
        UUID clips = garage.need(project, garage.job(project, "Clips"), "Trim clips");
        garage.owner()
                .put(
                        "/api/needs/" + clips,
                        map(
                                "fields",
                                map("title", "Trim clips", "quantity", 5, "estimateMinor", 0, "leadDays", 7),
                                "version",
                                0))
                .ok();
        Map<String, Object> pack = offer(garage.supplier("EUR"), "NEW_PATTERN", 300, 3, 0, Map.of(clips, 4));
        pack.put("depositMinor", 1500);
        garage.owner()
                .post("/api/projects/" + project + "/sources", map("id", UUID.randomUUID(), "fields", pack))
                .ok();
        JsonNode basket = basket(garage.owner().get(baskets(project)).ok(), "CHEAPEST");
        assertThat(basket.path("totalMinor").asLong()).isEqualTo(600);
        assertThat(basket.path("depositMinor").asLong()).isEqualTo(3000);
        assertThat(basket.path("spare").get(0).path("quantity").asInt()).isEqualTo(3);
    }

    @Test
    void aCurrencyWithoutARateIsLeftOutAndSaid(TestGarage garage) {
        UUID project = garage.project();
        UUID pump = garage.need(project, garage.job(project, "Pump"), "Water pump");
        UUID abroad = garage.supplier("GBP");
        UUID source = source(garage, project, abroad, 4000, 9, 0, Map.of(pump, 1));
        JsonNode shopping = garage.owner().get(baskets(project)).ok();
        assertThat(shopping.path("leftOut").get(0).path("sourceId").asString()).isEqualTo(source.toString());
        assertThat(shopping.path("leftOut").get(0).path("why").asString()).isEqualTo("NO_RATE");
        assertThat(shopping.path("baskets")).isEmpty();
        // 1 GBP = 1.25: 40.00 are 50.00; post 8.00 are 10.00; duty 10 % of 60.00; tax 20 % of 66.00
        garage.owner()
                .put(
                        "/api/suppliers/" + abroad + "/parcel",
                        map("postMinor", 800, "dutyPerMille", 100, "taxPerMille", 200, "rate", "1.25", "version", 0))
                .ok();
        JsonNode parcel = basket(garage.owner().get(baskets(project)).ok(), "CHEAPEST")
                .path("parcels")
                .get(0);
        assertThat(parcel.path("goodsMinor").asLong()).isEqualTo(5000);
        assertThat(parcel.path("postMinor").asLong()).isEqualTo(1000);
        assertThat(parcel.path("dutyMinor").asLong()).isEqualTo(600);
        assertThat(parcel.path("taxMinor").asLong()).isEqualTo(1320);
        assertThat(parcel.path("totalMinor").asLong()).isEqualTo(7920);
    }

    /** Used hoses stop nobody, however cheap they are; a used starter may do. Of a seller who is avoided nothing is compared. */
    @Test
    void whatLivesHangOnIsNotProposedUsed(TestGarage garage) {
        UUID project = garage.project();
        UUID job = garage.job(project, "Put it right");
        UUID hose = garage.need(project, job, "Front brake hose");
        UUID starter = garage.need(project, job, "Starter motor");
        UUID seller = garage.supplier("EUR");
        UUID dangerous = offered(garage, project, offer(seller, "USED", 100, 3, 0, Map.of(hose, 1, starter, 1)));
        UUID fresh = offered(garage, project, offer(seller, "NEW_PATTERN", 2_000, 3, 0, Map.of(hose, 1)));
        UUID used = offered(garage, project, offer(seller, "USED", 1_000, 3, 0, Map.of(starter, 1)));
        JsonNode shopping = garage.owner().get(baskets(project)).ok();
        assertThat(shopping.path("leftOut")).hasSize(1);
        assertThat(shopping.path("leftOut").get(0).path("sourceId").asString()).isEqualTo(dangerous.toString());
        assertThat(shopping.path("leftOut").get(0).path("why").asString()).isEqualTo("BOUGHT_NEW");
        for (String kind : List.of("CHEAPEST", "SOONEST", "FEWEST_PARCELS"))
            assertThat(basket(shopping, kind)
                            .path("picks")
                            .valueStream()
                            .map(p -> p.path("sourceId").asString()))
                    .containsExactlyInAnyOrder(fresh.toString(), used.toString());
        garage.running().sql().update("update supplier set avoid = true, avoid_reason = 'late' where id = ?", seller);
        assertThat(garage.owner()
                        .get(baskets(project))
                        .ok()
                        .path("leftOut")
                        .valueStream()
                        .map(o -> o.path("why").asString()))
                .hasSize(3)
                .containsOnly("AVOIDED");
    }

    @Test
    void whatCannotBeIsRefusedAtItsField(TestGarage garage) {
        UUID project = garage.project();
        UUID pump = garage.need(project, garage.job(project, "Pump"), "Water pump");
        Map<String, Object> free = offer(null, "NEW_PATTERN", 100, 3, 0, Map.of(pump, 1));
        assertThat(post(garage, project, free)).isEqualTo("supplierId");
        UUID seller = garage.supplier("EUR");
        assertThat(post(garage, project, offer(seller, "NEW_PATTERN", 100, 3, 0, Map.of())))
                .isEqualTo("holds");
        assertThat(post(garage, project, offer(seller, "NEW_PATTERN", 100, 3, 0, Map.of(pump, 0))))
                .isEqualTo("holds");
        assertThat(post(garage, project, offer(seller, "NEW_PATTERN", 100, 3, 0, Map.of(UUID.randomUUID(), 1))))
                .isEqualTo("holds");
        assertThat(post(garage, project, offer(seller, "NEW_PATTERN", -1, 3, 0, Map.of(pump, 1))))
                .isEqualTo("priceMinor");
        assertThat(post(garage, project, offer(seller, "NEW_PATTERN", 1_000_000_000_001L, 3, 0, Map.of(pump, 1))))
                .isEqualTo("priceMinor");
        // as much as an amount may be, and of that all that there are: still a sum
        source(garage, project, seller, 1_000_000_000_000L, 3, 100, Map.of(pump, 1));
        garage.owner()
                .put(
                        "/api/needs/" + pump,
                        map(
                                "fields",
                                map("title", "Water pump", "quantity", 9, "estimateMinor", 0, "leadDays", 7),
                                "version",
                                0))
                .ok();
        assertThat(basket(garage.owner().get(baskets(project)).ok(), "CHEAPEST")
                        .path("totalMinor")
                        .asLong())
                .isEqualTo(9_000_000_000_000L);
        assertThat(garage.owner()
                        .put(
                                "/api/suppliers/" + seller + "/parcel",
                                map("postMinor", 0, "dutyPerMille", 1001, "taxPerMille", 0, "version", 0))
                        .text("field"))
                .isEqualTo("dutyPerMille");
        UUID abroad = garage.supplier("GBP");
        assertThat(garage.owner()
                        .put(
                                "/api/suppliers/" + abroad + "/parcel",
                                map(
                                        "postMinor",
                                        0,
                                        "dutyPerMille",
                                        0,
                                        "taxPerMille",
                                        0,
                                        "rate",
                                        "0.000000001",
                                        "version",
                                        0))
                        .status())
                .as("so small a rate is none that could be kept")
                .isEqualTo(422);
        assertThat(garage.join("HELPER").get(baskets(project)).status()).isEqualTo(403);
        assertThat(garage.join("HELPER")
                        .get("/api/projects/" + project + "/sources")
                        .status())
                .isEqualTo(403);
    }

    @Test
    void anOfferIsChangedAndTakenBack(TestGarage garage) {
        UUID project = garage.project();
        UUID pump = garage.need(project, garage.job(project, "Pump"), "Water pump");
        UUID seller = garage.supplier("EUR");
        UUID id = source(garage, project, seller, 4000, 9, 0, Map.of(pump, 1));
        garage.owner()
                .put(
                        "/api/sources/" + id,
                        map("fields", offer(seller, "NEW_PATTERN", 3500, 9, 0, Map.of(pump, 2)), "version", 0))
                .ok();
        JsonNode kept =
                garage.owner().get("/api/projects/" + project + "/sources").ok().get(0);
        assertThat(kept.path("priceMinor").asLong()).isEqualTo(3500);
        assertThat(kept.path("holds").get(0).path("pieces").asInt()).isEqualTo(2);
        garage.owner().delete("/api/sources/" + id).ok();
        assertThat(garage.owner().get("/api/projects/" + project + "/sources").ok())
                .isEmpty();
    }

    private static String baskets(UUID project) {
        return "/api/projects/" + project + "/baskets";
    }

    private static JsonNode basket(JsonNode shopping, String kind) {
        for (JsonNode b : shopping.path("baskets"))
            if (b.path("kind").asString().equals(kind)) return b;
        throw new AssertionError(kind + " is missing in " + shopping);
    }

    private static String post(TestGarage garage, UUID project, Map<String, Object> fields) {
        return garage.owner()
                .post("/api/projects/" + project + "/sources", map("id", UUID.randomUUID(), "fields", fields))
                .text("field");
    }

    private static UUID source(
            TestGarage garage, UUID project, UUID seller, long price, int lead, int wrong, Map<UUID, Integer> holds) {
        return offered(garage, project, offer(seller, "NEW_PATTERN", price, lead, wrong, holds));
    }

    private static UUID offered(TestGarage garage, UUID project, Map<String, Object> fields) {
        UUID id = UUID.randomUUID();
        garage.owner()
                .post("/api/projects/" + project + "/sources", map("id", id, "fields", fields))
                .ok();
        return id;
    }
}
